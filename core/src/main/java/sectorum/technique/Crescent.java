package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import sectorum.bench.Bench;
import sectorum.bench.Rate;
import sectorum.curve.Hanging;
import sectorum.curve.School;
import sectorum.drawing.Ink;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/** A flat crescent in each section, cut between two curves that hang from the same marks (craft 3A). */
final class Crescent implements Technique {
    private static final Rule THICK = new Rule(
            "crescent.hump", Level.LOOK, "A crescent deeper in the middle than its drop humps above its marks.");

    private static final Field PASTE =
            Material.field("Cut from", Material.FONDANT, Material.HALF, Material.GUM, Material.CHOCOLATE);

    private record Settings(double drop, double depth, School school, double thickness, Material material) {}

    @Override
    public String id() {
        return "crescent";
    }

    @Override
    public String name() {
        return "Crescents";
    }

    @Override
    public List<Rule> rules() {
        return Stream.concat(Hung.RULES.stream(), Stream.of(THICK)).toList();
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("drop", "depth", "curve", "thickness", "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return Hung.usualZone(surface);
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        Field drop = Hung.dropField(place);
        double deep = ((Number) drop.fallback()).doubleValue();
        return List.of(
                drop,
                Field.length("depth", "Deep in the middle", 1, 300, place.onTape(deep * 0.45), "Less than its drop."),
                Hung.CURVE,
                Field.length("thickness", "Paste rolled to", 0.5, 12, 2, "Thin enough to bend, thick enough to lift."),
                PASTE);
    }

    private Settings settings(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        return new Settings(
                chosen.number("drop"),
                chosen.number("depth"),
                School.of(chosen.choice("curve")),
                chosen.number("thickness"),
                Material.of(chosen.choice("material")));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Settings set = settings(values, place);
        DressingBuilder work = new DressingBuilder(place);
        double upperDrop = Math.max(0, set.drop() - set.depth());
        Hung lower = new Hung(place, place.zone().top(), set.drop(), set.school());
        Hung upper = lower.at(upperDrop);
        List<List<Double>> outlines = new ArrayList<>();
        for (int kind = 0; kind < lower.curves().size(); kind++) {
            outlines.add(Flat.between(lower.curves().get(kind), upper.curves().get(kind), 0, 48));
        }
        List<Integer> shapes = outlines.stream().map(work::piece).toList();
        for (int k = 0; k < lower.count(); k++) {
            work.put(shapes.get(lower.kind(k)), place.division().mark(k), lower.z(), k % place.colours());
        }
        Hanging front = lower.front();
        work.lead("wide", Quantity.length(front.width()))
                .lead("drop", Quantity.length(set.drop()))
                .lead("deep in the middle", Quantity.length(set.drop() - upperDrop))
                .figure("Crescents", Quantity.count(lower.count()))
                .figure("Lower edge", Quantity.length(front.length()))
                .figure("Upper edge", Quantity.length(upper.front().length()));
        boards(work, set, front.width(), upperDrop, place);
        work.handle(lower.handle(0)).handle(depthHandle(set, lower, place));
        lower.judge(work, 0);
        judge(work, set);
        make(work, set, lower, outlines, place);
        for (int kind = 0; kind < outlines.size(); kind++) {
            Hanging curve = lower.curves().get(kind);
            List<Double> outline = outlines.get(kind);
            int index = kind;
            work.draw(() -> Card.of(outline, true)
                    .line(Ink.Pen.GUIDE, curve.width() / 2, 8, curve.width() / 2, -set.drop())
                    .made(
                            Choices.numbered("crescent", index),
                            Phrase.of(
                                    "Crescent, {} wide, drop {}, {} deep",
                                    Quantity.length(curve.width()),
                                    Quantity.length(set.drop()),
                                    Quantity.length(set.drop() - upperDrop))));
        }
        return work.done();
    }

    /** For a crescent the two boards that draw its edges. */
    private static void boards(
            DressingBuilder work, Settings set, double width, double upperDrop, DressingContext place) {
        Bench.Traced lower = place.bench().nearest(width, set.drop());
        Bench.Traced upper = place.bench().nearest(width, upperDrop);
        if (set.school() == School.ARC && lower.found()) {
            work.figure("Lower edge round", Quantity.text(lower.round().name()))
                    .figure("which drops", Quantity.length(lower.drop()))
                    .figure("Upper edge round", Quantity.text(upper.round().name()))
                    .figure("which drops by", Quantity.length(upper.drop()));
        }
    }

    private static Handle depthHandle(Settings set, Hung lower, DressingContext place) {
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < lower.count(); k++) {
            grips.add(
                    new Handle.Grip(place.division().middle(k).s(), lower.z() - Math.max(0, set.drop() - set.depth())));
        }
        return new Handle("depth", "Upper edge", Handle.Way.UP, 1, 1, Math.max(1, set.drop()), grips);
    }

    private static void judge(DressingBuilder work, Settings set) {
        if (!Rounding.atMost(set.depth(), set.drop())) {
            work.find(
                    THICK,
                    Phrase.of(
                            "{} deep in the middle is more than its drop of {}; the upper edge is kept straight.",
                            Quantity.length(set.depth()),
                            Quantity.length(set.drop())),
                    Mend.setting(
                            Phrase.of("Make it {} deep", Quantity.length(Math.max(1, set.drop() / 2))),
                            "depth",
                            Math.max(1, set.drop() / 2)));
        }
    }

    private static void make(
            DressingBuilder work, Settings set, Hung lower, List<List<Double>> outlines, DressingContext place) {
        for (int kind = 0; kind < outlines.size(); kind++) {
            Quantity width = Quantity.length(lower.curves().get(kind).width());
            for (int c = 0; c < place.colours(); c++) {
                int many = 0;
                for (int k = c; k < lower.count(); k += place.colours()) {
                    many += lower.kind(k) == kind ? 1 : 0;
                }
                work.cut(
                        Phrase.of("Crescent {} wide", width),
                        set.material(),
                        set.thickness(),
                        c,
                        outlines.get(kind),
                        many,
                        set.material().spare());
            }
        }
        work.adhesive(set.material().adhesive())
                .step(
                        Gesture.MARK,
                        Phrase.of(
                                "Mark {} places at {} above the foot.",
                                Quantity.count(lower.count()),
                                Quantity.length(lower.z())),
                        "tape, pricker",
                        Rate.MARK.minutes(lower.count()))
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Roll the paste to {}, cut {} crescents round the card and set them, {}.",
                                Quantity.length(set.thickness()),
                                Quantity.count(lower.count()),
                                Quantity.text(work.order())),
                        "card, knife, soft brush",
                        Rate.CRESCENT.minutes(lower.count()),
                        null,
                        Cautions.BLADE)
                .check("Tips meet on the {} marks, the lowest points are level.", Quantity.count(lower.count()));
    }
}

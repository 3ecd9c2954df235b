package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import sectorum.bench.Rate;
import sectorum.curve.Hanging;
import sectorum.curve.School;
import sectorum.drawing.Drawing;
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

/**
 * One hanging curve in each section, or several strings of growing drop (craft 3A): a line to follow, or string work
 * piped or extruded along it.
 */
final class SwagLine implements Technique {
    private static final Rule TOUCH = new Rule(
            "swag.strings-touch",
            Level.LOOK,
            "Strings whose drops grow by less than their thickness lie on one another.");

    /** How the line comes on the side. */
    private enum Made {
        SCRIBED("a line to follow", null),
        PIPED("piped string", Material.ROYAL),
        EXTRUDED("extruded string", Material.HALF);

        final String words;
        final Material material;

        Made(String words, Material material) {
            this.words = words;
            this.material = material;
        }
    }

    private static final Field MADE = Choices.field("made", "It is", Made.values(), m -> m.words);

    /** What a decorator decides: lengths in mm, the drop that of the highest string. */
    private record Settings(double drop, School school, Made made, int strings, double growth, double thick) {
        double deepest() {
            return drop + (strings - 1) * growth;
        }
    }

    @Override
    public String id() {
        return "swag";
    }

    @Override
    public String name() {
        return "Swag lines";
    }

    @Override
    public List<Rule> rules() {
        return Stream.concat(Hung.RULES.stream(), Stream.of(TOUCH)).toList();
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("drop", "curve", "made", "strings", "growth", "thick");
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
                Hung.CURVE,
                MADE,
                Field.count("strings", "Strings", 1, 8, 1, "Each hangs a little lower than the one before."),
                Field.length("growth", "Each lower by", 0, 100, place.onTape(deep / 5), "Up to a hand's breadth."),
                Field.length("thick", "String's thickness", 0.5, 12, 2, "The nozzle's or the disc's opening."));
    }

    private Settings settings(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        return new Settings(
                chosen.number("drop"),
                School.of(chosen.choice("curve")),
                Choices.of(Made.values(), chosen.choice("made")),
                chosen.count("strings"),
                chosen.number("growth"),
                chosen.number("thick"));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Settings set = settings(values, place);
        double z = place.zone().top();
        DressingBuilder work = new DressingBuilder(place);
        Hung first = new Hung(place, z, set.drop(), set.school());
        double total = 0;
        for (int j = 0; j < set.strings(); j++) {
            Hung hung = first.at(set.drop() + j * set.growth());
            total += hung.total();
            hang(work, hung, set, j % place.colours(), place);
        }
        Hanging front = first.front();
        work.lead("wide", Quantity.length(front.width()))
                .lead("drop", Quantity.length(set.drop()))
                .lead("along the curve", Quantity.length(front.length()))
                .figure("Swags", Quantity.count(first.count()))
                .figure("All curves together", Quantity.length(total))
                .figure("Slope at the ends", Quantity.angle(front.endSlope()));
        if (set.strings() > 1) {
            work.figure("Lowest string's drop", Quantity.length(set.deepest()));
        }
        if (front instanceof Hanging.Arc arc) {
            work.figure("Round that draws it, across", Quantity.length(2 * arc.radius()));
        }
        work.handle(first.handle(set.deepest() - set.drop()));
        first.judge(work, set.deepest() - set.drop());
        strings(work, set);
        deepest(work, set, first);
        make(work, set, first.count(), total, place);
        scallops(work, first);
        return work.done();
    }

    private static void hang(DressingBuilder work, Hung hung, Settings set, int colour, DressingContext place) {
        List<Integer> shapes = new ArrayList<>();
        for (Hanging curve : hung.curves()) {
            List<Double> line = curve.points(48);
            shapes.add(set.made() == Made.SCRIBED ? work.guide(line) : work.strand(set.thick(), line));
        }
        for (int k = 0; k < hung.count(); k++) {
            work.put(shapes.get(hung.kind(k)), place.division().mark(k), hung.z(), colour);
        }
    }

    private static void strings(DressingBuilder work, Settings set) {
        if (set.strings() > 1 && set.made() != Made.SCRIBED && set.growth() < set.thick()) {
            work.find(
                    TOUCH,
                    Phrase.of(
                            "Strings {} thick hang only {} apart in the middle and lie on one another.",
                            Quantity.length(set.thick()),
                            Quantity.length(set.growth())),
                    Mend.setting(
                            Phrase.of("Each lower by {}", Quantity.length(1.5 * set.thick())),
                            "growth",
                            1.5 * set.thick()));
        }
    }

    /** The first string is judged as any curve; those below it may bulge where it does not. */
    private static void deepest(DressingBuilder work, Settings set, Hung first) {
        double half = first.widest() / 2;
        boolean below = Rounding.atMost(set.drop(), half) && !Rounding.atMost(set.deepest(), half);
        if (set.school() != School.ARC || !below) {
            return;
        }
        List<Mend> mends = new ArrayList<>();
        double growth = (half - set.drop()) / Math.max(1, set.strings() - 1);
        if (growth > 0) {
            mends.add(Mend.setting(Phrase.of("Each lower by {}", Quantity.length(growth)), "growth", growth));
        }
        int fits = set.growth() > 0 ? 1 + (int) Rounding.floor((half - set.drop()) / set.growth()) : 1;
        mends.add(Mend.setting(Phrase.of("Take {} strings", Quantity.count(fits)), "strings", fits));
        work.find(
                Hung.OVERHANG,
                Phrase.of(
                        "The lowest string drops {}, more than half its width of {}: it bulges past its own marks.",
                        Quantity.length(set.deepest()),
                        Quantity.length(first.widest())),
                mends);
    }

    private static void make(DressingBuilder work, Settings set, int swags, double total, DressingContext place) {
        work.step(
                Gesture.MARK,
                Phrase.of(
                        "Mark {} places at {} above the foot and the middle of each section, {}.",
                        Quantity.count(swags),
                        Quantity.length(place.zone().top()),
                        Quantity.text(work.order())),
                "tape, pricker",
                Rate.MARK.minutes(2.0 * swags));
        if (set.made() == Made.SCRIBED) {
            work.step(
                            Gesture.MARK,
                            Phrase.of("Scribe {} curves round the scallop.", Quantity.count(swags)),
                            "scallop, scriber",
                            Rate.SCRIBED_METRE.minutes(total / 1000))
                    .lasting();
            return;
        }
        int lines = swags * set.strings();
        boolean piped = set.made() == Made.PIPED;
        for (int j = 0; j < set.strings(); j++) {
            double share = 1.0 / set.strings();
            work.used(
                    set.made().material,
                    j % place.colours(),
                    0,
                    set.made().material.line(total * share, set.thick()),
                    total * share);
        }
        work.adhesive(set.made().material.adhesive())
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Hang {} strings {} thick, the deepest first, {}.",
                                Quantity.count(lines),
                                Quantity.length(set.thick()),
                                Quantity.text(work.order())),
                        piped ? "bag, plain nozzle" : "extruder",
                        (piped ? Rate.PIPED_METRE : Rate.EXTRUDED_METRE).minutes(total / 1000));
    }

    /** A scallop for every distinct width. */
    static void scallops(DressingBuilder work, Hung hung) {
        for (int kind = 0; kind < hung.curves().size(); kind++) {
            Hanging curve = hung.curves().get(kind);
            int index = kind;
            work.draw(() -> scallop(curve, index));
        }
    }

    /** A card to draw round: the section's width, its middle, and the curve as the lower edge. */
    private static Drawing scallop(Hanging curve, int index) {
        double c = curve.width();
        return Card.of(curve.points(96), false)
                .line(Ink.Pen.MARK, 0, 8, 0, -4)
                .line(Ink.Pen.MARK, c, 8, c, -4)
                .line(Ink.Pen.GUIDE, 0, 0, c, 0)
                .line(Ink.Pen.GUIDE, c / 2, 8, c / 2, -curve.drop())
                .words(c / 2 + 8, 3, Phrase.of("middle"))
                .made(
                        Choices.numbered("swag-scallop", index),
                        Phrase.of(
                                "Swag scallop, {} wide with a drop of {}",
                                Quantity.length(c),
                                Quantity.length(curve.drop())));
    }
}

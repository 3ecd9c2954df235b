package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import sectorum.curve.Hanging;
import sectorum.curve.School;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.material.Powder;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Folded paste strips hung one below another in each section (craft 3A). The marked line is the lower edge of the
 * lowest strip; the strip i above it hangs on the same chord with a drop of d − i·v.
 */
final class Drape implements Technique {
    private static final Rule NO_ROOM = new Rule(
            "drape.no-room", Level.STOP, "A strip would hang level or upwards: the drop less its steps is 0 or under.");
    private static final Rule GAPES = new Rule(
            "drape.gapes", Level.LOOK, "Strips stepped by more than what a strip shows leave a gap between them.");
    private static final Rule STRETCH = new Rule(
            "drape.stretch", Level.LOOK, "Strips over 200 mm stretch as they hang, unless the paste is stiffened.");
    private static final Rule STEEP =
            new Rule("drape.steep-end", Level.LOOK, "Ends trimmed upright slope by more than 45°.");

    /** Longer strips have no card, mm. */
    private static final double PRINTED_MM = 5000;

    private static final Field FOLD = Choices.field("fold", "Strip is", Strip.Fold.values(), f -> f.words);
    private static final Field ENDS = Choices.field("ends", "Ends", Strip.Ends.values(), e -> e.words);
    private static final Field WEATHER = Choices.field("weather", "Weather", Strip.Weather.values(), w -> w.words);
    private static final Field STIFF = Choices.field("stiff", "Paste is", Strip.Stiff.values(), s -> s.words);
    private static final Field PASTE = Material.field("Cut from", Material.FONDANT, Material.HALF, Material.GUM);

    /** What a decorator decides, lengths in mm. */
    record Settings(
            double drop,
            School school,
            int strips,
            double width,
            Strip.Fold fold,
            double foldTo,
            double step,
            double below,
            Strip.Ends ends,
            Strip.Weather weather,
            boolean stiffened,
            double thickness,
            Material material) {

        double shows() {
            return Strip.shows(width, fold, foldTo);
        }

        /** Where the strip i from the lowest hangs; 0 or less has no room. */
        double drop(int i) {
            return drop - i * step;
        }

        /** How many strips have room to hang. */
        int hanging() {
            int hang = 0;
            while (hang < strips && drop(hang) > Rounding.EPS) {
                hang++;
            }
            return hang;
        }

        /** Trimmed upright, strips keep their width at the ends and stand above the marks' line. */
        double above() {
            return ends == Strip.Ends.UPRIGHT ? shows() : 0;
        }
    }

    @Override
    public String id() {
        return "drape";
    }

    @Override
    public String name() {
        return "Drapes";
    }

    @Override
    public List<Rule> rules() {
        return Stream.concat(Hung.RULES.stream(), Stream.of(NO_ROOM, GAPES, STRETCH, STEEP))
                .toList();
    }

    @Override
    public Set<String> settingNames() {
        return Set.of(
                "drop",
                "strips",
                "width",
                "fold",
                "foldTo",
                "step",
                "below",
                "ends",
                "weather",
                "stiff",
                "curve",
                "thickness",
                "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return Hung.usualZone(surface);
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        Field drop = Hung.dropField(place);
        double deep = ((Number) drop.fallback()).doubleValue();
        double good = Math.max(12, place.onTape(deep * 0.87));
        Field width = Field.length("width", "Strip cut", 6, 200, good, "Its width before it is folded.");
        Field fold = FOLD;
        Field foldTo = Field.share(
                "foldTo", "Fold lands at", 0.1, 1, 0.75, "A share of the strip's width, from its top edge.");
        double shows = Strip.shows(
                width.number(values), Choices.of(Strip.Fold.values(), fold.choice(values)), foldTo.number(values));
        boolean hot = Choices.of(Strip.Weather.values(), WEATHER.choice(values)) == Strip.Weather.HOT;
        double longest = longest(drop.number(values), shows, values, place);
        return List.of(
                drop,
                Field.count("strips", "Strips each", 1, 7, 3, "Hung below one another; odd looks better."),
                width,
                fold,
                foldTo,
                Field.length("step", "Each higher by", 1, 200, Math.max(1, shows / 2), "At most what a strip shows."),
                ENDS,
                WEATHER,
                hot ? STIFF.usually("yes") : STIFF,
                Hung.CURVE,
                Field.length("thickness", "Paste rolled to", 0.5, 6, 1.5, "Thin, or the folds look heavy."),
                hot || longest > Strip.STRETCHES_MM ? PASTE.usually(Material.HALF.key()) : PASTE,
                Field.length("below", "Edge below the marks", 0, 20, 3, "So that the pricked line is covered."));
    }

    /** The longest cut as things stand: over 200 mm, and in heat or damp, half-and-half hangs better (craft 4.3). */
    private static double longest(double drop, double shows, Values values, DressingContext place) {
        Hung hung = new Hung(place, place.zone().top(), drop, School.of(Hung.CURVE.choice(values)));
        Strip.Ends ends = Choices.of(Strip.Ends.values(), ENDS.choice(values));
        Strip.Weather weather = Choices.of(Strip.Weather.values(), WEATHER.choice(values));
        return hung.curves().stream()
                .mapToDouble(c -> Strip.cut(c, shows, ends, weather))
                .max()
                .orElse(0);
    }

    private Settings settings(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        return new Settings(
                chosen.number("drop"),
                School.of(chosen.choice("curve")),
                chosen.count("strips"),
                chosen.number("width"),
                Choices.of(Strip.Fold.values(), chosen.choice("fold")),
                chosen.number("foldTo"),
                chosen.number("step"),
                chosen.number("below"),
                Choices.of(Strip.Ends.values(), chosen.choice("ends")),
                Choices.of(Strip.Weather.values(), chosen.choice("weather")),
                Choices.of(Strip.Stiff.values(), chosen.choice("stiff")) == Strip.Stiff.YES,
                chosen.number("thickness"),
                Material.of(chosen.choice("material")));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Settings set = settings(values, place);
        DressingBuilder work = new DressingBuilder(place);
        double z = Math.max(place.zone().foot(), place.zone().top() - set.above());
        Hung lowest = new Hung(place, z, set.drop(), set.school());
        List<Hung> strips = new ArrayList<>();
        for (int i = 0; i < set.hanging(); i++) {
            strips.add(lowest.at(set.drop(i)));
        }
        for (int i = 0; i < strips.size(); i++) {
            hang(work, strips.get(i), set, i % place.colours(), place);
        }
        figures(work, set, lowest, strips);
        work.handle(lowest.handle(set.below())).handle(stepHandle(set, lowest, place));
        lowest.judge(work, set.below());
        judge(work, set, lowest);
        DrapeMaking.make(work, set, strips, place);
        for (int kind = 0; kind < lowest.curves().size(); kind++) {
            for (int i = 0; i < strips.size(); i++) {
                Hanging curve = strips.get(i).curves().get(kind);
                int index = kind * set.strips() + i;
                if (cut(set, curve) > PRINTED_MM) {
                    // Nearly upright ends ask for metres of strip: the finding says so, a card would help nobody.
                    continue;
                }
                work.draw(() -> Strip.card(curve, cut(set, curve), set.width(), set.fold(), set.foldTo(), index));
            }
        }
        SwagLine.scallops(work, lowest);
        return work.done();
    }

    /** One strip in every section, with the line that its fold throws. */
    private static void hang(DressingBuilder work, Hung hung, Settings set, int colour, DressingContext place) {
        List<Integer> shapes = new ArrayList<>();
        List<Integer> folds = new ArrayList<>();
        for (Hanging curve : hung.curves()) {
            shapes.add(work.piece(outline(set, curve)));
            double middle = Math.max(0, curve.drop() - set.shows() * 0.55);
            Hanging fold = set.ends() == Strip.Ends.UPRIGHT ? curve : Hanging.of(set.school(), curve.width(), middle);
            List<Double> line = new ArrayList<>(fold.points(32));
            if (set.ends() == Strip.Ends.UPRIGHT) {
                for (int j = 1; j < line.size(); j += 2) {
                    line.set(j, line.get(j) + set.shows() * 0.55);
                }
            }
            folds.add(work.detail(line));
        }
        for (int k = 0; k < hung.count(); k++) {
            work.put(shapes.get(hung.kind(k)), place.division().mark(k), hung.z() - set.below(), colour);
            if (set.fold() == Strip.Fold.FOLDED) {
                work.put(folds.get(hung.kind(k)), place.division().mark(k), hung.z() - set.below(), colour);
            }
        }
    }

    /** Gathered, a strip runs together at its ends; trimmed upright, it keeps its width. */
    private static List<Double> outline(Settings set, Hanging curve) {
        return set.ends() == Strip.Ends.UPRIGHT
                ? Flat.between(curve, curve, set.shows(), 40)
                : Flat.between(
                        curve, Hanging.of(set.school(), curve.width(), Math.max(0, curve.drop() - set.shows())), 0, 40);
    }

    static double cut(Settings set, Hanging curve) {
        return Strip.cut(curve, set.shows(), set.ends(), set.weather());
    }

    private static void figures(DressingBuilder work, Settings set, Hung lowest, List<Hung> strips) {
        Hanging front = lowest.front();
        double longest = strips.isEmpty() ? 0 : cut(set, strips.get(0).front());
        work.lead("wide", Quantity.length(front.width()))
                .lead("drop", Quantity.length(set.drop()))
                .lead("to cut each", Quantity.length(longest))
                .figure("Swags", Quantity.count(lowest.count()))
                .figure("Strips each", Quantity.count(strips.size()))
                .figure("Along the lowest edge", Quantity.length(front.length()))
                .figure("Shows when folded", Quantity.length(set.shows()));
        if (strips.size() > 1) {
            work.figure(
                    "Highest strip, cut",
                    Quantity.length(cut(set, strips.get(strips.size() - 1).front())));
        }
        work.figure("Slope at the ends", Quantity.angle(front.endSlope()));
        if (set.fold() == Strip.Fold.FOLDED) {
            work.figure("Stands off the side", Quantity.length(2 * set.thickness()));
        }
    }

    private static Handle stepHandle(Settings set, Hung lowest, DressingContext place) {
        List<Handle.Grip> grips = new ArrayList<>();
        int highest = Math.max(1, set.hanging()) - 1;
        for (int k = 0; k < lowest.count(); k++) {
            grips.add(new Handle.Grip(place.division().middle(k).s(), lowest.z() - Math.max(0, set.drop(highest))));
        }
        return new Handle("step", "Highest strip", Handle.Way.UP, 1.0 / Math.max(1, highest), 1, set.shows(), grips);
    }

    private static void judge(DressingBuilder work, Settings set, Hung lowest) {
        if (set.hanging() < set.strips()) {
            double step = Rounding.floor(set.drop() / set.strips());
            List<Mend> mends = new ArrayList<>();
            if (set.hanging() > 0) {
                mends.add(Mend.setting(
                        Phrase.of("Take {} strips", Quantity.count(set.hanging())), "strips", set.hanging()));
            }
            if (step >= 1) {
                mends.add(Mend.setting(Phrase.of("Step them by {}", Quantity.length(step)), "step", step));
            }
            work.find(
                    NO_ROOM,
                    Phrase.of(
                            "Strip {} would hang {} below its marks: it has no room above the others, and is left out.",
                            Quantity.count(set.hanging() + 1L),
                            Quantity.length(set.drop(set.hanging()))),
                    mends);
        }
        if (set.strips() > 1 && !Rounding.atMost(set.step(), set.shows())) {
            work.find(
                    GAPES,
                    Phrase.of(
                            "Strips step by {} and show {}: the side shows between them.",
                            Quantity.length(set.step()),
                            Quantity.length(set.shows())),
                    Mend.setting(Phrase.of("Step them by {}", Quantity.length(set.shows())), "step", set.shows()));
        }
        double longest =
                lowest.curves().stream().mapToDouble(c -> cut(set, c)).max().orElse(0);
        if (!set.stiffened() && set.material().isOnlyFirm() && longest > Strip.STRETCHES_MM) {
            double grams = lowest.count() * set.strips() * set.material().sheet(longest * set.width(), set.thickness());
            work.find(
                    STRETCH,
                    Phrase.of(
                            "Strips of {} stretch as they hang. Take half-and-half, or knead in {} of CMC and let the paste"
                                    + " rest.",
                            Quantity.length(longest),
                            Quantity.mass(Math.max(1, Rounding.ceil(grams / 1000 * Powder.SOFT.close())))),
                    Mend.setting(
                            Phrase.of("Cut all {} from half-and-half", Quantity.mass(Rounding.halfUp(grams, 1))),
                            "material",
                            Material.HALF.key()),
                    Mend.setting(
                            Phrase.of("Stiffen the {} of paste", Quantity.mass(Rounding.halfUp(grams, 1))),
                            "stiff",
                            "yes"));
        }
        double slope =
                lowest.curves().stream().mapToDouble(Hanging::endSlope).max().orElse(0);
        if (set.ends() == Strip.Ends.UPRIGHT && slope > Math.PI / 4 + Rounding.EPS) {
            work.find(
                    STEEP,
                    Phrase.of(
                            "At {} the ends are too steep to trim upright; up to {} they can be.",
                            Quantity.angle(slope),
                            Quantity.angle(Math.PI / 4)),
                    Mend.setting(
                            Phrase.of("Gather the {} ends", Quantity.count(2L * lowest.count())), "ends", "gathered"));
        }
    }
}

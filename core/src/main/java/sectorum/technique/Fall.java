package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Spare;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;

/**
 * A fall of rosettes, blossoms or leaves that widens downwards, over one tier or over several (craft 3F): rows by their
 * diameter, which grows from top to foot; piped rosettes weigh 0.16 g·(d/cm)³ until weighed.
 */
final class Fall implements Technique {
    private static final Rule NARROW =
            new Rule("fall.narrow", Level.LOOK, "A fall is narrower than one of what falls: a single line, no train.");
    private static final Rule BIG = new Rule("fall.out-of-zone", Level.STOP, "The largest is higher than its zone.");

    /** Rows lie into one another by so much of a diameter. */
    private static final double ROW = 0.9;
    /** A bag is filled with so much, g: half full it is easier to hold. */
    private static final double BAG_G = 200;

    private static final Field KIND = Choices.field("kind", "Of", FallKind.values(), k -> k.words);

    /**
     * @param upper how wide it is where the whole fall begins
     * @param half how wide at half its height
     * @param lower how wide where it ends
     * @param begins how much of the whole lies above this part, 0 to 1
     * @param ends how much of it ends with this part
     * @param ten what ten of the largest weigh, g
     */
    private record Settings(
            FallKind kind,
            double middle,
            double upper,
            double half,
            double lower,
            double small,
            double large,
            double begins,
            double ends,
            double ten) {
        /** How far down the whole fall something is that lies at a share of this part's height from its foot. */
        private double down(double share) {
            return begins + (ends - begins) * (1 - share);
        }

        int colour(double share, DressingContext place) {
            return place.turns().firsts().get((int)
                    Math.min(place.colours() - 1, Math.max(0, down(share) * place.colours())));
        }

        double wide(double share) {
            double down = down(share);
            return down < 0.5 ? upper + (half - upper) * 2 * down : half + (lower - half) * (2 * down - 1);
        }

        double size(double share) {
            return small + (large - small) * down(share);
        }

        boolean isWhole() {
            return begins == 0 && ends == 1;
        }

        /** By the cube of its size, as the ten that were weighed. */
        double grams(double size) {
            return ten / 10 * Elementary.pow(size / large, 3);
        }
    }

    /** A row: its middle, what falls there, and how many. */
    private record Row(double z, double size, int count) {}

    @Override
    public String id() {
        return "fall";
    }

    @Override
    public String name() {
        return "Fall";
    }

    @Override
    public boolean covers() {
        return true;
    }

    @Override
    public List<Rule> rules() {
        return List.of(NARROW, BIG);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("kind", "middle", "upper", "half", "lower", "small", "large", "begins", "ends", "ten");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double around = place.surface().around(place.zone().foot());
        double large = Math.max(4, Math.min(40, place.onTape(place.zone().height() / 4)));
        Field upper = Field.length(
                "upper",
                "Wide where it begins",
                1,
                2000,
                Math.max(1, around / 24),
                "Of the whole fall, its upper end.");
        Field lower = Field.length(
                "lower", "Wide where it ends", 1, 2000, Math.max(1, around / 4), "Of the whole fall, its foot.");
        Field largest = Field.length("large", "The largest", 2, 120, large, "Where it ends.");
        double half = (upper.number(values) + lower.number(values)) / 2;
        double ten = 10 * FallKind.ROSETTE.piped(largest.number(values));
        return List.of(
                KIND,
                Field.angle("middle", "Its middle, from the front", -Math.PI, Math.PI, 0, "To the right is positive."),
                upper,
                Field.length("half", "Wide half way down", 1, 2000, half, "Its edges go straight to both ends."),
                lower,
                Field.length("small", "The smallest", 2, 120, Math.max(2, large / 2), "Where it begins."),
                largest,
                Field.mass("ten", "Ten of the largest weigh", 0.001, 20_000, ten, "Pipe ten on a scale; others by d³."),
                Field.share("begins", "Of the whole fall, from", 0, 1, 0, "0: it begins here, at the top."),
                Field.share("ends", "Of the whole fall, to", 0, 1, 1, "1: it ends here, at the foot."));
    }

    @Override
    public Set<SurfaceKind> surfaces() {
        return Set.of(SurfaceKind.SIDE, SurfaceKind.TOP, SurfaceKind.LEDGE, SurfaceKind.BOARD);
    }

    /** Over several tiers it widens as if it were one: each has its own part of the whole. */
    @Override
    public Values part(Values whole, double above, double below) {
        return above == 0 && below == 1 ? whole : whole.with("begins", above).with("ends", below);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(FallKind.values(), chosen.choice("kind")),
                chosen.number("middle"),
                chosen.number("upper"),
                chosen.number("half"),
                chosen.number("lower"),
                chosen.number("small"),
                chosen.number("large"),
                chosen.number("begins"),
                Math.max(chosen.number("begins"), chosen.number("ends")),
                chosen.number("ten"));
        List<Row> rows = rows(set, place);
        DressingBuilder work = new DressingBuilder(place);
        int n = 0;
        double period = place.surface().period();
        for (int j = 0; j < rows.size(); j++) {
            Row row = rows.get(j);
            int shape = work.piece(set.kind().outline(row.size()));
            int colour =
                    set.colour((row.z() - place.zone().foot()) / place.zone().height(), place);
            double middle = period / 2 + set.middle() / (2 * Math.PI) * period;
            for (int i = 0; i < row.count(); i++, n++) {
                double off = (i - (row.count() - 1) / 2.0) * row.size();
                Along at = Along.of(place.surface().further(middle, off, row.z()), period);
                work.put(shape, at, row.z(), colour);
            }
        }
        double grams = make(work, set, rows, place);
        work.lead("pieces", set.kind().words, Quantity.count(n))
                .lead("rows", Quantity.count(rows.size()))
                .lead("grams", "in all", Quantity.mass(grams));
        if (set.kind().isPiped()) {
            work.figure("Bags", Quantity.count((long) Rounding.ceil(grams / BAG_G)));
        }
        handles(work, set, place);
        judge(work, set, place);
        return work.done();
    }

    /** Its edge at its beginning, half way and at its end: together they are its profile. */
    private static void handles(DressingBuilder work, Settings set, DressingContext place) {
        double period = place.surface().period();
        double middle = period / 2 + set.middle() / (2 * Math.PI) * period;
        for (String[] end : new String[][] {{"upper", "1", "0"}, {"half", "0.5", "0.5"}, {"lower", "0", "1"}}) {
            double down = Double.parseDouble(end[2]);
            // An end that lies on another tier is taken hold of there.
            if (down < set.begins() - Rounding.EPS || down > set.ends() + Rounding.EPS) {
                continue;
            }
            double share =
                    set.ends() > set.begins() ? 1 - (down - set.begins()) / (set.ends() - set.begins()) : 1 - down;
            double z = place.zone().foot() + share * place.zone().height();
            double s = Along.of(place.surface().further(middle, set.wide(share) / 2, z), period)
                    .s();
            work.handle(new Handle(
                    end[0], "Edge of the fall", Handle.Way.ALONG, 2, 1, 2000, List.of(new Handle.Grip(s, z))));
        }
    }

    /** From the foot up, every one inside the zone, as many in a row as the fall is wide there. */
    private static List<Row> rows(Settings set, DressingContext place) {
        List<Row> rows = new ArrayList<>();
        double high = place.zone().height();
        double z = 0;
        while (rows.size() < 400) {
            double size = set.size(Math.min(1, z / high));
            if (z + size > high + Rounding.EPS) {
                break;
            }
            double middle = z + size / 2;
            double wide = Math.min(place.surface().around(place.zone().foot() + middle), set.wide(middle / high));
            int fits = (int) Math.max(1, Rounding.floor(wide / size));
            // Each row lies in the gaps of the one below: one more or one less in it.
            boolean columns = !rows.isEmpty() && (rows.get(rows.size() - 1).count() - fits) % 2 == 0;
            rows.add(new Row(place.zone().foot() + middle, size, columns && fits > 1 ? fits - 1 : fits));
            z += ROW * size;
        }
        // A ledge or a part of it that is narrower than what falls stays free: nothing lies over an edge.
        if (rows.isEmpty() && set.isWhole()) {
            rows.add(new Row(place.middleZ(), Math.min(set.large(), high), 1));
        }
        return rows;
    }

    private static double make(DressingBuilder work, Settings set, List<Row> rows, DressingContext place) {
        double grams = 0;
        int n = 0;
        for (int j = 0; j < rows.size(); j++) {
            Row row = rows.get(j);
            int colour =
                    set.colour((row.z() - place.zone().foot()) / place.zone().height(), place);
            Phrase what = Phrase.of("{} of {}", Quantity.text(set.kind().words), Quantity.length(row.size()));
            if (set.kind().isPiped()) {
                double each = set.grams(row.size());
                grams += row.count() * each;
                work.made(what, set.kind().material, colour, row.size(), row.count(), Spare.NONE, each);
            } else {
                List<Double> outline = set.kind().outline(row.size());
                grams += row.count() * set.kind().material.sheet(Flat.area(outline), Element.ROLLED_MM);
                work.cut(what, set.kind().material, Element.ROLLED_MM, colour, outline, row.count(), Spare.USUAL);
            }
            n += row.count();
        }
        if (rows.isEmpty()) {
            return 0;
        }
        boolean piped = set.kind().isPiped();
        work.adhesive(set.kind().material.adhesive())
                .step(
                        Gesture.MARK,
                        Phrase.of(
                                "Scribe the edges of the fall: {} wide at the foot, {} at the top.",
                                Quantity.length(set.lower()),
                                Quantity.length(set.upper())),
                        "scriber, card",
                        Rate.SCRIBED_METRE.minutes(2 * place.zone().height() / 1000))
                .step(
                        Gesture.PIPE,
                        Phrase.of(
                                piped
                                        ? "Pipe {} rows from the foot up, {} in all, the largest first; rest the hand between bags."
                                        : "Set {} rows from the foot up, {} in all, the largest first.",
                                Quantity.count(rows.size()),
                                Quantity.count(n)),
                        piped ? "bags, star nozzle" : "tweezers, soft brush",
                        (piped ? Rate.ROSETTE : Rate.PEARL).minutes(n))
                .check(
                        "{} in the lowest row, and none over the edge.",
                        Quantity.count(rows.get(0).count()));
        return grams;
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place) {
        if (set.upper() < set.small() - Rounding.EPS) {
            work.find(
                    NARROW,
                    Phrase.of(
                            "{} wide at the top for {} of what falls.",
                            Quantity.length(set.upper()),
                            Quantity.length(set.small())),
                    Mend.setting(
                            Phrase.of("{} at the top", Quantity.length(Rounding.ceil(set.small()))),
                            "upper",
                            Rounding.ceil(set.small())));
        }
        if (set.isWhole() && set.large() > place.zone().height() + Rounding.EPS) {
            double fits = Math.max(2, Rounding.floor(place.zone().height() / 2));
            work.find(
                    BIG,
                    Phrase.of(
                            "{} does not lie in {}.",
                            Quantity.length(set.large()),
                            Quantity.length(place.zone().height())),
                    Mend.setting(Phrase.of("Take {}", Quantity.length(fits)), "large", fits));
        }
    }
}

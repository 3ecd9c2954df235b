package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.surface.Surface;
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

    private static final Field KIND = Choices.field("kind", "Of", Kind.values(), k -> k.words);

    private enum Kind {
        ROSETTE("piped rosettes", Material.BUTTERCREAM),
        BLOSSOM("blossoms", Material.GUM),
        LEAF("leaves", Material.HALF);

        private final String words;
        private final Material material;

        Kind(String words, Material material) {
            this.words = words;
            this.material = material;
        }

        List<Double> outline(double size) {
            return switch (this) {
                case ROSETTE -> Cover.GATHERED.outline(size);
                case BLOSSOM -> Element.BLOSSOM.outline(size);
                case LEAF -> Element.LEAF.outline(size);
            };
        }
    }

    private record Settings(
            Kind kind,
            double middle,
            double upper,
            double lower,
            double small,
            double large,
            double begins,
            double ends) {
        /** The colour at a share of its height from the foot. */
        int colour(double share, DressingContext place) {
            double along = begins + (ends - begins) * (1 - share);
            return place.turns().firsts().get((int)
                    Math.min(place.colours() - 1, Math.max(0, along * place.colours())));
        }

        /** How wide it is at a share of its height from the foot. */
        double wide(double share) {
            return lower + (upper - lower) * share;
        }

        double size(double share) {
            return large + (small - large) * share;
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
        return Set.of("kind", "middle", "upper", "lower", "small", "large", "begins", "ends");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double around = place.surface().around(place.zone().foot());
        double large = Math.max(4, Math.min(40, place.onTape(place.zone().height() / 4)));
        return List.of(
                KIND,
                Field.angle("middle", "Its middle, from the front", -Math.PI, Math.PI, 0, "To the right is positive."),
                Field.length("upper", "Wide at the top", 1, 2000, Math.max(1, around / 24), "Of the whole fall."),
                Field.length("lower", "Wide at the foot", 1, 2000, Math.max(1, around / 4), "Of the whole fall."),
                Field.length("small", "The smallest", 2, 120, Math.max(2, large / 2), "At the top."),
                Field.length("large", "The largest", 2, 120, large, "At the foot."),
                Field.share("begins", "Colours begin at", 0, 1, 0, "Of the way from the first colour, at the top."),
                Field.share("ends", "Colours end at", 0, 1, 1, "Of the way to the last colour, at the foot."));
    }

    /** Over several tiers it widens as if it were one: each has its own part of the whole. */
    @Override
    public Values part(Values whole, double above, double below) {
        Values cut = whole.with("begins", above).with("ends", below);
        for (String[] pair : new String[][] {{"upper", "lower"}, {"small", "large"}}) {
            if (whole.get(pair[0]) instanceof Number top && whole.get(pair[1]) instanceof Number foot) {
                double grows = foot.doubleValue() - top.doubleValue();
                cut = cut.with(pair[0], top.doubleValue() + grows * above)
                        .with(pair[1], top.doubleValue() + grows * below);
            }
        }
        return above == 0 && below == 1 ? whole : cut;
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(Kind.values(), chosen.choice("kind")),
                chosen.number("middle"),
                chosen.number("upper"),
                chosen.number("lower"),
                chosen.number("small"),
                chosen.number("large"),
                chosen.number("begins"),
                chosen.number("ends"));
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
        if (set.kind() == Kind.ROSETTE) {
            work.figure("Bags", Quantity.count((long) Rounding.ceil(grams / BAG_G)));
        }
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).plus(set.lower() / 2).s(),
                    place.zone().foot()));
        }
        work.handle(new Handle("lower", "Edge of the fall", Handle.Way.ALONG, 2, 1, 2000, grips));
        judge(work, set, place);
        return work.done();
    }

    /** From the foot up, every one inside the zone, as many in a row as the fall is wide there. */
    private static List<Row> rows(Settings set, DressingContext place) {
        List<Row> rows = new ArrayList<>();
        double high = place.zone().height();
        double around = place.surface().around(place.zone().foot());
        double z = 0;
        while (rows.size() < 400) {
            double size = set.size(Math.min(1, z / high));
            if (z + size > high + Rounding.EPS) {
                break;
            }
            double middle = z + size / 2;
            double wide = Math.min(around, set.wide(middle / high));
            int fits = (int) Math.max(1, Rounding.floor(wide / size));
            // Each row lies in the gaps of the one below: one more or one less in it.
            boolean columns = !rows.isEmpty() && (rows.get(rows.size() - 1).count() - fits) % 2 == 0;
            rows.add(new Row(place.zone().foot() + middle, size, columns && fits > 1 ? fits - 1 : fits));
            z += ROW * size;
        }
        if (rows.isEmpty()) {
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
            if (set.kind() == Kind.ROSETTE) {
                double each = Element.SHELL.grams(row.size());
                grams += row.count() * each;
                work.made(what, set.kind().material, colour, row.size(), row.count(), Spare.NONE, each);
            } else {
                List<Double> outline = set.kind().outline(row.size());
                grams += row.count() * set.kind().material.sheet(Flat.area(outline), Element.ROLLED_MM);
                work.cut(what, set.kind().material, Element.ROLLED_MM, colour, outline, row.count(), Spare.USUAL);
            }
            n += row.count();
        }
        boolean piped = set.kind() == Kind.ROSETTE;
        work.adhesive(set.kind().material.adhesive())
                .step(
                        Phrase.of(
                                "Scribe the edges of the fall: {} wide at the foot, {} at the top.",
                                Quantity.length(set.lower()),
                                Quantity.length(set.upper())),
                        "scriber, card",
                        Rate.SCRIBED_METRE.minutes(2 * place.zone().height() / 1000))
                .step(
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
        if (set.large() > place.zone().height() + Rounding.EPS) {
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

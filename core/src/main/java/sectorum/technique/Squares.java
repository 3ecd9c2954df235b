package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import sectorum.bench.Rate;
import sectorum.divide.Demand;
import sectorum.divide.Division;
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
 * A grid of squares (craft 3B): its lines, chequers, or diagonal runs of c colours. Chequers close only on an even
 * count, runs only where c divides it.
 */
final class Squares implements Technique {
    private static final Rule SHAPE = new Rule(
            "squares.shape",
            Level.NOTE,
            "Cells differ from squares by more than 8 %, and another number of rows is nearer.");
    private static final Field LAID = Choices.field("laid", "Laid as", Laid.values(), l -> l.words);
    private static final Field PASTE =
            Material.field("Cut from", Material.FONDANT, Material.HALF, Material.GUM, Material.CHOCOLATE);

    private enum Laid {
        LINES("lines only"),
        CHEQUERS("chequers"),
        RUNS("diagonal runs of colours");

        final String words;

        Laid(String words) {
            this.words = words;
        }
    }

    private record Settings(Laid laid, int each, int rows, double thickness, Material material) {}

    @Override
    public String id() {
        return "squares";
    }

    @Override
    public String name() {
        return "Squares";
    }

    @Override
    public Demand demand(Values settings, int colours) {
        int multiple = multiple(settings, colours);
        return Cycle.demand(
                settings.get("each"),
                multiple,
                "squares in turns of " + multiple + " close only on a multiple of them");
    }

    private static int multiple(Values settings, int colours) {
        return switch (Choices.of(Laid.values(), LAID.choice(settings))) {
            case LINES -> 1;
            case CHEQUERS -> 2;
            case RUNS -> colours;
        };
    }

    @Override
    public List<Rule> rules() {
        return List.of(SHAPE);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("laid", "each", "rows", "thickness", "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    private static int nearest(DressingContext place) {
        double w = place.width(place.division().frontSection(), place.middleZ());
        return (int) Math.max(1, Math.min(200, Rounding.halfUp(place.zone().height() / w, 1)));
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        Field each = Field.count(
                "each",
                "Squares in a section",
                1,
                DressingContext.MOST_PARTS,
                place.parts(0.25 * place.zone().height(), multiple(values, place.colours())),
                "1 makes a square as wide as a section.");
        return List.of(
                LAID,
                each,
                Field.count("rows", "Rows", 1, 200, nearest(place.parted((int) each.number(values))), "Up the zone."),
                Field.length("thickness", "Paste rolled to", 0.5, 8, 2, "Only where squares are laid on."),
                PASTE);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(Laid.values(), LAID.choice(values)),
                chosen.count("each"),
                chosen.count("rows"),
                chosen.number("thickness"),
                Material.of(PASTE.choice(values)));
        DressingContext fine = place.parted(set.each());
        Division division = fine.division();
        Zone zone = place.zone();
        double high = zone.height() / set.rows();
        DressingBuilder work = new DressingBuilder(place);
        int pieces = set.laid() == Laid.LINES ? lines(work, set, fine, high) : cells(work, set, fine, high);
        double w = fine.width(division.frontSection(), place.middleZ());
        work.lead("wide", Quantity.length(w))
                .lead("high", Quantity.length(high))
                .lead(
                        set.laid() == Laid.LINES ? "cells" : "squares",
                        Quantity.count(set.laid() == Laid.LINES ? (long) division.count() * set.rows() : pieces))
                .figure("Rows", Quantity.count(set.rows()));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(place.division().middle(k).s(), zone.foot() + high));
        }
        work.handle(new Handle("rows", "First row", Handle.Way.UP, -set.rows() / high, 1, 60, grips));
        int best = nearest(fine);
        if (Math.abs(high - w) > 0.08 * w && best != set.rows()) {
            work.find(
                    SHAPE,
                    Phrase.of(
                            "{} rows make cells {} high and {} wide.",
                            Quantity.count(set.rows()),
                            Quantity.length(high),
                            Quantity.length(w)),
                    Mend.setting(Phrase.of("Take {} rows", Quantity.count(best)), "rows", best));
        }
        make(work, set, division.count(), pieces, high);
        work.draw(() -> Prick.card(w, zone.height(), set.rows(), false));
        return work.done();
    }

    private static int lines(DressingBuilder work, Settings set, DressingContext place, double high) {
        Division division = place.division();
        int upright = work.guide(List.of(0.0, 0.0, 0.0, place.zone().height()));
        for (int k = 0; k < division.count(); k++) {
            work.put(upright, division.mark(k), place.zone().foot(), 0);
        }
        for (int k = 0; k < division.count(); k++) {
            int level = work.guide(List.of(0.0, 0.0, division.section(k), 0.0));
            for (int j = 1; j < set.rows(); j++) {
                work.putLevel(level, division.mark(k), place.zone().foot() + j * high);
            }
        }
        return 0;
    }

    /** Squares and how many of each width and colour there are. */
    private static int cells(DressingBuilder work, Settings set, DressingContext place, double high) {
        Division division = place.division();
        boolean chequers = set.laid() == Laid.CHEQUERS;
        List<Double> sizes = division.sizes();
        int[] shapes = new int[sizes.size()];
        int[][] counts = new int[sizes.size()][place.colours()];
        for (int kind = 0; kind < sizes.size(); kind++) {
            shapes[kind] = work.piece(square(sizes.get(kind) * place.narrowing(place.middleZ()), high));
        }
        int pieces = 0;
        for (int j = 0; j < set.rows(); j++) {
            for (int k = 0; k < division.count(); k++) {
                int colour;
                if (chequers) {
                    // With one colour every other square is the covering itself.
                    if (place.colours() == 1 && (k + j) % 2 == 1) {
                        continue;
                    }
                    colour = place.colours() == 1 ? 0 : (k + j) % 2;
                } else {
                    colour = (k + j) % place.colours();
                }
                int kind = 0;
                while (Math.abs(sizes.get(kind) - division.section(k)) > 0.002) {
                    kind++;
                }
                counts[kind][colour]++;
                work.put(shapes[kind], division.middle(k), place.zone().foot() + (j + 0.5) * high, colour);
                pieces++;
            }
        }
        cut(work, set, place, high, counts);
        return pieces;
    }

    private static void cut(DressingBuilder work, Settings set, DressingContext place, double high, int[][] counts) {
        List<Double> sizes = place.division().sizes();
        TreeMap<Integer, Integer> byColour = new TreeMap<>();
        for (int kind = 0; kind < sizes.size(); kind++) {
            double wide = sizes.get(kind) * place.narrowing(place.middleZ());
            for (int colour = 0; colour < place.colours(); colour++) {
                work.cut(
                        Phrase.of("Square {} wide", Quantity.length(wide)),
                        set.material(),
                        set.thickness(),
                        colour,
                        square(wide, high),
                        counts[kind][colour],
                        set.material().spare());
                byColour.merge(colour, counts[kind][colour], Integer::sum);
            }
        }
        byColour.forEach((colour, many) -> work.figure("Squares of colour " + (colour + 1), Quantity.count(many)));
    }

    private static List<Double> square(double wide, double high) {
        return Flat.rectangle(-wide / 2, -high / 2, wide, high);
    }

    private static void make(DressingBuilder work, Settings set, int n, int pieces, double high) {
        if (set.laid() == Laid.LINES) {
            work.soft()
                    .step(
                            Gesture.PRESS,
                            Phrase.of(
                                    "Press {} upright lines and {} level ones, every {}.",
                                    Quantity.count(n),
                                    Quantity.count(set.rows() - 1L),
                                    Quantity.length(high)),
                            "set square, scriber",
                            Rate.UPRIGHT_LINE.minutes(n + set.rows() - 1.0))
                    .lasting()
                    .check("{} upright lines, checked with the set square.", Quantity.count(n));
            return;
        }
        work.adhesive(set.material().adhesive())
                .step(
                        Gesture.MARK,
                        Phrase.of(
                                "Mark {} columns and {} rows with the prick card.",
                                Quantity.count(n),
                                Quantity.count(set.rows())),
                        "prick card, pricker",
                        Rate.PRICK.minutes((double) n * set.rows()))
                .check("The last of {} columns is as wide as the first.", Quantity.count(n))
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Cut {} squares and lay them from the foot up, {}.",
                                Quantity.count(pieces),
                                Quantity.text(work.order())),
                        "strip cutter, soft brush",
                        Rate.CUT_PIECE.minutes(pieces),
                        null,
                        Cautions.BLADE);
    }
}

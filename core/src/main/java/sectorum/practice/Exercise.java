package sectorum.practice;

import java.util.ArrayList;
import java.util.List;
import sectorum.divide.Gauge;
import sectorum.measure.Absent;
import sectorum.measure.Dice;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Tape;
import sectorum.technique.CoverCount;

/**
 * One exercise.
 *
 * @param asked what is to be done, with its numbers
 * @param around P, mm; 0: none
 * @param sections to be marked, or n; 0: none
 * @param gauge the card that each mark is stepped with, mm; 0: marks are read off the tape
 * @param marks a side as it was marked, mm from the seam; none: there is none to look at
 * @param shape what is turned over: x0, y0, …, in a square of 100; none: nothing is
 * @param turns how often it is turned over on its way
 * @param choices to choose among; none: a number is asked for
 */
public record Exercise(
        Drill drill,
        long seed,
        Phrase asked,
        double around,
        int sections,
        double gauge,
        List<Double> marks,
        List<Double> shape,
        int turns,
        List<PracticeChoice> choices) {
    private static final Tape TAPE = LengthUnit.MM.tape();
    private static final int MOST = 100;

    public Exercise {
        marks = List.copyOf(marks);
        shape = List.copyOf(shape);
        choices = List.copyOf(choices);
    }

    /** What is rehearsed. */
    public enum Drill {
        /** Marking with the tape, by one's own hand. */
        TAPE("Mark by the tape"),
        /** Stepping a card round, by one's own hand. */
        GAUGE("Step a card round"),
        /** Which way round it comes out. */
        MIRROR("Which way round?"),
        /** How many sections, and how wide. */
        DIVIDE("Divide this one"),
        /** How many pieces. */
        COUNT("How many will you need?"),
        /** What happened to a side that does not close. */
        WRONG("What went wrong here?");

        private final String words;

        Drill(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether one's own hand is measured. */
        public boolean isByHand() {
            return this == TAPE || this == GAUGE;
        }
    }

    /** Something to choose. */
    public record PracticeChoice(String name, String label) {}

    static final String AS_DRAWN = "as-drawn";
    static final String MIRRORED = "mirrored";

    /** What can have happened to a side. */
    enum Cause {
        ROUNDED("The card was cut to the full millimetre, and the last section takes all of it"),
        SLIPPED("One mark slipped: its two neighbours are off by as much, one up, one down"),
        SLACK("The tape lay slack: every mark is too far round by the same share"),
        MISCOUNTED("One section too many was stepped, and the last is a sliver");

        private final String words;

        Cause(String words) {
            this.words = words;
        }
    }

    /** The exercise of a seed. */
    public static Exercise of(Drill drill, long seed) {
        Dice dice = new Dice(seed * 31 + drill.ordinal());
        return switch (drill) {
            case TAPE, GAUGE -> byHand(drill, seed, dice);
            case MIRROR -> mirror(seed, dice);
            case DIVIDE -> divide(seed, dice);
            case COUNT -> count(seed, dice);
            case WRONG -> wrong(seed, dice);
        };
    }

    /** Nobody's tape reads a round number: P from 400 to 1000, to the millimetre. */
    private static double around(Dice dice) {
        return 400 + dice.nextInt(601);
    }

    private static Exercise byHand(Drill drill, long seed, Dice dice) {
        double p = around(dice);
        int n = 7 + dice.nextInt(7);
        double gauge = drill == Drill.GAUGE ? Gauge.soft(p, n, TAPE).lays() : 0;
        Phrase asked = drill == Drill.TAPE
                ? Phrase.of(
                        "{} round, {} sections: mark each by the tape, the first at the seam.",
                        Quantity.length(p),
                        Quantity.count(n))
                : Phrase.of(
                        "{} round, {} sections: step a card of {} round from the first mark.",
                        Quantity.length(p),
                        Quantity.count(n),
                        Quantity.length(gauge));
        return new Exercise(drill, seed, asked, p, n, gauge, List.of(), List.of(), 0, List.of());
    }

    private static final String[] FACES = {
        "drawn on paper, its drawn face laid on the cake",
        "cut on the mat and lifted on as it lies",
        "cut on the mat, turned onto a board and slid on the cake",
        "piped on acetate, the piped side pressed to the cake",
        "piped on acetate, turned onto paper, and the paper's face pressed to the cake"
    };
    private static final int[] TURNS = {1, 0, 1, 1, 2};

    private static Exercise mirror(long seed, Dice dice) {
        int way = dice.nextInt(FACES.length);
        List<Double> shape = new ArrayList<>();
        // A leaf that leans, with a notch on one side alone, so that it differs from its mirror image.
        double lean = 12 + dice.nextInt(20);
        double notch = 30 + dice.nextInt(30);
        double[] xy = {50, 96, 28, 70, 22, 40, 40, 8, 58, 8, 74, notch, 58, notch + 6, 76, notch + 16, 70, 76};
        for (int i = 0; i < xy.length; i += 2) {
            shape.add(xy[i] + lean * (xy[i + 1] - 50) / 100);
            shape.add(xy[i + 1]);
        }
        return new Exercise(
                Drill.MIRROR,
                seed,
                Phrase.of("This is {}. How does it come out, seen on the cake?", Quantity.text(FACES[way])),
                0,
                0,
                0,
                List.of(),
                shape,
                TURNS[way],
                List.of(
                        new PracticeChoice(AS_DRAWN, "As it is drawn here"),
                        new PracticeChoice(MIRRORED, "The other way round")));
    }

    private static Exercise divide(long seed, Dice dice) {
        double p = around(dice);
        double wanted = 45 + dice.nextInt(50);
        boolean even = dice.nextInt(3) == 0;
        return new Exercise(
                Drill.DIVIDE,
                seed,
                Phrase.of(
                        even
                                ? "{} round, sections of about {}, and two colours in turn that meet: how many sections?"
                                : "{} round, sections of about {}: how many come nearest?",
                        Quantity.length(p),
                        Quantity.length(wanted)),
                p,
                even ? 2 : 1,
                wanted,
                List.of(),
                List.of(),
                0,
                List.of());
    }

    private static Exercise count(long seed, Dice dice) {
        double p = around(dice);
        double high = 90 + dice.nextInt(60);
        double across = 14 + 2 * dice.nextInt(9);
        return new Exercise(
                Drill.COUNT,
                seed,
                Phrase.of(
                        "{} round and {} high, covered lush with discs of {}: how many discs?",
                        Quantity.length(p),
                        Quantity.length(high),
                        Quantity.length(across)),
                p,
                0,
                across,
                List.of(high),
                List.of(),
                0,
                List.of());
    }

    private static Exercise wrong(long seed, Dice dice) {
        double p = around(dice);
        int n = 8 + dice.nextInt(7);
        Cause cause = cause(seed);
        List<Double> marks = new ArrayList<>();
        double size = p / n;
        int slipped = 2 + dice.nextInt(n - 3);
        for (int k = 0; k < n; k++) {
            double at = switch (cause) {
                case ROUNDED -> k * (Math.floor(size) - (size - Math.floor(size) < 0.3 ? 1 : 0));
                case SLIPPED -> k * size + (k == slipped ? 0.12 * size : 0);
                case SLACK -> k * size * 1.02;
                case MISCOUNTED -> k * size;
            };
            marks.add(at + 0.15 * dice.nextGaussian());
        }
        if (cause == Cause.MISCOUNTED) {
            // Stepped with the card of one section fewer than fit: one more went in, a sliver at the seam.
            double card = size * (n - 0.22) / n;
            marks.clear();
            for (int k = 0; k <= n && k * card < p - 4; k++) {
                marks.add(k * card + 0.15 * dice.nextGaussian());
            }
        }
        List<PracticeChoice> choices = new ArrayList<>();
        for (Cause each : Cause.values()) {
            choices.add(new PracticeChoice(each.name(), each.words));
        }
        return new Exercise(
                Drill.WRONG,
                seed,
                Phrase.of(
                        "{} round, meant to have {} even sections. What went wrong?",
                        Quantity.length(p),
                        Quantity.count(n)),
                p,
                n,
                0,
                marks,
                List.of(),
                0,
                choices);
    }

    static Cause cause(long seed) {
        // The first throws of neighbouring seeds are much alike.
        Dice dice = new Dice(seed * 7919 + 17);
        dice.nextDouble();
        dice.nextDouble();
        return Cause.values()[(int) (dice.nextDouble() * Cause.values().length)];
    }

    /** The number that is right; absent: none is asked for. */
    @Absent
    Double right() {
        return switch (drill) {
            case DIVIDE -> (double) nearest();
            case COUNT -> CoverCount.discs(around * marks.get(0), gauge);
            default -> null;
        };
    }

    /** The count whose size comes nearest to the wanted one, of those that the colours allow. */
    private int nearest() {
        int best = sections;
        for (int n = sections; n <= MOST; n += sections) {
            if (Math.abs(around / n - gauge) < Math.abs(around / best - gauge)) {
                best = n;
            }
        }
        return best;
    }

    /** The name of the right choice; absent: there are none. */
    @Absent
    String chosen() {
        return switch (drill) {
            case MIRROR -> turns % 2 == 1 ? MIRRORED : AS_DRAWN;
            case WRONG -> cause(seed).name();
            default -> null;
        };
    }
}

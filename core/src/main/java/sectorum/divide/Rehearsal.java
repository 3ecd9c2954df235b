package sectorum.divide;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Dice;
import sectorum.measure.Field;
import sectorum.measure.Tape;

/**
 * Marking, played by a hand that errs, thousands of times (craft 2.4). Each way is played mark by mark with its own
 * kind of error, never drawn from a closed form, so that the closed form can check it.
 *
 * @param ways in the order of craft 2.4; only those that can mark this division
 */
public record Rehearsal(List<Played> ways) {
    public static final Field HAND = Field.length(
            "hand", "How far a mark of yours is off", 0.05, 5, 0.7, "Mark ten lines and measure how far they are off.");
    /** The reading of P, a band's and a strip's length are off by so much, mm. */
    static final double LENGTH_SIGMA = 1;
    /** A press goes in so much deeper or shallower than meant, mm. */
    static final double DEPTH_SIGMA = 1;

    private static final int BARS = 61;

    /** How often a way is played, and the seed that makes every showing the same. */
    public record Tries(int runs, long seed) {}

    /**
     * What came of one way.
     *
     * @param ordinary a section that is not the last, mm
     * @param mean of the closing section over all runs, mm
     * @param spread its standard deviation, mm
     * @param shows share of runs whose closing section is over 3 % off its neighbours
     * @param from the left edge of the first bar, mm; the bars span the same length for every way
     * @param bar width of a bar, mm
     * @param bars runs in each bar; the first and last gather what lies beyond
     */
    public record Played(
            Way way,
            double ordinary,
            double mean,
            double spread,
            double shows,
            double from,
            double bar,
            List<Integer> bars) {
        public Played {
            bars = List.copyOf(bars);
        }
    }

    public Rehearsal {
        ways = List.copyOf(ways);
    }

    /** The way to use: fewest runs that show, then the smaller spread. */
    public Played best() {
        return ways.stream()
                .min(Comparator.comparingDouble(Played::shows).thenComparingDouble(Played::spread))
                .orElseThrow();
    }

    /**
     * Plays every way that can mark n even sections.
     *
     * @param p round the side, mm
     * @param n sections, 2 or more
     * @param first where the first mark is, mm from the seam
     * @param round whether the outline is round, so that a stiff card can be stepped
     * @param press a cutter that could be pressed instead; absent: not played
     * @param hand σ of one mark, mm
     * @param tries how often, and from which seed
     */
    public static Rehearsal of(
            double p, int n, double first, boolean round, @Absent Press press, Tape tape, double hand, Tries tries) {
        HAND.check(hand);
        List<Play> plays = new ArrayList<>();
        plays.add(tape(p, n, first, tape, hand));
        plays.add(stepped(Way.SOFT, p, n, Gauge.soft(p, n, tape).lays(), hand));
        if (round) {
            plays.add(stepped(Way.STIFF, p, n, Gauge.stiff(p, n, tape).lays(), hand));
        }
        if (Preference.folds(n)) {
            plays.add(folded(p, n, hand));
        }
        if (press != null && press.count(p) >= 2) {
            plays.add(pressed(p, press, hand));
        }
        plays.add(strip(p, n, hand));
        double reach = Math.max(0.12 * p / n, 6);
        List<Played> played = new ArrayList<>();
        for (Play play : plays) {
            Dice random = new Dice(tries.seed() + play.way().ordinal());
            played.add(gathered(play, random, tries.runs(), p / n - reach, 2 * reach / BARS));
        }
        return new Rehearsal(played);
    }

    /** A way to be played: gives the closing section of one run. */
    record Play(Way way, double ordinary, java.util.function.ToDoubleFunction<Dice> closing) {}

    /** Every mark on its own; the error of P falls on the section that closes. */
    static Play tape(double p, int n, double first, Tape tape, double hand) {
        return new Play(Way.TAPE, p / n, random -> {
            double length = p + LENGTH_SIGMA * random.nextGaussian();
            double start = tape.read(first) + hand * random.nextGaussian();
            double last = start;
            for (int k = 1; k < n; k++) {
                last = tape.read(first + k * p / n) + hand * random.nextGaussian();
            }
            return start + length - last;
        });
    }

    /** The same without the tape's divisions: the strip has every mark where it belongs. */
    static Play strip(double p, int n, double hand) {
        return new Play(Way.STRIP, p / n, random -> {
            double length = p + LENGTH_SIGMA * random.nextGaussian();
            double start = hand * random.nextGaussian();
            double last = start;
            for (int k = 1; k < n; k++) {
                last = k * p / n + hand * random.nextGaussian();
            }
            return start + length - last;
        });
    }

    /** Each step begins where the last one ended, so every error stays in. */
    static Play stepped(Way way, double p, int n, double lays, double hand) {
        return new Play(way, lays, random -> {
            double length = p + LENGTH_SIGMA * random.nextGaussian();
            double at = 0;
            for (int k = 1; k < n; k++) {
                at += lays + hand * random.nextGaussian();
            }
            return length - at;
        });
    }

    /** Halves of halves, or thirds and then halves: a crease lies in the middle of its neighbours, a hand off. */
    static Play folded(double p, int n, double hand) {
        return new Play(Way.FOLD, p / n, random -> {
            double length = p + LENGTH_SIGMA * random.nextGaussian();
            double before = 0;
            int parts = n;
            if (n % 3 == 0) {
                before = length * 2 / 3 + hand * random.nextGaussian();
                parts = n / 3;
            }
            for (; parts > 1; parts /= 2) {
                before = (before + length) / 2 + hand * random.nextGaussian();
            }
            // The band's error of length is shared by all its sections: they are laid on a side of p.
            return (length - before) * p / length;
        });
    }

    /** A millimetre of depth is magnified by the cutter's curve; each press begins where the last one ended. */
    static Play pressed(double p, Press press, double hand) {
        int n = press.count(p);
        return new Play(Way.PRESS, press.lays(), random -> {
            double length = p + LENGTH_SIGMA * random.nextGaussian();
            double at = 0;
            for (int k = 1; k < n; k++) {
                double meant = press.depth() + DEPTH_SIGMA * random.nextGaussian();
                double depth = Math.min(press.cutter() / 2, Math.max(0.01, meant));
                double chord = 2 * Math.sqrt(depth * (press.cutter() - depth));
                at += chord + press.space() + hand * random.nextGaussian();
            }
            return length - at;
        });
    }

    private static Played gathered(Play play, Dice random, int runs, double from, double bar) {
        int[] bars = new int[BARS];
        double sum = 0;
        double squares = 0;
        int showing = 0;
        for (int run = 0; run < runs; run++) {
            double closing = play.closing().applyAsDouble(random);
            double off = closing - play.ordinary();
            sum += off;
            squares += off * off;
            if (Compare.of(closing, play.ordinary()) != Compare.UNNOTICED) {
                showing++;
            }
            bars[Math.max(0, Math.min(BARS - 1, (int) Math.floor((closing - from) / bar)))]++;
        }
        double mean = sum / runs;
        return new Played(
                play.way(),
                play.ordinary(),
                play.ordinary() + mean,
                Math.sqrt(Math.max(0, squares / runs - mean * mean)),
                (double) showing / runs,
                from,
                bar,
                Arrays.stream(bars).boxed().toList());
    }
}

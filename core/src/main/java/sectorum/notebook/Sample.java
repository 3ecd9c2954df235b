package sectorum.notebook;

import java.util.List;
import sectorum.bench.OwnRate;
import sectorum.bench.RateKind;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;

/**
 * A rate out of what jobs say. Of the last ten jobs, r each: value = (Σ r + a·u)/(n + a), where a imagined jobs at the usual
 * value u steady it (craft 4.5; two for minutes). The spread of one job about it counts two imagined jobs at the spread that
 * is usual for such things; the next job is off by that and by what the value itself is unsure of.
 */
final class Sample {
    /** The last so many jobs count (craft 4.5). */
    static final int LAST = 10;
    /** Nine in ten lie below so many standard deviations. */
    private static final double NINE_IN_TEN = 1.2816;
    /** Imagined jobs behind a spread. */
    private static final double SPREADS = 2;
    /** Pieces that are imagined beside those counted, one in ten of them broken: the usual spares. */
    private static final double IMAGINED = 10;

    private static final double USUALLY_BROKEN = 0.1;
    /** Fewer show no drift and no odd one. */
    private static final int LEAST = 6;
    /** So many standard errors from level a drift is one: by chance in one of fifty. */
    private static final double SURE_DRIFT = 2.9;
    /** So many spreads from the middle a job is odd, and by at least a third. */
    private static final double ODD = 3.5;

    private static final double ODD_AT_LEAST = 0.35;
    private static final double MAD_TO_SIGMA = 1.4826;

    private Sample() {}

    /**
     * What is usual for a kind before anybody has seen it.
     *
     * @param value the plain one
     * @param jobs imagined at it
     * @param spread of one job, as a share
     */
    private record Usual(double value, double jobs, double spread) {
        static Usual of(RateKind kind) {
            return switch (kind) {
                case TIME -> new Usual(1, 2, 0.35);
                case DRYING -> new Usual(1, 1, 0.25);
                case METRE, COVERAGE -> new Usual(1, 1, 0.15);
                case DENSITY -> new Usual(1, 0, 0.04);
                case CHILLING -> new Usual(20, 1, 0.25);
                case SOFTENING -> new Usual(5, 1, 0.25);
                case HAND -> new Usual(0.7, 1, 0.25);
                case BREAKAGE -> new Usual(USUALLY_BROKEN, 0, 0);
            };
        }
    }

    /**
     * A rate and how sure it is.
     *
     * @param unsure the value's own, as a share of it
     */
    record Rated(OwnRate rate, double unsure) {}

    /** @param says of the jobs that count, the oldest first, none empty */
    static Rated of(RateKind kind, String of, List<Double> says) {
        List<Double> last = says.subList(Math.max(0, says.size() - LAST), says.size());
        Usual usual = Usual.of(kind);
        double sum = usual.jobs() * usual.value();
        for (double r : last) {
            sum += r;
        }
        int n = last.size();
        double value = kind.within(sum / (n + usual.jobs()));
        double squares = SPREADS * Elementary.pow(usual.spread() * value, 2);
        for (double r : last) {
            squares += (r - value) * (r - value);
        }
        double spread = Math.sqrt(squares / (n + SPREADS));
        double own = spread / Math.sqrt(n + usual.jobs());
        double off = NINE_IN_TEN * Math.sqrt(spread * spread + own * own) / value;
        return new Rated(new OwnRate(kind, of, value, n, Math.min(10, off)), NINE_IN_TEN * own / value);
    }

    /** The share that breaks, of the pieces of the last jobs together. */
    static Rated broken(String of, List<WorkRecord.PiecesMade> jobs) {
        List<WorkRecord.PiecesMade> last = jobs.subList(Math.max(0, jobs.size() - LAST), jobs.size());
        double made = IMAGINED;
        double broken = IMAGINED * USUALLY_BROKEN;
        for (WorkRecord.PiecesMade job : last) {
            made += job.made();
            broken += job.broken();
        }
        double p = RateKind.BREAKAGE.within(broken / made);
        double off = NINE_IN_TEN * Math.sqrt((1 - p) / (p * made));
        return new Rated(new OwnRate(RateKind.BREAKAGE, of, p, last.size(), Math.min(10, off)), off);
    }

    /** By how much it grows in ten jobs, where that is more than chance; the line through the logarithms of the last twenty. */
    @Absent
    static Double drift(List<Double> says) {
        List<Double> last = says.subList(Math.max(0, says.size() - 2 * LAST), says.size());
        int n = last.size();
        if (n < LEAST || last.stream().anyMatch(r -> r <= 0)) {
            return null;
        }
        double sx = 0;
        double sy = 0;
        double sxx = 0;
        double sxy = 0;
        double syy = 0;
        for (int i = 0; i < n; i++) {
            double y = Elementary.log(last.get(i));
            sx += i;
            sy += y;
            sxx += (double) i * i;
            sxy += i * y;
            syy += y * y;
        }
        double across = sxx - sx * sx / n;
        double slope = (sxy - sx * sy / n) / across;
        double left = Math.max(0, syy - sy * sy / n - slope * slope * across);
        double error = Math.sqrt(left / (n - 2) / across);
        return Math.abs(slope) > 1e-9 && Math.abs(slope) > SURE_DRIFT * error
                ? (Double) (Elementary.exp(LAST * slope) - 1)
                : null;
    }

    /** Whether a job stands apart from these: so far from their middle that a slip of the clock is likelier. */
    static boolean isOdd(double says, List<Double> all) {
        if (all.size() < LEAST - 1 || says <= 0 || all.stream().anyMatch(r -> r <= 0)) {
            return false;
        }
        double middle = middle(all.stream().map(Elementary::log).toList());
        double mad = middle(
                all.stream().map(r -> Math.abs(Elementary.log(r) - middle)).toList());
        double off = Math.abs(Elementary.log(says) - middle);
        return off > Math.max(ODD_AT_LEAST, ODD * MAD_TO_SIGMA * mad);
    }

    private static double middle(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        int n = sorted.size();
        return n % 2 == 1 ? sorted.get(n / 2) : (sorted.get(n / 2 - 1) + sorted.get(n / 2)) / 2;
    }
}

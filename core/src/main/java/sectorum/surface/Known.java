package sectorum.surface;

import java.util.List;

/**
 * A length and how it is known.
 *
 * @param mm the length in use
 * @param nominalMm what the sizes and coats say
 * @param readings how many readings it rests on; 0 means nominal
 * @param spreadMm largest less smallest reading
 */
public record Known(double mm, double nominalMm, int readings, double spreadMm) {
    /** The median of the readings, or the nominal length where there is none. */
    static Known of(double nominalMm, List<Double> readings) {
        if (readings.isEmpty()) {
            return new Known(nominalMm, nominalMm, 0, 0);
        }
        List<Double> sorted = readings.stream().sorted().toList();
        int n = sorted.size();
        double median = (sorted.get((n - 1) / 2) + sorted.get(n / 2)) / 2;
        return new Known(median, nominalMm, n, sorted.get(n - 1) - sorted.get(0));
    }

    /** Whether a tape said it, not only its nominal size. */
    public boolean isRead() {
        return readings > 0;
    }
}

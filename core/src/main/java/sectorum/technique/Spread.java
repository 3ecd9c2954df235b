package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Rounding;
import sectorum.outline.Along;

/** Where the pieces of a covering lie: evenly over an area, or in rows that close. */
final class Spread {
    /** How finely the lengths of a region's lines are tabled. */
    private static final int LINES = 64;

    private Spread() {}

    /**
     * A place.
     *
     * @param chance of its own, 0 to 1, the same every time
     */
    record Spot(double s, double z, double chance) {}

    /**
     * So many places over the region of a dressing, from its lower edge up: as many in every part as its share of the area,
     * without clumps and never in lines. Whatever is so large lies in the region wholly.
     *
     * @param size across, mm
     */
    static List<Spot> over(DressingContext place, int many, double size, int seed) {
        double inset = Math.min(size, place.zone().height() - 1e-6) / 2;
        double low = place.zone().foot() + inset;
        double high = place.zone().top() - inset;
        double[] areas = new double[LINES + 1];
        for (int i = 1; i <= LINES; i++) {
            double before = place.along(low + (high - low) * (i - 1) / LINES);
            double after = place.along(low + (high - low) * i / LINES);
            areas[i] = areas[i - 1] + (before + after) / 2;
        }
        double from = place.isClosed() ? 0 : place.stretch().from().s();
        double start = Seeded.share(seed, 0);
        List<Spot> spots = new ArrayList<>(many);
        for (int i = 0; i < many; i++) {
            double z = low + (high - low) * height(areas, (i + 0.5) / many);
            double length = place.along(z);
            double ends = place.isClosed() ? 0 : Math.min(size, length) / 2;
            // One more coordinate of an even row along; its start is the seed's.
            double u = Seeded.even(i + 1, 2) + start;
            double along = ends + (u - Math.floor(u)) * (length - 2 * ends);
            double s = place.surface().further(from, along, z);
            spots.add(new Spot(Along.of(s, place.surface().period()).s(), z, Seeded.share(seed, i + 1L)));
        }
        return spots;
    }

    /** The share of the height that has so much of the area below it, by the table of areas. */
    private static double height(double[] areas, double share) {
        double wanted = share * areas[LINES];
        int low = 0;
        int high = LINES;
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (areas[middle] < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double part = areas[high] - areas[low];
        return (low + (part <= 0 ? 0 : (wanted - areas[low]) / part)) / LINES;
    }

    /** 1 + ceil((H − d)/(v·d)) for H > d, else 1 (craft 3F); mm. */
    static int rows(double zone, double size, double visible) {
        return Rounding.atMost(zone, size) ? 1 : 1 + (int) Rounding.ceil((zone - size) / (visible * size));
    }

    /** Rows of scales from the foot up, n = round(P/d) in each, every other one shifted by half of one. */
    static List<Spot> scales(DressingContext place, double size, double visible, int most) {
        double room = place.zone().height();
        int rows = rows(room, size, visible);
        double rise = rows == 1 ? 0 : (room - size) / (rows - 1);
        List<Spot> spots = new ArrayList<>();
        for (int j = 0; j < rows && spots.size() < most; j++) {
            double z = place.zone().foot() + Math.min(size, room) / 2 + j * rise;
            for (Along at : LevelRow.of(place, z, size, size, 0, j % 2 == 1).places()) {
                spots.add(new Spot(at.s(), z, 0));
            }
        }
        return spots;
    }
}

package sectorum.technique;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import sectorum.measure.Elementary;
import sectorum.surface.Zone;

/** Which colour each piece of a covering has: as many of each as of the others, to the piece, ties to the earlier. */
final class Shades {
    /** How far a soft seam between two bands reaches, as a share of a band. */
    private static final double SOFT = 0.8;

    private Shades() {}

    /** How the colours lie. */
    enum Pattern {
        BANDED("in bands from the foot"),
        SOFT("shaded from the foot"),
        MIXED("mixed, neighbours differ");

        final String words;

        Pattern(String words) {
            this.words = words;
        }
    }

    /**
     * A colour for each of the spots, exactly by the turns each colour has.
     *
     * @param size of a piece: what lies nearer than that is a neighbour, mm
     */
    static int[] of(List<Spread.Spot> spots, Turns turns, Pattern pattern, int seed, Zone zone, double size) {
        int[] chosen = new int[spots.size()];
        int colours = turns.count();
        int[] left = new int[colours];
        turns.shared(spots.size()).forEach((colour, many) -> left[colour] = many);
        if (pattern == Pattern.MIXED && colours > 1) {
            mixed(spots, chosen, left, seed, size);
            return chosen;
        }
        double reach = pattern == Pattern.SOFT ? SOFT * zone.height() / colours : 0;
        List<Integer> upwards = new ArrayList<>(spots.size());
        double[] height = new double[spots.size()];
        for (int i = 0; i < spots.size(); i++) {
            upwards.add(i);
            height[i] = spots.get(i).z() + reach * (Seeded.share(seed + 7919L, i) - 0.5);
        }
        upwards.sort(Comparator.comparingDouble(i -> height[i]));
        int colour = 0;
        for (int i : upwards) {
            // A colour's further turns have no pieces of their own.
            while (left[colour] == 0) {
                colour++;
            }
            chosen[i] = colour;
            left[colour]--;
        }
        return chosen;
    }

    /** One after the other: the colour that the fewest neighbours have, of those the one of which most are left. */
    private static void mixed(List<Spread.Spot> spots, int[] chosen, int[] left, int seed, double size) {
        Map<Long, List<Integer>> cells = new HashMap<>();
        int[] near = new int[left.length];
        for (int i = 0; i < chosen.length; i++) {
            Spread.Spot at = spots.get(i);
            long column = (long) Math.floor(at.s() / size);
            long row = (long) Math.floor(at.z() / size);
            java.util.Arrays.fill(near, 0);
            for (long dc = -1; dc <= 1; dc++) {
                for (long dr = -1; dr <= 0; dr++) {
                    for (int j : cells.getOrDefault(cell(column + dc, row + dr), List.of())) {
                        if (Elementary.hypot(
                                        spots.get(j).s() - at.s(), spots.get(j).z() - at.z())
                                < size) {
                            near[chosen[j]]++;
                        }
                    }
                }
            }
            int best = -1;
            double least = Double.MAX_VALUE;
            for (int c = 0; c < left.length; c++) {
                double cost = near[c] * 4.0
                        - (double) left[c] * left.length / (chosen.length - i)
                        + 0.2 * Seeded.share(seed + 104729L + c, i);
                if (left[c] > 0 && cost < least) {
                    least = cost;
                    best = c;
                }
            }
            chosen[i] = best;
            left[best]--;
            cells.computeIfAbsent(cell(column, row), k -> new ArrayList<>()).add(i);
        }
    }

    private static long cell(long column, long row) {
        return column * 1_000_003L + row;
    }
}

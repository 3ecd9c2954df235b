package sectorum.build;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Rings;

/**
 * How a piece made ahead stands in the cake.
 *
 * @param picks in one; of its sticks' kind
 * @param buried how deep one goes, mm
 * @param wide from its left to its right, mm
 * @param ground that it takes seen from above: x from its middle, y away from its front
 * @param high from its foot up, mm
 * @param beside where its picks are, mm to its right of its middle; as many as picks
 * @param held how high above its foot they are where a side holds it, mm
 */
public record Planted(
        int picks, double buried, double wide, Rings ground, double high, List<Double> beside, double held) {
    public Planted {
        beside = List.copyOf(beside);
    }

    /** From its front to its back, mm. */
    public double deep() {
        return ground.height();
    }

    /** So many, evenly over a width. */
    public static List<Double> spread(int picks, double wide) {
        List<Double> beside = new ArrayList<>();
        for (int j = 0; j < picks; j++) {
            beside.add((j - (picks - 1) / 2.0) * wide / picks);
        }
        return beside;
    }
}

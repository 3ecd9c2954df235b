package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Elementary;
import sectorum.measure.Rounding;

/** What a cage is drawn of: waves between its rims, each of which ends where it began, so that repeats join. */
final class CollarPattern {
    /** Lines of all repeats together that are drawn: more cannot be told apart. */
    private static final int MOST = 4000;

    private CollarPattern() {}

    /** Lines of one repeat about its middle, from the foot up, as many as cover the share: each ends where it began. */
    static List<List<Double>> lines(double share, double line, double each, double high, int repeats) {
        List<List<Double>> lines = new ArrayList<>();
        if (share >= 1) {
            return lines;
        }
        double wave = Math.min(high / 5, each / 3);
        double one = Flat.length(wave(each, high / 2, wave, 0), false);
        // The rims are lines, too.
        double left = share * each * high / line - 2 * each;
        int most = Math.max(2, Math.min(40, MOST / repeats));
        int many = (int) Math.max(2, Math.min(most, Rounding.halfUp(left / one, 1)));
        for (int i = 0; i < many; i++) {
            double z = wave + line / 2 + (high - 2 * wave - line) * i / Math.max(1, many - 1);
            lines.add(wave(each, z, wave, i % 2 == 0 ? 0 : Math.PI));
        }
        for (double z : List.of(line / 2, high - line / 2)) {
            lines.add(List.of(-each / 2, z, each / 2, z));
        }
        return lines;
    }

    private static List<Double> wave(double each, double z, double high, double begins) {
        List<Double> line = new ArrayList<>();
        int parts = 24;
        for (int i = 0; i <= parts; i++) {
            double t = 2 * Math.PI * i / parts;
            line.add(-each / 2 + each * i / parts);
            line.add(z + high * Elementary.sin(t + begins));
        }
        return line;
    }
}

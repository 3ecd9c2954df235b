package sectorum.device;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Elementary;

/**
 * A path in time: where the head is after so many seconds, pen and knife at their speeds, lifted in between, with the tools
 * changed once.
 */
public final class CutJob {
    /** mm a second. */
    static final double CUTS = 40;

    static final double DRAWS = 90;
    static final double TRAVELS = 160;
    /** One tool out, the other in, s. */
    static final double CHANGE_S = 12;

    /** A straight move: when it begins and how long it takes, s. */
    private record Move(double from, double takes, double x0, double y0, double x1, double y1, Does does, int stroke) {}

    /** What the head does. */
    public enum Does {
        TRAVELS,
        DRAWS,
        CUTS,
        /** Waits for its other tool. */
        CHANGES,
        DONE
    }

    /**
     * Where the head is.
     *
     * @param stroke that it is at, from 0; as many as there are: all are done
     * @param share of the time that is over
     */
    public record Head(double x, double y, Does does, int stroke, double share) {}

    private final List<Move> moves = new ArrayList<>();
    private final CutPath path;
    private double seconds;

    public CutJob(CutPath path) {
        this.path = path;
        double x = 0;
        double y = 0;
        boolean knife = false;
        for (int k = 0; k < path.strokes().size(); k++) {
            CutPath.Stroke stroke = path.strokes().get(k);
            if (stroke.cut() && !knife) {
                knife = true;
                if (k > 0) {
                    add(CHANGE_S, x, y, x, y, Does.CHANGES, k);
                }
            }
            List<Double> xy = stroke.xy();
            double far = Elementary.hypot(xy.get(0) - x, xy.get(1) - y);
            add(far / TRAVELS, x, y, xy.get(0), xy.get(1), Does.TRAVELS, k);
            for (int i = 2; i + 1 < xy.size(); i += 2) {
                double across = Elementary.hypot(xy.get(i) - xy.get(i - 2), xy.get(i + 1) - xy.get(i - 1));
                Does does = stroke.cut() ? Does.CUTS : Does.DRAWS;
                add(
                        across / (stroke.cut() ? CUTS : DRAWS),
                        xy.get(i - 2),
                        xy.get(i - 1),
                        xy.get(i),
                        xy.get(i + 1),
                        does,
                        k);
            }
            x = xy.get(xy.size() - 2);
            y = xy.get(xy.size() - 1);
        }
    }

    private void add(double takes, double x0, double y0, double x1, double y1, Does does, int stroke) {
        moves.add(new Move(seconds, takes, x0, y0, x1, y1, does, stroke));
        seconds += takes;
    }

    /** How long all of it takes, s. */
    public double seconds() {
        return seconds;
    }

    public CutPath path() {
        return path;
    }

    /** Where the head is after so many seconds. */
    public Head at(double s) {
        int low = 0;
        int high = moves.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (moves.get(middle).from() <= s) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        Move m = moves.get(low);
        if (s >= seconds) {
            return new Head(m.x1(), m.y1(), Does.DONE, path.strokes().size(), 1);
        }
        double part = m.takes() <= 0 ? 1 : Math.max(0, Math.min(1, (s - m.from()) / m.takes()));
        return new Head(
                m.x0() + part * (m.x1() - m.x0()),
                m.y0() + part * (m.y1() - m.y0()),
                m.does(),
                m.stroke(),
                Math.max(0, s) / seconds);
    }

    /** When a stroke was begun, s: a sheet that tore is gone on with from there. */
    public double begins(int stroke) {
        return moves.stream()
                .filter(m -> m.stroke() == stroke)
                .mapToDouble(Move::from)
                .findFirst()
                .orElse(seconds);
    }
}

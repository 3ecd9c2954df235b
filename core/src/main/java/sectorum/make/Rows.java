package sectorum.make;

import java.util.ArrayList;
import java.util.List;

/** A piece beside itself, turned two ways in turn, in rows over one another: every second row moved along. */
final class Rows {
    /** A row is tried against the one below at so many shifts. */
    private static final int SHIFTS = 16;

    private final Polygon a;
    private final Polygon b;
    private final int first;
    private final int second;
    private final boolean along;
    private final Skyline[] over;
    private final double step;
    private final double period;
    private final double gap;
    /** How far a row stands above the one below at each shift. */
    private final double[] rises = new double[SHIFTS];

    private Rows(Polygon a, Polygon b, int first, int second, boolean along, double gap) {
        this.a = a;
        this.b = b;
        this.first = first;
        this.second = second;
        this.along = along;
        this.gap = gap;
        // Seen from the side, over is to the right.
        Skyline right = new Skyline(a.flipped(), gap);
        Skyline turned = new Skyline(b.flipped(), gap);
        step = right.rise(turned, 0);
        double back = turned.rise(right, 0);
        period = Math.max(step + back, Math.max(right.rise(right, 0), turned.rise(turned, 0)));
        over = new Skyline[] {new Skyline(a, gap), new Skyline(b, gap)};
        for (int i = 0; i < SHIFTS; i++) {
            rises[i] = above(period * i / SHIFTS);
        }
    }

    /** @param along whether rows run along the sheet's length instead of across it */
    static Rows of(Polygon piece, int first, int second, boolean along, double gap) {
        Polygon a = piece.turned(first);
        Polygon b = piece.turned(second);
        return along
                ? new Rows(a.flipped(), b.flipped(), first, second, true, gap)
                : new Rows(a, b, first, second, false, gap);
    }

    /** How far above a row the same row stands when it is moved along by a shift under a period. */
    private double above(double shift) {
        double rise = 0;
        int reach = 1 + (int) Math.ceil((Math.max(a.width(), b.width()) + gap) / period);
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                for (int k = -reach - 1; k <= reach; k++) {
                    rise = Math.max(rise, over[i].rise(over[j], shift + k * period + (j - i) * step));
                }
            }
        }
        return rise;
    }

    /** The fullest sheet over all shifts. */
    List<Nested.Lying> fill(Roll roll) {
        double across = along ? roll.freeY() : roll.freeX();
        double up = along ? roll.freeX() : roll.freeY();
        double high = Math.max(a.height(), b.height());
        List<Nested.Lying> best = new ArrayList<>();
        for (int i = 0; i < SHIFTS; i++) {
            // Every second row stands over the first: it must clear that one, too.
            double next = Math.max(rises[(SHIFTS - i) % SHIFTS], rises[0] - rises[i]);
            List<Nested.Lying> laid = new ArrayList<>();
            double y = 0;
            for (int r = 0; y + high <= up + Lattice.NEAR; r++) {
                row(laid, r % 2 == 0 ? 0 : period * i / SHIFTS, y, across, roll.margin());
                y += r % 2 == 0 ? rises[i] : next;
            }
            best = Lattice.fuller(best, laid);
        }
        return best;
    }

    private void row(List<Nested.Lying> laid, double shift, double y, double across, double margin) {
        // Begin as far left as the shift allows: a row moved by a period is the same row.
        for (double x = shift - period * (2 + Math.ceil(a.width() / period)); x <= across; x += period) {
            put(laid, x, y, across, a.width(), margin, first);
            put(laid, x + step, y, across, b.width(), margin, second);
        }
    }

    private void put(
            List<Nested.Lying> laid, double x, double y, double across, double width, double margin, int quarters) {
        if (x >= -Lattice.NEAR && x + width <= across + Lattice.NEAR) {
            laid.add(new Nested.Lying(0, margin + (along ? y : x), margin + (along ? x : y), quarters));
        }
    }
}

package sectorum.make;

import java.util.ArrayList;
import java.util.List;

/**
 * One sheet full of one piece in even rows: as rounds close together (handbook 3F), or as any outline beside itself turned
 * half way, each row as near to the one below as it goes.
 */
final class Lattice {
    /** A row is tried against the one below at so many shifts. */
    private static final int SHIFTS = 16;

    private static final double NEAR = 1e-7;

    private Lattice() {}

    /** The fullest sheet found, from its lower left corner. */
    static List<Nested.Lying> fullest(Polygon piece, Roll roll) {
        List<Nested.Lying> best = new ArrayList<>();
        double d = piece.round();
        if (d > 0) {
            best = fuller(best, rounds(d, roll, false));
            best = fuller(best, rounds(d, roll, true));
        }
        best = fuller(best, grid(piece, roll, 0));
        best = fuller(best, grid(piece, roll, 1));
        if (!piece.boxed()) {
            for (int first = 0; first < 2; first++) {
                for (boolean along : new boolean[] {false, true}) {
                    best = fuller(best, rows(piece, roll, first, first + 2, along));
                    best = fuller(best, rows(piece, roll, first, first, along));
                }
            }
        }
        return best;
    }

    private static List<Nested.Lying> fuller(List<Nested.Lying> one, List<Nested.Lying> other) {
        return other.size() > one.size() ? other : one;
    }

    /** How many of a size go beside one another. */
    static int fit(double free, double size, double bridge) {
        return Math.max(0, (int) Math.floor((free + bridge) / (size + bridge) + NEAR));
    }

    /** Boxes in columns and rows. */
    static List<Nested.Lying> grid(Polygon piece, Roll roll, int quarters) {
        Polygon turned = piece.turned(quarters);
        int columns = fit(roll.freeX(), turned.width(), roll.bridge());
        int rows = fit(roll.freeY(), turned.height(), roll.bridge());
        List<Nested.Lying> laid = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                laid.add(new Nested.Lying(
                        0,
                        roll.margin() + column * (turned.width() + roll.bridge()),
                        roll.margin() + row * (turned.height() + roll.bridge()),
                        quarters));
            }
        }
        return laid;
    }

    /** Rounds in staggered rows, pitch (d + g)·√3/2, the full row first; rows along the width or the length. */
    static List<Nested.Lying> rounds(double d, Roll roll, boolean along) {
        double g = roll.bridge();
        double across = along ? roll.freeY() : roll.freeX();
        double up = along ? roll.freeX() : roll.freeY();
        double pitch = (d + g) * Math.sqrt(3) / 2;
        int full = fit(across, d, g);
        int offset = Math.max(0, (int) Math.floor((across + g - (d + g) / 2) / (d + g) + NEAR));
        int rows = up < d - NEAR ? 0 : 1 + (int) Math.floor((up - d) / pitch + NEAR);
        List<Nested.Lying> laid = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            boolean odd = row % 2 == 1;
            for (int i = 0; i < (odd ? offset : full); i++) {
                double a = roll.margin() + i * (d + g) + (odd ? (d + g) / 2 : 0);
                double b = roll.margin() + row * pitch;
                laid.add(new Nested.Lying(0, along ? b : a, along ? a : b, 0));
            }
        }
        return laid;
    }

    /** Rows of a piece turned two ways in turn; along: the rows run along the length. */
    private static List<Nested.Lying> rows(Polygon piece, Roll roll, int first, int second, boolean along) {
        Polygon a = along ? piece.turned(first).flipped() : piece.turned(first);
        Polygon b = along ? piece.turned(second).flipped() : piece.turned(second);
        Row row = Row.of(a, b, roll.bridge());
        double across = along ? roll.freeY() : roll.freeX();
        double up = along ? roll.freeX() : roll.freeY();
        List<Nested.Lying> best = new ArrayList<>();
        double straight = row.above(0);
        for (int i = 0; i < SHIFTS; i++) {
            double shift = row.period() * i / SHIFTS;
            double rise = row.above(shift);
            // Every second row stands over the first: it must clear that one, too.
            double next = Math.max(row.above(-shift), straight - rise);
            List<Nested.Lying> laid = new ArrayList<>();
            double y = 0;
            for (int r = 0; y + row.height() <= up + NEAR; r++) {
                row.lay(laid, r % 2 == 0 ? 0 : shift, y, across, new Seat(roll.margin(), along, first, second));
                y += r % 2 == 0 ? rise : next;
            }
            best = fuller(best, laid);
        }
        return best;
    }

    private record Seat(double margin, boolean along, int first, int second) {
        Nested.Lying at(double x, double y, boolean odd) {
            int quarters = odd ? second : first;
            return along
                    ? new Nested.Lying(0, margin + y, margin + x, quarters)
                    : new Nested.Lying(0, margin + x, margin + y, quarters);
        }
    }

    /** A row without end: a, then b so far on, then a again after the period. */
    private record Row(Polygon a, Polygon b, Skyline[] over, double step, double period, double gap) {
        static Row of(Polygon a, Polygon b, double gap) {
            // Seen from the side, over is to the right.
            Skyline right = new Skyline(a.flipped(), gap);
            Skyline turned = new Skyline(b.flipped(), gap);
            double step = right.rise(turned, 0);
            double back = turned.rise(right, 0);
            double period = Math.max(step + back, Math.max(right.rise(right, 0), turned.rise(turned, 0)));
            Skyline[] over = {new Skyline(a, gap), new Skyline(b, gap)};
            return new Row(a, b, over, step, period, gap);
        }

        double height() {
            return Math.max(a.height(), b.height());
        }

        /** How far above this row the same row stands when it is moved along by a shift. */
        double above(double shift) {
            double rise = 0;
            double offset = shift - period * Math.floor(shift / period);
            int reach = 1 + (int) Math.ceil((Math.max(a.width(), b.width()) + gap) / period);
            for (int i = 0; i < 2; i++) {
                for (int j = 0; j < 2; j++) {
                    for (int k = -reach - 1; k <= reach; k++) {
                        double apart = offset + k * period + (j - i) * step;
                        double slid = over[i].rise(over[j], apart);
                        rise = Double.isFinite(slid) ? Math.max(rise, slid) : rise;
                    }
                }
            }
            return rise;
        }

        void lay(List<Nested.Lying> laid, double shift, double y, double across, Seat seat) {
            // Begin as far left as the shift allows: a row moved by a period is the same row.
            for (int k = -2 - (int) Math.ceil(a.width() / period); ; k++) {
                double x = shift + k * period;
                if (x > across) {
                    return;
                }
                add(laid, x, y, across, a, seat, false);
                add(laid, x + step, y, across, b, seat, true);
            }
        }

        private static void add(
                List<Nested.Lying> laid, double x, double y, double across, Polygon p, Seat seat, boolean odd) {
            if (x >= -NEAR && x + p.width() <= across + NEAR) {
                laid.add(seat.at(x, y, odd));
            }
        }
    }
}

package sectorum.make;

import java.util.ArrayList;
import java.util.List;

/**
 * One sheet full of one piece in even rows: as rounds close together (craft 3F), or as any outline beside itself turned
 * half way, each row as near to the one below as it goes.
 */
final class Lattice {
    static final double NEAR = 1e-7;

    private final Polygon piece;
    private final List<Rows> rows = new ArrayList<>();

    /** How a piece goes beside itself does not depend on the sheet: one lattice serves all of them. */
    Lattice(Polygon piece, double bridge) {
        this.piece = piece;
        for (int first = 0; first < 2 && !piece.boxed(); first++) {
            for (boolean along : new boolean[] {false, true}) {
                rows.add(Rows.of(piece, first, first + 2, along, bridge));
                rows.add(Rows.of(piece, first, first, along, bridge));
            }
        }
    }

    /** The fullest sheet found, from its lower left corner. */
    List<Nested.Lying> fullest(Roll roll) {
        List<Nested.Lying> best = new ArrayList<>();
        double d = piece.round();
        if (d > 0) {
            best = fuller(best, rounds(d, roll, false));
            best = fuller(best, rounds(d, roll, true));
        }
        best = fuller(best, grid(piece, roll, 0));
        best = fuller(best, grid(piece, roll, 1));
        for (Rows each : rows) {
            best = fuller(best, each.fill(roll));
        }
        return best;
    }

    static List<Nested.Lying> fuller(List<Nested.Lying> one, List<Nested.Lying> other) {
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
}

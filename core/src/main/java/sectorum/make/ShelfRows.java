package sectorum.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Boxes in rows across the sheet, the highest first: what a knife and a ruler do, and what no nest may be worse than. */
final class ShelfRows {
    private final Roll roll;
    private final List<Nested.Sheet> sheets = new ArrayList<>();
    private List<Nested.Lying> laid = new ArrayList<>();
    private double x;
    private double y;
    private double high;

    private ShelfRows(Roll roll) {
        this.roll = roll;
    }

    /** @param upright whether pieces stand or lie */
    static Nested of(List<Blank> blanks, Roll roll, boolean upright) {
        ShelfRows shelves = new ShelfRows(roll);
        List<Box> boxes = new ArrayList<>();
        for (int i = 0; i < blanks.size(); i++) {
            boxes.add(Box.of(i, blanks.get(i), roll, upright));
        }
        boxes.sort(Comparator.comparingDouble((Box b) -> -b.height()).thenComparing(b -> -b.width()));
        for (Box box : boxes) {
            for (int k = 0; k < box.count(); k++) {
                shelves.put(box);
            }
        }
        shelves.close();
        return Nested.of(roll, blanks, shelves.sheets, "in rows");
    }

    private record Box(int piece, double width, double height, int quarters, int count) {
        static Box of(int piece, Blank blank, Roll roll, boolean upright) {
            Polygon p = blank.polygon();
            boolean turn = upright == p.width() > p.height();
            if (!goes(p, turn, roll) && goes(p, !turn, roll)) {
                turn = !turn;
            }
            return new Box(
                    piece, turn ? p.height() : p.width(), turn ? p.width() : p.height(), turn ? 1 : 0, blank.count());
        }

        private static boolean goes(Polygon p, boolean turn, Roll roll) {
            return Nest.goes(turn ? p.height() : p.width(), turn ? p.width() : p.height(), roll);
        }
    }

    private void put(Box box) {
        if (x > 0 && x + box.width() > roll.freeX() + 1e-9) {
            y += high + roll.bridge();
            x = 0;
            high = 0;
        }
        if (y > 0 && y + box.height() > roll.freeY() + 1e-9) {
            close();
        }
        laid.add(new Nested.Lying(box.piece(), roll.margin() + x, roll.margin() + y, box.quarters()));
        x += box.width() + roll.bridge();
        high = Math.max(high, box.height());
    }

    private void close() {
        if (!laid.isEmpty()) {
            sheets.add(new Nested.Sheet(1, laid, Math.min(roll.length(), y + high + 2 * roll.margin())));
        }
        laid = new ArrayList<>();
        x = 0;
        y = 0;
        high = 0;
    }
}

package sectorum.make;

import java.util.ArrayList;
import java.util.List;

/**
 * Pieces lying on sheets.
 *
 * @param roll the sheet
 * @param sheets as they are cut, those that are alike once
 * @param way how it was found, in words
 * @param used share of the sheets that is pieces; the last sheet counts as far as it is used
 */
public record Nested(Roll roll, List<Sheet> sheets, String way, double used) {
    public Nested {
        sheets = List.copyOf(sheets);
    }

    /**
     * One sheet, so many times.
     *
     * @param laid which piece lies where
     * @param reach how far along the sheet pieces reach, mm, the margin after them included
     */
    public record Sheet(int copies, List<Lying> laid, double reach) {
        public Sheet {
            laid = List.copyOf(laid);
        }
    }

    /**
     * A piece on a sheet: its outline turned by so many quarters against the clock, then moved so that its box's lower left
     * corner is at x, y, mm.
     *
     * @param piece index of the blank
     */
    public record Lying(int piece, double x, double y, int quarters) {}

    public int count() {
        return sheets.stream().mapToInt(Sheet::copies).sum();
    }

    /** The length of sheet taken, mm: whole sheets, and the last one as far as it is used. */
    public double taken() {
        double last = sheets.isEmpty() ? 0 : sheets.get(sheets.size() - 1).reach();
        return Math.max(0, count() - 1) * roll.length() + last;
    }

    /** Which of two takes fewer sheets, then less of the last; the first when they are even. */
    static Nested better(Nested one, Nested other) {
        return other.taken() < one.taken() - 1e-6 ? other : one;
    }

    /** Sheets filled one by one, alike ones joined, with the share used. */
    static Nested of(Roll roll, List<Blank> blanks, List<Sheet> filled, String way) {
        List<Sheet> sheets = new ArrayList<>();
        for (Sheet sheet : filled) {
            int last = sheets.size() - 1;
            if (last >= 0 && sheets.get(last).laid().equals(sheet.laid())) {
                Sheet same = sheets.get(last);
                sheets.set(last, new Sheet(same.copies() + sheet.copies(), same.laid(), same.reach()));
            } else {
                sheets.add(sheet);
            }
        }
        double area =
                blanks.stream().mapToDouble(b -> b.count() * b.polygon().area()).reduce(0, Double::sum);
        Nested nested = new Nested(roll, sheets, way, 0);
        double taken = nested.taken() * roll.width();
        return new Nested(roll, sheets, way, taken > 0 ? Math.min(1, area / taken) : 0);
    }
}

package sectorum.technique;

import sectorum.measure.Values;

/** Techniques that exist only to try the house out, for tests of other rooms. */
public final class Trials {
    private Trials() {}

    /** Wafer strips once round a side of 731. */
    public static Dressed waferRow() {
        Technique row = new WaferRow();
        return row.dress(Values.NONE, Places.taped(row, 6));
    }
}

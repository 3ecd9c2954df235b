package sectorum.plan;

import sectorum.measure.Absent;
import sectorum.measure.Field;

/**
 * What holds a piece in the cake.
 *
 * @param kind what goes into the cake
 * @param each of them in one piece; absent: by its width
 * @param buried how deep, mm; absent: by its height
 */
public record Sticks(
        Stick kind, @Absent Integer each, @Absent Double buried) {
    private static final Field EACH = Field.count("pieces.sticks.each", "Picks", 0, 60, 1, "In one piece.");
    private static final Field BURIED =
            Field.length("pieces.sticks.buried", "Buried", 5, 400, 50, "How deep it goes into the cake.");

    public Sticks {
        kind = kind == null ? Stick.PICK : kind;
        if (each != null) {
            EACH.check(each);
        }
        if (buried != null) {
            BURIED.check(buried);
        }
    }
}

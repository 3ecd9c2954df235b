package sectorum.handover;

import sectorum.measure.Field;

/**
 * A slice as the workshop cuts it, mm: as wide as it is seen from outside, and as deep as it goes in.
 */
public record Slice(double wide, double deep) {
    public static final Field WIDE =
            Field.length("sliceWide", "A slice, wide", 10, 150, 25, "As it is cut for one person.");
    public static final Field DEEP =
            Field.length("sliceDeep", "A slice, deep", 10, 300, 50, "From the outside towards the middle.");
    public static final Slice USUAL = new Slice(25, 50);

    public Slice {
        WIDE.check(wide);
        DEEP.check(deep);
    }
}

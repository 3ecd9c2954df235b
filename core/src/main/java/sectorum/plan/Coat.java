package sectorum.plan;

import sectorum.measure.Field;

/**
 * A layer laid on a tier all round and on top.
 *
 * @param name what it is: ganache, fondant, …
 * @param thickness mm
 */
public record Coat(String name, double thickness) {
    public static final Field THICKNESS =
            Field.length("coats.thickness", "Thickness", 0, 60, 5, "Coats are thin: check the unit.");

    public Coat {
        name = Check.words("coats.name", "A coat's name", name, 1, 40);
        THICKNESS.check(thickness);
    }
}

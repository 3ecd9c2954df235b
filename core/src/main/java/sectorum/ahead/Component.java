package sectorum.ahead;

import sectorum.art.Rings;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;

/**
 * One of the parts that a made-ahead piece is put together from.
 *
 * @param what it is
 * @param rings flat, before it is bent; of what is rolled by hand how it is seen
 * @param thickness mm
 * @param material absent: something that is not on the table, such as a bought ornament
 * @param each of them in one piece
 * @param stage of making that it belongs to, from 1
 * @param colour 0 the piece's own, 1 and above its further ones
 * @param former what it dries over; absent: nothing
 * @param weighs g of one that is not cut from a sheet; absent: it is
 */
public record Component(
        Phrase what,
        Rings rings,
        double thickness,
        @Absent Material material,
        int each,
        int stage,
        int colour,
        @Absent Former former,
        @Absent Double weighs) {
    /** One that is cut from a sheet, in the piece's own colour, first and flat. */
    public static Component cut(Phrase what, Rings rings, double thickness, @Absent Material material, int each) {
        return new Component(what, rings, thickness, material, each, 1, 0, null, null);
    }

    public Component at(int other) {
        return new Component(what, rings, thickness, material, each, other, colour, former, weighs);
    }

    public Component coloured(int other) {
        return new Component(what, rings, thickness, material, each, stage, other, former, weighs);
    }

    public Component over(@Absent Former other) {
        return new Component(what, rings, thickness, material, each, stage, colour, other, weighs);
    }

    /** One that is not cut from a sheet. */
    public Component weighing(double grams) {
        return new Component(what, rings, thickness, material, each, stage, colour, former, grams);
    }

    /** So many times as many. */
    public Component times(int many) {
        return new Component(what, rings, thickness, material, each * many, stage, colour, former, weighs);
    }

    /** Grams of one; none where nobody knows its material. */
    public double grams() {
        return weighs != null ? weighs : material == null ? 0 : material.sheet(rings.area(), thickness);
    }
}

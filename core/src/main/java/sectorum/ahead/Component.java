package sectorum.ahead;

import sectorum.art.Rings;
import sectorum.bench.Storage;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.plan.Span;

/**
 * One of the parts that a made-ahead piece is put together from.
 *
 * @param what it is
 * @param rings flat, before it is bent
 * @param thickness mm
 * @param material absent: something that is not on the table, such as a bought ornament
 * @param each of them in one piece
 * @param order in which it is made, from 1
 * @param rests hours of its own before the next is put to it; absent: none, or those of the whole piece
 * @param on where it rests
 * @param weighs g of one that is not cut from a sheet; absent: it is
 */
public record Component(
        Phrase what,
        Rings rings,
        double thickness,
        @Absent Material material,
        int each,
        int order,
        @Absent Span rests,
        Storage on,
        @Absent Double weighs) {
    /** One that is cut from a sheet. */
    public Component(
            Phrase what,
            Rings rings,
            double thickness,
            @Absent Material material,
            int each,
            int order,
            @Absent Span rests,
            Storage on) {
        this(what, rings, thickness, material, each, order, rests, on, null);
    }

    /** Grams of one; none where nobody knows its material. */
    public double grams() {
        return weighs != null ? weighs : material == null ? 0 : material.sheet(rings.area(), thickness);
    }
}

package sectorum.make;

import java.util.List;
import sectorum.bench.Dial;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Rounding;

/**
 * What is kneaded, mixed or bought at once: one paste, one colour, one thickness.
 *
 * @param id {@code form-paste-colour-thickness}, with {@code -ahead} where it is for pieces made ahead
 * @param ahead whether it is for pieces made ahead: they are made on days of their own
 * @param thickness of a rolled paste, mm; 0 for what is not rolled
 * @param dial what the pasta machine is set to; absent: no machine rolls it
 * @param coverings what of it covers
 * @param filled what of it is inside the tiers, under them or in their joins
 * @param lines what is cut, moulded or piped of it
 * @param loose grams told by length, net
 * @param length of what is extruded or piped, mm
 * @param parts of what is kneaded
 * @param nested how pieces lie on sheets; absent: nothing is cut, or it goes on no sheet there is
 * @param rolls how many sheets are rolled
 * @param mixed what it is mixed from; one: it is that itself
 * @param recipe that somebody has said it is made by; absent: nobody has
 * @param shares grams of it, spares and off-cuts included, by job
 */
public record Batch(
        String id,
        boolean ahead,
        Form form,
        Material material,
        Tint tint,
        double thickness,
        @Absent Dial.Set dial,
        List<Covering> coverings,
        List<Filled> filled,
        List<CutLine> lines,
        double loose,
        double length,
        Parts parts,
        @Absent Nested nested,
        int rolls,
        List<Mixed> mixed,
        @Absent String recipe,
        List<Share> shares) {
    public Batch {
        filled = List.copyOf(filled);
        coverings = List.copyOf(coverings);
        lines = List.copyOf(lines);
        mixed = List.copyOf(mixed);
        shares = List.copyOf(shares);
    }

    /** How it comes to the cake. */
    public enum Form {
        /** Mixed, baked and cut into layers. */
        BAKE,
        /** Spread between layers, under a tier or in a join, or brushed on. */
        FILL,
        /** Spread on a tier. */
        COAT,
        /** Rolled and laid over a tier or a board. */
        COVER,
        /** Rolled, and pieces cut from it. */
        ROLLED,
        /** Extruded, piped, poured or formed. */
        SHAPED,
        /** Bought as it is. */
        BOUGHT,
        /** Cut from sheets that are bought. */
        SHEET
    }

    /**
     * What the kneaded mass is the sum of, grams: net + spare + off-cuts + rounding − credit.
     *
     * @param offCuts what is left of the sheets when all is cut, or trimmed off a covering
     * @param credit trimmings of a covering of the same paste and colour that are used up here
     * @param rounding up to a lump that can be worked
     */
    public record Parts(double net, double spare, double offCuts, double credit, double rounding) {
        /** Up to the next so many grams. */
        private static final double STEP = 5;
        /** Less than this cannot be rolled even, g. */
        private static final double LEAST = 60;

        /**
         * What is over of the sheets when off-cuts are kneaded into the next roll: one roll's, (1/η − 1)·M/rolls (craft
         * 4.3).
         *
         * @param grams M, pieces and spares
         * @param share η of a sheet that is pieces
         */
        public static double offCuts(double grams, int rolls, double share) {
            return rolls == 0 ? 0 : (1 / share - 1) * grams / rolls;
        }

        /** @param pool trimmings that may be used up, g */
        public static Parts of(double net, double spare, double offCuts, double pool, boolean lump) {
            double raw = net + spare + offCuts;
            if (raw <= 0) {
                return new Parts(0, 0, 0, 0, 0);
            }
            double wanted = lump ? Math.max(LEAST, raw) : raw;
            double credit = Math.min(pool, wanted);
            // Trimmings are weighed in first: what is kneaded beside them is what a scale is set to.
            double kneaded = Rounding.ceil((wanted - credit) / STEP) * STEP;
            return new Parts(net, spare, offCuts, credit, kneaded + credit - raw);
        }

        /** What a scale is set to, g: net + spare + off-cuts + rounding − credit (craft 4.3). */
        public double kneaded() {
            return net + spare + offCuts + rounding - credit;
        }
    }

    /** A part of a mix: {@code powder} where it is CMC kneaded in. */
    public record Mixed(Material material, Tint tint, boolean powder, double grams) {}

    /** @param grams of the kneaded mass that a job, or a tier's covering, answers for */
    public record Share(String job, double grams) {}
}

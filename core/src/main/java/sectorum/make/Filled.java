package sectorum.make;

import sectorum.material.Material;
import sectorum.measure.Absent;

/**
 * What is inside a tier, under it or in its join, in grams (craft 4.3).
 *
 * @param thickness how thick it is spread, mm; 0 for what is brushed on or baked
 * @param recipe that it is told to be made by; absent: none is
 */
public record Filled(
        String tier,
        Use use,
        String name,
        Material material,
        Tint tint,
        double thickness,
        double grams,
        @Absent String recipe) {

    /** The same of a material so many times as heavy. */
    public Filled weighing(double times) {
        return times == 1 ? this : new Filled(tier, use, name, material, tint, thickness, grams * times, recipe);
    }

    /** What it is there for. */
    public enum Use {
        /** The layers themselves, with what is trimmed off. */
        CAKE("layers"),
        /** Between the layers. */
        FILLING("filling"),
        /** Brushed on the layers. */
        SYRUP("syrup"),
        /** Under the cake, so that it does not slide on its board. */
        GRIP("under the cake"),
        /** Under the tier's board. */
        CEMENT("under its board"),
        /** In the corner where the tier meets what it stands on. */
        SEAM("in the join");

        private final String words;

        Use(String words) {
            this.words = words;
        }

        /** Whether it is needed when the layers are stacked. */
        public boolean isInside() {
            return this == FILLING || this == SYRUP || this == GRIP;
        }

        public String words() {
            return words;
        }
    }
}

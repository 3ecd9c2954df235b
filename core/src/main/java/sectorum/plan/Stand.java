package sectorum.plan;

import java.util.List;
import java.util.Map;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * What carries a cake.
 *
 * @param rod what its dowels are
 * @param carries what one carries by its maker, kg; absent: a cautious assumption
 * @param board thickness of the boards between tiers, mm; absent: 4
 * @param centre whether a long dowel goes through all tiers
 * @param cakes what each tier is made of, by tier; left out: sponge
 * @param shifts where a tier's middle stands beside the middle of the one below, by tier; left out: on it
 */
public record Stand(
        @Absent Rod rod,
        @Absent Double carries,
        @Absent Double board,
        boolean centre,
        Map<String, Cake> cakes,
        Map<String, Shift> shifts) {
    public static final Stand USUAL = new Stand(null, null, null, false, Map.of(), Map.of());
    public static final Field BOARD =
            Field.length("board", "Boards between tiers", 1, 30, 4, "Measure the board's thickness.");
    public static final Field SHIFT =
            Field.length("shift", "The shift", -400, 400, 0, "From the middle of the tier below.");

    /** Dowels, with what one carries, kg: cautious assumptions (craft 5.1). */
    public enum Rod {
        STRAW(0.5, 12),
        PLASTIC(1.5, 12),
        WOOD(1.5, 8);

        private final double carries;
        private final double across;

        Rod(double carries, double across) {
            this.carries = carries;
            this.across = across;
        }

        public double carries() {
            return carries;
        }

        /** Its diameter, mm. */
        public double across() {
            return across;
        }
    }

    /** What a tier is made of, with its density in g/cm³ (craft 5.1). */
    public enum Cake {
        SPONGE(Material.SPONGE),
        RICH(Material.RICH_CAKE),
        FRUIT(Material.FRUIT_CAKE),
        /** Foam, not cake. */
        DUMMY(null);

        /** Of foam, g/cm³. */
        private static final double FOAM = 0.03;

        @Absent
        private final Material material;

        Cake(@Absent Material material) {
            this.material = material;
        }

        /** What it is baked of; absent: it is no cake. */
        @Absent
        public Material material() {
            return material;
        }

        public String words() {
            return material == null ? "dummy" : material.words();
        }

        public double density() {
            return material == null ? FOAM : material.density();
        }

        /** Allergens it usually brings with it; the recipe rules (craft 5.5). */
        public List<String> allergens() {
            return material == null ? List.of() : material.allergens();
        }
    }

    /** mm to the right, and away from the front. */
    public record Shift(double x, double y) {
        public Shift {
            SHIFT.check(x);
            SHIFT.check(y);
        }
    }

    public Stand {
        if (carries != null && !(carries > 0 && carries <= 100)) {
            throw new Refused(
                    "carries",
                    Phrase.of(
                            "A dowel that carries {} kg is outside {} to {}. Take the maker's figure.",
                            Quantity.plain(carries),
                            Quantity.count(0),
                            Quantity.count(100)));
        }
        if (board != null) {
            BOARD.check(board);
        }
        cakes = Check.map("cakes", "Cakes", cakes);
        shifts = Check.map("shifts", "Shifts", shifts);
    }

    public Rod dowel() {
        return rod == null ? Rod.PLASTIC : rod;
    }

    /** kg that one dowel carries. */
    public double capacity() {
        return carries == null ? dowel().carries() : carries;
    }

    public double thick() {
        return board == null ? ((Number) BOARD.fallback()).doubleValue() : board;
    }

    public Cake cake(Tier tier) {
        return tier.dummy() ? Cake.DUMMY : cakes.getOrDefault(tier.id(), Cake.SPONGE);
    }

    public Shift shift(String tier) {
        return shifts.getOrDefault(tier, new Shift(0, 0));
    }
}

package sectorum.plan;

import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * What is inside a tier and under it (craft 4.3).
 *
 * @param filling between the layers; absent: buttercream
 * @param recipe that the filling is made by; absent: as its material usually is, or bought
 * @param syrup on each layer, g to 100 cm²; absent: 8
 * @param grip icing between the cake and its board, grooved so thick, mm; absent: 2
 * @param seam legs of the fillet that closes the join to what it stands on, mm; absent: 3
 * @param cake recipe that its layers are baked by; absent: they are bought, or baked beside this plan
 */
public record Inside(
        @Absent Material filling,
        @Absent String recipe,
        @Absent Double syrup,
        @Absent Double grip,
        @Absent Double seam,
        @Absent String cake) {
    public static final Inside USUAL = new Inside(null, null, null, null, null, null);
    public static final Field SYRUP = Field.mass(
            "inside.syrup", "Syrup on 100 cm² of a layer", 0, 40, 8, "0 for a moist cake; more makes it sodden.");
    public static final Field GRIP =
            Field.length("inside.grip", "Icing under the cake", 0, 10, 2, "Grooved with a comb, so that it grips.");
    public static final Field SEAM = Field.length(
            "inside.seam", "Fillet at the join", 0, 20, 3, "As far up the side as out on what it stands on.");

    public Inside {
        if (filling != null && !filling.fills()) {
            throw new Refused(
                    "inside.filling",
                    Phrase.of(
                            "Layers are not filled with {}. Choose a cream, a curd, a fruit filling or ganache.",
                            Quantity.text(filling.words())));
        }
        recipe = named("inside.recipe", recipe);
        cake = named("inside.cake", cake);
        check(SYRUP, syrup);
        check(GRIP, grip);
        check(SEAM, seam);
    }

    @Absent
    private static String named(String field, @Absent String recipe) {
        return recipe == null || recipe.isBlank() ? null : Check.words(field, "The recipe", recipe, 1, 60);
    }

    private static void check(Field field, @Absent Double given) {
        if (given != null) {
            field.check(given);
        }
    }

    private static double or(@Absent Double given, Field field) {
        return given == null ? ((Number) field.fallback()).doubleValue() : given;
    }

    public Material filled() {
        return filling == null ? Material.BUTTERCREAM : filling;
    }

    /** Icing that holds the cake on its board: the filling where that is stiff enough. */
    public Material gripped() {
        return filled().isSoft() ? Material.BUTTERCREAM : filled();
    }

    /** g to 100 cm² of a layer. */
    public double soaked() {
        return or(syrup, SYRUP);
    }

    /** mm. */
    public double grips() {
        return or(grip, GRIP);
    }

    /** mm. */
    public double sealed() {
        return or(seam, SEAM);
    }
}

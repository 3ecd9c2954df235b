package sectorum.make;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** What a workshop makes itself, by parts of mass, with what the kitchen's spoons hold. */
public enum Recipe {
    ROYAL(
            "Royal icing",
            Material.ROYAL,
            "",
            new Part("icing sugar", 450, 0.56, false, ""),
            new Part("meringue powder", 20, 0.45, false, "egg"),
            new Part("water", 65, 1, false, "")),
    SUGAR_SHEET(
            "Sugar sheet",
            Material.SUGAR_SHEET,
            "Press it thin and let it dry for days.",
            new Part("caster sugar", 400, 0.85, false, ""),
            new Part("glucose", 90, 1.4, false, "")),
    COOKED_SUGAR(
            "Cooked sugar",
            Material.SUGAR,
            "Boil to hard crack, 146 to 154 °C. Hot sugar burns deep: gloves and sleeves, no children near, cold water by, never"
                    + " touch a drip to test it.",
            new Part("sugar", 400, 0.85, false, ""),
            new Part("glucose", 100, 1.4, false, ""),
            new Part("water", 120, 1, true, "")),
    MODELLING_PASTE(
            "Modelling paste",
            Material.MODELLING,
            "Knead the powder in and let the paste rest.",
            new Part("fondant", 1000, 1.35, false, ""),
            new Part("CMC powder", 14, 0.6, false, ""));

    private static final double TABLESPOON_ML = 15;
    private static final double TEASPOON_ML = 5;
    private static final double OUNCE_G = 28.349523125;
    /** A quarter of a teaspoon is the smallest spoon in a set. */
    private static final double FINEST = 0.25;
    /** Nobody measures flour by the hundredth spoon: from so many tablespoons on one weighs. */
    private static final double MOST_SPOONS = 24;

    public static final Field GRAMS = new Field(
            "grams", "Make", Quantity.Kind.MASS, 1, 100_000, 500.0, List.of(), "Give the mass that is needed.");

    private final String label;
    private final Material makes;
    private final String note;
    private final List<Part> parts;

    Recipe(String label, Material makes, String note, Part... parts) {
        this.label = label;
        this.makes = makes;
        this.note = note;
        this.parts = List.of(parts);
    }

    /**
     * An ingredient.
     *
     * @param mass in parts of the recipe
     * @param density g/ml, spooned level
     * @param boiledOff whether none of it stays
     * @param allergen what it holds that people must be told of; empty: none of those we tell of
     */
    public record Part(String name, double mass, double density, boolean boiledOff, String allergen) {}

    /**
     * An ingredient weighed out.
     *
     * @param tablespoons level, whole; absent where one would weigh
     * @param teaspoons level, beside the tablespoons, to the quarter
     * @param density that the spoons were reckoned with, g/ml
     */
    public record Amount(
            String name,
            double grams,
            double ounces,
            @Absent Integer tablespoons,
            @Absent Double teaspoons,
            double density,
            String allergen) {}

    /** A recipe for a mass. */
    public record Scaled(String recipe, String label, double grams, List<Amount> amounts, String note) {
        public Scaled {
            amounts = List.copyOf(amounts);
        }
    }

    public String label() {
        return label;
    }

    public List<Part> parts() {
        return parts;
    }

    /** The recipe that ships for a material; absent: there is none. */
    @Absent
    static Recipe making(Material material) {
        return Arrays.stream(values())
                .filter(r -> r.makes == material)
                .findFirst()
                .orElse(null);
    }

    /** The recipe of that name; refused with the names there are. */
    public static Recipe of(String name) {
        return Arrays.stream(values())
                .filter(r -> r.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "recipe",
                        Phrase.of(
                                "There is no recipe \"{}\". Choose one of: {}.",
                                Quantity.text("" + name),
                                Quantity.text(String.join(
                                        ", ",
                                        Arrays.stream(values())
                                                .map(r -> r.name().toLowerCase(Locale.ROOT))
                                                .toList())))));
    }

    /** For so many grams of what comes out: what boils off is weighed out beside it. */
    public Scaled scaled(double grams) {
        GRAMS.check(grams);
        double yield = parts.stream()
                .filter(p -> !p.boiledOff())
                .mapToDouble(Part::mass)
                .sum();
        return new Scaled(
                name().toLowerCase(Locale.ROOT),
                label,
                grams,
                parts.stream().map(p -> amount(p, grams * p.mass() / yield)).toList(),
                note);
    }

    private static Amount amount(Part part, double grams) {
        double teaspoons = Math.rint(grams / part.density() / TEASPOON_ML / FINEST) * FINEST;
        double each = TABLESPOON_ML / TEASPOON_ML;
        boolean spooned = teaspoons >= FINEST && teaspoons <= MOST_SPOONS * each;
        int tablespoons = (int) Math.floor(teaspoons / each);
        return new Amount(
                part.name(),
                grams,
                grams / OUNCE_G,
                spooned ? tablespoons : null,
                spooned ? teaspoons - tablespoons * each : null,
                part.density(),
                part.allergen());
    }
}

package sectorum.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import sectorum.measure.Field;

/** Pastes and icings with their density in g/cm³ (craft 4.3; starting values that weighing corrects). */
public enum Paste {
    FONDANT("fondant", 1.35),
    HALF("half-and-half", 1.38),
    GUM("gum paste", 1.4),
    MODELLING("modelling paste", 1.38),
    CHOCOLATE("chocolate", 1.3),
    GANACHE("ganache", 1.2),
    BUTTERCREAM("buttercream", 0.95),
    ROYAL("royal icing", 1.35),
    SUGAR("cooked sugar", 1.5),
    SUGAR_SHEET("sugar sheet", 1.5),
    PEARL("sugar pearls", 1.5);

    private final String words;
    private final String key;
    private final double density;

    Paste(String words, double density) {
        this.words = words;
        this.key = name().toLowerCase(Locale.ROOT);
        this.density = density;
    }

    public String words() {
        return words;
    }

    public String key() {
        return key;
    }

    public double density() {
        return density;
    }

    /** Whether it is kneaded, rolled and cut; the others are poured, spread, piped or bought. */
    public boolean kneaded() {
        return this == FONDANT || this == HALF || this == GUM || this == MODELLING;
    }

    /** Allergens it usually brings with it; the packet rules (craft 5.5). */
    public List<String> allergens() {
        return switch (this) {
            case GUM, HALF, ROYAL -> List.of("egg");
            case CHOCOLATE, GANACHE -> List.of("milk", "soy");
            case BUTTERCREAM -> List.of("milk");
            case FONDANT, MODELLING, SUGAR, SUGAR_SHEET, PEARL -> List.of();
        };
    }

    /** Whether it is hard under the teeth once it has dried. */
    public boolean driesHard() {
        return this == GUM || this == HALF || this == ROYAL || this == SUGAR || this == SUGAR_SHEET || this == PEARL;
    }

    /** A field to choose one of these by. */
    public static Field field(String label, Paste... offered) {
        List<Field.Choice> choices = Arrays.stream(offered)
                .map(p -> new Field.Choice(p.key(), p.words()))
                .toList();
        return Field.choice("paste", label, choices, offered[0].key());
    }

    public static Paste of(String key) {
        return valueOf(key.toUpperCase(Locale.ROOT));
    }

    /** Grams of a sheet: area in mm² times thickness in mm. */
    public double sheet(double areaMm2, double thicknessMm) {
        return areaMm2 * thicknessMm / 1000 * density;
    }

    /** Grams of a ball of a diameter in mm. */
    public double ball(double diameterMm) {
        return Math.PI * Math.pow(diameterMm, 3) / 6 / 1000 * density;
    }

    /** Grams of an extruded or piped line: length times the section of a round opening, both mm. */
    public double line(double lengthMm, double diameterMm) {
        return sheet(lengthMm, Math.PI * diameterMm * diameterMm / 4);
    }
}

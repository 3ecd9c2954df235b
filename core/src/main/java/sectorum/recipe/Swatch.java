package sectorum.recipe;

import java.util.regex.Pattern;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Wording;

/**
 * What a colour was seen to do: so much of it in so much icing or paste, looked at when it was mixed and again some hours
 * later.
 *
 * @param id absent until it is kept
 * @param colour as the pot is called
 * @param dose g of the colour in 100 g
 * @param plain #rrggbb without any
 * @param now #rrggbb as it was mixed
 * @param hours after which it was looked at again; 0: it was not
 * @param later #rrggbb after those hours
 */
public record Swatch(
        @Absent Long id,
        String colour,
        Material material,
        double dose,
        String plain,
        String now,
        double hours,
        String later) {
    public static final Field DOSE =
            Field.mass("dose", "Colour in 100 g", 0.001, 50, 0.5, "Weigh the pot before and after.");
    private static final double MOST_HOURS = 240;
    private static final Pattern SHADE = Pattern.compile("#[0-9a-f]{6}");

    public Swatch {
        colour = Wording.checked("colour", "A colour's name", colour, 1, 60);
        if (material == null) {
            throw new Refused(
                    "material", Phrase.of("{} was mixed into nothing. Say into what.", Quantity.text(colour)));
        }
        DOSE.check(dose);
        if (!(hours >= 0 && hours <= MOST_HOURS)) {
            throw new Refused(
                    "hours",
                    Phrase.of(
                            "{} hours are outside 0 to {}. Say after how long it was looked at again.",
                            Quantity.plain(hours),
                            Quantity.plain(MOST_HOURS)));
        }
        plain = shade("plain", plain);
        now = shade("now", now);
        later = hours == 0 ? now : shade("later", later);
    }

    static String shade(String field, @Absent String shade) {
        if (shade == null || !SHADE.matcher(shade).matches()) {
            throw new Refused(
                    field,
                    Phrase.of(
                            "The shade \"{}\" is not like #b0c4de: a number sign and six digits 0 to f.",
                            Quantity.text("" + shade)));
        }
        return shade;
    }

    /** The same as it is kept. */
    public Swatch known(Long as) {
        return new Swatch(as, colour, material, dose, plain, now, hours, later);
    }
}

package sectorum.plan;

import java.util.regex.Pattern;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A named colour of the palette.
 *
 * @param shade #rrggbb, for drawings only
 * @param material the paste or icing it is
 */
public record Colour(String id, String name, String shade, String material) {
    private static final Pattern SHADE = Pattern.compile("#[0-9a-f]{6}");

    public Colour {
        id = Check.id("palette.id", id);
        name = Check.words("palette.name", "A colour's name", name, 1, 60);
        material = Check.words("palette.material", "The paste or icing", material, 0, 60);
        if (shade == null || !SHADE.matcher(shade).matches()) {
            throw new Refused(
                    "palette.shade",
                    Phrase.of(
                            "The shade \"{}\" is not like #b0c4de: a number sign and six digits 0 to f.",
                            Quantity.text("" + shade)));
        }
    }
}

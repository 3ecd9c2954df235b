package sectorum.plan;

import java.util.List;
import java.util.regex.Pattern;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A named colour of the palette.
 *
 * @param shade #rrggbb, for drawings only
 * @param material the paste or icing it is
 * @param blend the colours of the palette it is made from; absent: it is coloured, or bought so
 */
public record Colour(
        String id,
        String name,
        String shade,
        String material,
        @Absent Blend blend) {
    private static final Pattern SHADE = Pattern.compile("#[0-9a-f]{6}");

    public Colour(String id, String name, String shade, String material) {
        this(id, name, shade, material, null);
    }

    /** Two colours or more kneaded into one, or only so far that they show as veins: marble. */
    public record Blend(boolean marbled, List<Portion> parts) {
        public Blend {
            parts = Check.list("palette.blend", "Parts of a blend", parts, 2, 6);
            Check.unique("palette.blend", "Part", parts, Portion::colour);
        }
    }

    /** @param share by mass, in parts of whatever all parts sum to */
    public record Portion(String colour, double share) {
        public Portion {
            colour = Check.id("palette.blend.colour", colour);
            if (!(share > 0 && share <= 1000)) {
                throw new Refused(
                        "palette.blend.share",
                        Phrase.of(
                                "A part of {} is outside 0 to 1000. Give its share by mass, such as 2 of 3.",
                                Quantity.plain(share)));
            }
        }
    }

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

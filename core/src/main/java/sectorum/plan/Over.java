package sectorum.plan;

import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * The pieces that a finish goes on: those of one dressing of its tier, or every piece of a colour of the palette.
 *
 * @param dressing its name; absent: by colour
 * @param colour its name; absent: by dressing
 */
public record Over(@Absent String dressing, @Absent String colour) {
    public Over {
        if ((dressing == null) == (colour == null)) {
            throw new Refused(
                    "dressings.over",
                    Phrase.of(
                            "A finish goes over a {} or a {}, one of the two. Leave the other out.",
                            Quantity.text("dressing"),
                            Quantity.text("colour")));
        }
        if (dressing != null) {
            Check.id("dressings.over.dressing", dressing);
        } else {
            Check.id("dressings.over.colour", colour);
        }
    }
}

package sectorum.make;

import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A sheet that pieces are cut from, or as much as is rolled at a time.
 *
 * @param name what it is called
 * @param width mm across, which a machine or a sheet fixes
 * @param length mm
 * @param margin left free at every edge, mm
 * @param bridge least between two pieces, mm
 */
public record Roll(String name, double width, double length, double margin, double bridge) {
    /** What a rolling pin makes on a kitchen table without a wish for more, mm. */
    public static final Roll BY_HAND = new Roll("rolled by hand", 300, 200, 8, 2);

    public Roll {
        if (!(width - 2 * margin > 0) || !(length - 2 * margin > 0) || margin < 0 || bridge < 0) {
            throw new Refused(
                    "sheet",
                    Phrase.of(
                            "A sheet of {} by {} leaves nothing inside margins of {}. Take a larger one.",
                            Quantity.length(width),
                            Quantity.length(length),
                            Quantity.length(margin)));
        }
    }

    /** A sheet with the usual margin of 8 and bridge of 2 (craft 6). */
    public static Roll of(String name, double width, double length) {
        return new Roll(name, width, length, BY_HAND.margin(), BY_HAND.bridge());
    }

    double freeX() {
        return width - 2 * margin;
    }

    double freeY() {
        return length - 2 * margin;
    }
}

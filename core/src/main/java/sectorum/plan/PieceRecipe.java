package sectorum.plan;

import java.util.List;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * What a flower or a small model is put together from, whatever its size: every measure is a share of the main one, a
 * flower's main cutter or a model's height.
 *
 * @param parts in any order; each says when its turn is
 */
public record PieceRecipe(String name, List<PiecePart> parts) {
    private static final int MOST_PARTS = 40;
    /** More is no flower that a hand puts together. */
    private static final int MOST_PIECES = 400;

    public PieceRecipe {
        name = Check.words("pieces.recipe.name", "A recipe's name", name, 1, 40);
        parts = Check.list("pieces.recipe.parts", "Parts", parts, 1, MOST_PARTS);
        int pieces = parts.stream().mapToInt(PiecePart::each).sum();
        if (pieces > MOST_PIECES) {
            throw new Refused(
                    "pieces.recipe.parts.each",
                    Phrase.of(
                            "A recipe of {} parts is more than {} in one piece. Take fewer of some part.",
                            Quantity.count(pieces),
                            Quantity.count(MOST_PIECES)));
        }
    }

    /** What a part is: cut from a sheet, rolled in the hand, or drawn out. */
    public enum Form {
        PETAL("petal", Made.CUT),
        HEART("heart", Made.CUT),
        LEAF("leaf", Made.CUT),
        ROUND("round", Made.CUT),
        OVAL("oval", Made.CUT),
        BLOSSOM("five-petal blossom", Made.CUT),
        CALYX("calyx", Made.CUT),
        SQUARE("square", Made.CUT),
        BALL("ball", Made.ROLLED),
        EGG("egg", Made.ROLLED),
        CONE("cone", Made.ROLLED),
        CYLINDER("cylinder", Made.ROLLED),
        STAMEN("stamen", Made.DRAWN),
        WIRE("wire", Made.DRAWN);

        private final String words;
        private final Made made;

        Form(String words, Made made) {
            this.words = words;
            this.made = made;
        }

        public String words() {
            return words;
        }

        public Made made() {
            return made;
        }
    }

    /** How a part comes about. */
    public enum Made {
        CUT,
        ROLLED,
        DRAWN
    }

    /** What a part dries over, so that it keeps its curve. */
    public enum PartFormer {
        FLAT,
        CUP,
        CONE,
        BALL
    }

    /**
     * Where parts of a kind sit, all of them evenly round.
     *
     * @param out from the middle, share of the main measure
     * @param up above the foot, share of the main measure
     * @param tilt of its length above the horizontal, outwards, degrees: 90 stands
     * @param from angle of the first from the front to the right, degrees
     */
    public record PartSeat(double out, double up, double tilt, double from) {
        public static final PartSeat MIDDLE = new PartSeat(0, 0, 90, 0);

        public PartSeat {
            within("pieces.recipe.parts.set.out", out, 0, 4);
            within("pieces.recipe.parts.set.up", up, 0, 4);
            within("pieces.recipe.parts.set.tilt", tilt, -90, 90);
            within("pieces.recipe.parts.set.from", from, -360, 360);
        }
    }

    /**
     * @param across share of the main measure
     * @param high share of the main measure: a petal's length, a cylinder's height
     * @param thick of what is cut from a sheet, mm; of a stamen or a wire its diameter
     * @param each of them in one piece
     * @param order in which its turn is, from 1
     * @param colour 0 the piece's own, 1 and 2 its further ones
     * @param material absent: the piece's own
     * @param over what it dries over; absent: nothing
     * @param hours that it dries by itself before the next is put to it; absent: by the formula; 0: not at all
     * @param thinned whether its edges are thinned with a ball tool
     */
    public record PiecePart(
            String name,
            Form form,
            double across,
            double high,
            double thick,
            int each,
            int order,
            int colour,
            @Absent Material material,
            @Absent PartFormer over,
            @Absent Double hours,
            boolean thinned,
            PartSeat set) {
        public PiecePart {
            name = Check.words("pieces.recipe.parts.name", "A part's name", name, 1, 40);
            form = form == null ? Form.PETAL : form;
            within("pieces.recipe.parts.across", across, 0.005, 5);
            within("pieces.recipe.parts.high", high, 0.005, 5);
            within("pieces.recipe.parts.thick", thick, 0.2, 30);
            EACH.check(each);
            ORDER.check(order);
            within("pieces.recipe.parts.colour", colour, 0, 4);
            if (hours != null) {
                within("pieces.recipe.parts.hours", hours, 0, 400);
            }
            set = set == null ? PartSeat.MIDDLE : set;
        }

        /** One of the piece's own colour and material that rests as long as the formula says. */
        public static PiecePart of(
                String name, Form form, double across, double high, double thick, int each, int order) {
            return new PiecePart(name, form, across, high, thick, each, order, 0, null, null, null, false, null);
        }

        public PiecePart at(double out, double up, double tilt, double from) {
            PartSeat there = new PartSeat(out, up, tilt, from);
            return new PiecePart(
                    name, form, across, high, thick, each, order, colour, material, over, hours, thinned, there);
        }

        public PiecePart coloured(int other) {
            return new PiecePart(
                    name, form, across, high, thick, each, order, other, material, over, hours, thinned, set);
        }

        public PiecePart over(PartFormer other) {
            return new PiecePart(
                    name, form, across, high, thick, each, order, colour, material, other, hours, thinned, set);
        }

        public PiecePart resting(double some) {
            return new PiecePart(
                    name, form, across, high, thick, each, order, colour, material, over, some, thinned, set);
        }

        public PiecePart thin() {
            return new PiecePart(
                    name, form, across, high, thick, each, order, colour, material, over, hours, true, set);
        }
    }

    private static final Field EACH =
            Field.count("pieces.recipe.parts.each", "How many", 1, 200, 1, "Of this part in one piece.");
    private static final Field ORDER =
            Field.count("pieces.recipe.parts.order", "Order", 1, 12, 1, "When its turn is, from 1.");

    private static void within(String field, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new Refused(
                    field,
                    Phrase.of(
                            "{} is outside {} to {}. Give a share of the main measure, or what the field says.",
                            Quantity.plain(value),
                            Quantity.plain(least),
                            Quantity.plain(most)));
        }
    }
}

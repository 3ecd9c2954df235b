package sectorum.plan;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import sectorum.art.Motif;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;

/**
 * A piece of one's own, made ahead: what no technique makes, with its place, its hands, its waits and its picks.
 *
 * @param name what it is
 * @param kind of piece made ahead; absent: a plain piece of one's own
 * @param settings of its kind by name; absent: none
 * @param form how it is drawn and what its weight is reckoned from
 * @param width mm
 * @param height mm
 * @param thickness mm, front to back
 * @param count how many alike
 * @param material what it is made of; absent: something else
 * @param colour of the palette, by name; absent: as its paste comes
 * @param dark whether its colour is heavy and dark: such paste dries slower
 * @param seat where it goes
 * @param labour what it takes
 * @param resting how it dries or sets
 * @param sticks what holds it in the cake
 * @param eaten what the guest does with it
 * @param art the drawing that it is cut from; absent: none
 * @param others further colours of the palette, by name, for what is of several; absent: none
 * @param recipe of the parts that it is put together from; absent: its kind's own
 * @param breaks the share of its pieces that break on the way; absent: the usual spares of its material
 */
public record OwnPiece(
        String id,
        String name,
        @Absent PieceKind kind,
        @Absent Values settings,
        Form form,
        double width,
        double height,
        double thickness,
        int count,
        @Absent Material material,
        @Absent String colour,
        boolean dark,
        Seat seat,
        Labour labour,
        Resting resting,
        Sticks sticks,
        Eaten eaten,
        @Absent Motif art,
        @Absent List<String> others,
        @Absent PieceRecipe recipe,
        @Absent Double breaks) {
    public static final Field WIDTH = Field.length("pieces.width", "Width", 1, 800, 60, "Measure over its widest.");
    public static final Field HEIGHT =
            Field.length("pieces.height", "Height", 1, 800, 60, "Measure what is seen of it.");
    public static final Field THICKNESS =
            Field.length("pieces.thickness", "Thickness", 0.3, 400, 3, "Of the rolled paste, or front to back.");
    public static final Field COUNT =
            Field.count("pieces.count", "How many", 1, 1000, 1, "Pieces alike are planned together.");
    /** A piece of one's own takes so many minutes where nobody said. */
    public static final double MINUTES_EACH = 20;

    public static final Field MINUTES =
            Field.count("pieces.minutes", "Minutes each", 0, 1440, 20, "Hands at work, without the waiting.");

    private static final Field BREAKS =
            Field.share("pieces.breaks", "Breaks", 0, 0.9, 0.1, "Of ten, how many break before they are on the cake.");

    /** More than this would be a hedge, not a cake. */
    static final int MOST_PICKS = 400;

    /** How a piece is drawn. */
    public enum Form {
        PLAQUE(1),
        ROUND(Math.PI / 4),
        DOME(Math.PI / 4),
        STAR(0.38),
        /** Two moulded halves joined, such as a shell. */
        PAIR(Math.PI / 4),
        BOW(0.6),
        FLOWER(0.6),
        FIGURE(0.6);

        /** How much of its box it fills. */
        private final double filled;

        Form(double filled) {
            this.filled = filled;
        }
    }

    /** On which part of a tier. */
    public enum On {
        /** On its top. */
        TOP,
        /** On its side. */
        SIDE,
        /** On what is seen of its top beside the tier above. */
        LEDGE,
        /** In a ring's hole, on what the tier stands on. */
        HOLE,
        /** On the board, before the lowest tier. */
        BOARD
    }

    /** How much air a drying piece gets, as a factor on its hours (craft 4.2). */
    public enum Faces {
        BOTH(1),
        TURNED(1.25),
        FORMER(1.5);

        private final double factor;

        Faces(double factor) {
            this.factor = factor;
        }

        public double factor() {
            return factor;
        }

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * Where it goes; several alike are spread evenly round from the first.
     *
     * @param tier its name; empty: the top one
     * @param angle from the front to the right as seen from above, degrees
     * @param out from the tier's middle, mm; on the side it has no meaning
     * @param up its foot above the tier's foot, mm; on top it has no meaning
     */
    public record Seat(String tier, On on, double angle, double out, double up) {
        private static final Field OUT =
                Field.length("pieces.seat.out", "From the middle", 0, 700, 0, "From the tier's middle outwards.");
        private static final Field UP =
                Field.length("pieces.seat.up", "Above the foot", 0, 700, 0, "From the tier's foot up.");

        /** On the middle of the top tier; after the fields, which judge it. */
        public static final Seat TOP = new Seat("", On.TOP, 0, 0, 0);

        public Seat {
            tier = tier == null ? "" : tier;
            on = on == null ? On.TOP : on;
            OUT.check(out);
            UP.check(up);
            if (!(angle >= -360 && angle <= 360)) {
                throw new Refused(
                        "pieces.seat.angle",
                        Phrase.of(
                                "An angle of {} is outside {} to {} degrees. Count it from the front.",
                                Quantity.plain(angle),
                                Quantity.count(-360),
                                Quantity.count(360)));
            }
        }
    }

    /** What its use waits for (craft 4.2). */
    public enum Until {
        /** It stands, or may be handled: a bow on a ledge. */
        HANDLED,
        /** It is hard: a topper on picks. */
        HARD
    }

    public OwnPiece {
        id = Check.id("pieces.id", id);
        name = Check.words("pieces.name", "A piece's name", name, 1, 60);
        kind = kind == PieceKind.OWN ? null : kind;
        settings = settings == null || settings.byName().isEmpty() ? null : settings;
        Set<String> known = (kind == null ? PieceKind.OWN : kind).settingNames();
        for (String given : (settings == null ? Values.NONE : settings).byName().keySet()) {
            if (!known.contains(given)) {
                throw new Refused(
                        "pieces.settings." + given,
                        Phrase.of(
                                "This kind of piece has no setting \"{}\". It has: {}.",
                                Quantity.text(given),
                                Quantity.text(known.isEmpty() ? "none" : String.join(", ", new TreeSet<>(known)))));
            }
        }
        colour = colour == null ? null : Check.id("pieces.colour", colour);
        form = form == null ? Form.PLAQUE : form;
        WIDTH.check(width);
        HEIGHT.check(height);
        THICKNESS.check(thickness);
        COUNT.check(count);
        seat = seat == null ? Seat.TOP : seat;
        labour = labour == null ? new Labour(MINUTES_EACH, 5, true, 0) : labour;
        resting = resting == null ? Resting.USUAL : resting;
        sticks = sticks == null ? new Sticks(null, null, null) : sticks;
        eaten = eaten == null ? Eaten.EAT : eaten;
        others = others == null || others.isEmpty() ? null : Check.list("pieces.others", "Colours", others, 1, 4);
        if (others != null) {
            others.forEach(o -> Check.id("pieces.others", o));
        }
        if (breaks != null) {
            BREAKS.check(breaks);
        }
        if ((long) count * (sticks.each() == null ? 1 : sticks.each()) > MOST_PICKS) {
            throw new Refused(
                    "pieces.sticks.each",
                    Phrase.of(
                            "{} pieces with {} picks each are more than {}. Take fewer of either.",
                            Quantity.count(count),
                            Quantity.count(sticks.each()),
                            Quantity.count(MOST_PICKS)));
        }
    }

    /** One that is cut from no drawing. */
    public OwnPiece(
            String id,
            String name,
            @Absent PieceKind kind,
            @Absent Values settings,
            Form form,
            double width,
            double height,
            double thickness,
            int count,
            @Absent Material material,
            @Absent String colour,
            boolean dark,
            Seat seat,
            Labour labour,
            Resting resting,
            Sticks sticks,
            Eaten eaten) {
        this(
                id, name, kind, settings, form, width, height, thickness, count, material, colour, dark, seat, labour,
                resting, sticks, eaten, null, null, null, null);
    }

    /** A plain piece of one's own. */
    public OwnPiece(
            String id,
            String name,
            Form form,
            double width,
            double height,
            double thickness,
            int count,
            @Absent Material material,
            boolean dark,
            Seat seat,
            Labour labour,
            Resting resting,
            Sticks sticks,
            Eaten eaten) {
        this(
                id, name, null, null, form, width, height, thickness, count, material, null, dark, seat, labour,
                resting, sticks, eaten);
    }

    /** The colour at an index of those its kind asks for; one that nobody has chosen is its own. */
    @Absent
    public String colour(int index) {
        return index <= 0 || others == null || index > others.size() ? colour : others.get(index - 1);
    }

    /** Settings of its kind. */
    public Values values() {
        return settings == null ? Values.NONE : settings;
    }

    /** What kind it is. */
    public PieceKind made() {
        return kind == null ? PieceKind.OWN : kind;
    }

    /** Picks in one of them: one to 60 mm wide, two to 150, beyond that one for every 75 (craft 4.1). */
    public int picks() {
        return sticks.each() != null ? sticks.each() : width <= 60 ? 1 : width <= 150 ? 2 : (int) Math.ceil(width / 75);
    }

    /** What it waits for: on a ledge it only has to stand; anywhere else it is hard before it goes up. */
    public Until until() {
        return resting.until() != null ? resting.until() : seat.on() == On.LEDGE ? Until.HANDLED : Until.HARD;
    }

    /** How deep one goes: a third of what is seen, at least 50 mm (craft 4.1). */
    public double buried() {
        return sticks.buried() != null ? sticks.buried() : Math.max(50, height / 3);
    }

    /** Grams of one, from its box and its paste; of something else as heavy as paste. */
    public double grams() {
        return (material == null ? Material.FONDANT : material).sheet(width * height * form.filled, thickness);
    }

    /** Cut from another drawing. */
    public OwnPiece drawn(@Absent Motif other) {
        return new OwnPiece(
                id, name, kind, settings, form, width, height, thickness, count, material, colour, dark, seat, labour,
                resting, sticks, eaten, other, others, recipe, breaks);
    }

    /** With one setting of its kind. */
    public OwnPiece set(String setting, Object value) {
        return new OwnPiece(
                id,
                name,
                kind,
                values().with(setting, value),
                form,
                width,
                height,
                thickness,
                count,
                material,
                colour,
                dark,
                seat,
                labour,
                resting,
                sticks,
                eaten,
                art,
                others,
                recipe,
                breaks);
    }

    /** Put together by another recipe. */
    public OwnPiece by(@Absent PieceRecipe other) {
        return new OwnPiece(
                id, name, kind, settings, form, width, height, thickness, count, material, colour, dark, seat, labour,
                resting, sticks, eaten, art, others, other, breaks);
    }

    /** Of another width and height, mm. */
    public OwnPiece sized(double wide, double high) {
        return new OwnPiece(
                id, name, kind, settings, form, wide, high, thickness, count, material, colour, dark, seat, labour,
                resting, sticks, eaten, art, others, recipe, breaks);
    }

    public OwnPiece thick(double mm) {
        return new OwnPiece(
                id, name, kind, settings, form, width, height, mm, count, material, colour, dark, seat, labour, resting,
                sticks, eaten, art, others, recipe, breaks);
    }

    public OwnPiece of(Material other) {
        return new OwnPiece(
                id, name, kind, settings, form, width, height, thickness, count, other, colour, dark, seat, labour,
                resting, sticks, eaten, art, others, recipe, breaks);
    }

    public OwnPiece at(Seat other) {
        return new OwnPiece(
                id, name, kind, settings, form, width, height, thickness, count, material, colour, dark, other, labour,
                resting, sticks, eaten, art, others, recipe, breaks);
    }

    /** A single one like it in another place. */
    public OwnPiece oneMore(String as, Seat other) {
        return new OwnPiece(
                as, name, kind, settings, form, width, height, thickness, 1, material, colour, dark, other, labour,
                resting, sticks, eaten, art, others, recipe, breaks);
    }

    public OwnPiece resting(Resting other) {
        return new OwnPiece(
                id, name, kind, settings, form, width, height, thickness, count, material, colour, dark, seat, labour,
                other, sticks, eaten, art, others, recipe, breaks);
    }

    public OwnPiece aired(Faces faces) {
        Resting other = new Resting(
                faces, resting.stated(), resting.storage(), resting.until(), resting.layer(), resting.weighed());
        return new OwnPiece(
                id, name, kind, settings, form, width, height, thickness, count, material, colour, dark, seat, labour,
                other, sticks, eaten, art, others, recipe, breaks);
    }

    public OwnPiece many(int other) {
        return new OwnPiece(
                id, name, kind, settings, form, width, height, thickness, other, material, colour, dark, seat, labour,
                resting, sticks, eaten, art, others, recipe, breaks);
    }
}

package sectorum.tier;

import java.util.ArrayList;
import java.util.List;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.MadeAhead;
import sectorum.build.Seating;
import sectorum.days.Air;
import sectorum.days.Drying;
import sectorum.days.Rest;
import sectorum.make.Tint;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.plan.OwnPiece;

/**
 * A piece of one's own, worked out.
 *
 * @param outline as it is seen from the front: x from its middle, z from its foot, x0, z0, x1, z1, … mm
 * @param grams of all of them
 * @param minutes hands for all of them, placing included
 * @param picks of all of them
 * @param buried how deep a pick goes, mm
 * @param places where each of them stands
 * @param shade of its colour, #rrggbb; absent: as its paste comes
 * @param fields settings of its kind
 * @param dries about how long, in the plan's room; absent: it needs no rest
 */
public record PieceWorkup(
        String id,
        List<Double> outline,
        double grams,
        double minutes,
        int picks,
        double buried,
        List<Seating.Place> places,
        List<Field> fields,
        @Absent String shade,
        @Absent Dries dries) {
    /**
     * @param low hours at the least, until what it waits for
     * @param high hours that are planned for
     * @param estimate whether nobody has stated or seen it
     * @param until what it waits for
     * @param handled about how many hours until it stands and may be handled; absent: it cools, or its wait was stated
     * @param hard about how many hours until it is hard; absent likewise, and for what only gets firm
     */
    public record Dries(
            double low,
            double high,
            boolean estimate,
            OwnPiece.Until until,
            @Absent Double handled,
            @Absent Double hard) {
        /** By the rest that was reckoned, in hours; room is a factor on what dries in air (craft 4.2). */
        public static Dries of(OwnPiece piece, Rest rest, double room) {
            double hours = Drying.hours(piece) * room;
            boolean reckoned = rest.estimate() && !Double.isNaN(hours);
            return new Dries(
                    rest.low() * room / 60,
                    rest.least() * room / 60,
                    rest.estimate(),
                    piece.until(),
                    reckoned ? Drying.HANDLED * hours : null,
                    reckoned && !Drying.staysFirm(piece.material()) ? hours : null);
        }
    }

    public PieceWorkup {
        outline = List.copyOf(outline);
        places = List.copyOf(places);
        fields = List.copyOf(fields);
    }

    /** A piece as its kind makes it, in a room of this humidity (a share of 1). */
    public static PieceWorkup of(OwnPiece piece, List<Seating.Place> places, Tint tint, double humidity) {
        MadeAhead made = AheadCatalogue.make(piece);
        List<Double> outline = new ArrayList<>(made.front().outers().get(0));
        outline.addAll(outline.subList(0, 2));
        Rest rest = Drying.of(piece, null);
        double room = rest != null && rest.airy() ? Air.factor(humidity) : 1;
        return new PieceWorkup(
                piece.id(),
                outline,
                piece.count() * made.grams(),
                piece.count() * (piece.labour().minutes() + piece.labour().placing()),
                piece.count() * made.picks(),
                made.buried(),
                places,
                AheadCatalogue.of(piece.made()).fields(piece.values(), piece),
                tint.id().isEmpty() ? null : tint.shade(),
                rest == null ? null : Dries.of(piece, rest, room));
    }
}

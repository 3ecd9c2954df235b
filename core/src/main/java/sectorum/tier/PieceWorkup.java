package sectorum.tier;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.AheadKind;
import sectorum.ahead.Bed;
import sectorum.ahead.Component;
import sectorum.ahead.Face;
import sectorum.ahead.MadeAhead;
import sectorum.ahead.Stage;
import sectorum.art.Contour;
import sectorum.bench.Bases;
import sectorum.bench.Basis;
import sectorum.bench.OwnRate;
import sectorum.bench.OwnRates;
import sectorum.build.Seating;
import sectorum.days.Air;
import sectorum.days.Drying;
import sectorum.days.Rest;
import sectorum.days.WeighIn;
import sectorum.make.Tint;
import sectorum.material.Breakage;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceRecipe;
import sectorum.plan.Plan;

/**
 * A piece of one's own, worked out.
 *
 * @param outline as it is seen from the front: x from its middle, z from its foot, x0, z0, x1, z1, … mm
 * @param look what is seen of one, in space
 * @param grams of all of them
 * @param minutes hands for all of them, placing included
 * @param picks of all of them
 * @param buried how deep a pick goes, mm
 * @param places where each of them stands
 * @param recipe of the parts that it is put together from; absent: its kind has none
 * @param shade of its colour, #rrggbb; absent: as its paste comes
 * @param fields settings of its kind
 * @param sizes what its measures are called; absent: one is not asked for
 * @param colours what its colours are for, the first one first
 * @param parts what one is put together from
 * @param spares whole pieces beside those needed by how sure one wants to be of enough; the usual first where nobody knows what breaks
 * @param dries about how long, in the plan's room, after the last stage of its making; absent: it needs no rest
 * @param waits hours of all its stages together, their upper ends; absent: it waits after the last alone, or never
 * @param bases what its estimates rest on
 */
public record PieceWorkup(
        String id,
        List<Double> outline,
        List<Facet> look,
        double grams,
        double minutes,
        int picks,
        double buried,
        List<Seating.Place> places,
        List<Field> fields,
        AheadKind.Sizes sizes,
        List<String> colours,
        List<PieceComponent> parts,
        List<Spared> spares,
        @Absent PieceRecipe recipe,
        @Absent String shade,
        @Absent Dries dries,
        @Absent Double waits,
        Bases bases) {
    /**
     * One of the parts of a piece.
     *
     * @param what it is
     * @param each in one piece
     * @param stage of making that it belongs to, from 1
     * @param grams of one
     * @param former what it dries over, in words; absent: nothing
     */
    public record PieceComponent(
            Phrase what,
            int each,
            int stage,
            double grams,
            double width,
            double height,
            double thickness,
            @Absent Phrase former) {
        static PieceComponent of(Component c) {
            return new PieceComponent(
                    c.what(),
                    c.each(),
                    c.stage(),
                    c.grams(),
                    c.rings().width(),
                    c.rings().height(),
                    c.thickness(),
                    c.former() == null ? null : c.former().over());
        }
    }

    /**
     * @param low hours at the least, until what it waits for
     * @param high hours that are planned for
     * @param basis what the hours rest on
     * @param until what it waits for
     * @param handled about how many hours until it stands and may be handled; absent: it cools, or its wait was stated
     * @param hard about how many hours until it is hard; absent likewise, and for what only gets firm
     * @param weighed what weighing it says; absent: too few weighings, or they say nothing yet
     */
    public record Dries(
            double low,
            double high,
            Basis basis,
            OwnPiece.Until until,
            @Absent Double handled,
            @Absent Double hard,
            @Absent WeighedPiece weighed) {
        /** By the rest that was reckoned, in hours; room is a factor on what dries in air (craft 4.2). */
        static Dries of(OwnPiece piece, Rest rest, double room, @Absent OwnRate own) {
            WeighIn seen = WeighIn.of(piece.resting().weighed());
            if (seen != null) {
                return new Dries(
                        rest.low() / 60.0,
                        rest.least() / 60.0,
                        rest.basis(),
                        piece.until(),
                        seen.stands(),
                        seen.hard(),
                        WeighedPiece.of(seen, piece));
            }
            double hours = Drying.hours(piece) * room * (own == null ? 1 : own.value());
            boolean reckoned = rest.airy() && !Double.isNaN(hours);
            return new Dries(
                    rest.low() * room / 60,
                    rest.least() * room / 60,
                    rest.basis(),
                    piece.until(),
                    reckoned ? Drying.HANDLED * hours : null,
                    reckoned && !Drying.staysFirm(piece.material()) ? hours : null,
                    null);
        }
    }

    /**
     * What weighing says of a piece, and of this room.
     *
     * @param end what it will weigh, g
     * @param sure by how much of themselves the hours may be off
     * @param base hours until 2 mm of its paste with both faces free are hard here
     * @param plain the same by the plain table
     */
    public record WeighedPiece(double end, double sure, double base, double plain) {
        static WeighedPiece of(WeighIn seen, OwnPiece piece) {
            double plain = piece.material() == null ? Double.NaN : Drying.base(piece.material());
            double by = Drying.hours(piece);
            boolean known = !Double.isNaN(plain) && by > 0;
            return new WeighedPiece(seen.end(), seen.sure(), known ? plain * seen.hard() / by : 0, known ? plain : 0);
        }
    }

    /**
     * So many spares make one so sure of enough.
     *
     * @param sure 0.9, 0.95 or 0.99; 0: the usual share of its material
     * @param pieces beside those needed
     * @param grams that they take
     * @param minutes that they take
     */
    public record Spared(double sure, int pieces, double grams, double minutes) {}

    private static final List<Double> SURE = List.of(0.9, 0.95, 0.99);

    private static List<Spared> spares(OwnPiece piece, MadeAhead made, OwnRates rates) {
        double each = made.minutes() / piece.count();
        Double breaks = MadeAhead.breaks(piece, piece.material(), rates);
        if (breaks == null) {
            Material of = piece.material() == null ? Material.FONDANT : piece.material();
            int some = of.spare().of(piece.count());
            return List.of(new Spared(0, some, some * made.grams(), some * each));
        }
        return SURE.stream()
                .map(sure -> {
                    int some = Breakage.spare(piece.count(), breaks, sure);
                    return new Spared(sure, some, some * made.grams(), some * each);
                })
                .toList();
    }

    /**
     * A flat bit of what is seen of it.
     *
     * @param xyz x0, y0, z0, …: mm to the right of its middle, away from its front and above its foot; closed
     * @param shade of its colour, #rrggbb; absent: as its paste comes
     * @param tone lighter, to 1, or darker, to -1, by how it is turned to the light
     * @param solid true for the skin of something closed, corners anticlockwise from outside; absent: seen from both sides
     */
    public record Facet(
            List<Double> xyz,
            @Absent String shade,
            double tone,
            @Absent Boolean solid) {}

    private static final String METAL = "#8d8d88";

    public PieceWorkup {
        look = List.copyOf(look);
        outline = List.copyOf(outline);
        places = List.copyOf(places);
        fields = List.copyOf(fields);
        colours = List.copyOf(colours);
        parts = List.copyOf(parts);
        spares = List.copyOf(spares);
    }

    /** All of a plan. */
    public static List<PieceWorkup> all(Plan plan, OwnRates rates) {
        Seating seats = new Seating(plan);
        return plan.pieces().stream().map(p -> of(plan, p, seats, rates)).toList();
    }

    /** A piece of a plan as its kind makes it, in the plan's room and its colours. */
    public static PieceWorkup of(Plan plan, OwnPiece piece, OwnRates rates) {
        return of(plan, piece, new Seating(plan), rates);
    }

    private static PieceWorkup of(Plan plan, OwnPiece piece, Seating seats, OwnRates rates) {
        MadeAhead made = AheadCatalogue.make(plan, piece, rates);
        AheadKind kind = AheadCatalogue.of(piece.made());
        List<Double> outline = Contour.closed(made.front().outers().get(0));
        OwnPiece dries = made.last().dries();
        Rest rest = made.last().rest();
        double room = rest != null && rest.airy() ? Air.factor(plan.made().humid()) : 1;
        Tint tint = Tint.in(plan.palette(), piece.colour());
        return new PieceWorkup(
                piece.id(),
                rounded(outline),
                look(plan, piece, made.look()),
                piece.count() * made.grams(),
                made.minutes() + made.placing().minutes(),
                piece.count() * made.planted().picks(),
                made.planted().buried(),
                seats.of(piece, made.planted()),
                AheadCatalogue.fields(piece, Bed.of(plan, piece)),
                kind.sizes(),
                kind.colours(piece.values(), piece),
                made.components().stream().map(PieceComponent::of).toList(),
                spares(piece, made, rates),
                kind.recipe(piece.values(), piece),
                tint.id().isEmpty() ? null : tint.shade(),
                rest == null ? null : Dries.of(dries, rest, room, made.last().own()),
                waits(made, Air.factor(plan.made().humid())),
                made.bases(rates, piece));
    }

    @Absent
    private static Double waits(MadeAhead made, double room) {
        List<Rest> rests =
                made.stages().stream().map(Stage::rest).filter(Objects::nonNull).toList();
        boolean lastAlone = rests.isEmpty() || (rests.size() == 1 && made.last().rest() != null);
        return lastAlone
                ? null
                : (Double) rests.stream()
                        .mapToDouble(r -> r.least() * (r.airy() ? room : 1) / 60)
                        .reduce(0, Double::sum);
    }

    private static List<Facet> look(Plan plan, OwnPiece piece, List<Face> faces) {
        Map<Integer, Optional<String>> shades = new HashMap<>();
        return faces.stream()
                .map(f -> new Facet(
                        f.xyz(),
                        shades.computeIfAbsent(f.colour(), c -> Optional.ofNullable(shade(plan, piece, c)))
                                .orElse(null),
                        f.tone(),
                        f.solid() ? true : null))
                .toList();
    }

    /** A twentieth of a millimetre is as fine as anybody sees. */
    private static List<Double> rounded(List<Double> mm) {
        return mm.stream().map(v -> Elementary.rint(v * 20) / 20).toList();
    }

    /** Of its further colours one that nobody has chosen is the piece's own. */
    @Absent
    private static String shade(Plan plan, OwnPiece piece, int colour) {
        if (colour == Face.BARE) {
            return METAL;
        }
        Tint tint = Tint.in(plan.palette(), piece.colour(colour));
        return tint.id().isEmpty() ? null : tint.shade();
    }
}

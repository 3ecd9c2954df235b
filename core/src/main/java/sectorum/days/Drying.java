package sectorum.days;

import sectorum.bench.Paste;
import sectorum.bench.Shelf;
import sectorum.measure.Absent;
import sectorum.plan.OwnPiece;
import sectorum.plan.Span;

/**
 * How long a piece dries (handbook 4.2): hours = base × (t ÷ 2 mm)² × sides × room × colour, where nobody has stated a
 * wait for it. The room comes in where the schedule knows when the piece dries, see {@link Air}.
 */
public final class Drying {
    private static final double BASE_MM = 2;
    private static final double DARK = 1.25;
    /** An estimate may be so much too long or too short; the schedule takes its upper end. */
    private static final double RANGE = 0.3;
    /** A dark plaque wider or higher than this on a former is stated by the craft, mm. */
    private static final double LARGE = 180;

    private static final Span DARK_PLAQUE = new Span(72, 120.0);

    private Drying() {}

    /** Hours at 2 mm with both faces free in the usual room; not a number for what does not dry hard. */
    public static double base(Paste paste) {
        return switch (paste) {
            case GUM -> 10;
            case HALF -> 16;
            case MODELLING -> 20;
            case FONDANT -> 36;
            case ROYAL -> 12;
            case SUGAR -> 24;
            case CHOCOLATE, GANACHE, BUTTERCREAM, PEARL -> Double.NaN;
        };
    }

    /** About so many hours by the formula, in the usual room. */
    public static double hours(Paste paste, double thickness, OwnPiece.Faces faces, boolean dark) {
        double t = thickness / BASE_MM;
        return base(paste) * t * t * faces.factor() * (dark ? DARK : 1);
    }

    /**
     * How a piece rests.
     *
     * @param seen a wait that this workshop has seen or stated for it; it wins
     * @return nothing where it needs no rest
     */
    @Absent
    public static Rest of(OwnPiece piece, @Absent Span seen) {
        OwnPiece.Resting resting = piece.resting();
        Shelf shelf = resting.faces() == OwnPiece.Faces.FORMER ? Shelf.FORMER : resting.shelf();
        int places = shelf == Shelf.ROOM ? 0 : shelf == Shelf.FORMER ? piece.count() : 1;
        Span stated = seen != null ? seen : resting.stated() != null ? resting.stated() : craft(piece);
        if (stated != null) {
            double upper = stated.most() == null ? stated.least() : stated.most();
            return upper <= 0 ? null : new Rest(shelf, places, minutes(stated.least()), minutes(upper), false, false);
        }
        if (piece.paste() == null || Double.isNaN(base(piece.paste()))) {
            return null;
        }
        double about = hours(piece.paste(), piece.thickness(), resting.faces(), piece.dark());
        return new Rest(shelf, places, minutes(about * (1 - RANGE)), minutes(about * (1 + RANGE)), true, true);
    }

    /** What the craft states for a kind of piece. */
    @Absent
    private static Span craft(OwnPiece piece) {
        boolean large = Math.max(piece.width(), piece.height()) > LARGE;
        boolean plaque = piece.form() == OwnPiece.Form.PLAQUE && piece.dark() && large;
        return plaque && piece.resting().faces() == OwnPiece.Faces.FORMER ? DARK_PLAQUE : null;
    }

    static int minutes(double hours) {
        return (int) Math.round(hours * 60);
    }
}

package sectorum.days;

import sectorum.bench.Basis;
import sectorum.bench.OwnRate;
import sectorum.bench.Storage;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.plan.Layer;
import sectorum.plan.OwnPiece;
import sectorum.plan.Resting;
import sectorum.plan.Span;

/**
 * How long a piece dries (craft 4.2): hours = base × t ÷ 2 mm × faces × room × colour, and a second layer over its free
 * face its own hours more; at 0.35 of that it stands or may be handled. What was seen or weighed wins, then what was stated. Cooked sugar and chocolate do
 * not dry, they cool. The room comes in where the schedule knows when the piece dries, see {@link Air}.
 */
public final class Drying {
    /** Of the hours until it is hard, after which a piece stands and may be handled. */
    public static final double HANDLED = 0.35;

    private static final double BASE_MM = 2;
    private static final double DARK = 1.25;

    /** Two halves of 3 mm paste are stated by the craft: about a day, hours. */
    private static final Span PAIR = new Span(18, 30.0);

    private Drying() {}

    /** Hours at 2 mm with both faces free in the usual room; not a number for what does not dry hard. */
    public static double base(Material material) {
        return material.dryingHours();
    }

    /** Whether it never gets hard, only firm, however long it dries. */
    public static boolean staysFirm(@Absent Material material) {
        return material != null && material.isOnlyFirm();
    }

    /** About so many hours until hard by the formula, in the usual room; t in mm. */
    public static double hours(Material material, double thickness, OwnPiece.Faces faces, boolean dark) {
        return base(material) * thickness / BASE_MM * faces.factor() * (dark ? DARK : 1);
    }

    /** About so many hours until a piece is hard, a second layer with it; not a number for what does not dry. */
    public static double hours(OwnPiece piece) {
        if (piece.material() == null) {
            return Double.NaN;
        }
        Layer over = piece.resting().layer();
        // A layer lies on the piece with its own other face free.
        double more = over == null ? 0 : hours(over.material(), over.thickness(), OwnPiece.Faces.BOTH, piece.dark());
        return hours(piece.material(), piece.thickness(), piece.resting().faces(), piece.dark()) + more;
    }

    /**
     * How a piece rests until what it waits for: hard, or only until it stands and may be handled.
     *
     * @param seen a wait that this workshop has seen or stated for it; it wins
     * @return nothing where it needs no rest
     */
    @Absent
    public static Rest of(OwnPiece piece, @Absent Span seen) {
        return of(piece, piece.until(), seen, null);
    }

    /**
     * The same until something that it need not be waiting for.
     *
     * @param own how this workshop's pieces of the material dried beside the formula; absent: nobody noted it
     */
    @Absent
    public static Rest of(OwnPiece piece, OwnPiece.Until until, @Absent Span seen, @Absent OwnRate own) {
        Resting resting = piece.resting();
        Storage storage = resting.faces() == OwnPiece.Faces.FORMER ? Storage.FORMER : resting.storage();
        int places = storage == Storage.ROOM ? 0 : storage == Storage.FORMER ? piece.count() : 1;
        WeighIn weighed = WeighIn.of(resting.weighed());
        if (seen == null && weighed != null) {
            double about = weighed.until(until);
            return new Rest(
                    storage,
                    places,
                    minutes(about * (1 - weighed.sure())),
                    minutes(about * (1 + weighed.sure())),
                    new Basis(Basis.Source.WEIGHED, 1, weighed.sure()),
                    false);
        }
        Span stated =
                seen != null ? seen : resting.stated() != null ? resting.stated() : own == null ? craft(piece) : null;
        if (stated != null) {
            double upper = stated.most() == null ? stated.least() : stated.most();
            Basis basis = seen == null && resting.stated() == null ? Basis.CRAFT : Basis.STATED;
            return upper <= 0 ? null : new Rest(storage, places, minutes(stated.least()), minutes(upper), basis, false);
        }
        Material.Setting sets =
                piece.material() == null ? null : piece.material().setting();
        if (sets != null) {
            return new Rest(storage, places, sets.likely(), sets.least(), Basis.CRAFT, false);
        }
        double about = hours(piece) * (until == OwnPiece.Until.HANDLED ? HANDLED : 1) * (own == null ? 1 : own.value());
        if (Double.isNaN(about)) {
            return null;
        }
        Basis basis = own == null ? Basis.PLAIN_DRYING : own.basis();
        return new Rest(
                storage,
                places,
                minutes(about * Math.max(0, 1 - basis.off())),
                minutes(basis.careful(about)),
                basis,
                true);
    }

    /** What the craft states for a kind of piece. */
    @Absent
    private static Span craft(OwnPiece piece) {
        boolean dries = piece.material() != null && !Double.isNaN(base(piece.material()));
        return piece.form() == OwnPiece.Form.PAIR && dries ? PAIR : null;
    }

    static int minutes(double hours) {
        return (int) Elementary.round(hours * 60);
    }
}

package sectorum.ahead;

import java.util.List;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.plan.OwnPiece;

/** What is judged of a figure that stands (craft 4.1). */
final class FigureRules {
    private static final Rule ART =
            new Rule("figure.none", Level.STOP, "A figure has no art to be cut from: it is drawn as a plain plaque.");
    private static final Rule THIN = new Rule(
            "figure.thin",
            Level.LOOK,
            "A figure is thinner than its height asks: 3 mm to 100 high, 4 to 180, 5 to 250; taller it takes another material or a"
                    + " support inside.");
    private static final Rule FLAT = new Rule(
            "figure.flat",
            Level.LOOK,
            "A flat piece against a round side stands off at its edges by more than 2 mm: it wants to dry round a former.");

    private static final Rule APART = new Rule(
            "figure.apart",
            Level.LOOK,
            "A figure that stands falls into parts that are not joined, as letters do: only what is one line holds together.");

    /** Higher ones are not held by their paste alone, mm. */
    private static final double TALLEST = 250;
    /** Standing off less is hidden by the icing behind it, mm. */
    private static final double HIDDEN = 2;

    private FigureRules() {}

    static List<Rule> all() {
        return List.of(ART, THIN, FLAT, APART);
    }

    /** What paste needs to stand so high, mm (craft 4.1). */
    static double thickness(double high) {
        return high <= 100 ? 3 : high <= 180 ? 4 : 5;
    }

    /** How far the edges of something flat stand off a round, mm (craft 4.1). */
    static double standsOff(double radius, double wide) {
        return Math.sqrt(radius * radius + wide * wide / 4) - radius;
    }

    /**
     * How a figure is cut.
     *
     * @param parts that are not joined
     * @param barred whether a bar joins them at the foot
     */
    record Cut(boolean fromArt, boolean curved, boolean supported, int parts, boolean barred) {}

    static void judge(PieceBuilder b, OwnPiece piece, Cut cut, Bed bed) {
        if (cut.fromArt() && piece.art() == null) {
            b.found(ART.found(
                    Phrase.of("\"{}\" has no art; choose some, or a shape.", Quantity.text(piece.name())),
                    new Mend(
                            Phrase.of("Cut it from an oval, {} high", Quantity.length(piece.height())),
                            List.of(new Change(Change.Target.PIECE, piece.id() + "/settings/shape", "oval")))));
        }
        double wanted = thickness(piece.height());
        boolean paste = !Double.isNaN(b.material().dryingHours());
        if (paste && (!Rounding.atMost(wanted, piece.thickness()) || (piece.height() > TALLEST && !cut.supported()))) {
            b.found(THIN.found(
                    Phrase.of(
                            "{} high it is {} thick.",
                            Quantity.length(piece.height()),
                            Quantity.length(piece.thickness())),
                    piece.height() > TALLEST && !cut.supported()
                            ? List.of(lower(piece, wanted), supported(piece, wanted))
                            : List.of(thicker(piece, wanted))));
        }
        double off = bed.radius() > 0 ? standsOff(bed.radius(), piece.width()) : 0;
        if (piece.seat().on() == OwnPiece.On.SIDE && !cut.curved() && off > HIDDEN) {
            b.found(FLAT.found(
                    Phrase.of(
                            "{} wide it stands off {} at its edges, against a radius of {}.",
                            Quantity.length(piece.width()),
                            Quantity.length(off),
                            Quantity.length(bed.radius())),
                    new Mend(
                            Phrase.of("Dry it round a former of {}", Quantity.length(2 * bed.radius())),
                            List.of(new Change(Change.Target.PIECE, piece.id() + "/settings/cured", "curved")))));
        }
        if (cut.parts() > 1 && piece.seat().on() != OwnPiece.On.SIDE) {
            b.found(APART.found(
                    Phrase.of("It is in {} parts that nothing joins.", Quantity.count(cut.parts())),
                    cut.barred()
                            ? List.of()
                            : List.of(new Mend(
                                    Phrase.of("Join its {} parts by a bar at the foot", Quantity.count(cut.parts())),
                                    List.of(new Change(
                                            Change.Target.PIECE, piece.id() + "/settings/joined", "bar"))))));
        }
    }

    private static Mend supported(OwnPiece piece, double wanted) {
        return new Mend(
                Phrase.of("Put a support inside, {} thick", Quantity.length(Math.max(wanted, piece.thickness()))),
                List.of(
                        new Change(Change.Target.PIECE, piece.id() + "/settings/support", "inside"),
                        new Change(
                                Change.Target.PIECE, piece.id() + "/thickness", Math.max(wanted, piece.thickness()))));
    }

    private static Mend lower(OwnPiece piece, double wanted) {
        return new Mend(
                Phrase.of("Make it {} high", Quantity.length(TALLEST)),
                List.of(
                        new Change(Change.Target.PIECE, piece.id() + "/height", TALLEST),
                        new Change(
                                Change.Target.PIECE, piece.id() + "/thickness", Math.max(wanted, piece.thickness()))));
    }

    private static Mend thicker(OwnPiece piece, double wanted) {
        return new Mend(
                Phrase.of("Roll it to {}", Quantity.length(wanted)),
                List.of(new Change(Change.Target.PIECE, piece.id() + "/thickness", wanted)));
    }
}

package sectorum.ahead;

import java.util.List;
import sectorum.bench.OwnRates;
import sectorum.measure.Field;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.Plan;

/** The kinds of pieces that can be made ahead, the plain one first. A new kind is one row here. */
public final class AheadCatalogue {
    private static final List<AheadKind> ALL = List.of(
            new PlainPiece(),
            new Bow(),
            new CutFigure(),
            new Arch(),
            new Flower(),
            new Spray(),
            new Moulded(),
            new Rolled(),
            new SmallModel(),
            new Poured(),
            new HalfSpheres(),
            new LaceNest(),
            new NailFlower(),
            new CutShape());

    /** Some 20 MB at the most. */
    private static final int MOST_FACES = 50_000;

    private static final Memo<Asked, MadeAhead> MADE =
            new Memo<>(MOST_FACES, made -> 20 + made.look().size());

    private AheadCatalogue() {}

    public static List<AheadKind> all() {
        return ALL;
    }

    /** Every kind that a document can name is here. */
    public static AheadKind of(PieceKind kind) {
        return ALL.stream().filter(k -> k.kind() == kind).findFirst().orElseThrow();
    }

    /** What follows for a piece of a plan. */
    public static MadeAhead make(Plan plan, OwnPiece piece) {
        return make(piece, Bed.of(plan, piece));
    }

    /** The same at a workshop's own pace, weights and drying. */
    public static MadeAhead make(Plan plan, OwnPiece piece, OwnRates rates) {
        MadeAhead made = make(plan, piece).at(rates, piece);
        return rates.isEmpty() ? made : of(piece.made()).paced(made, piece, rates);
    }

    /** The same on what it goes onto; where exactly on it has no say in what it is. */
    public static MadeAhead make(OwnPiece piece, Bed bed) {
        OwnPiece.Seat seat = new OwnPiece.Seat("", piece.seat().on(), 0, 0, 0);
        return MADE.get(new Asked(piece.at(seat), bed), Asked::make);
    }

    private record Asked(OwnPiece piece, Bed bed) {
        MadeAhead make() {
            return of(piece.made()).make(piece.values(), piece, bed);
        }
    }

    /** Settings of a piece's kind. */
    public static List<Field> fields(OwnPiece piece, Bed bed) {
        return of(piece.made()).fields(piece.values(), piece, bed);
    }

    /** Refuses a setting that is out of its range, before anything is made by it. */
    public static void check(Plan plan) {
        for (OwnPiece piece : plan.pieces()) {
            for (Field field : fields(piece, Bed.of(plan, piece))) {
                if (field.choices().isEmpty()) {
                    field.number(piece.values());
                } else {
                    field.choice(piece.values());
                }
            }
        }
    }
}

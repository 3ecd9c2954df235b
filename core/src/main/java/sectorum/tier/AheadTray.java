package sectorum.tier;

import java.util.ArrayList;
import java.util.List;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.AheadKind;
import sectorum.ahead.Bed;
import sectorum.bench.OwnRates;
import sectorum.measure.Elementary;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.Plan;
import sectorum.plan.Tier;

/**
 * Ready pieces to choose from, each as it would be on this cake.
 *
 * @param kindName the kind's name on the screen
 * @param piece as it would stand in the plan; its id tells what it is and is replaced when it is taken
 * @param worked the same worked out
 */
public record AheadTray(PieceKind kind, String kindName, OwnPiece piece, PieceWorkup worked) {
    /** All that the kinds offer on a tier; empty: the topmost one. */
    public static List<AheadTray> of(Plan plan, String tierId, OwnRates rates) {
        Tier tier = tierId.isEmpty() ? plan.tiers().get(plan.tiers().size() - 1) : plan.tier(tierId);
        boolean carries = plan.tiers().indexOf(tier) < plan.tiers().size() - 1;
        List<AheadTray> tray = new ArrayList<>();
        for (AheadKind kind : AheadCatalogue.all()) {
            for (OwnPiece offered : kind.offers(Bed.of(tier, 0))) {
                OwnPiece piece = offered.at(seat(offered, tier, carries));
                tray.add(new AheadTray(kind.kind(), kind.name(), piece, PieceWorkup.of(plan, piece, rates)));
            }
        }
        return tray;
    }

    /** A top that carries a tier is a ledge, and one that carries none has no ledge. */
    private static OwnPiece.Seat seat(OwnPiece piece, Tier tier, boolean carries) {
        return switch (piece.seat().on()) {
            case SIDE ->
                new OwnPiece.Seat(
                        tier.id(),
                        OwnPiece.On.SIDE,
                        0,
                        0,
                        Math.max(0, Elementary.rint((tier.height() - piece.height()) / 2)));
            case TOP, LEDGE ->
                new OwnPiece.Seat(
                        tier.id(), carries ? OwnPiece.On.LEDGE : OwnPiece.On.TOP, 0, ring(piece, tier, carries), 0);
            default -> piece.seat();
        };
    }

    /** Several alike on a top stand on a ring of half its width. */
    private static double ring(OwnPiece piece, Tier tier, boolean carries) {
        return carries || piece.count() == 1
                ? 0
                : Elementary.rint(tier.side().outline().box().width() / 4);
    }
}

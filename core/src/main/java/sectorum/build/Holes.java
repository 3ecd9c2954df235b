package sectorum.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.outline.Outline;
import sectorum.plan.OutlineSpec;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Tier;

/** Whether what stands in a ring's hole has room: the hole clears it by 5 mm all round (craft 3F). */
public final class Holes {
    private static final Rule HOLE = new Rule(
            "build.hole",
            Level.STOP,
            "What stands in the hole of a ring has less than 5 mm of room beside it, or the tier has no hole.");

    private static final double CLEAR_MM = 5;
    /** What a ring has of cake on both sides of its hole together, mm. */
    private static final double LEAST_RING_MM = 20;

    private Holes() {}

    static List<Rule> rules() {
        return List.of(HOLE);
    }

    public static List<Finding> of(Plan plan) {
        List<Finding> findings = new ArrayList<>();
        for (OwnPiece piece : plan.pieces()) {
            if (piece.seat().on() == OwnPiece.On.HOLE) {
                judge(plan.under(piece), piece).ifPresent(findings::add);
            }
        }
        return findings;
    }

    private static Optional<Finding> judge(Tier tier, OwnPiece piece) {
        Mend onTop = new Mend(
                Phrase.of("Put it on top of the cake instead"),
                List.of(new Change(Change.Target.PIECE, piece.id() + "/seat", OwnPiece.Seat.TOP)));
        Optional<Outline> hole = tier.kind().hole(tier.sizes(), tier.coatThickness());
        if (hole.isEmpty()) {
            return Optional.of(HOLE.found(
                    Phrase.of(
                            "\"{}\" is to stand in a hole; {} has none.",
                            Quantity.text(piece.name()),
                            Quantity.text(tier.name())),
                    onTop));
        }
        double room = hole.get().box().width() / 2;
        // Farthest from the middle: a corner of what it takes of the ground.
        double reach = Elementary.hypot(piece.seat().out() + piece.thickness() / 2, piece.width() / 2);
        if (Rounding.atMost(reach + CLEAR_MM, room)) {
            return Optional.empty();
        }
        double under = Rounding.ceil(2 * (reach + CLEAR_MM));
        double cutter = under + 2 * tier.coatThickness();
        List<Mend> mends = new ArrayList<>();
        double most = tier.kind().build(tier.sizes(), 0).box().width() - LEAST_RING_MM;
        if (cutter <= most) {
            mends.add(new Mend(
                    Phrase.of("Cut the hole {} wide", Quantity.length(cutter)),
                    List.of(new Change(
                            Change.Target.TIER,
                            tier.id() + "/outline",
                            new OutlineSpec(tier.outline().kind(), tier.sizes().with("hole", cutter))))));
        }
        mends.add(onTop);
        return Optional.of(HOLE.found(
                Phrase.of(
                        "\"{}\" needs a hole of {}, {} to spare on each side; under its coats this one is {}. A cutter of {}"
                                + " would do.",
                        Quantity.text(piece.name()),
                        Quantity.length(under),
                        Quantity.length(CLEAR_MM),
                        Quantity.length(2 * room),
                        Quantity.length(cutter)),
                mends));
    }
}

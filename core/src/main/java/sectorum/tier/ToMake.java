package sectorum.tier;

import java.util.ArrayList;
import java.util.List;
import sectorum.make.Tint;
import sectorum.measure.Absent;
import sectorum.plan.Dressing;
import sectorum.plan.Eaten;
import sectorum.plan.Labour;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.Plan;
import sectorum.plan.Resting;
import sectorum.plan.Sticks;
import sectorum.plan.Tier;
import sectorum.technique.Making;

/**
 * A piece made ahead, whoever asked for it.
 *
 * @param dressing that asked for it, places and draws it; absent: the plan itself did, and it is placed on its own
 */
public record ToMake(OwnPiece piece, @Absent String dressing) {
    /** More alike are told in several lines. */
    private static final int TOGETHER = (int) OwnPiece.COUNT.max();
    /** The most letters that a piece's name may have in a document. */
    private static final int LONGEST = 40;
    /** Darker than this share of light, a colour dries slower. */
    private static final double DARK = 0.35;

    /** All that a plan has made ahead: its own pieces, then what its dressings ask for. */
    static List<ToMake> of(Plan plan, List<TierWorkup> tiers) {
        List<ToMake> all = new ArrayList<>();
        plan.pieces().forEach(p -> all.add(new ToMake(p, null)));
        for (int i = 0; i < tiers.size(); i++) {
            Tier tier = plan.tiers().get(i);
            for (TierWorkup.Worn worn : tiers.get(i).dressings()) {
                all.addAll(asked(plan, tier, worn));
            }
        }
        return List.copyOf(all);
    }

    /** Whether it is put on by itself, not in the steps of a dressing. */
    public boolean isPlaced() {
        return dressing == null;
    }

    /** What one dressing asks for. */
    public static List<ToMake> asked(Plan plan, Tier tier, TierWorkup.Worn worn) {
        List<ToMake> asked = new ArrayList<>();
        for (Making.Wanted want : worn.making().wanted()) {
            Dressing dressing = tier.dressing(worn.id());
            Tint tint = Tint.at(plan.palette(), dressing.colours(), want.colour());
            int left = want.count();
            while (left > 0) {
                int now = Math.min(left, TOGETHER);
                asked.add(new ToMake(piece(tier, worn, want, tint, now, asked.size() + 1), worn.id()));
                left -= now;
            }
        }
        return asked;
    }

    private static OwnPiece piece(
            Tier tier, TierWorkup.Worn worn, Making.Wanted want, Tint tint, int count, int number) {
        String id = tier.id() + "-" + worn.id() + "-" + number;
        String name = want.what() + " for " + worn.name() + " on " + tier.name();
        return new OwnPiece(
                id.length() <= LONGEST ? id : id.substring(0, LONGEST - 9) + "-" + Integer.toHexString(id.hashCode()),
                name.substring(0, Math.min(60, name.length())),
                PieceKind.of(want.kind()),
                want.settings(),
                OwnPiece.Form.FLOWER,
                want.size(),
                want.size(),
                want.thickness(),
                count,
                want.material(),
                tint.id().isEmpty() ? null : tint.id(),
                tint.light() < DARK,
                new OwnPiece.Seat(tier.id(), OwnPiece.On.SIDE, 0, 0, 0),
                new Labour(want.minutes(), 0, true, 0),
                new Resting(want.onFormer() ? OwnPiece.Faces.FORMER : null, null, null, null, null),
                new Sticks(null, 0, null),
                Eaten.HARD);
    }
}

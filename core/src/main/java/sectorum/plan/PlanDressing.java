package sectorum.plan;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import sectorum.technique.Technique;

/**
 * A dressing of the plan: one for several tiers, told once. Before anything is worked out it is cut per tier, so that a tier
 * still depends on itself alone; see {@link Plan#cut()}.
 *
 * @param dressing as every one of its tiers wears it, over what is the tier's own
 * @param tiers the names of its tiers
 * @param across what lies between their sides that it goes over, too; absent: it goes over their sides, or whatever surface it
 *     names, alone
 */
public record PlanDressing(
        Dressing dressing, List<String> tiers, @Absent Across across) {
    /** What comes after the name of what lies on the side, for what lies on the level part above it. */
    private static final String LEDGE = "-ledge";

    /** A name has at most so many letters. */
    private static final int LONGEST = 40;

    /** What a dressing of the side goes over besides (craft 3F: a fall across ledges, from under a topper). */
    public enum Across {
        SIDES,
        /** And the ledges between. */
        LEDGES,
        /** And the cake's top. */
        TOP
    }

    public PlanDressing(Dressing dressing, List<String> tiers) {
        this(dressing, tiers, null);
    }

    public PlanDressing {
        if (dressing == null) {
            throw new Refused(
                    "dressings.dressing",
                    Phrase.of("A dressing over {} tiers says which it is.", Quantity.text("several")));
        }
        tiers = Check.list("dressings.tiers", "Tiers", tiers, 1, 8);
        Check.unique("dressings.tiers", "Tier", tiers, t -> t);
        across = across == Across.SIDES ? null : across;
        boolean level = Catalogue.of(dressing.technique()).surfaces().contains(SurfaceKind.TOP);
        if (across != null && (dressing.on() != SurfaceKind.SIDE || !level)) {
            throw new Refused(
                    "dressings.across",
                    Phrase.of(
                            "{} does not go over sides and ledges both. Leave across out.",
                            Quantity.text(Catalogue.of(dressing.technique()).name())));
        }
    }

    /**
     * As a tier wears it: on the division of that name, or on the tier's first, with its part of what widens or grows over all
     * of them; where it goes on over the level part above the side, that comes as one of its own.
     *
     * @param all tiers of the plan, foot to top
     */
    List<Dressing> on(Tier tier, List<Tier> all) {
        double sum = 0;
        double under = 0;
        for (Tier each : all) {
            if (tiers.contains(each.id())) {
                under = each.id().equals(tier.id()) ? sum : under;
                sum += each.height();
            }
        }
        Technique technique = Catalogue.of(dressing.technique());
        double above = 1 - (under + tier.height()) / sum;
        List<Dressing> worn = new ArrayList<>();
        Dressing side = marked(tier);
        worn.add(side.with(technique.part(dressing.settings(), Math.max(0, above), 1 - under / sum)));
        boolean top = tier == all.get(all.size() - 1);
        if (across == Across.TOP || across == Across.LEDGES && !top) {
            worn.add(side.level(levelled(id()), technique.part(dressing.settings(), Math.max(0, above), above)));
        }
        return worn;
    }

    private static String levelled(String id) {
        return id.substring(0, Math.min(id.length(), LONGEST - LEDGE.length())) + LEDGE;
    }

    private Dressing marked(Tier tier) {
        String marks = tier.marksOf(dressing).id();
        return marks.equals(dressing.division()) ? dressing : dressing.marked(marks);
    }

    String id() {
        return dressing.id();
    }
}

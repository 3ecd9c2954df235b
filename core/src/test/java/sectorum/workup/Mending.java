package sectorum.workup;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import sectorum.bench.Bench;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Mend;
import sectorum.plan.Border;
import sectorum.plan.Coat;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.StretchSpec;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.tier.TierWorkup;

/** A mend pressed, as the screens do it: the same changes made to the tier's document. */
record Mending(Tier tier, Bench bench) {
    /** A finding and what it is about; the dressing is null where it is about the tier or a division. */
    record Met(Finding finding, String dressing, String division) {}

    Stream<Met> met() {
        TierWorkup worked = Workup.tier(tier, bench);
        String first = tier.divisions().get(0).id();
        List<Met> all = new ArrayList<>();
        worked.findings().forEach(f -> all.add(new Met(f, null, first)));
        worked.divisions().forEach(d -> d.findings().forEach(f -> all.add(new Met(f, null, d.id()))));
        worked.dressings()
                .forEach(w -> w.findings()
                        .forEach(f ->
                                all.add(new Met(f, w.id(), tier.dressing(w.id()).division()))));
        return all.stream();
    }

    Tier pressed(Met met, Mend mend) {
        Tier changed = tier;
        for (Change change : mend.changes()) {
            changed = switch (change.target()) {
                case SETTING -> dressed(changed, met.dressing(), change);
                case DRESSING -> dressed(changed, met.dressing(), change);
                case DIVISION -> divided(changed, met.division(), change);
                case TIER -> change.field().equals("coats") ? coated(changed, change) : bordered(changed, change);
                case TABLE, STAND, PIECE, AGENDA, WORKSHOP -> changed;
            };
        }
        return changed;
    }

    /** A mend of a dressing's finding pressed. */
    static Tier apply(Tier tier, String dressing, Mend mend) {
        return new Mending(tier, Tiers.BENCH).pressed(new Met(null, dressing, "marks"), mend);
    }

    private static Tier dressed(Tier tier, String id, Change change) {
        if (change.field().equals("place")) {
            List<Dressing> others = new ArrayList<>(
                    tier.dressings().stream().filter(d -> !d.id().equals(id)).toList());
            others.add(tier.dressing(id));
            return tier.wearing(others);
        }
        return tier.wearing(tier.dressings().stream()
                .map(d -> d.id().equals(id) ? changed(d, change) : d)
                .toList());
    }

    private static Dressing changed(Dressing d, Change change) {
        if (change.target() == Change.Target.SETTING) {
            return d.with(d.settings().with(change.field(), change.value()));
        }
        if (change.field().equals("stretch")) {
            return d.along((StretchSpec) change.value());
        }
        if (change.field().equals("over")) {
            return d.over(null);
        }
        boolean zone = change.field().equals("zone");
        return new Dressing(
                d.id(),
                d.technique(),
                d.surface(),
                d.division(),
                zone ? (ZoneSpec) change.value() : d.zone(),
                d.aside(),
                zone ? d.covers() : (Boolean) change.value(),
                d.colours(),
                d.settings());
    }

    private static Tier divided(Tier tier, String id, Change change) {
        List<DivisionSpec> specs = tier.divisions().stream()
                .map(d -> d.id().equals(id)
                        ? new DivisionSpec(
                                d.id(),
                                change.field().equals("count") ? (Integer) change.value() : d.count(),
                                d.wanted(),
                                d.front(),
                                d.liked(),
                                d.corners(),
                                List.of("count", "locked").contains(change.field()) ? List.of() : d.locked(),
                                d.items(),
                                change.field().equals("follows") ? null : d.follows(),
                                change.field().equals("way") ? null : d.way(),
                                d.press())
                        : d)
                .toList();
        return rebuilt(tier, tier.borders(), specs);
    }

    @SuppressWarnings("unchecked")
    private static Tier coated(Tier tier, Change change) {
        return tier.formed(tier.outline(), tier.height(), (List<Coat>) change.value());
    }

    @SuppressWarnings("unchecked")
    private static Tier bordered(Tier tier, Change change) {
        return rebuilt(tier, (List<Border>) change.value(), tier.divisions());
    }

    private static Tier rebuilt(Tier t, List<Border> borders, List<DivisionSpec> divisions) {
        return new Tier(
                t.id(),
                t.name(),
                t.outline(),
                t.height(),
                t.layers(),
                t.dummy(),
                t.coats(),
                t.readings(),
                t.accepted(),
                borders,
                divisions,
                t.dressings());
    }
}

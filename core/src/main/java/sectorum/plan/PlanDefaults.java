package sectorum.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import sectorum.divide.Front;
import sectorum.divide.Preference;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/**
 * What a workshop begins every plan with: schools, room, coats. A plan may differ; where it does, that is told beside it.
 *
 * @param front what looks forward; absent: a section
 * @param liked which counts are liked best; absent: any
 * @param humidity of the room, a share of one; absent: half
 * @param celsius of the room, °C; absent: 20
 * @param coat under the covering, mm; absent: 5
 * @param covering mm; absent: 3.5
 * @param dressFirst whether each tier is decorated before it is stacked; absent: stacked first
 */
public record PlanDefaults(
        @Absent Front front,
        @Absent Preference liked,
        @Absent Double humidity,
        @Absent Double celsius,
        @Absent Double coat,
        @Absent Double covering,
        @Absent Boolean dressFirst) {
    public static final PlanDefaults USUAL = new PlanDefaults(null, null, null, null, null, null, null);
    private static final double COAT = 5;
    private static final double COVERING = 3.5;

    public PlanDefaults {
        new Table(humidity, celsius, null, List.of(), List.of(), java.util.Map.of(), List.of(), java.util.Map.of());
        if (coat != null) {
            Coat.THICKNESS.check(coat);
        }
        if (covering != null) {
            Coat.THICKNESS.check(covering);
        }
    }

    /** A plan that begins so. */
    public Plan begin(String name) {
        Plan fresh = Plan.fresh(name);
        if (equals(USUAL)) {
            return fresh;
        }
        Tier first = fresh.tiers().get(0);
        List<Coat> coats = List.of(
                new Coat("coat", coat == null ? COAT : coat),
                new Coat("covering", covering == null ? COVERING : covering));
        DivisionSpec usual = first.divisions().get(0);
        DivisionSpec division = DivisionSpec.of(
                usual.id(), usual.count(), usual.wanted(), front == null ? usual.front() : front, liked, List.of());
        Plan begun = fresh.with(first.begun(coats, division));
        if (humidity != null || celsius != null) {
            begun = begun.on(new Table(
                    humidity, celsius, null, List.of(), List.of(), java.util.Map.of(), List.of(), java.util.Map.of()));
        }
        return dressFirst == null ? begun : begun.on(Agenda.USUAL.dressing(dressFirst));
    }

    /** Where a plan differs from this, in words: what it is there, and what in the workshop. */
    public List<Phrase> differing(Plan plan) {
        List<Phrase> told = new ArrayList<>();
        differs(
                told,
                "The room at {} here, {} in the workshop",
                plan.made().humid(),
                humidity == null ? 0.5 : humidity,
                Quantity::share);
        differs(
                told,
                "The room at {} °C here, {} in the workshop",
                plan.made().warm(),
                celsius == null ? 20 : celsius,
                Quantity::plain);
        boolean first = dressFirst != null && dressFirst;
        if (plan.settled().dressFirst() != first) {
            told.add(Phrase.of(
                    first
                            ? "Stacked before it is decorated here; the workshop decorates first"
                            : "Decorated before it is stacked here; the workshop stacks first"));
        }
        for (Tier tier : plan.tiers()) {
            differsOn(told, tier, 0, "The coat on {} {} here, {} in the workshop", coat == null ? COAT : coat);
            differsOn(
                    told,
                    tier,
                    1,
                    "The covering on {} {} here, {} in the workshop",
                    covering == null ? COVERING : covering);
            DivisionSpec marks = tier.divisions().get(0);
            if (marks.front() != (front == null ? Front.SECTION : front)) {
                told.add(Phrase.of(
                        marks.front() == Front.MARK
                                ? "A mark looks forward on {}; in the workshop a section does"
                                : "A section looks forward on {}; in the workshop a mark does",
                        Quantity.text(tier.name())));
            }
        }
        return told;
    }

    private static void differs(
            List<Phrase> told, String words, double here, double there, Function<Double, Quantity> as) {
        if (!Objects.equals(here, there)) {
            told.add(Phrase.of(words, as.apply(here), as.apply(there)));
        }
    }

    private static void differsOn(List<Phrase> told, Tier tier, int coat, String words, double there) {
        if (tier.coats().size() > coat && tier.coats().get(coat).thickness() != there) {
            told.add(Phrase.of(
                    words,
                    Quantity.text(tier.name()),
                    Quantity.length(tier.coats().get(coat).thickness()),
                    Quantity.length(there)));
        }
    }
}

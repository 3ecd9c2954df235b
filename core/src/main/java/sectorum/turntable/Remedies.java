package sectorum.turntable;

import java.util.ArrayList;
import java.util.List;
import sectorum.bench.Bench;
import sectorum.bench.Storage;
import sectorum.days.Dependency;
import sectorum.days.OrderTasks;
import sectorum.days.Task;
import sectorum.finding.Change;
import sectorum.finding.Mend;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.technique.Family;
import sectorum.technique.Making;
import sectorum.technique.Technique;
import sectorum.tier.PlacedTier;
import sectorum.tier.TierWork;
import sectorum.tier.TierWorkup;

/** What is still possible past the late edge of a task's wait (craft 5.3, 7). */
final class Remedies {
    /** What froze or chilled too long comes back so long in the room before it is bent, minutes. */
    private static final double COMES_BACK = 10;
    /** Of what a family offers so many are told. */
    private static final int MOST_OTHERS = 3;

    private final Plan plan;
    private final OrderTasks order;
    private final Bench bench;

    Remedies(Plan plan, OrderTasks order, Bench bench) {
        this.plan = plan;
        this.order = order;
        this.bench = bench;
    }

    /** @param late the task whose wait is over */
    List<Remedy> of(Task late) {
        List<Remedy> all = new ArrayList<>();
        for (Task follower : order.tasks()) {
            for (Dependency need : follower.needs()) {
                if (need.task().equals(late.id()) && need.most() != null) {
                    instead(follower, all);
                }
            }
        }
        Storage where = late.rest() == null ? Storage.ROOM : late.rest().storage();
        if (where == Storage.FREEZER || where == Storage.FRIDGE) {
            all.add(Remedy.byHand(
                    Phrase.of(
                            "Let it stand in the room for {} until it gives, then try one corner: what cracks is made again.",
                            Quantity.minutes(COMES_BACK)),
                    COMES_BACK));
        }
        if (late.kind() != Task.Kind.COVER || all.isEmpty()) {
            all.add(Remedy.byHand(
                    Phrase.of(
                            "Make it again: {}, {} of hands.",
                            Quantity.text(late.name()),
                            Quantity.minutes(late.minutes())),
                    late.minutes()));
        }
        return List.copyOf(all);
    }

    /** What was to be pressed into a soft covering is marked, or laid, in a way that takes a firm one. */
    private void instead(Task follower, List<Remedy> all) {
        if (follower.kind() == Task.Kind.MEASURE) {
            Tier tier = plan.tier(follower.tier());
            for (DivisionSpec division : tier.divisions()) {
                if (division.marked().soft()) {
                    all.add(new Remedy(
                            Phrase.of("Read the marks off the tape and prick them into the firm covering."),
                            follower.minutes(),
                            tier.id(),
                            division.id(),
                            new Mend(
                                    Phrase.of("Mark by the tape"),
                                    List.of(new Change(Change.Target.DIVISION, "way", null)))));
                }
            }
        } else if (follower.kind() == Task.Kind.DRESS) {
            others(follower, all);
        }
    }

    private void others(Task follower, List<Remedy> all) {
        PlacedTier placed = PlacedTier.of(plan, follower.tier());
        Dressing pressed = placed.tier().dressing(follower.about());
        if (TierWork.worn(placed, pressed, bench).making().steps().stream().noneMatch(Making.Step::soft)) {
            return;
        }
        int told = 0;
        for (Technique other : Family.others(pressed.technique())) {
            if (told < MOST_OTHERS && other.surfaces().contains(pressed.on())) {
                Dressing fresh = Dressing.fresh(pressed.id(), other.id(), pressed.on(), pressed.division());
                TierWorkup.Worn worn = TierWork.worn(placed, fresh, bench);
                List<Making.Step> steps = worn.making().steps();
                if (!steps.isEmpty() && steps.stream().noneMatch(Making.Step::soft)) {
                    told++;
                    all.add(new Remedy(
                            Phrase.of(
                                    "On the firm covering instead: {}, {} of hands.",
                                    Quantity.text(other.name()),
                                    Quantity.minutes(worn.making().minutes())),
                            worn.making().minutes(),
                            follower.tier(),
                            pressed.id(),
                            new Mend(
                                    Phrase.of("Take {}", Quantity.text(other.name())),
                                    List.of(
                                            new Change(Change.Target.DRESSING, "settings", Values.NONE),
                                            new Change(Change.Target.DRESSING, "technique", other.id())))));
                }
            }
        }
    }
}

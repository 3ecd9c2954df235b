package sectorum.workup;

import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import sectorum.bench.Stock;
import sectorum.bench.Storage;
import sectorum.days.Moments;
import sectorum.days.OrderTasks;
import sectorum.days.Workshop;
import sectorum.handover.Handover;
import sectorum.handover.Slice;
import sectorum.make.Worktop;
import sectorum.plan.Agenda;
import sectorum.plan.Brief;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Span;
import sectorum.plan.Tier;
import sectorum.tasks.Days;
import sectorum.tasks.Instruction;
import sectorum.tier.StackWorkup;

/** A plan in its days: two tiers, quilted and hung with swags, ready on Saturday 12 December 2026 at two. */
record Planned(Plan plan, Workshop workshop, LocalDateTime now, Stock stock) {
    static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    static final LocalDateTime EARLY = LocalDateTime.of(2026, 11, 25, 9, 0);

    static Planned of(OwnPiece... pieces) {
        Plan plan = Tables.of(
                        round().dressings(worn("quilting", ""), worn("pearls", "")),
                        round().dressings(worn("swag", ""), worn("jabot", "")))
                .plan()
                .readyBy("2026-12-12T14:00")
                .with(List.of(pieces));
        return new Planned(plan, Workshop.usual(ZONE), EARLY, Stock.NONE);
    }

    /** One tier alone. */
    static Planned of(Tier tier) {
        Plan plan = new Plan(
                Plan.FORMAT, Plan.VERSION, "A plan", "2026-12-12T14:00", Brief.EMPTY, List.of(), List.of(tier));
        return of().with(plan);
    }

    Planned stocked(Stock other) {
        return new Planned(plan, workshop, now, other);
    }

    Planned with(Plan other) {
        return new Planned(other, workshop, now, stock);
    }

    Planned at(Workshop other) {
        return new Planned(plan, other, now, stock);
    }

    Planned now(LocalDateTime other) {
        return new Planned(plan, workshop, other, stock);
    }

    /** Some of the agenda settled, the rest as usual. */
    Planned settled(Map<String, Agenda.Did> done, Map<String, String> fixed, Map<String, Integer> split) {
        return with(plan.on(new Agenda(done, fixed, split, List.of(), Map.of(), List.of(), false)));
    }

    Planned waiting(Map<String, Span> waits, List<Agenda.OwnTask> own, List<Agenda.Air> air) {
        return with(plan.on(new Agenda(Map.of(), Map.of(), Map.of(), own, waits, air, false)));
    }

    Planned shelves(Map<Storage, Integer> places) {
        return at(new Workshop(ZONE, workshop.week(), workshop.hands(), places));
    }

    StackWorkup worked() {
        return Workup.of(plan, Tiers.BENCH);
    }

    Worktop top() {
        return Workup.worktop(plan, worked(), stock);
    }

    OrderTasks order() {
        return Workup.order("plan-1", plan, worked(), top(), workshop);
    }

    Days days() {
        return Workup.days(plan, order(), List.of(), workshop, Moments.of(now, ZONE));
    }

    Days.Item task(String id) {
        return days().items().stream()
                .filter(i -> i.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("No task " + id + " among "
                        + days().items().stream().map(Days.Item::id).toList()));
    }

    List<String> found() {
        return days().findings().stream().map(f -> f.rule()).toList();
    }

    List<Instruction> steps() {
        return Workup.instructions(plan, worked(), top(), Tiers.BENCH.tape(), order(), days());
    }

    Handover handover() {
        return Workup.handover(plan, worked(), top(), Slice.USUAL, steps(), days());
    }
}

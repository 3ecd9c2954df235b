package sectorum.days;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import sectorum.bench.Storage;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.Agenda;
import sectorum.plan.Plan;

/** Judges the days of one order by the rules of this package. */
public final class ScheduleFindings {
    static final Rule LATE =
            new Rule("days.late", Level.STOP, "The last safe start of something that is not done is past.");
    static final Rule LONG = new Rule(
            "days.long", Level.LOOK, "A task that should be done in one go takes longer than any day is open.");
    static final Rule TIGHT =
            new Rule("days.tight", Level.LOOK, "A wait has a longest time that no open hours allow to keep.");
    static final Rule CLASH =
            new Rule("days.clash", Level.STOP, "A task is settled for a moment before what it needs is over.");
    static final Rule DAMP = new Rule("days.damp", Level.LOOK, "Something dries in a room of more than 70 % humidity.");
    static final Rule EARLY = new Rule(
            "days.early", Level.NOTE, "Something that does not keep would be made more days ahead than it keeps.");
    static final Rule FULL =
            new Rule("days.full", Level.LOOK, "Something takes more places on a shelf than the workshop has.");
    static final Rule HANDS =
            new Rule("days.hands", Level.LOOK, "A lift wants two pairs of hands, and the workshop has fewer.");
    static final Rule WHOLE =
            new Rule("days.whole", Level.NOTE, "A task is to be split that may not be laid down: it stays whole.");

    static final Rule SOFT = new Rule(
            "days.soft", Level.LOOK, "Pressed work would end later than an hour after covering, when that is firm.");

    static final Rule UNKNOWN = new Rule(
            "days.unknown",
            Level.STOP,
            "An added task names one to come before or after it that this plan does not have.");

    private static final int DAY = 24 * 60;
    /** So many names are told of those that there are. */
    private static final int TOLD = 12;

    private ScheduleFindings() {}

    public static List<Rule> rules() {
        return List.of(LATE, LONG, TIGHT, CLASH, DAMP, EARLY, FULL, HANDS, WHOLE, SOFT, UNKNOWN);
    }

    /**
     * @param plan whose order it is; what saves a late one is found by planning again
     */
    public static List<Finding> of(Plan plan, OrderTasks order, Workshop workshop, Timeline timeline, long now) {
        List<Finding> findings = new ArrayList<>();
        List<Slot> slots = timeline.schedule().of(order);
        long first = timeline.schedule().first(order);
        if (first < now) {
            String name = slots.stream()
                    .filter(s -> !s.task().done() && s.start() == first)
                    .map(s -> s.task().name())
                    .findFirst()
                    .orElse(order.name());
            findings.add(LATE.found(Phrase.of(
                    "\"{}\" should have begun {} ago. Save the time below, move the day, or tick off what is"
                            + " done.",
                    Quantity.text(name),
                    Quantity.minutes(now - first))));
        }
        for (Slot s : slots) {
            if (!s.task().done()) {
                task(s, workshop, findings);
            }
        }
        needs(plan, order, timeline.schedule(), findings);
        damp(plan, slots, findings);
        unknown(plan, order, findings);
        plan.settled().split().forEach((id, parts) -> {
            boolean there = slots.stream().anyMatch(s -> s.task().id().equals(id));
            if (there && slots.stream().noneMatch(s -> isPartOf(s.task().key(), id))) {
                Map<String, Integer> others = new TreeMap<>(plan.settled().split());
                others.remove(id);
                findings.add(WHOLE.found(
                        Phrase.of(
                                "\"{}\" may not be laid down, so it is not done in {} parts.",
                                Quantity.text(named(slots, id)),
                                Quantity.count(parts)),
                        press("Leave it whole", Change.Target.AGENDA, "split", others)));
            }
        });
        return findings;
    }

    private static boolean isPartOf(TaskName name, String whole) {
        return name.part() > 0 && name.part(0).text().equals(whole);
    }

    private static String named(List<Slot> slots, String id) {
        return slots.stream()
                .filter(s -> s.task().id().equals(id))
                .map(s -> s.task().name())
                .findFirst()
                .orElse(id);
    }

    private static Mend press(String label, Change.Target target, String field, Object value) {
        return new Mend(Phrase.of(label), List.of(new Change(target, field, value)));
    }

    private static void task(Slot s, Workshop workshop, List<Finding> findings) {
        Task task = s.task();
        Quantity name = Quantity.text(task.name());
        if (isWhole(s) && task.minutes() > workshop.longest()) {
            findings.add(LONG.found(Phrase.of(
                    "\"{}\" takes {} in one go; the longest open hours are {}. It is laid down between; open longer on"
                            + " that day.",
                    name,
                    Quantity.minutes(task.minutes()),
                    Quantity.minutes(workshop.longest()))));
        }
        if (task.pairs() > workshop.hands()) {
            findings.add(HANDS.found(
                    Phrase.of(
                            "\"{}\" is a lift for {} pairs of hands; there are {}. Ask somebody to come.",
                            name,
                            Quantity.count(task.pairs()),
                            Quantity.count(workshop.hands())),
                    press("Two pairs of hands work here", Change.Target.WORKSHOP, "hands", task.pairs())));
        }
        Rest rest = task.rest();
        Integer places = rest == null ? null : workshop.places().get(rest.storage());
        if (places != null && rest.places() > places) {
            findings.add(full(name, rest, places));
        }
        long before = s.order().ready() - (long) task.ahead() * DAY;
        if (task.ahead() > 0 && s.start() < before) {
            findings.add(EARLY.found(Phrase.of(
                    "\"{}\" would be begun {} before the moment; it keeps for {} days. Buy it, make it another way, or"
                            + " have more hands later.",
                    name,
                    Quantity.minutes(s.order().ready() - s.start()),
                    Quantity.count(task.ahead()))));
        }
    }

    /** Whether it should be done in one go; the schedule lays down what no day has room for. */
    private static boolean isWhole(Slot s) {
        return s.order().tasks().stream().anyMatch(t -> t.id().equals(s.task().id()) && !t.pauses());
    }

    private static Finding full(Quantity name, Rest rest, int places) {
        Phrase what = Phrase.of(
                "\"{}\" takes {} places {}; there are {}. Dry them in turns, or make fewer at once.",
                name,
                Quantity.count(rest.places()),
                Quantity.text(rest.storage().words()),
                Quantity.count(places));
        // Formers are things of the cupboard, and told there; the others are the workshop's.
        return rest.storage() == Storage.FORMER
                ? FULL.found(what)
                : FULL.found(
                        what,
                        press(
                                "There are that many places",
                                Change.Target.WORKSHOP,
                                rest.storage().key(),
                                rest.places()));
    }

    private static void needs(Plan plan, OrderTasks order, Schedule schedule, List<Finding> findings) {
        Map<String, Slot> byId = new TreeMap<>();
        schedule.of(order).forEach(s -> byId.put(s.task().id(), s));
        for (Slot s : byId.values()) {
            for (Dependency need : s.task().needs()) {
                Slot first = byId.get(need.task());
                if (first == null || s.task().done()) {
                    continue;
                }
                long free = (need.rested() ? first.rested() : first.end()) + need.least();
                if (s.start() < free) {
                    findings.add(CLASH.found(
                            Phrase.of(
                                    "\"{}\" is set {} before \"{}\" is over.",
                                    Quantity.text(s.task().name()),
                                    Quantity.minutes(free - s.start()),
                                    Quantity.text(first.task().name())),
                            unfixed(plan, s.task().id(), first.task().id())));
                }
                boolean soft = first.task().kind() == Task.Kind.COVER && !need.rested() && need.most() != null;
                if (soft && s.end() - first.end() > Dependency.SOFT) {
                    findings.add(SOFT.found(Phrase.of(
                            "\"{}\" would end {} after the covering, which is soft for {}. Take a quicker way, or cover and press"
                                    + " it in two goes.",
                            Quantity.text(s.task().name()),
                            Quantity.minutes(s.end() - first.end()),
                            Quantity.minutes(Dependency.SOFT))));
                }
                String edge =
                        order.id() + "/" + first.task().id() + ">" + s.task().id();
                if (schedule.loosened().contains(edge) && need.most() != null) {
                    findings.add(TIGHT.found(Phrase.of(
                            "\"{}\" should follow within {} of \"{}\"; the open hours leave {}. Open longer that day.",
                            Quantity.text(s.task().name()),
                            Quantity.minutes(need.most()),
                            Quantity.text(first.task().name()),
                            Quantity.minutes(s.start() - first.end()))));
                }
            }
        }
    }

    /** What was taken off since cannot be waited for: it is told, never passed over. */
    private static void unknown(Plan plan, OrderTasks order, List<Finding> findings) {
        List<TaskName> known = order.tasks().stream().map(Task::key).toList();
        for (Agenda.OwnTask own : plan.settled().own()) {
            for (String id : Stream.concat(own.after().stream(), own.before().stream())
                    .distinct()
                    .toList()) {
                // A task in parts is known by what they were cut from.
                if (known.stream().noneMatch(k -> k.isMeant(id))) {
                    List<Agenda.OwnTask> others = plan.settled().own().stream()
                            .map(o -> o.id().equals(own.id()) ? o.without(id) : o)
                            .toList();
                    findings.add(UNKNOWN.found(
                            Phrase.of(
                                    "\"{}\" is to wait for, or to be waited for by, \"{}\", which is no task of this plan."
                                            + " It has: {}.",
                                    Quantity.text(own.name()),
                                    Quantity.text(id),
                                    Quantity.text(names(
                                            known.stream().map(TaskName::text).toList()))),
                            press("Do not wait for it", Change.Target.AGENDA, "own", others)));
                }
            }
        }
    }

    private static String names(List<String> known) {
        String some = String.join(", ", known.subList(0, Math.min(TOLD, known.size())));
        return known.size() > TOLD ? some + " and " + (known.size() - TOLD) + " more" : some;
    }

    private static List<Mend> unfixed(Plan plan, String... ids) {
        Map<String, String> fixed = new TreeMap<>(plan.settled().fixed());
        for (String id : ids) {
            if (fixed.remove(id) != null) {
                return List.of(press("Let it move again", Change.Target.AGENDA, "fixed", fixed));
            }
        }
        return List.of();
    }

    private static void damp(Plan plan, List<Slot> slots, List<Finding> findings) {
        double humidity = plan.made().humid();
        long drying = slots.stream()
                .filter(s -> !s.task().done()
                        && s.task().rest() != null
                        && s.task().rest().airy())
                .count();
        if (humidity > Air.TOO_DAMP + 1e-9 && drying > 0) {
            findings.add(DAMP.found(
                    Phrase.of(
                            "At {} in the room {} pieces take two and a half times as long to dry, and may not dry"
                                    + " through. Dry the room to {}.",
                            Quantity.share(humidity),
                            Quantity.count(drying),
                            Quantity.share(0.6)),
                    press("The room is dried to 60 %", Change.Target.TABLE, "humidity", 0.6)));
        }
    }
}

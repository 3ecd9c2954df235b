package sectorum.tier;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import sectorum.bench.Bench;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.plan.Dressing;
import sectorum.technique.Family;
import sectorum.technique.Technique;

/**
 * Quicker ways to nearly the same look, found by working each out: every setting of a dressing a step coarser and every
 * other way of making it, two such changes together, and other techniques of its family; kept where they save a good part
 * of the hours and bring no stop with them. No technique is known here by name.
 *
 * @param dressing whose way it is
 * @param kind what is changed
 * @param mend the press that takes it
 * @param minutes what it takes then
 * @param saved minutes less
 * @param worn how it looks
 * @param changes what is another figure then
 */
public record Quicker(
        String dressing,
        Kind kind,
        Mend mend,
        double minutes,
        double saved,
        TierWorkup.Worn worn,
        List<TierWorkup.Changed> changes) {
    /** Less is not worth another look. */
    private static final double LEAST_SAVED = 0.12;

    private static final double LEAST_MINUTES = 5;
    private static final double[] STEPS = {0.75, 1.35, 0.5, 1.8};
    /** A picture each: more would not be looked at. */
    private static final int OFFERED = 3;

    private static final int OFFERED_BESIDE = 2;
    /** Of so many settings every two are tried together. */
    private static final int PAIRED = 4;
    /** Half the pieces gone is another design. */
    private static final double NEARLY = 0.4;

    /** What is changed. */
    public enum Kind {
        SETTING,
        PAIR,
        TECHNIQUE
    }

    public Quicker {
        changes = List.copyOf(changes);
    }

    /** The ways for one dressing: single settings, pairs, other techniques, in each the greatest saving first. */
    public static List<Quicker> of(PlacedTier tier, String dressing, Bench bench) {
        return new Search(tier, tier.tier().dressing(dressing), bench).ways();
    }

    /** Only those of a single setting. */
    public static List<Quicker> coarser(PlacedTier tier, String dressing, Bench bench) {
        Search search = new Search(tier, tier.tier().dressing(dressing), bench);
        return search.offered(search.steps());
    }

    /** A setting and another value of it. */
    private record Step(Field field, Object value, Quicker way) {}

    private static final class Search {
        private final PlacedTier tier;
        private final Dressing now;
        private final Bench bench;
        private final TierWorkup.Worn worn;
        private final double minutes;

        Search(PlacedTier tier, Dressing now, Bench bench) {
            this.tier = tier;
            this.now = now;
            this.bench = bench;
            this.worn = TierWork.worn(tier, now, bench);
            this.minutes = worn.making().minutes();
        }

        /** The best other value of each setting that keeps the look, whatever it saves; the greatest saving first. */
        List<Step> steps() {
            List<Step> steps = new ArrayList<>();
            for (Field field : worn.fields()) {
                values(field, now).stream()
                        .map(value -> step(field, value))
                        .filter(Objects::nonNull)
                        .filter(s -> near(s.way()))
                        .max(Comparator.comparingDouble(s -> s.way().saved()))
                        .ifPresent(steps::add);
            }
            steps.sort(ORDER);
            return steps;
        }

        List<Quicker> offered(List<Step> steps) {
            return steps.stream()
                    .map(Step::way)
                    .filter(way -> isWorth(way, 0))
                    .limit(OFFERED)
                    .toList();
        }

        List<Quicker> ways() {
            List<Step> steps = steps();
            List<Quicker> ways = new ArrayList<>(offered(steps));
            // Two changes that save little each may save enough together.
            List<Step> saving = steps.stream().filter(s -> s.way().saved() > 0).toList();
            ways.addAll(pairs(saving.subList(0, Math.min(PAIRED, saving.size()))));
            ways.addAll(best(Family.others(now.technique()).stream()
                    .map(this::instead)
                    .filter(Objects::nonNull)
                    .filter(way -> stops(way.worn()) <= stops(worn) && !isEmpty(way.worn()))
                    .filter(way -> isWorth(way, 0))
                    .toList()));
            return List.copyOf(ways);
        }

        private static final Comparator<Step> ORDER = Comparator.comparingDouble(
                        (Step s) -> -s.way().saved())
                .thenComparing(s -> s.way().mend().label().toString());

        private List<Quicker> pairs(List<Step> steps) {
            List<Quicker> pairs = new ArrayList<>();
            for (int i = 0; i < steps.size(); i++) {
                for (int j = i + 1; j < steps.size(); j++) {
                    Step a = steps.get(i);
                    Step b = steps.get(j);
                    Quicker pair = pair(a, b);
                    double alone = Math.max(a.way().saved(), b.way().saved());
                    if (pair != null && near(pair) && isWorth(pair, alone)) {
                        pairs.add(pair);
                    }
                }
            }
            return best(pairs);
        }

        private static List<Quicker> best(List<Quicker> ways) {
            return ways.stream()
                    .sorted(Comparator.comparingDouble((Quicker q) -> -q.saved())
                            .thenComparing(q -> q.mend().label().toString()))
                    .limit(OFFERED_BESIDE)
                    .toList();
        }

        /** @param alone minutes that less of a change saves already */
        private boolean isWorth(Quicker way, double alone) {
            return way.saved() - alone >= Math.max(LEAST_MINUTES, LEAST_SAVED * minutes);
        }

        private boolean near(Quicker way) {
            int pieces = worn.layout().placements().size();
            return stops(way.worn()) <= stops(worn)
                    && !isEmpty(way.worn())
                    && way.worn().layout().placements().size() >= NEARLY * pieces;
        }

        @Absent
        private Step step(Field field, Object value) {
            Quicker way = tried(
                    Kind.SETTING,
                    now.with(now.settings().with(field.name(), value)),
                    Mend.setting(label(field, value), field.name(), value));
            return way == null ? null : new Step(field, value, way);
        }

        @Absent
        private Quicker pair(Step a, Step b) {
            Phrase one = label(a.field(), a.value());
            Phrase two = label(b.field(), b.value());
            List<Quantity> quantities = new ArrayList<>(one.quantities());
            quantities.addAll(two.quantities());
            return tried(
                    Kind.PAIR,
                    now.with(now.settings()
                            .with(a.field().name(), a.value())
                            .with(b.field().name(), b.value())),
                    new Mend(
                            new Phrase(one.template() + ", " + two.template(), quantities),
                            List.of(
                                    new Change(Change.Target.SETTING, a.field().name(), a.value()),
                                    new Change(Change.Target.SETTING, b.field().name(), b.value()))));
        }

        @Absent
        private Quicker instead(Technique other) {
            if (!other.surfaces().contains(now.on()) || (now.stretch() != null && !other.isPartial())) {
                return null;
            }
            Dressing dressing = new Dressing(
                    now.id(),
                    other.id(),
                    now.surface(),
                    now.division(),
                    now.zone(),
                    now.stretch(),
                    now.aside(),
                    other.covers() || now.covers(),
                    now.colours(),
                    Values.NONE,
                    null);
            return tried(
                    Kind.TECHNIQUE,
                    dressing,
                    new Mend(
                            Phrase.of(
                                    "{} instead of {}",
                                    Quantity.text(other.name()),
                                    Quantity.text(worn.name().toLowerCase(Locale.ROOT))),
                            List.of(
                                    new Change(Change.Target.DRESSING, "settings", Values.NONE),
                                    new Change(Change.Target.DRESSING, "technique", other.id()))));
        }

        @Absent
        private Quicker tried(Kind kind, Dressing other, Mend mend) {
            try {
                TierWorkup.Worn then = TierWork.worn(tier, other, bench);
                double taking = then.making().minutes();
                return new Quicker(now.id(), kind, mend, taking, minutes - taking, then, changes(then));
            } catch (Refused impossible) {
                return null;
            }
        }

        private List<TierWorkup.Changed> changes(TierWorkup.Worn then) {
            List<TierWorkup.Changed> changes = new ArrayList<>();
            int before = worn.making().pieces();
            int after = then.making().pieces();
            if (before != after) {
                changes.add(
                        new TierWorkup.Changed(then.name(), "pieces", Quantity.count(before), Quantity.count(after)));
            }
            Differences.between(worn, then).stream()
                    .filter(c -> !c.label().equalsIgnoreCase("pieces"))
                    .forEach(changes::add);
            return changes;
        }
    }

    private static boolean isEmpty(TierWorkup.Worn worn) {
        return worn.layout().placements().isEmpty();
    }

    private static long stops(TierWorkup.Worn worn) {
        return worn.findings().stream().filter(f -> f.level() == Level.STOP).count();
    }

    private static List<Object> values(Field field, Dressing now) {
        List<Object> values = new ArrayList<>();
        if (!field.choices().isEmpty()) {
            String chosen = field.choice(now.settings());
            field.choices().stream()
                    .map(Field.Choice::name)
                    .filter(c -> !c.equals(chosen))
                    .forEach(values::add);
            return values;
        }
        boolean sized = field.kind() == Quantity.Kind.LENGTH || field.kind() == Quantity.Kind.COUNT;
        double value = sized ? field.number(now.settings()) : 0;
        for (double step : STEPS) {
            double next = field.kind() == Quantity.Kind.COUNT
                    ? Elementary.rint(value * step)
                    : Rounding.halfUp(value * step, 1);
            if (sized && next != value && next >= field.min() && next <= field.max()) {
                values.add(next);
            }
        }
        return values;
    }

    private static Phrase label(Field field, Object value) {
        if (value instanceof Double number) {
            return Phrase.of(field.label() + ": {}", new Quantity(field.kind(), number, null));
        }
        String said = field.choices().stream()
                .filter(c -> c.name().equals(value))
                .map(Field.Choice::label)
                .findFirst()
                .orElseThrow();
        return Phrase.of(field.label() + ": {}", Quantity.text(said));
    }
}

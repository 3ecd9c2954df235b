package sectorum.tier;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;
import sectorum.bench.Bench;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;
import sectorum.plan.Dressing;

/**
 * Quicker ways to nearly the same look, found by working each out: every setting of a dressing a step coarser, and every
 * other way of making it, kept where it saves a good part of the hours and brings no stop with it. No technique is known
 * here by name.
 *
 * @param dressing whose way it is
 * @param mend the press that takes it
 * @param minutes what it takes then
 * @param saved minutes less
 * @param worn how it looks
 */
public record Quicker(String dressing, Mend mend, double minutes, double saved, TierWorkup.Worn worn) {
    /** Less is not worth another look. */
    private static final double LEAST_SAVED = 0.12;

    private static final double LEAST_MINUTES = 5;
    private static final double[] STEPS = {0.75, 1.35, 0.5, 1.8};
    /** A picture each: more would not be looked at. */
    private static final int OFFERED = 3;
    /** Half the pieces gone is another design. */
    private static final double NEARLY = 0.4;

    /** The ways for one dressing, the greatest saving first. */
    public static List<Quicker> of(PlacedTier tier, String dressing, Bench bench) {
        Dressing now = tier.tier().dressing(dressing);
        TierWorkup.Worn worn = TierWork.worn(tier, now, bench);
        double minutes = worn.making().minutes();
        List<Quicker> ways = new ArrayList<>();
        for (Field field : worn.fields()) {
            Quicker best = values(field, now).stream()
                    .map(value -> tried(tier, now, field, value, bench))
                    .filter(Objects::nonNull)
                    .filter(near(worn, minutes))
                    .max(Comparator.comparingDouble(Quicker::saved))
                    .orElse(null);
            if (best != null) {
                ways.add(best);
            }
        }
        ways.sort(Comparator.comparingDouble((Quicker q) -> -q.saved())
                .thenComparing(q -> q.mend().label().toString()));
        return List.copyOf(ways.subList(0, Math.min(OFFERED, ways.size())));
    }

    private static Predicate<Quicker> near(TierWorkup.Worn before, double minutes) {
        int pieces = before.layout().placements().size();
        long stops = stops(before);
        return way -> way.saved() >= Math.max(LEAST_MINUTES, LEAST_SAVED * minutes)
                && stops(way.worn()) <= stops
                && !way.worn().layout().placements().isEmpty()
                && way.worn().layout().placements().size() >= NEARLY * pieces;
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
            double next =
                    field.kind() == Quantity.Kind.COUNT ? Math.rint(value * step) : Rounding.halfUp(value * step, 1);
            if (sized && next != value && next >= field.min() && next <= field.max()) {
                values.add(next);
            }
        }
        return values;
    }

    @Absent
    private static Quicker tried(PlacedTier tier, Dressing now, Field field, Object value, Bench bench) {
        try {
            double before = TierWork.worn(tier, now, bench).making().minutes();
            Dressing other = now.with(now.settings().with(field.name(), value));
            TierWorkup.Worn worn = TierWork.worn(tier, other, bench);
            double minutes = worn.making().minutes();
            return new Quicker(
                    now.id(), Mend.setting(label(field, value), field.name(), value), minutes, before - minutes, worn);
        } catch (Refused impossible) {
            return null;
        }
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

package sectorum.tier;

import java.util.List;
import sectorum.bench.Bench;
import sectorum.measure.Field;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.plan.Dressing;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.technique.Catalogue;
import sectorum.technique.Technique;

/**
 * A dressing taken over to another tier. A size that was chosen keeps its proportion to what would be usual in its place,
 * so that a drop of a third of the section is a third again; what does not depend on the tier (paste, thickness) stays.
 *
 * @param dressing as it goes on the other tier
 * @param changes its figures there beside those here
 */
public record Refit(Dressing dressing, List<TierWorkup.Changed> changes) {
    public Refit {
        changes = List.copyOf(changes);
    }

    /** Refits the dressing of that name; it takes the division of the same name, or the other tier's first one. */
    public static Refit of(PlacedTier source, String name, PlacedTier target, Bench bench) {
        Tier from = source.tier();
        Tier to = target.tier();
        Dressing there = from.dressing(name);
        Technique technique = Catalogue.of(there.technique());
        String division = to.marksOf(there).id();
        Dressing bare = new Dressing(
                freeName(there.id(), to),
                there.technique(),
                there.surface(),
                division,
                fitting(there, target),
                there.aside(),
                there.covers(),
                there.colours(),
                Values.NONE);
        List<Field> usualThere = technique.fields(Values.NONE, TierWork.place(source, there, bench));
        List<Field> usualHere = technique.fields(Values.NONE, TierWork.place(target, bare, bench));
        Values settings = there.settings();
        for (int i = 0; i < usualThere.size(); i++) {
            Field field = usualHere.get(i);
            if (field.kind() == Quantity.Kind.LENGTH && settings.get(field.name()) instanceof Number chosen) {
                double was = ((Number) usualThere.get(i).fallback()).doubleValue();
                double is = ((Number) field.fallback()).doubleValue();
                if (was > 0 && was != is) {
                    double refitted = bench.tape().read(chosen.doubleValue() * is / was);
                    settings = settings.with(field.name(), Math.max(field.min(), Math.min(field.max(), refitted)));
                }
            }
        }
        Dressing here = bare.with(settings);
        return new Refit(
                here, Differences.between(TierWork.worn(source, there, bench), TierWork.worn(target, here, bench)));
    }

    private static ZoneSpec fitting(Dressing there, PlacedTier to) {
        try {
            if (there.zone() != null) {
                there.zone().on(to.surface(there.on(), to.tier().side()));
            }
            return there.zone();
        } catch (Refused crossed) {
            return null;
        }
    }

    private static String freeName(String wish, Tier to) {
        int n = 1;
        String name = wish;
        while (to.hasDressing(name)) {
            n++;
            name = wish + "-" + n;
        }
        return name;
    }
}

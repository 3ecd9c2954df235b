package sectorum.tier;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiFunction;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.Dressing;
import sectorum.plan.Over;
import sectorum.plan.Tier;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import sectorum.technique.Dressed;
import sectorum.technique.FinishOrder;
import sectorum.technique.Ground;
import sectorum.technique.Making;

/** A tier's dressings in an order in which whatever goes over another knows it; finishes then find their place in the work. */
final class Finishes {
    private final Tier tier;

    Finishes(Tier tier) {
        this.tier = tier;
    }

    /** What a dressing lies on, and which dressings those are. */
    record Beneath(Ground ground, List<TierWorkup.Finished> on) {}

    /** All that are worn, in the tier's own order. */
    List<TierWorkup.Worn> over(BiFunction<Dressing, Beneath, TierWorkup.Worn> work) {
        List<Dressing> shown = tier.dressings().stream().filter(d -> !d.aside()).toList();
        Map<String, TierWorkup.Worn> done = new HashMap<>();
        for (Dressing d : shown) {
            if (d.over() == null) {
                done.put(d.id(), work.apply(d, beneath(d, done)));
            }
        }
        for (Dressing d : shown) {
            if (d.over() != null) {
                TierWorkup.Worn finish = work.apply(d, beneath(d, done));
                done.put(d.id(), placed(finish, done));
            }
        }
        return shown.stream().map(d -> done.get(d.id())).toList();
    }

    /** What one dressing lies on that need not be the tier's own. */
    Beneath beneath(Dressing dressing, BiFunction<Dressing, Beneath, TierWorkup.Worn> work) {
        Map<String, TierWorkup.Worn> done = new HashMap<>();
        if (dressing.over() != null) {
            tier.dressings().stream()
                    .filter(d -> !d.aside() && d.over() == null)
                    .forEach(d -> done.put(d.id(), work.apply(d, beneath(d, done))));
        }
        return beneath(dressing, done);
    }

    private Beneath beneath(Dressing dressing, Map<String, TierWorkup.Worn> done) {
        List<Ground.Pieces> pieces = new ArrayList<>();
        List<TierWorkup.Finished> on = new ArrayList<>();
        Over over = dressing.over();
        if (over != null) {
            for (Dressing d : tier.dressings()) {
                TierWorkup.Worn worn = done.get(d.id());
                Set<Integer> turns = worn == null ? null : meant(d, over);
                if (turns != null && worn.finish() == null) {
                    pieces.add(new Ground.Pieces(worn.name(), dressed(worn), turns));
                    on.add(new TierWorkup.Finished(d.id(), List.copyOf(turns)));
                }
            }
        }
        return new Beneath(new Ground(coat(dressing), over != null, pieces, later(dressing)), on);
    }

    private static Dressed dressed(TierWorkup.Worn worn) {
        return new Dressed(
                worn.layout(), worn.figures(), worn.handles(), worn.findings(), worn.drawings(), worn.making(), null);
    }

    /** The turns of a dressing's colours that are meant, none: all of them; absent: it is not meant at all. */
    @Absent
    private static Set<Integer> meant(Dressing d, Over over) {
        if (over.dressing() != null) {
            return over.dressing().equals(d.id()) ? Set.of() : null;
        }
        Set<Integer> turns = new TreeSet<>();
        for (int i = 0; i < d.colours().size(); i++) {
            if (d.colours().get(i).equals(over.colour())) {
                turns.add(i);
            }
        }
        return turns.isEmpty() ? null : turns;
    }

    /** What is beneath on this surface, as far as a tier knows: not what the board is covered with. */
    @Absent
    private Material coat(Dressing dressing) {
        if (dressing.on() == SurfaceKind.BOARD) {
            return null;
        }
        int last = tier.coats().size() - 1;
        return last < 0 ? null : tier.coats().get(last).made(last > 0);
    }

    /** What goes on after it that is no finish itself. */
    private List<String> later(Dressing dressing) {
        List<String> later = new ArrayList<>();
        boolean after = false;
        for (Dressing d : tier.dressings()) {
            if (after && !d.aside() && !Catalogue.of(d.technique()).finishes()) {
                later.add(Catalogue.of(d.technique()).name());
            }
            after |= d.id().equals(dressing.id());
        }
        return later;
    }

    /** What is laid upon what: the finish first, so that it is what shows once all of it is turned over. */
    private static List<Phrase> reversed(TierWorkup.Worn finish, TierWorkup.Worn under) {
        List<Phrase> layers = new ArrayList<>(under.making().layers());
        layers.add(0, Phrase.of("{} on the mould or sheet: what shows", Quantity.text(finish.name())));
        if (layers.size() == 1) {
            under.making().used().stream()
                    .map(Making.Used::material)
                    .distinct()
                    .forEach(m -> layers.add(Phrase.of("{} over it", Quantity.text(m.words()))));
            layers.add(Phrase.of("turned over and lifted off: {} shows", Quantity.text("the first laid")));
        }
        return layers;
    }

    /**
     * A finish that is done before its pieces are set on, or before they are poured, is a step of theirs: it has none of its
     * own then, and theirs are done here.
     */
    private static TierWorkup.Worn placed(TierWorkup.Worn finish, Map<String, TierWorkup.Worn> done) {
        if (finish.finish() == null
                || finish.finish().look().order() == FinishOrder.AFTER
                || finish.finish().on().isEmpty()) {
            return finish;
        }
        int parts = finish.finish().on().size();
        for (TierWorkup.Finished on : finish.finish().on()) {
            TierWorkup.Worn under = done.get(on.dressing());
            List<Making.Step> steps = new ArrayList<>(under.making().steps());
            boolean first = finish.finish().look().order() == FinishOrder.FIRST || steps.isEmpty();
            steps.addAll(
                    first ? 0 : steps.size() - 1,
                    finish.making().steps().stream()
                            .map(s -> s.taking(s.minutes() / parts))
                            .toList());
            TierWorkup.Worn now = under.in(steps);
            done.put(
                    under.id(),
                    finish.finish().look().order() == FinishOrder.FIRST
                            ? now.made(now.making().laid(reversed(finish, now)))
                            : now);
        }
        return finish.in(List.of());
    }
}

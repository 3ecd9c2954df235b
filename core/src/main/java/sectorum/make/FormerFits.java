package sectorum.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import sectorum.bench.Stock;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.plan.Table;

/** Formers needed at once against those owned, by form and size (craft 4.1, 7). */
final class FormerFits {
    static final Rule FORMER = new Rule(
            "fit.former",
            Level.LOOK,
            "Of the formers that pieces dry over at once, none owned has the form and size, or too few are owned.");

    private FormerFits() {}

    static Optional<Finding> of(Job job, Job.Formed needed, Stock stock, Table table) {
        List<Thing> formers = stock.of(ThingKind.FORMER).toList();
        if (formers.isEmpty()) {
            return Optional.empty();
        }
        List<Thing> like = formers.stream().filter(needed::isLike).toList();
        double owned = like.stream().mapToDouble(Thing::stock).reduce(0, Double::sum);
        if (owned >= needed.many()) {
            return Optional.empty();
        }
        List<Mend> mends = new ArrayList<>();
        if (like.isEmpty() && !needed.setting().isEmpty()) {
            next(formers, needed)
                    .ifPresent(t -> mends.add(new Mend(
                            Phrase.of("Dry it on the next owned, {}", Quantity.length(t.size("across"))),
                            List.of(new Change(
                                    Change.Target.PIECE,
                                    job.dressing() + "/settings/" + needed.setting(),
                                    t.size("across"))))));
        }
        mends.add(buy(needed, needed.many() - (int) owned, table));
        Phrase said = owned > 0
                ? Phrase.of(
                        "{} need {} × {} of {} at once; {} are owned: they dry in {} rounds.",
                        Quantity.text(job.name()),
                        Quantity.count(needed.many()),
                        Quantity.text(needed.words()),
                        Quantity.length(needed.across()),
                        Quantity.count((long) owned),
                        Quantity.count((long) Rounding.ceil(needed.many() / owned)))
                : Phrase.of(
                        "{} need {} × {} of {}; none owned is like it.",
                        Quantity.text(job.name()),
                        Quantity.count(needed.many()),
                        Quantity.text(needed.words()),
                        Quantity.length(needed.across()));
        return Optional.of(FORMER.found(said, mends));
    }

    /** The next larger of the form: a piece bent less than its place lies on by its middle. */
    private static Optional<Thing> next(List<Thing> formers, Job.Formed needed) {
        return formers.stream()
                .filter(t -> t.choice("form").equals(needed.form()) && t.stock() >= 1)
                .filter(t -> t.size("across") >= needed.across())
                .min(Comparator.comparingDouble(t -> t.size("across")));
    }

    private static Mend buy(Job.Formed needed, int many, Table table) {
        double across = Math.max(1, Math.min(1000, Rounding.halfUp(needed.across(), 1)));
        List<Thing> list = new ArrayList<>(table.wanted());
        Values sizes = new Values(new TreeMap<>(Map.of("form", needed.form(), "across", across)));
        String name = needed.words() + " " + sectorum.measure.Numbers.plain(across, 0) + " mm";
        list.add(Thing.of(ThingKind.FORMER, name, sizes).stocked(many));
        return new Mend(
                Phrase.of("Buy {} of {}", Quantity.count(many), Quantity.length(across)),
                List.of(new Change(Change.Target.TABLE, "wanted", list)));
    }
}

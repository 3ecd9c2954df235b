package sectorum.tier;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.technique.Figure;

/** What a new reading changed: the side, every division's sections and marks, every dressing's figures. */
final class Differences {
    /** Less than this no hand could measure. */
    private static final double SEEN = 0.005;

    private final List<TierWorkup.Changed> rows = new ArrayList<>();

    private Differences() {}

    static List<TierWorkup.Changed> between(TierWorkup before, TierWorkup now) {
        Differences found = new Differences();
        found.lengths(
                "Side",
                "round the foot",
                before.form().foot().mm(),
                now.form().foot().mm());
        found.lengths(
                "Side",
                "round the top edge",
                before.form().top().mm(),
                now.form().top().mm());
        found.lengths(
                "Side", "high", before.form().height().mm(), now.form().height().mm());
        for (int i = 0; i < now.divisions().size(); i++) {
            found.division(before.divisions().get(i), now.divisions().get(i));
        }
        for (int i = 0; i < now.dressings().size(); i++) {
            found.dressing(before.dressings().get(i), now.dressings().get(i));
        }
        return List.copyOf(found.rows);
    }

    /** What is another figure on one side than on the other. */
    static List<TierWorkup.Changed> between(TierWorkup.Worn before, TierWorkup.Worn now) {
        Differences found = new Differences();
        found.dressing(before, now);
        return List.copyOf(found.rows);
    }

    private static boolean differ(Quantity a, Quantity b) {
        return Math.abs(a.value() - b.value()) > SEEN || !java.util.Objects.equals(a.text(), b.text());
    }

    private void division(TierWorkup.Divided before, TierWorkup.Divided now) {
        String group = "Division " + now.id();
        if (before.count() != now.count()) {
            row(group, "sections", Quantity.count(before.count()), Quantity.count(now.count()));
        }
        lengths(
                group,
                "front section",
                before.sections().get(before.frontSection()).arc(),
                now.sections().get(now.frontSection()).arc());
        for (int k = 0; k < Math.min(before.count(), now.count()); k++) {
            lengths(
                    group,
                    "mark " + (k + 1),
                    before.marks().get(k).tape(),
                    now.marks().get(k).tape());
        }
    }

    private void dressing(TierWorkup.Worn before, TierWorkup.Worn now) {
        for (Figure figure : now.figures()) {
            before.figures().stream()
                    .filter(f -> f.label().equals(figure.label()))
                    .filter(f -> differ(f.quantity(), figure.quantity()))
                    .forEach(f -> row(now.name(), figure.label(), f.quantity(), figure.quantity()));
        }
    }

    private void lengths(String group, String label, double before, double now) {
        if (Math.abs(before - now) > SEEN + Rounding.EPS) {
            row(group, label, Quantity.length(before), Quantity.length(now));
        }
    }

    private void row(String group, String label, Quantity before, Quantity now) {
        rows.add(new TierWorkup.Changed(group, label, before, now));
    }
}

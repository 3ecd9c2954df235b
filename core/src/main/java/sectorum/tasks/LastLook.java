package sectorum.tasks;

import java.util.ArrayList;
import java.util.List;
import sectorum.build.Build;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.technique.Gesture;
import sectorum.technique.Making;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/** The last look before a cake leaves: joins, level, what comes out again, and every finish, for one not done is seen by all. */
final class LastLook {
    private static final String HANDING =
            "Tell the allergens and the take-out list. Keep candles away from wafer paper and ribbon. Follow your local"
                    + " food rules and a qualified adviser where this matters.";

    private LastLook() {}

    static TaskSteps.Said of(StackWorkup worked, Build build, double minutes) {
        List<Phrase> checks = new ArrayList<>();
        int out = build.stuck().size();
        for (TierWorkup tier : worked.tiers()) {
            for (TierWorkup.Worn worn : tier.dressings()) {
                out += worn.making().out().stream().mapToInt(Making.Out::count).sum();
                if (worn.finish() != null) {
                    checks.add(
                            Phrase.of("{} is done: {}.", Quantity.text(worn.name()), Quantity.text(said(tier, worn))));
                }
            }
        }
        return new TaskSteps.Said(
                Gesture.LOOK,
                Phrase.of(
                        "Look at the joins at the back, the level, dust and shine, from the front and from above;"
                                + " count {} things that come out again.",
                        Quantity.count(out)),
                "handover sheet",
                "",
                minutes,
                null,
                checks,
                HANDING,
                false);
    }

    /** What it goes over. */
    private static String said(TierWorkup tier, TierWorkup.Worn finish) {
        List<String> names = finish.finish().on().stream()
                .map(on -> tier.dressings().stream()
                        .filter(w -> w.id().equals(on.dressing()))
                        .map(TierWorkup.Worn::name)
                        .findFirst()
                        .orElse(on.dressing()))
                .toList();
        return names.isEmpty()
                ? "the " + finish.surface().words()
                : String.join(", ", names).toLowerCase(java.util.Locale.ROOT);
    }
}

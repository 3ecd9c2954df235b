package sectorum.technique;

import java.util.List;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** What a finish is judged by: what it must not touch, that there is something to go over, its place, its amount. */
final class FinishRules {
    private static final Rule WET = new Rule(
            "finish.shuns",
            Level.STOP,
            "A finish brings what spoils the material beneath: wafer takes dry dust only, chocolate and cooked sugar no water"
                    + " and no steam.");
    private static final Rule NOTHING =
            new Rule("finish.nothing", Level.LOOK, "A finish goes over pieces of which there are none on this tier.");
    private static final Rule EARLY = new Rule(
            "finish.last",
            Level.LOOK,
            "Steam comes last, before the glue is dry: what is put on after it is not steamed.");
    private static final Rule HEAVY = new Rule(
            "finish.heavy",
            Level.LOOK,
            "Four times what is usual: it cakes, runs or stays wet. Go over it twice instead.");

    private static final double TOO_MUCH = 4;
    static final List<Rule> ALL = List.of(WET, NOTHING, EARLY, HEAVY);

    private FinishRules() {}

    static void judge(DressingBuilder work, FinishKind kind, double per, DressingContext place) {
        List<Material> spoilt = place.ground().materials().stream()
                .filter(m -> m.shuns(kind.medium()))
                .toList();
        if (!spoilt.isEmpty()) {
            work.find(
                    WET,
                    Phrase.of(
                            "{} does not stand {}.",
                            Quantity.text(Finishing.capital(spoilt.get(0).words())),
                            Quantity.text(kind.medium().words())),
                    Mend.setting(Phrase.of("Take dry dust"), "kind", "dust"));
        }
        if (place.ground().wanted() && place.ground().count() == 0) {
            work.find(
                    NOTHING,
                    Phrase.of("{} pieces here are what it goes over.", Quantity.count(0)),
                    new Mend(
                            Phrase.of(
                                    "Put it on the {} itself",
                                    Quantity.text(place.surface().kind().words())),
                            List.of(new Change(Change.Target.DRESSING, "over", null))));
        }
        if (kind == FinishKind.STEAM && !place.ground().later().isEmpty()) {
            work.find(
                    EARLY,
                    Phrase.of(
                            "{} goes on after the steam.",
                            Quantity.text(place.ground().later().get(0))),
                    new Mend(Phrase.of("Steam last"), List.of(new Change(Change.Target.DRESSING, "place", "last"))));
        }
        if (per > TOO_MUCH * kind.per()) {
            work.find(
                    HEAVY,
                    Phrase.of("{} to 100 cm² in one pass.", Quantity.mass(per)),
                    Mend.setting(Phrase.of("Take {}", Quantity.mass(kind.per())), "per", kind.per()));
        }
    }
}

package sectorum.tasks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import sectorum.make.Batch;
import sectorum.make.Covering;
import sectorum.make.Filled;
import sectorum.make.Worktop;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.plan.Coat;
import sectorum.plan.Layers;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.recipe.ScaledRecipe;
import sectorum.technique.Gesture;

/** What to do for the inside of a tier, for its upper edge and its join (craft 4.3). */
final class InsideSteps {
    private static final String OVEN = "Oven, tins and hot sugar burn: dry gloves, and room to set them down.";

    private final Plan plan;
    private final Worktop top;

    InsideSteps(Plan plan, Worktop top) {
        this.plan = plan;
        this.top = top;
    }

    private static TaskSteps.Said said(
            Gesture gesture, Phrase what, String tool, double minutes, @Absent Phrase check, String caution) {
        return new TaskSteps.Said(
                gesture, what, tool, "", minutes, null, check == null ? List.of() : List.of(check), caution, false);
    }

    /** What goes into a batch by its recipe, weighed out; empty: nobody has said one. */
    String weighed(Batch batch) {
        return recipe(batch)
                .map(r -> "by " + r.label() + ": "
                        + r.amounts().stream()
                                .map(a -> Quantity.mass(
                                                Math.max(0.1, Rounding.halfUp(a.grams(), a.grams() < 20 ? 0.1 : 1)))
                                        + " " + a.name())
                                .collect(Collectors.joining(", ")))
                .orElse("");
    }

    private Optional<ScaledRecipe> recipe(Batch batch) {
        return top.recipes().stream()
                .filter(r -> r.recipe().equals(batch.recipe()))
                .findFirst()
                .map(r -> r.times(batch.parts().kneaded() / r.grams()));
    }

    private Optional<Filled> filled(Tier tier, Filled.Use use) {
        return top.batches().stream()
                .flatMap(b -> b.filled().stream())
                .filter(f -> f.use() == use && f.tier().equals(tier.id()))
                .findFirst();
    }

    private double grams(Tier tier, Filled.Use use) {
        return filled(tier, use).map(Filled::grams).orElse(0.0);
    }

    List<TaskSteps.Said> bake(Tier tier, double minutes) {
        Layers layers = tier.built();
        double high = layers.each() + InsideWork.TRIMMED;
        Batch batch = top.batches().stream()
                .filter(b -> b.filled().stream()
                        .anyMatch(f -> f.use() == Filled.Use.CAKE && f.tier().equals(tier.id())))
                .findFirst()
                .orElse(null);
        String by =
                batch == null ? "" : recipe(batch).map(r -> " by " + r.label()).orElse("");
        return List.of(said(
                Gesture.BAKE,
                Phrase.of(
                        "Bake {} of cake{} in {} tins, {} deep: each layer is trimmed to {}.",
                        Quantity.mass(grams(tier, Filled.Use.CAKE)),
                        Quantity.text(by),
                        Quantity.count(layers.count()),
                        Quantity.length(high),
                        Quantity.length(layers.each())),
                "tins, parchment, scale",
                minutes,
                Phrase.of(
                        "{} layers, each at least {} high when cold.",
                        Quantity.count(layers.count()),
                        Quantity.length(layers.each())),
                OVEN));
    }

    /** The first layer on its grip, then filling, syrup and cake in turn. */
    List<TaskSteps.Said> fill(Tier tier, double minutes) {
        Layers layers = tier.built();
        List<TaskSteps.Said> steps = new ArrayList<>();
        double share = minutes / 3;
        filled(tier, Filled.Use.GRIP)
                .ifPresent(grip -> steps.add(said(
                        Gesture.SPREAD,
                        Phrase.of(
                                "Spread {} of {} on its board, comb it to {} and set the first layer into it.",
                                Quantity.mass(grip.grams()),
                                Quantity.text(grip.material().words()),
                                Quantity.length(grip.thickness())),
                        "palette knife, comb",
                        share,
                        null,
                        "")));
        double syrup = grams(tier, Filled.Use.SYRUP);
        String soaked = syrup > 0
                ? ", brushing " + Quantity.mass(Rounding.halfUp(syrup / layers.count(), 1)) + " of syrup on each"
                : "";
        Optional<Filled> filling = filled(tier, Filled.Use.FILLING);
        Phrase check = Phrase.of("{} high all round, crumbs brushed off.", Quantity.length(tier.height()));
        if (filling.isPresent()) {
            int between = layers.count() - 1;
            steps.add(said(
                    Gesture.LIFT,
                    Phrase.of(
                            "Stack {} layers{}, with {} of {} in each of {} gaps, {} thick.",
                            Quantity.count(layers.count()),
                            Quantity.text(soaked),
                            Quantity.mass(filling.get().grams() / between),
                            Quantity.text(filling.get().material().words()),
                            Quantity.count(between),
                            Quantity.length(layers.filling())),
                    "serrated knife, palette knife, brush",
                    share,
                    null,
                    ""));
        } else {
            steps.add(said(
                    Gesture.LIFT,
                    Phrase.of("Set the layer on its board{}.", Quantity.text(soaked)),
                    "serrated knife, brush",
                    share,
                    null,
                    ""));
        }
        steps.add(said(
                Gesture.MEASURE,
                Phrase.of("Press it level to {}, by a spirit level both ways.", Quantity.length(tier.height())),
                "spirit level",
                minutes - steps.size() * share,
                check,
                ""));
        return steps;
    }

    /** How a coat is spread, with what is left over its edge. */
    Phrase spread(Tier tier, int index, Covering c) {
        Coat coat = tier.coats().get(index);
        boolean outermost = tier.coats().size() > 1 && index == tier.coats().size() - 1;
        Coat.Edge edge = coat.edged(outermost);
        Quantity mass = Quantity.mass(c.stays() + c.trimmed());
        Quantity of = Quantity.text(c.material().words());
        Quantity thick = Quantity.length(c.thickness());
        return switch (edge) {
            case SCRAPED -> Phrase.of("Spread {} of {} to {} and scrape it smooth.", mass, of, thick);
            case DRAWN, CUT ->
                Phrase.of(
                        "Spread {} of {} to {}, scrape the side smooth and leave a lip of {} standing over the top.",
                        mass,
                        of,
                        thick,
                        Quantity.length(TableWork.lip(tier, coat, outermost)));
            case BOARD ->
                Phrase.of(
                        "Spread {} of {} to {}; set a board on top, parallel to the one below, and scrape against both.",
                        mass,
                        of,
                        thick);
        };
    }

    List<TaskSteps.Said> edge(Tier tier, int index, double minutes) {
        Coat coat = tier.coats().get(index);
        boolean outermost = tier.coats().size() > 1 && index == tier.coats().size() - 1;
        Phrase check = Phrase.of(
                "The edge is sharp all round, the top level; {} of coat stays.", Quantity.length(coat.thickness()));
        return List.of(
                switch (coat.edged(outermost)) {
                    case DRAWN ->
                        said(
                                Gesture.SCRAPE,
                                Phrase.of(
                                        "Draw the chilled lip of {} in over the top with a hot, dry scraper, from outside in.",
                                        Quantity.length(TableWork.lip(tier, coat, outermost))),
                                "scraper, hot water, cloth",
                                minutes,
                                check,
                                "A scraper out of boiling water burns: hold it by a cloth, and dry it.");
                    case CUT ->
                        said(
                                Gesture.CUT,
                                Phrase.of(
                                        "Cut the chilled lip of {} off level with a long knife, flat on the top.",
                                        Quantity.length(TableWork.lip(tier, coat, outermost))),
                                "long knife kept for food",
                                minutes,
                                check,
                                "The knife goes away from the hand that turns the cake.");
                    default ->
                        said(
                                Gesture.PEEL,
                                Phrase.of(
                                        "{} the top board off with a warm knife and fill the gaps.",
                                        Quantity.text("Free")),
                                "palette knife",
                                minutes,
                                check,
                                "");
                });
    }

    /** What fills the join under a tier, in words that follow; empty: nothing. */
    String join(Tier tier) {
        return filled(tier, Filled.Use.SEAM)
                .map(s -> " with " + Quantity.mass(Math.max(1, Rounding.halfUp(s.grams(), 1))) + " of "
                        + s.material().words())
                .orElse("");
    }
}

package sectorum.tasks;

import java.util.ArrayList;
import java.util.List;
import sectorum.build.Build;
import sectorum.days.Task;
import sectorum.make.Batch;
import sectorum.make.Covering;
import sectorum.make.Worktop;
import sectorum.material.Adhesive;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Tape;
import sectorum.plan.Coat;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.technique.Gesture;
import sectorum.technique.Making;
import sectorum.tier.Marking;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/** What to do for each kind of task. */
final class TaskSteps {
    private static final String TWO = "Lift it by two, from under the board.";
    private static final String RODS_OUT =
            "Use dowels sold for food. Every one of them is on the take-out list: whoever cuts the cake must know.";

    private final Plan plan;
    private final StackWorkup worked;
    private final Build build;
    private final Worktop top;
    private final Tape tape;
    private final InsideSteps inside;
    private final List<Said> said = new ArrayList<>();
    private double minutes;

    TaskSteps(Plan plan, StackWorkup worked, Worktop top, Tape tape) {
        this.plan = plan;
        this.worked = worked;
        this.top = top;
        this.tape = tape;
        this.build = BuildWork.of(plan, worked);
        this.inside = new InsideSteps(plan, top);
    }

    /** One step of a task; see {@link Instruction}. */
    record Said(
            Gesture gesture,
            Phrase what,
            String tool,
            String joint,
            double minutes,
            @Absent Making.Pause pause,
            List<Phrase> checks,
            String caution,
            boolean lasting) {}

    private void add(Gesture gesture, Phrase what, String tool, @Absent Phrase check, String caution) {
        add(gesture, what, tool, "", minutes, null, check, caution);
    }

    private void add(
            Gesture gesture,
            Phrase what,
            String tool,
            String joint,
            double taking,
            @Absent Making.Pause pause,
            @Absent Phrase check,
            String caution) {
        said.add(new Said(
                gesture, what, tool, joint, taking, pause, check == null ? List.of() : List.of(check), caution, false));
    }

    List<Said> of(Task t) {
        said.clear();
        minutes = t.minutes();
        switch (t.kind()) {
            case PIECE, PLACE -> said.addAll(new PieceSteps(plan, worked).of(t));
            case KNEAD -> knead(t);
            case BOARD ->
                add(
                        Gesture.ROLL,
                        Phrase.of(
                                "Roll the paste to {} and cover the board of {} to its edge.",
                                Quantity.length(plan.made().base().thickness()),
                                Quantity.length(plan.made().base().across())),
                        "roller, smoother",
                        null,
                        "");
            case BAKE -> said.addAll(inside.bake(tier(t), minutes));
            case FILL -> said.addAll(inside.fill(tier(t), minutes));
            case COAT, COVER -> cover(t);
            case EDGE -> said.addAll(inside.edge(tier(t), t.key().number() - 1, minutes));
            case DOWEL -> dowels(t);
            case STACK -> stack(t);
            case MEASURE -> measure(t);
            case DRESS -> dress(t);
            case INSPECT -> said.add(LastLook.of(worked, build, minutes));
            case OWN -> add(Gesture.LOOK, Phrase.of("{}", Quantity.text(t.name())), "", null, "");
        }
        return List.copyOf(said);
    }

    /** A step for every batch: what goes into it, and how much of it there has to be. */
    private void knead(Task t) {
        List<Batch> batches = Kneading.of(t.key()).batches(plan, top);
        double each = (double) t.minutes() / Math.max(1, batches.size());
        for (Batch b : batches) {
            String mixed = b.mixed().size() < 2
                    ? ""
                    : ", from "
                            + b.mixed().stream()
                                    .map(m -> (m.powder()
                                                    ? "CMC powder"
                                                    : m.tint().name()) + " "
                                            + Quantity.mass(Math.max(0.1, Rounding.halfUp(m.grams(), 0.1))))
                                    .collect(java.util.stream.Collectors.joining(" and "));
            if (b.recipe() != null) {
                mixed = ", " + inside.weighed(b);
            }
            String verb = b.material().isKneaded() ? "Knead" : "Mix";
            add(
                    Gesture.WEIGH,
                    Phrase.of(
                            verb + " {} of {} in {}{}.",
                            Quantity.mass(b.parts().kneaded()),
                            Quantity.text(b.material().words()),
                            Quantity.text(b.tint().name()),
                            Quantity.text(mixed)),
                    "scale, gloves",
                    "",
                    each,
                    null,
                    b == batches.get(batches.size() - 1)
                            ? Phrase.of("{} batches, no streaks, each covered.", Quantity.count(batches.size()))
                            : null,
                    "");
        }
    }

    private Tier tier(Task t) {
        return plan.tier(t.tier());
    }

    private TierWorkup workup(String tier) {
        return worked.tiers().stream()
                .filter(w -> w.id().equals(tier))
                .findFirst()
                .orElseThrow();
    }

    private void cover(Task t) {
        int index = t.key().number() - 1;
        Coat coat = tier(t).coats().get(index);
        Covering c = TableWork.coats(plan, tier(t)).stream()
                .filter(each -> each.index() == index)
                .findFirst()
                .orElseThrow();
        Phrase check = Phrase.of(
                "{} of {} all round, edges sharp, no air under it.",
                Quantity.length(coat.thickness()),
                Quantity.text(c.material().words()));
        Phrase what = switch (c.laid()) {
            case SPREAD -> inside.spread(tier(t), index, c);
            case SHEET, BARE ->
                Phrase.of(
                        "Roll {} to {}, to {} across and {} the other way; lay it over, smooth it, trim the foot.",
                        Quantity.mass(c.stays() + c.trimmed()),
                        Quantity.length(c.thickness()),
                        Quantity.length(c.width()),
                        Quantity.length(c.height()));
            case STRIP ->
                c.lid().round()
                        ? Phrase.of(
                                "Roll a strip of {} by {} and wrap it, and lay a round lid, {} across.",
                                Quantity.length(c.width()),
                                Quantity.length(c.height()),
                                Quantity.length(c.lid().width()))
                        : Phrase.of(
                                "Roll a strip of {} by {} and wrap it, and lay a lid of the top's own outline, {} by {}.",
                                Quantity.length(c.width()),
                                Quantity.length(c.height()),
                                Quantity.length(c.lid().width()),
                                Quantity.length(c.lid().height()));
        };
        add(
                c.laid() == Coat.Laid.SPREAD
                        ? Gesture.SPREAD
                        : c.laid() == Coat.Laid.STRIP ? Gesture.WRAP : Gesture.ROLL,
                what,
                c.laid() == Coat.Laid.SPREAD ? "palette knife, scraper" : "roller, smoothers, knife",
                check,
                "");
    }

    private Build.Standing standing(Task t) {
        return build.tiers().stream()
                .filter(s -> s.id().equals(t.tier()))
                .findFirst()
                .orElseThrow();
    }

    private void dowels(Task t) {
        Build.Standing s = standing(t);
        add(
                Gesture.INSERT,
                Phrase.of(
                        "Cut {} dowels to {} and press them in through the seat template, from the front round.",
                        Quantity.count(s.dowels().size()),
                        Quantity.length(s.length())),
                "seat template, saw or shears",
                Phrase.of(
                        "All {} flush with the top: the board above lies level.",
                        Quantity.count(s.dowels().size())),
                RODS_OUT);
    }

    private void stack(Task t) {
        Build.Standing s = standing(t);
        int i = build.tiers().indexOf(s);
        Quantity kilos = Quantity.plain(Rounding.halfUp(s.own() / 1000, 0.1));
        Build.Ledge ledge = i == 0 ? null : build.tiers().get(i - 1).ledge();
        Phrase what = ledge == null
                ? Phrase.of("Mark the board's middle, glue it and set the tier down: {} kg.", kilos)
                : Phrase.of(
                        "Glue inside the seat, lower the tier, front to front, and fill the join{}: {} kg.",
                        Quantity.text(inside.join(tier(t))),
                        kilos);
        Phrase check = ledge == null
                ? Phrase.of("Level both ways, turned by {}.", Quantity.angle(Math.PI / 2))
                : Phrase.of(
                        "To the rim: front {}, back {}, left {}, right {}; level.",
                        Quantity.length(ledge.front()),
                        Quantity.length(ledge.back()),
                        Quantity.length(ledge.left()),
                        Quantity.length(ledge.right()));
        add(Gesture.LIFT, what, "lifter, spirit level, tape", check, t.pairs() > 1 ? TWO : "");
    }

    /** The tape first, then each division by the way chosen for it. */
    private void measure(Task t) {
        TierWorkup w = workup(t.tier());
        List<DivisionSpec> specs = tier(t).divisions();
        double share = (double) t.minutes() / (1 + specs.size());
        add(
                Gesture.MEASURE,
                Phrase.of(
                        "Tape the foot: {} is planned; and the height: {}. Mark the front.",
                        Quantity.length(w.form().foot().mm()),
                        Quantity.length(w.form().height().mm())),
                "soft tape, pricker",
                "",
                share,
                null,
                null,
                "");
        for (int i = 0; i < specs.size(); i++) {
            TierWorkup.Divided d = w.divisions().get(i);
            int n = d.count();
            add(
                    Gesture.MARK,
                    Marking.said(specs.get(i), d, w.form().foot().mm(), tape),
                    specs.get(i).marked().tools(),
                    "",
                    share,
                    null,
                    Phrase.of(
                            "From mark {} round to the first is {}, within {}.",
                            Quantity.count(n),
                            Quantity.length(d.sections().get(n - 1).arc()),
                            Quantity.length(tape.divisionMm())),
                    "");
        }
    }

    private void dress(Task t) {
        TierWorkup.Worn worn = workup(t.tier()).dressings().stream()
                .filter(w -> w.id().equals(t.about()))
                .findFirst()
                .orElseThrow();
        Adhesive chosen = plan.made().joints().get(t.tier() + "/" + worn.id());
        String joint = chosen == null ? worn.making().adhesive() : chosen.words();
        List<Making.Step> steps = DressingParts.part(worn, t.key());
        for (int k = 0; k < steps.size(); k++) {
            Making.Step step = steps.get(k);
            boolean last = k == steps.size() - 1;
            List<Phrase> checks = new ArrayList<>();
            if (step.check() != null) {
                checks.add(step.check());
            }
            if (last && step.pause() == null) {
                checks.add(closing(t, worn));
            }
            said.add(new Said(
                    step.gesture(),
                    step.what(),
                    step.tool(),
                    last ? joint : "",
                    step.minutes(),
                    step.pause(),
                    checks,
                    step.caution(),
                    step.lasting()));
        }
    }

    /** The join at the back is where every fault ends up. */
    private Phrase closing(Task t, TierWorkup.Worn worn) {
        String division = tier(t).marksOf(tier(t).dressing(worn.id())).id();
        TierWorkup.Divided d = workup(t.tier()).divisions().stream()
                .filter(each -> each.id().equals(division))
                .findFirst()
                .orElseThrow();
        return Phrase.of(
                "At the back the {} sections meet: the last is {} like its neighbours, and nothing leaves {} to {} {}.",
                Quantity.count(d.count()),
                Quantity.length(d.sections().get(d.count() - 1).arc()),
                Quantity.length(worn.zone().foot()),
                Quantity.length(worn.zone().top()),
                Quantity.text(worn.surface().from()));
    }
}

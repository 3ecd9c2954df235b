package sectorum.handover;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import sectorum.make.Batch;
import sectorum.make.CutLine;
import sectorum.measure.LengthUnit;
import sectorum.measure.Numbers;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.Brief;
import sectorum.plan.Coat;
import sectorum.plan.Colour;
import sectorum.plan.Layers;
import sectorum.plan.Tier;
import sectorum.recipe.ScaledRecipe;
import sectorum.tasks.Days;
import sectorum.tasks.Instruction;
import sectorum.tasks.LayOut;
import sectorum.technique.Making;
import sectorum.template.Flow;
import sectorum.tier.TierWorkup;

/** What stands in the chapters of a booklet that are words, rows and pictures. */
final class ChapterPages {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.ENGLISH);
    /** A wait that is told in hours, minutes. */
    private static final double LONG = 120;

    private static final double VIEW = 108;
    private static final double STEP_WIDE = 62;
    private static final double STEP_HIGH = 46;

    private final WholeOrder order;
    private final Flow flow;
    private final LengthUnit unit;
    /** Sheets that were full when the picture of the task at hand was set down. */
    private int begun;

    ChapterPages(WholeOrder order, Flow flow, LengthUnit unit) {
        this.order = order;
        this.flow = flow;
        this.unit = unit;
    }

    private String length(double mm) {
        return Quantity.length(mm).say(unit);
    }

    private static String grams(double grams) {
        return Numbers.plain(grams, grams < 20 ? 1 : 0) + " g";
    }

    void brief() {
        Brief brief = order.plan().brief();
        told("For", brief.client());
        told("Where", brief.place());
        told("Ready", HandoverPages.moment(order.plan().readyBy()));
        told("Must not be in it", brief.allergies());
        told("Notes", brief.notes());
        flow.head("Tiers");
        flow.row(List.of("Tier", "Outline", "Wide", "High", "Inside", "Coats"), 0.16, 0.14, 0.12, 0.12, 0.23, 0.23);
        flow.rule();
        for (int i = order.plan().tiers().size() - 1; i >= 0; i--) {
            Tier tier = order.plan().tiers().get(i);
            TierWorkup worked = order.worked().tiers().get(i);
            Layers layers = tier.built();
            String inside = tier.dummy()
                    ? "dummy"
                    : layers.count() + " × " + length(layers.each()) + ", "
                            + tier.filled().filled().words();
            flow.row(
                    List.of(
                            tier.name(),
                            tier.kind().key(),
                            length(worked.form().width()),
                            length(worked.form().height().mm()),
                            inside,
                            tier.coats().stream().map(this::coat).collect(Collectors.joining(", "))),
                    0.16,
                    0.14,
                    0.12,
                    0.12,
                    0.23,
                    0.23);
        }
        if (!order.plan().palette().isEmpty()) {
            flow.head("Colours");
            flow.text(order.plan().palette().stream().map(Colour::name).collect(Collectors.joining(", ")));
        }
    }

    private String coat(Coat coat) {
        return coat.name() + " " + length(coat.thickness());
    }

    private void told(String what, String said) {
        if (!said.isBlank()) {
            flow.row(List.of(what, said), 0.22, 0.78);
            flow.gap(1);
        }
    }

    void views() {
        flow.picture(new FrontView(order.plan(), order.worked(), order.build()).pieces(), VIEW);
        flow.picture(AboveView.of(order.plan(), order.worked(), order.build()), VIEW);
    }

    private String name(Batch batch) {
        String thick = batch.thickness() > 0 ? ", " + length(batch.thickness()) : "";
        String by = order.top().recipes().stream()
                .filter(r -> r.recipe().equals(batch.recipe()))
                .map(r -> ", by " + r.label())
                .findFirst()
                .orElse("");
        return batch.material().words() + ", " + batch.tint().name() + thick + by
                + (batch.ahead() ? ", made ahead" : "");
    }

    /** Every line of the cut list as the screen has it: pieces, spares, size. */
    void cuts() {
        List<Batch> cut =
                order.top().batches().stream().filter(b -> !b.lines().isEmpty()).toList();
        if (cut.isEmpty()) {
            flow.text("Nothing is cut, moulded or piped by the piece.");
        }
        for (Batch batch : cut) {
            flow.head(name(batch));
            for (CutLine line : batch.lines()) {
                String size = line.width() > 0 ? ", " + length(line.width()) + " × " + length(line.height()) : "";
                String spare = line.spare() > 0 ? " + " + line.spare() + " spare" : "";
                flow.tick(
                        line.count() + spare + "  " + line.what().say(unit) + size + ", for " + whose(line),
                        flow.wide());
            }
        }
    }

    private String whose(CutLine line) {
        return order.top().jobs().stream()
                .filter(j -> (j.tier() + "/" + j.dressing()).equals(line.job()))
                .map(j -> j.tier().isEmpty()
                        ? j.name()
                        : j.name() + " on " + order.plan().tier(j.tier()).name())
                .findFirst()
                .orElse(line.job());
    }

    void batches() {
        flow.row(List.of("Batch", "Net", "Spare and off-cuts", "To make"), 0.52, -0.14, -0.18, -0.16);
        flow.rule();
        for (Batch batch : order.top().batches()) {
            Batch.Parts p = batch.parts();
            flow.row(
                    List.of(name(batch), grams(p.net()), grams(p.spare() + p.offCuts()), grams(p.kneaded())),
                    0.52,
                    -0.14,
                    -0.18,
                    -0.16);
        }
        for (ScaledRecipe recipe : order.top().recipes()) {
            flow.head(recipe.label() + ", " + grams(recipe.grams()));
            for (ScaledRecipe.Amount amount : recipe.amounts()) {
                String holds = amount.allergens().isEmpty() ? "" : "holds " + String.join(", ", amount.allergens());
                flow.row(List.of(amount.name(), grams(amount.grams()), holds), 0.4, -0.15, 0.45);
            }
            if (!recipe.note().isBlank()) {
                flow.text(recipe.note());
            }
        }
    }

    void days() {
        Days days = order.days();
        if (days == null) {
            flow.text("The plan has no day yet: its tasks stand in the order of the steps.");
            return;
        }
        String day = "";
        for (Days.Item item : days.items()) {
            for (Days.Sitting work : item.own() ? item.work() : List.<Days.Sitting>of()) {
                if (!work.from().startsWith(day) || day.isEmpty()) {
                    day = work.from().substring(0, 10);
                    flow.head(LocalDate.parse(day).format(DAY));
                }
                String rest = item.lying() == null
                        ? ""
                        : item.lying().storage().name().toLowerCase(Locale.ROOT) + " until "
                                + LocalDateTime.parse(item.lying().until()).format(MOMENT);
                flow.row(
                        List.of(
                                work.from().substring(11, 16) + " to "
                                        + work.to().substring(11, 16),
                                item.name(),
                                rest),
                        0.2,
                        0.45,
                        0.35);
            }
        }
    }

    void steps() {
        StepView views = new StepView(order.plan(), order.worked(), order.build());
        String task = "";
        double until = 0;
        for (Instruction step : order.steps()) {
            if (!step.task().equals(task)) {
                task = step.task();
                flow.down(until);
                flow.room(STEP_HIGH + 14);
                flow.head(step.name());
                double top = flow.y();
                until = views.of(step)
                        .map(view -> {
                            double left = Flow.EDGE + flow.wide() - STEP_WIDE;
                            flow.picture(view, left, top, STEP_WIDE, STEP_HIGH);
                            return top + STEP_HIGH + 6;
                        })
                        .orElse(0.0);
                begun = flow.full();
            }
            double wide = flow.full() == begun && flow.y() < until ? flow.wide() - STEP_WIDE - 4 : flow.wide();
            flow.tick(step.number() + "  " + said(step), wide);
            if (flow.full() != begun) {
                until = 0;
            }
        }
        flow.down(until);
    }

    private String said(Instruction step) {
        List<String> parts = new ArrayList<>();
        parts.add(step.what().say(unit));
        if (!step.tool().isEmpty()) {
            parts.add("With: " + step.tool() + ".");
        }
        if (!step.joint().isEmpty()) {
            parts.add("Sticks with " + step.joint() + ".");
        }
        Making.Pause pause = step.pause();
        if (pause != null) {
            parts.add("Then " + pause.where() + ", " + waits(pause.least(), pause.most()) + ".");
        }
        for (Phrase check : step.checks()) {
            parts.add("Check: " + check.say(unit));
        }
        if (!step.caution().isEmpty()) {
            parts.add("Mind: " + step.caution());
        }
        return String.join(" ", parts);
    }

    /** In minutes up to two hours, then in hours. */
    private static String waits(double least, double most) {
        boolean hours = most > LONG;
        double unit = hours ? 60 : 1;
        String low = Numbers.plain(least / unit, hours ? 1 : 0);
        String high = Numbers.plain(most / unit, hours ? 1 : 0);
        return (low.equals(high) ? low : low + " to " + high) + (hours ? " hours" : " minutes");
    }

    void layOut() {
        LayOut layOut = order.layOut();
        for (LayOut.LayScope scope : layOut.days().isEmpty() ? layOut.jobs() : layOut.days()) {
            flow.head(
                    scope.key().equals(scope.name())
                            ? LocalDate.parse(scope.key()).format(DAY)
                            : scope.name());
            for (LayOut.ToLay item : scope.items()) {
                flow.tick((item.missing() ? "MISSING  " : "") + item(item), flow.wide());
            }
        }
    }

    private String item(LayOut.ToLay item) {
        String many = item.grams() != null ? grams(item.grams()) + " " : item.count() > 1 ? item.count() + " × " : "";
        return many + item.what().say(unit) + "  (" + item.group().words().toLowerCase(Locale.ROOT) + ")";
    }
}

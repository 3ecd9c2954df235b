package sectorum.tasks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.ahead.AheadCatalogue;
import sectorum.bench.Bench;
import sectorum.bench.Stock;
import sectorum.days.Drying;
import sectorum.days.Moments;
import sectorum.days.OrderTasks;
import sectorum.days.TaskName;
import sectorum.days.Workshop;
import sectorum.finding.Change;
import sectorum.finding.Mend;
import sectorum.material.Material;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.tier.PlacedTier;
import sectorum.tier.Quicker;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWork;
import sectorum.tier.TierWorkup;

/**
 * What would save a plan time (craft 5.2): thinner, another paste, both faces free, fewer pieces, quicker ways, another
 * pair of hands, the other order of stacking. Each is planned again with everything else as it is; what saves nothing is
 * not offered.
 */
public final class Savings {
    private static final double THINNER = 0.75;
    private static final double FEWER = 0.75;
    private static final int OFFERED = 6;
    /** Less is not worth a change, minutes. */
    private static final long LEAST = 10;

    private final Plan plan;
    private final Bench bench;
    private final Stock stock;
    private final Workshop workshop;
    private final List<OrderTasks> others;
    private final String id;
    private final long first;
    private final List<Days.Saving> savings = new ArrayList<>();

    private Savings(String id, Plan plan, Bench bench, Stock stock, Workshop workshop, List<OrderTasks> others) {
        this.id = id;
        this.plan = plan;
        this.bench = bench;
        this.stock = stock;
        this.workshop = workshop;
        this.others = others;
        this.first = first(plan, workshop);
    }

    /**
     * Ways to save time, each planned again with everything else as it is; the greatest saving first, at most as many as are offered.
     */
    public static List<Days.Saving> of(
            String id, Plan plan, Bench bench, Stock stock, Workshop workshop, List<OrderTasks> others) {
        Savings tried = new Savings(id, plan, bench, stock, workshop, others);
        plan.pieces().forEach(tried::piece);
        tried.quicker();
        tried.stacking();
        tried.hands();
        return tried.savings.stream()
                .sorted(Comparator.comparingLong(Days.Saving::saved).reversed())
                .limit(OFFERED)
                .toList();
    }

    private long first(Plan other, Workshop there) {
        StackWorkup worked = StackWorkup.of(other, bench);
        OrderTasks order = PlanTasks.order(id, other, worked, TableWork.of(other, worked, stock), there);
        return DaysWork.first(order, others, there);
    }

    private void offer(Mend mend, Plan other, Workshop there) {
        long later = first(other, there);
        if (later - first >= LEAST) {
            savings.add(new Days.Saving(
                    mend, later - first, Moments.local(later, workshop.zone()).toString()));
        }
    }

    private void offer(OwnPiece piece, Phrase label, String field, Object value, OwnPiece other) {
        Mend mend = new Mend(label, List.of(new Change(Change.Target.PIECE, piece.id() + "/" + field, value)));
        offer(mend, plan.with(other), workshop);
    }

    private void piece(OwnPiece piece) {
        Quantity name = Quantity.text(piece.name());
        if (plan.settled().done().containsKey(TaskName.piece(piece.id()).text())) {
            return;
        }
        double thin = Math.max(1, Rounding.halfUp(piece.thickness() * THINNER, 0.5));
        boolean asked = AheadCatalogue.of(piece.made()).sizes().thickness() != null;
        if (asked && thin < piece.thickness()) {
            offer(
                    piece,
                    Phrase.of(
                            "{}: {} thick instead of {}",
                            name,
                            Quantity.length(thin),
                            Quantity.length(piece.thickness())),
                    "thickness",
                    thin,
                    piece.thick(thin));
        }
        if (piece.resting().stated() == null) {
            faces(piece, name);
            material(piece, name);
        }
        int fewer = (int) Math.floor(piece.count() * FEWER);
        if (piece.count() > 2) {
            offer(
                    piece,
                    Phrase.of(
                            "{}: {} of them instead of {}", name, Quantity.count(fewer), Quantity.count(piece.count())),
                    "count",
                    fewer,
                    piece.many(fewer));
        }
    }

    private void faces(OwnPiece piece, Quantity name) {
        for (OwnPiece.Faces faces : OwnPiece.Faces.values()) {
            if (faces.factor() < piece.resting().faces().factor()) {
                String how = faces == OwnPiece.Faces.BOTH ? "dried with both faces free" : "turned half way";
                OwnPiece other = piece.aired(faces);
                offer(piece, Phrase.of("{}: {}", name, Quantity.text(how)), "resting", other.resting(), other);
            }
        }
    }

    private void material(OwnPiece piece, Quantity name) {
        for (Material material : Material.values()) {
            boolean quicker = piece.material() != null
                    && piece.material().isKneaded()
                    && material.isKneaded()
                    && material.isHard()
                    && Drying.base(material) < Drying.base(piece.material());
            if (quicker) {
                offer(
                        piece,
                        Phrase.of("{}: of {}", name, Quantity.text(material.words())),
                        "material",
                        material.key(),
                        piece.of(material));
            }
        }
    }

    /** For each dressing its quickest way to nearly the same look. */
    private void quicker() {
        for (Tier tier : plan.tiers()) {
            for (TierWorkup.Worn worn :
                    TierWork.of(PlacedTier.of(plan, tier.id()), bench).dressings()) {
                Quicker.coarser(PlacedTier.of(plan, tier.id()), worn.id(), bench).stream()
                        .limit(1)
                        .forEach(way -> {
                            Change change = way.mend().changes().get(0);
                            Tier other = tier.wearing(tier.dressings().stream()
                                    .map(d -> d.id().equals(worn.id())
                                            ? d.with(d.settings().with(change.field(), change.value()))
                                            : d)
                                    .toList());
                            Phrase label = Phrase.of(
                                    "{} on {}: {}",
                                    Quantity.text(worn.name()),
                                    Quantity.text(tier.name()),
                                    Quantity.text(way.mend().label().toString()));
                            String field = tier.id() + "/" + worn.id() + "/" + change.field();
                            offer(
                                    new Mend(label, List.of(new Change(Change.Target.SETTING, field, change.value()))),
                                    plan.with(other),
                                    workshop);
                        });
            }
        }
    }

    private void stacking() {
        if (plan.tiers().size() > 1) {
            boolean other = !plan.settled().dressFirst();
            Phrase label = Phrase.of(
                    other ? "Decorate each of {} tiers, then stack" : "Stack {} tiers, then decorate",
                    Quantity.count(plan.tiers().size()));
            Mend mend = new Mend(label, List.of(new Change(Change.Target.AGENDA, "dressFirst", other)));
            offer(mend, plan.on(plan.settled().dressing(other)), workshop);
        }
    }

    private void hands() {
        if (workshop.hands() < Workshop.HANDS.max()) {
            int more = workshop.hands() + 1;
            Mend mend = new Mend(
                    Phrase.of("{} pairs of hands", Quantity.count(more)),
                    List.of(new Change(Change.Target.WORKSHOP, "hands", more)));
            offer(mend, plan, workshop.with(more));
        }
    }
}

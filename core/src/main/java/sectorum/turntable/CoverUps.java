package sectorum.turntable;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.MadeAhead;
import sectorum.art.Contour;
import sectorum.bench.Bench;
import sectorum.bench.Stock;
import sectorum.make.Shopping;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.outline.Along;
import sectorum.plan.Dressing;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.StretchSpec;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.surface.Side;
import sectorum.surface.SurfaceKind;
import sectorum.tasks.TableWork;
import sectorum.technique.Catalogue;
import sectorum.technique.Layout;
import sectorum.technique.Making;
import sectorum.technique.Technique;
import sectorum.tier.PieceWorkup;
import sectorum.tier.PlacedTier;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWork;
import sectorum.tier.TierWorkup;
import sectorum.tier.ToMake;

/**
 * What in a plan's own language covers a fault (craft 7): each dressing that the plan wears is laid over the place
 * as it is worn, then what usually serves; only what really lies on the fault when it is drawn is offered.
 */
public final class CoverUps {
    /** So much of a fault is hidden at least. */
    static final double HIDDEN = 0.9;
    /** A fault is looked at in so many places each way. */
    private static final int LOOKED = 7;
    /** Tried round a fault, mm: a close fit first. */
    private static final double[] AROUND = {2, 6, 12, 20, 30};

    private static final int MOST = 8;
    /** What usually hides something, where the plan does not wear it. */
    private static final List<String> USUAL = List.of("cluster", "pearls", "border", "garland", "pennant");

    private final Plan plan;
    private final Bench bench;
    private final Stock stock;
    private final Fault fault;
    private final PlacedTier placed;
    private final Tier tier;
    private final Side side;
    private final boolean balance;
    private final Map<String, Double> before;
    private final List<CoverUp> offers = new ArrayList<>();

    private CoverUps(Plan plan, Fault fault, Bench bench, Stock stock, @Absent Boolean mirrored) {
        this.plan = plan;
        this.bench = bench;
        this.stock = stock;
        this.placed = PlacedTier.of(plan, fault.tier());
        this.tier = placed.tier();
        this.side = tier.side();
        this.fault = fault;
        this.balance = mirrored == null ? fault.asksBalance(tier) : mirrored;
        this.before = missing(plan);
    }

    /**
     * Ways to cover it, what the plan wears already first, then the quickest.
     *
     * @param plan cut: what goes over several tiers is on each of them
     * @param mirrored whether one like it goes on the other side; absent: where balance asks
     */
    public static CoverUp.Offers of(Plan plan, Fault fault, Bench bench, Stock stock, @Absent Boolean mirrored) {
        CoverUps work = new CoverUps(plan, fault, bench, stock, mirrored);
        if (!(fault.z() <= work.side.height().mm()
                && fault.s() < work.side.foot().mm())) {
            throw new Refused(
                    "fault",
                    Phrase.of(
                            "A place {} along and {} up is not on a side of {} by {}. Press it on the band.",
                            Quantity.length(fault.s()),
                            Quantity.length(fault.z()),
                            Quantity.length(work.side.foot().mm()),
                            Quantity.length(work.side.height().mm())));
        }
        work.worn();
        work.usual();
        work.pieces();
        work.offers.sort(Comparator.comparing((CoverUp c) -> !c.own()).thenComparingDouble(CoverUp::minutes));
        return new CoverUp.Offers(
                fault.asksBalance(work.tier),
                work.offers.isEmpty()
                        ? Phrase.of(
                                "Nothing that this plan wears hides {} by {} there. Try it smaller, or cover it in two.",
                                Quantity.length(fault.width()),
                                Quantity.length(fault.height()))
                        : null,
                work.offers.stream().limit(MOST).toList());
    }

    private void worn() {
        Map<String, Dressing> known = new LinkedHashMap<>();
        for (Tier each : plan.tiers()) {
            for (Dressing d : each.dressings()) {
                if (d.on() == SurfaceKind.SIDE && !d.aside()) {
                    known.putIfAbsent(d.technique(), d);
                }
            }
        }
        known.values().forEach(d -> tried(d, true));
    }

    private void usual() {
        for (String id : USUAL) {
            boolean worn = plan.tiers().stream()
                    .flatMap(t -> t.dressings().stream())
                    .anyMatch(d -> d.technique().equals(id));
            if (!worn) {
                tried(Dressing.fresh("cover-up", id, SurfaceKind.SIDE, first()), false);
            }
        }
    }

    private String first() {
        return tier.divisions().get(0).id();
    }

    /** The closest fit that hides it, all of a dressing's settings kept. */
    private void tried(Dressing like, boolean own) {
        Technique technique = Catalogue.of(like.technique());
        if (technique.finishes() || technique.covers() && !technique.isPartial()) {
            return;
        }
        for (double room : AROUND) {
            try {
                Dressing laid = over(like, technique, fault, room, "cover-up");
                TierWorkup.Worn worn = TierWork.worn(placed, laid, bench);
                boolean soft = worn.making().steps().stream().anyMatch(Making.Step::soft);
                double hidden = soft ? 0 : hidden(worn.layout());
                if (hidden >= HIDDEN) {
                    offer(worn, laid, technique, room, own, hidden);
                    return;
                }
            } catch (Refused tooSmall) {
                // In so little room it cannot be; the next is larger.
            }
        }
    }

    private void offer(
            TierWorkup.Worn worn, Dressing laid, Technique technique, double room, boolean own, double hidden) {
        List<Dressing> dressings = new ArrayList<>(List.of(laid));
        double twice = 1;
        if (balance && technique.isPartial()) {
            dressings.add(over(laid, technique, fault.mirrored(side.foot().mm()), room, "cover-up-mirrored"));
            twice = 2;
        }
        List<OwnPiece> ahead = ToMake.asked(plan, tier.wearing(List.of(laid)), worn).stream()
                .map(ToMake::piece)
                .toList();
        List<Dressing> all = new ArrayList<>(tier.dressings());
        all.addAll(named(dressings));
        offers.add(new CoverUp(
                Phrase.of(
                        technique.isPartial()
                                ? dressings.size() > 1 ? "{} over it, and once more mirrored" : "{} over it"
                                : "{} all round at its height",
                        Quantity.text(worn.name())),
                own,
                hidden,
                twice
                        * (worn.making().grams()
                                + ahead.stream()
                                        .mapToDouble(p -> p.count() * made(p).grams())
                                        .reduce(0, Double::sum)),
                twice
                        * (worn.making().minutes()
                                + ahead.stream()
                                        .flatMap(p -> made(p).steps().stream())
                                        .mapToDouble(Making.Step::minutes)
                                        .reduce(0, Double::sum)),
                lacking(plan.with(tier.wearing(all))),
                named(dressings),
                List.of()));
    }

    private MadeAhead made(OwnPiece piece) {
        return AheadCatalogue.make(plan, piece);
    }

    /** Under names that the tier does not know yet. */
    private List<Dressing> named(List<Dressing> dressings) {
        return dressings.stream()
                .map(d -> {
                    String name = d.id();
                    for (int k = 2; tier.hasDressing(name); k++) {
                        name = d.id() + "-" + k;
                    }
                    return new Dressing(
                            name,
                            d.technique(),
                            d.surface(),
                            d.division(),
                            d.zone(),
                            d.stretch(),
                            d.aside(),
                            d.covers(),
                            d.colours(),
                            d.settings(),
                            d.over());
                })
                .toList();
    }

    /** A dressing in just the room of a fault, or all round at its height. */
    private Dressing over(Dressing like, Technique technique, Fault there, double room, String id) {
        double high = side.height().mm();
        double foot = Math.max(0, there.z() - there.height() / 2 - room);
        double top = Math.min(high, there.z() + there.height() / 2 + room);
        double around = side.foot().mm();
        double degrees = Math.max(1.5, Math.min(350, (there.width() + 2 * room) / around * 360));
        double from = (there.s() / around - 0.5) * 360 - degrees / 2;
        String division = tier.marksOf(like).id();
        return new Dressing(
                id,
                like.technique(),
                null,
                division,
                new ZoneSpec(
                        new ZoneSpec.Height(ZoneSpec.Edge.FOOT, foot), new ZoneSpec.Height(ZoneSpec.Edge.FOOT, top)),
                technique.isPartial() ? stretch(from, degrees) : null,
                false,
                true,
                like.colours(),
                like.settings(),
                null);
    }

    private static StretchSpec stretch(double from, double degrees) {
        double begins = from < -180 ? from + 360 : from;
        return new StretchSpec(begins, begins + degrees);
    }

    /** Which share of the fault lies under a layout's pieces. */
    private double hidden(Layout layout) {
        int under = 0;
        for (int i = 0; i < LOOKED; i++) {
            for (int j = 0; j < LOOKED; j++) {
                double s = fault.s() + fault.width() * ((i + 0.5) / LOOKED - 0.5);
                double z = fault.z() + fault.height() * ((j + 0.5) / LOOKED - 0.5);
                under += layout.placements().stream().anyMatch(p -> isUnder(layout, p, s, z)) ? 1 : 0;
            }
        }
        return under / (double) (LOOKED * LOOKED);
    }

    private boolean isUnder(Layout layout, Layout.Placement p, double s, double z) {
        Layout.Shape shape = layout.shapes().get(p.shape());
        if (shape.role() != Layout.Role.PIECE || p.size() <= 0) {
            return false;
        }
        double around = side.foot().mm();
        double ahead = Along.of(s - p.s() + around / 2, around).s() - around / 2;
        double along = ahead * side.narrowing(p.z()) / p.size();
        double up = (z - p.z()) / p.size();
        double cos = Elementary.cos(p.turn());
        double sin = Elementary.sin(p.turn());
        double x = along * cos + up * sin;
        double y = up * cos - along * sin;
        return shape.closed()
                ? Contour.holds(shape.xz(), x, y)
                : shape.wide() > 0 && Contour.distance(shape.xz(), x, y) <= shape.wide() / 2;
    }

    /** One more of each piece made ahead that is large enough, held on the side. */
    private void pieces() {
        double around = side.foot().mm();
        for (OwnPiece piece : plan.pieces()) {
            boolean large = piece.width() >= fault.width() && piece.height() >= fault.height();
            if (large && piece.height() <= side.height().mm()) {
                List<OwnPiece> more = new ArrayList<>();
                more.add(held(piece, fault, "cover-up"));
                if (balance) {
                    more.add(held(piece, fault.mirrored(around), "cover-up-mirrored"));
                }
                List<OwnPiece> all = new ArrayList<>(plan.pieces());
                all.addAll(more);
                Plan with = plan.with(all);
                List<PieceWorkup> made = PieceWorkup.all(with, bench.rates()).stream()
                        .filter(p -> more.stream().anyMatch(m -> m.id().equals(p.id())))
                        .toList();
                offers.add(new CoverUp(
                        Phrase.of(
                                more.size() > 1 ? "{}, one more, and another mirrored" : "{}, one more",
                                Quantity.text(piece.name())),
                        true,
                        1,
                        made.stream().mapToDouble(PieceWorkup::grams).reduce(0, Double::sum),
                        made.stream().mapToDouble(PieceWorkup::minutes).reduce(0, Double::sum),
                        lacking(with),
                        List.of(),
                        more));
            }
        }
    }

    private OwnPiece held(OwnPiece like, Fault there, String id) {
        double around = side.foot().mm();
        double degrees = (there.s() / around - 0.5) * 360;
        double up = Math.max(0, Math.min(side.height().mm() - like.height(), there.z() - like.height() / 2));
        String name = id;
        for (int k = 2; isTaken(name); k++) {
            name = id + "-" + k;
        }
        return like.oneMore(name, new OwnPiece.Seat(tier.id(), OwnPiece.On.SIDE, degrees, 0, up));
    }

    private boolean isTaken(String name) {
        return plan.pieces().stream().anyMatch(p -> p.id().equals(name));
    }

    /** What has to be bought more than before. */
    private List<CoverUp.Lacking> lacking(Plan with) {
        List<CoverUp.Lacking> more = new ArrayList<>();
        missing(with).forEach((what, amount) -> {
            double then = amount - before.getOrDefault(what, 0.0);
            if (then > 0.05) {
                int cut = what.indexOf('\n');
                more.add(new CoverUp.Lacking(what.substring(0, cut), what.substring(cut + 1), then));
            }
        });
        return more;
    }

    private Map<String, Double> missing(Plan of) {
        Map<String, Double> missing = new LinkedHashMap<>();
        StackWorkup worked = StackWorkup.of(of, bench);
        for (Shopping.Buy buy : TableWork.of(of, worked, stock).shopping()) {
            missing.merge(buy.name() + "\n" + buy.colour(), buy.missing(), Double::sum);
        }
        return missing;
    }
}

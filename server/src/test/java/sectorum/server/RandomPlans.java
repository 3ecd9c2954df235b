package sectorum.server;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.IntStream;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.AheadKind;
import sectorum.ahead.Bed;
import sectorum.art.Motif;
import sectorum.bench.Bench;
import sectorum.bench.Course;
import sectorum.bench.Cutter;
import sectorum.bench.Hand;
import sectorum.bench.OwnRate;
import sectorum.bench.OwnRates;
import sectorum.bench.RateKind;
import sectorum.bench.Round;
import sectorum.divide.Evenness;
import sectorum.divide.Front;
import sectorum.divide.Press;
import sectorum.measure.Field;
import sectorum.measure.LengthUnit;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.plan.Coat;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.OutlineSpec;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.question.BenchStateRequest;
import sectorum.question.BuildRequest;
import sectorum.question.EvennessRequest;
import sectorum.question.LengthRequest;
import sectorum.question.NextTierRequest;
import sectorum.question.PieceTrayRequest;
import sectorum.question.PiecesRequest;
import sectorum.question.PlacesRequest;
import sectorum.question.Question;
import sectorum.question.RefitRequest;
import sectorum.question.RescueRequest;
import sectorum.question.TrayRequest;
import sectorum.question.WaysRequest;
import sectorum.question.WorkupRequest;
import sectorum.server.json.StrictJson;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import sectorum.technique.Technique;
import sectorum.tier.PlacedTier;
import sectorum.tier.TierWork;
import sectorum.turntable.Entry;
import sectorum.turntable.KeptEntry;
import sectorum.turntable.Sequence;
import sectorum.turntable.StepKey;
import sectorum.turntable.Window;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Plans of every technique, kind of piece and outline in seeded sizes and settings, and all that is asked of them. What a hand
 * would hardly set is among them, and what is refused, too.
 */
public final class RandomPlans {
    public static final JsonMapper JSON = StrictJson.mapper();
    private static final List<Technique> TECHNIQUES = Catalogue.all();
    private static final OutlineKind[] OUTLINES = OutlineKind.values();
    private static final Motif STAR = Motif.sample();

    private final Random random;
    private final int number;

    /** @param number which plan; techniques, kinds and outlines go round with it, so that a few dozen have them all */
    public RandomPlans(int number) {
        this.random = new Random(104_729L * number + 11);
        this.number = number;
    }

    /** Every question about this plan, by the name of its record. */
    public Map<String, Question<?>> questions() {
        Plan plan = plan();
        Bench bench = bench();
        Tier tier = plan.tiers().get(number % plan.tiers().size());
        String division = tier.divisions().get(0).id();
        Map<String, Question<?>> all = new LinkedHashMap<>();
        add(all, new WorkupRequest(plan, bench, null));
        add(all, new NextTierRequest(plan));
        add(all, new BuildRequest(plan, bench));
        add(all, new PiecesRequest(plan, bench));
        add(all, new WaysRequest(plan, tier.id(), division, new Press(40 + number % 50, 12, 1), 1.0, bench));
        add(all, new RescueRequest(plan, tier.id(), division, 1 + number % 4, between(1, 400), bench));
        add(all, new LengthRequest("Depth", typed(), LengthUnit.values()[number % LengthUnit.values().length]));
        Sequence sequence = number % 4 == 3 ? null : Sequence.values()[number % 3];
        String dressing = tier.dressings().isEmpty() || number % 2 == 0
                ? null
                : tier.dressings().get(0).id();
        add(all, new PlacesRequest(plan, tier.id(), dressing == null ? division : null, dressing, sequence, bench));
        add(all, new BenchStateRequest(steps(), journal()));
        double middle = between(300, 500);
        add(
                all,
                new EvennessRequest(
                        plan,
                        tier.id(),
                        division,
                        new Evenness.Pointed(
                                0,
                                1000,
                                List.of(middle, middle + between(20, 90), middle + between(100, 300)),
                                number % 2 == 0 ? null : between(1200, 4000)),
                        bench));
        if (!tier.dressings().isEmpty()) {
            String to = plan.tiers().get(0).id();
            add(all, new RefitRequest(plan, tier.id(), tier.dressings().get(0).id(), to, null, bench));
        }
        // Long answers, of which each tells much the same.
        if (number % 8 == 0) {
            add(all, new TrayRequest(plan, tier.id(), SurfaceKind.values()[number / 8 % 5], division, bench));
            add(all, new PieceTrayRequest(plan, bench, tier.id()));
        }
        return all;
    }

    private static void add(Map<String, Question<?>> all, Question<?> question) {
        all.put(question.getClass().getSimpleName(), question);
    }

    private List<StepKey> steps() {
        return IntStream.range(0, 6)
                .mapToObj(i -> new StepKey(
                        "task" + i / 2 + "/" + i % 2,
                        "task" + i / 2,
                        i % 3 * 4,
                        i == 4 ? List.of("task0", "task1") : List.of(),
                        number % 5 == i,
                        5.0 * i))
                .toList();
    }

    private List<KeptEntry> journal() {
        List<KeptEntry> lines = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            Entry.Kind kind = Entry.Kind.values()[(number + i) % Entry.Kind.values().length];
            boolean of = kind.refers();
            Window window = kind == Entry.Kind.TIMER ? new Window(i, i % 2 == 0 ? null : 60.0 + i, null) : null;
            lines.add(new KeptEntry(
                    new Entry(
                            "line" + i,
                            "device" + (number + i) % 2,
                            "",
                            1_700_000_000_000L + i,
                            Math.max(0, i - 2),
                            kind,
                            "task" + i % 3 + "/" + i % 2,
                            kind.least() > 0 ? 1 + i : 0,
                            of ? "line" + Math.max(0, i - 3) : "words",
                            window),
                    i < 9 ? i + 1 : 0));
        }
        return lines;
    }

    private String typed() {
        String[] typed = {"5 1/4\"", "13,35 cm", "half", "2.5", "1e3", "9 3/8 in", "7 mm", "", "12 1/2", "0.1 cm"};
        return typed[number % typed.length];
    }

    private Bench bench() {
        return new Bench(
                LengthUnit.values()[number % LengthUnit.values().length].tape(),
                Hand.values()[number % 2],
                List.of(new Round("Glass", between(30, 120)), new Round("Plate", between(120, 300))),
                Course.values()[number % Course.values().length],
                List.of(),
                List.of(new Cutter("Ring", between(20, 90)), new Cutter("Large ring", 110)),
                between(0.2, 2),
                rates());
    }

    private OwnRates rates() {
        List<OwnRate> rates = new ArrayList<>();
        if (number % 3 > 0) {
            for (String of : List.of("dressing/pearls", "dressing/ruffles", "piece/bow", "task/cover")) {
                rates.add(new OwnRate(RateKind.TIME, of, between(0.5, 2), 1 + number % 9, between(0.1, 0.6)));
                rates.add(new OwnRate(RateKind.BREAKAGE, of, between(0, 0.3), 1 + number % 9, between(0.1, 0.6)));
            }
            for (String of : List.of("gum", "buttercream", "fondant")) {
                rates.add(new OwnRate(RateKind.DENSITY, of, between(0.9, 1.1), 3, 0.05));
                rates.add(new OwnRate(RateKind.METRE, of, between(0.7, 1.4), 3, 0.2));
                rates.add(new OwnRate(RateKind.DRYING, of, between(0.6, 1.6), 3, 0.2));
            }
        }
        return new OwnRates(rates);
    }

    private Plan plan() {
        int many = 1 + number % 3;
        List<Tier> tiers = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            tiers.add(tier(i, many));
        }
        Plan plan = changed(Plan.fresh("Seed " + number).drawn(List.of(STAR)), "tiers", tiers);
        List<OwnPiece> pieces = new ArrayList<>();
        Tier top = tiers.get(many - 1);
        for (int i = 0; i < 3; i++) {
            AheadKind kind = AheadCatalogue.all()
                    .get((number * 3 + i) % AheadCatalogue.all().size());
            List<OwnPiece> offers = kind.offers(Bed.of(top, 0));
            pieces.add(changed(offers.get(number % offers.size()), "id", "piece-" + i));
        }
        return plan.with(pieces);
    }

    private Tier tier(int index, int many) {
        OutlineKind kind = OUTLINES[(number + index) % OUTLINES.length];
        OutlineSpec outline = new OutlineSpec(kind.key(), sizes(kind, 1 - index * 0.3));
        try {
            kind.build(outline.sizes(), 0);
        } catch (Refused tooOdd) {
            outline = new OutlineSpec(kind.key(), Values.NONE);
        }
        List<Coat> coats = number % 4 == 0
                ? List.of(new Coat("buttercream", 6))
                : List.of(new Coat("ganache", between(2, 8)), new Coat("fondant", 3.5));
        Tier bare = Tier.fresh("tier-" + index, "Tier " + index).formed(outline, Math.rint(between(60, 180)), coats);
        int n = switch (kind) {
            case SQUARE, RECTANGLE, POLYGON -> 4 * (2 + random.nextInt(5));
            default -> 5 + random.nextInt(20);
        };
        DivisionSpec marks = DivisionSpec.of(
                "marks", n, null, Front.values()[random.nextInt(Front.values().length)], null, List.of());
        Tier divided = changed(bare, "divisions", List.of(marks));
        List<Dressing> worn = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            Technique technique = TECHNIQUES.get((number * 7 + index * 3 + i) % TECHNIQUES.size());
            dressing(technique, "d" + i, divided, index + 1 == many).ifPresent(worn::add);
        }
        return divided.wearing(worn);
    }

    /** A dressing with some of its settings chosen, or with the usual ones where they cannot be together; none: not here. */
    private Optional<Dressing> dressing(Technique technique, String id, Tier tier, boolean topmost) {
        List<SurfaceKind> here = technique.surfaces().stream()
                .filter(s -> s != (topmost ? SurfaceKind.LEDGE : SurfaceKind.TOP))
                .filter(s -> s != SurfaceKind.INNER || tier.kind() == OutlineKind.RING)
                .toList();
        if (here.isEmpty()) {
            return Optional.empty();
        }
        SurfaceKind surface = here.get(random.nextInt(here.size()));
        Dressing fresh = new Dressing(
                id, technique.id(), surface, "marks", null, false, false, List.of("plum", "cream"), Values.NONE);
        for (int attempt = 0; attempt < 3; attempt++) {
            try {
                PlacedTier placed = PlacedTier.alone(tier).drawn(List.of(STAR));
                Dressing chosen = fresh.with(settings(
                        TierWork.worn(placed, fresh, Bench.orUsual(null)).fields()));
                TierWork.worn(placed, chosen, Bench.orUsual(null));
                return Optional.of(chosen);
            } catch (Refused again) {
                // Settings that cannot be together.
            }
        }
        return Optional.empty();
    }

    private Values settings(List<Field> fields) {
        Map<String, Object> chosen = new TreeMap<>();
        for (Field field : fields) {
            if (random.nextInt(3) > 0) {
                continue;
            }
            if (!field.choices().isEmpty()) {
                chosen.put(
                        field.name(),
                        field.choices()
                                .get(random.nextInt(field.choices().size()))
                                .name());
            } else if (field.kind() == Quantity.Kind.COUNT && field.fallback() instanceof Integer usual) {
                chosen.put(field.name(), Math.max((int) field.min(), usual + random.nextInt(3) - 1));
            } else if (field.kind() == Quantity.Kind.LENGTH && field.fallback() instanceof Number usual) {
                double wished = usual.doubleValue() * between(0.6, 1.5);
                chosen.put(field.name(), Math.max(field.min(), Math.min(field.max(), wished)));
            }
        }
        return new Values(chosen);
    }

    private Values sizes(OutlineKind kind, double share) {
        Map<String, Object> sizes = new TreeMap<>();
        for (Field field : kind.fields()) {
            if (field.kind() == Quantity.Kind.LENGTH && field.fallback() instanceof Number usual) {
                double wished = Math.rint(usual.doubleValue() * share * between(0.8, 1.4) * 10) / 10;
                sizes.put(field.name(), Math.max(field.min(), Math.min(field.max(), wished)));
            }
        }
        return new Values(sizes);
    }

    private double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    /** The same but for one component. */
    @SuppressWarnings("unchecked")
    public static <T> T changed(T record, String component, Object value) {
        ObjectNode tree = JSON.valueToTree(record);
        tree.set(component, JSON.valueToTree(value));
        return (T) JSON.treeToValue(tree, record.getClass());
    }
}

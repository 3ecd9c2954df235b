package sectorum.workup;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import sectorum.bench.Stock;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.finding.Change;
import sectorum.finding.Mend;
import sectorum.make.Fits;
import sectorum.make.Worktop;
import sectorum.material.Adhesive;
import sectorum.measure.Values;
import sectorum.plan.Brief;
import sectorum.plan.Coat;
import sectorum.plan.Colour;
import sectorum.plan.Plan;
import sectorum.plan.Table;
import sectorum.plan.Tier;

/** Plans at the table, for tests: tiers, a palette, a stock and how they are made. */
record Tables(List<Tier> tiers, List<Colour> palette, Stock stock, Table table) {
    static final List<Colour> PALETTE = List.of(
            new Colour("cream", "Cream", "#f3e8d2", "fondant"),
            new Colour("plum", "Plum", "#5b2a4a", "fondant"),
            new Colour(
                    "vein",
                    "Veined",
                    "#9a7080",
                    "",
                    new Colour.Blend(true, List.of(new Colour.Portion("cream", 3), new Colour.Portion("plum", 1)))));

    static Tables of(Tiers... tiers) {
        List<Tier> all = new ArrayList<>();
        for (int i = 0; i < tiers.length; i++) {
            Tier t = tiers[i].tier();
            all.add(new Tier(
                    "tier-" + i,
                    t.name(),
                    t.outline(),
                    t.height(),
                    null,
                    false,
                    List.of(new Coat("ganache", 5), new Coat("fondant", 3.5)),
                    t.readings(),
                    null,
                    t.borders(),
                    t.divisions(),
                    t.dressings()));
        }
        return new Tables(all, PALETTE, Stock.NONE, Table.USUAL);
    }

    Tables stocked(Thing... things) {
        List<Thing> numbered = new ArrayList<>();
        for (Thing thing : things) {
            numbered.add(thing.known(numbered.size() + 1L));
        }
        return new Tables(tiers, palette, new Stock(numbered, stock.hour()), table);
    }

    Tables made(Table other) {
        return new Tables(tiers, palette, stock, other);
    }

    Tables hour(double costs) {
        return new Tables(tiers, palette, new Stock(stock.things(), costs), table);
    }

    Tables wearing(List<Tier> others) {
        return new Tables(others, palette, stock, table);
    }

    static Table room(double humidity, double celsius) {
        return new Table(humidity, celsius, null, List.of(), List.of(), Map.of(), List.of(), Map.of());
    }

    static Table yielding(Map<String, Integer> yields) {
        return new Table(null, null, null, List.of(), List.of(), yields, List.of(), Map.of());
    }

    /** A thing with {@code "across=6"} or {@code "of=mat width=300 length=400"}; its name is its kind's. */
    static Thing thing(ThingKind kind, String sizes) {
        Map<String, Object> values = new HashMap<>();
        for (String each : sizes.isBlank() ? new String[0] : sizes.split(" +")) {
            String[] pair = each.split("=");
            values.put(pair[0], pair[1].matches("[0-9.]+") ? (Object) Double.valueOf(pair[1]) : pair[1]);
        }
        return Thing.of(kind, kind.label(), new Values(values));
    }

    static Thing material(String material, String colour, double stock, double pack, Double price) {
        return new Thing(
                null,
                ThingKind.PASTE,
                material + " " + colour,
                colour,
                new Values(Map.of("paste", material)),
                "",
                stock,
                pack,
                price,
                "");
    }

    Plan plan() {
        return new Plan(Plan.FORMAT, Plan.VERSION, "A plan", null, Brief.EMPTY, palette, tiers).on(table);
    }

    Worktop top() {
        Plan plan = plan();
        return Workup.worktop(plan, Workup.of(plan, Tiers.BENCH), stock);
    }

    /** A finding's press, as the screen does it. */
    @SuppressWarnings("unchecked")
    Tables pressed(Fits.Fit fit, Mend mend) {
        Tables changed = this;
        for (Change c : mend.changes()) {
            Table t = changed.table;
            changed = switch (c.target()) {
                case TABLE ->
                    changed.made(new Table(
                            t.humidity(),
                            t.celsius(),
                            t.base(),
                            t.ticked(),
                            t.made(),
                            t.yields(),
                            c.field().equals("wanted") ? (List<Thing>) c.value() : t.wanted(),
                            c.field().equals("joints") ? (Map<String, Adhesive>) c.value() : t.joints()));
                case SETTING ->
                    changed.wearing(changed.tiers.stream()
                            .map(tier -> tier.id().equals(fit.tier())
                                    ? tier.wearing(tier.dressings().stream()
                                            .map(d -> d.id().equals(fit.dressing())
                                                    ? d.with(d.settings().with(c.field(), c.value()))
                                                    : d)
                                            .toList())
                                    : tier)
                            .toList());
                case TIER ->
                    changed.wearing(changed.tiers.stream()
                            .map(tier -> tier.id().equals(fit.tier()) ? coated(tier, (List<Coat>) c.value()) : tier)
                            .toList());
                default -> throw new AssertionError("No fit changes a " + c.target());
            };
        }
        return changed;
    }

    private static Tier coated(Tier t, List<Coat> coats) {
        return new Tier(
                t.id(),
                t.name(),
                t.outline(),
                t.height(),
                t.layers(),
                t.dummy(),
                coats,
                t.readings(),
                t.accepted(),
                t.borders(),
                t.divisions(),
                t.dressings());
    }
}

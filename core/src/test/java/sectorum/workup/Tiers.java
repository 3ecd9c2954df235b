package sectorum.workup;

import java.util.List;
import java.util.Map;
import java.util.Set;
import sectorum.bench.Bench;
import sectorum.divide.Front;
import sectorum.measure.LengthUnit;
import sectorum.measure.Values;
import sectorum.plan.Border;
import sectorum.plan.Coat;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.surface.Reading;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import sectorum.tier.TierWorkup;

/** Tiers for tests: a round of 110 under one coat, changed piece by piece. */
record Tiers(
        OutlineSpec outline,
        List<Reading> readings,
        List<Reading> accepted,
        List<Border> borders,
        List<DivisionSpec> divisions,
        List<Dressing> dressings) {
    static final Bench BENCH = Bench.of(LengthUnit.MM.tape());

    static Tiers round() {
        return new Tiers(
                new OutlineSpec("round", new Values(Map.of("diameter", 215.0))),
                List.of(),
                null,
                List.of(),
                List.of(division(11)),
                List.of());
    }

    /** The same tier, of foam, under no coat. */
    static Tier dummy(Tier cake) {
        return new Tier(
                cake.id(),
                cake.name(),
                cake.outline(),
                cake.height(),
                null,
                true,
                List.of(),
                List.of(),
                null,
                List.of(),
                cake.divisions(),
                List.of());
    }

    static DivisionSpec division(int n) {
        return DivisionSpec.of("marks", n, 60.0, Front.SECTION, null, List.of());
    }

    static Border border(String id, ZoneSpec.Edge edge, double from, double to, boolean covers) {
        return new Border(id, id, new ZoneSpec(new ZoneSpec.Height(edge, from), new ZoneSpec.Height(edge, to)), covers);
    }

    static Dressing swag(String id, ZoneSpec zone, boolean covers) {
        return new Dressing(id, "swag", null, "marks", zone, false, covers, List.of(), Values.NONE);
    }

    /** A technique with {@code "drop=48 curve=arc"}; what is not said is usual. */
    static Dressing worn(String technique, String settings) {
        Values values = Values.NONE;
        for (String each : settings.isBlank() ? new String[0] : settings.trim().split(" +")) {
            String[] pair = each.split("=");
            values = values.with(pair[0], pair[1].matches("-?[0-9.]+") ? (Object) Double.valueOf(pair[1]) : pair[1]);
        }
        return new Dressing(technique, technique, usual(technique), "marks", null, false, false, List.of(), values);
    }

    /** The side, or where a technique goes that does not go there. */
    static SurfaceKind usual(String technique) {
        Set<SurfaceKind> meant = Catalogue.of(technique).surfaces();
        return meant.contains(SurfaceKind.SIDE) ? null : meant.iterator().next();
    }

    static Dressing named(String id, Dressing d) {
        return new Dressing(
                id,
                d.technique(),
                d.surface(),
                d.division(),
                d.zone(),
                d.aside(),
                d.covers(),
                d.colours(),
                d.settings());
    }

    static Dressing coloured(Dressing d, String... colours) {
        return new Dressing(
                d.id(),
                d.technique(),
                d.surface(),
                d.division(),
                d.zone(),
                d.aside(),
                d.covers(),
                List.of(colours),
                d.settings());
    }

    Tiers taped(Reading... read) {
        return new Tiers(outline, List.of(read), accepted, borders, divisions, dressings);
    }

    Tiers looked(Reading... read) {
        return new Tiers(outline, readings, List.of(read), borders, divisions, dressings);
    }

    Tiers borders(Border... these) {
        return new Tiers(outline, readings, accepted, List.of(these), divisions, dressings);
    }

    Tiers divisions(DivisionSpec... these) {
        return new Tiers(outline, readings, accepted, borders, List.of(these), dressings);
    }

    Tiers dressings(Dressing... these) {
        return new Tiers(outline, readings, accepted, borders, divisions, List.of(these));
    }

    Tiers outline(String kind) {
        return new Tiers(new OutlineSpec(kind, Values.NONE), readings, accepted, borders, divisions, dressings);
    }

    Tier tier() {
        return new Tier(
                "top",
                "Top",
                outline,
                110,
                null,
                false,
                List.of(new Coat("fondant", 8.5)),
                readings,
                accepted,
                borders,
                divisions,
                dressings);
    }

    TierWorkup worked() {
        return Workup.tier(tier(), BENCH);
    }
}

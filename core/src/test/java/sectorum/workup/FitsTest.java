package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static sectorum.workup.Tables.thing;
import static sectorum.workup.Tiers.division;
import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.finding.Mend;
import sectorum.make.Fits;
import sectorum.material.Adhesive;
import sectorum.measure.Values;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Table;

/** Findings from the cupboard: each appears, is mended by its presses, and goes. */
class FitsTest {
    private static final Map<String, Tables> SHOWN = new TreeMap<>();

    private static final Thing MACHINE = new Thing(
            null,
            ThingKind.MACHINE,
            "Machine",
            "",
            thing(ThingKind.MACHINE, "width=145").sizes(),
            "1=2.4 6=1.2",
            1,
            0,
            null,
            "");

    private static Tables five(String technique, String settings) {
        return Tables.of(round().divisions(division(5)).dressings(worn(technique, settings)));
    }

    static {
        SHOWN.put("fit.tool", five("jabot", "rod=6").stocked(thing(ThingKind.ROD, "across=8")));
        SHOWN.put("fit.sheet", five("drape", "drop=48").stocked(thing(ThingKind.SHEET, "of=mat width=120 length=150")));
        SHOWN.put("fit.cover", five("swag", "").stocked(thing(ThingKind.SHEET, "of=mat width=300 length=400")));
        SHOWN.put("fit.dial", five("drape", "thickness=0.8").stocked(MACHINE));
        Table hot = Tables.room(0.5, 31);
        SHOWN.put(
                "fit.hot",
                five("drape", "")
                        .made(new Table(
                                hot.humidity(),
                                hot.celsius(),
                                null,
                                List.of(),
                                List.of(),
                                Map.of(),
                                List.of(),
                                Map.of("tier-0/drape", Adhesive.CHOCOLATE))));
    }

    static Set<String> rules() {
        return SHOWN.keySet();
    }

    private static List<Fits.Fit> met(Tables tables, String rule) {
        return tables.top().findings().stream()
                .filter(f -> f.finding().rule().equals(rule))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("rules")
    void appearsIsMendedAndGoes(String rule) {
        Tables tables = SHOWN.get(rule);
        List<Fits.Fit> found = met(tables, rule);
        assertThat(found).isNotEmpty();
        Fits.Fit first = found.get(0);
        assertThat(first.finding().mends()).isNotEmpty();
        for (Mend mend : first.finding().mends()) {
            assertThat(met(tables.pressed(first, mend), rule))
                    .as(mend.label().toString())
                    .hasSizeLessThan(found.size());
        }
    }

    @Test
    void anEmptyCupboardIsNotJudged() {
        assertThat(five("jabot", "rod=6").top().findings()).isEmpty();
    }

    @Test
    void whatIsMeantToBeBoughtIsOnTheShoppingList() {
        Tables tables = SHOWN.get("fit.tool");
        Fits.Fit fit = met(tables, "fit.tool").get(0);
        Mend buy = fit.finding().mends().get(1);
        assertThat(tables.pressed(fit, buy).top().shopping())
                .anySatisfy(b -> assertThat(b.kind()).isEqualTo(ThingKind.ROD));
    }

    /** A tier whose covering nobody has a mat for is told so; that no such mat is sold stops nothing. */
    @Test
    void aCoveringWiderThanAnyMatIsToldAndNotAskedOfTheShop() {
        Tables wide = Tables.of(new Tiers(
                        new OutlineSpec("round", new Values(Map.of("diameter", 1200.0))),
                        List.of(),
                        null,
                        List.of(),
                        List.of(Tiers.division(12)),
                        List.of()))
                .stocked(thing(ThingKind.SHEET, "of=mat width=300 length=400"));
        Tables tall = wide.wearing(wide.tiers().stream()
                .map(t -> t.formed(t.outline(), 600, t.coats()))
                .toList());
        assertThat(tall.top().findings()).anySatisfy(f -> {
            assertThat(f.finding().rule()).isEqualTo("fit.cover");
            assertThat(f.finding().mends()).hasSize(1);
            assertThat(f.finding().mends().get(0).label().toString()).contains("strip");
        });
    }
}

package sectorum.server.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.InputStream;
import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.bench.Bench;
import sectorum.bench.Hand;
import sectorum.bench.Round;
import sectorum.material.Material;
import sectorum.measure.LengthUnit;
import sectorum.measure.Quantity;
import sectorum.plan.Plan;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;
import sectorum.workup.Workup;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Plans as older versions wrote them open, and what followed from them on the same bench still follows; see the plan format. */
class KeptPlansTest {
    private static final JsonMapper JSON = StrictJson.mapper();

    /** What they were reckoned with: the rounds that the sample cupboard had. */
    private static final Bench BENCH = new Bench(
            LengthUnit.MM.tape(),
            Hand.RIGHT,
            List.of(
                    new Round("Round board 16", 160),
                    new Round("Round board 18", 180),
                    new Round("Round board 25", 255),
                    new Round("Round board 35", 355),
                    new Round("Sandwich tin 15", 152),
                    new Round("Sandwich tin 20", 203),
                    new Round("Ring cutter 40", 40),
                    new Round("Ring cutter 60", 60),
                    new Round("Ring cutter 75", 75),
                    new Round("Ring cutter 90", 90)));

    private static String text(String file) throws Exception {
        try (InputStream in = KeptPlansTest.class.getResourceAsStream("/plans/" + file)) {
            return new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "observatory-gala",
                "orchestra-season-opener",
                "beekeepers-guild-supper",
                "chess-league-final",
                "empty-plan"
            })
    void aPlanOfVersionOneGivesTheWorkupThatItGave(String name) throws Exception {
        JsonNode before = JSON.readTree(text(name + ".v1.workup.json"));
        Plan plan = JSON.readValue(text(name + ".v1.json"), Plan.class);
        assertThat(plan.version()).isEqualTo(Plan.VERSION);
        StackWorkup now = Workup.of(plan, BENCH);
        TreeMap<String, Runnable> checks = new TreeMap<>();
        for (TierWorkup tier : now.tiers()) {
            tier.divisions().forEach(d -> checks.put(tier.id() + "/" + d.id(), () -> divided(before, tier, d)));
            tier.dressings().forEach(w -> checks.put(tier.id() + "/" + w.id(), () -> worn(before, tier, w)));
        }
        assertThat(checks.keySet()).containsExactlyInAnyOrderElementsOf(before.propertyNames());
        checks.values().forEach(Runnable::run);
    }

    private static void divided(JsonNode before, TierWorkup tier, TierWorkup.Divided divided) {
        JsonNode was = before.path(tier.id() + "/" + divided.id());
        assertThat(tier.form().foot().mm()).isCloseTo(was.path("around").asDouble(), within(1e-9));
        for (int k = 0; k < divided.count(); k++) {
            assertThat(divided.marks().get(k).s())
                    .isCloseTo(was.path("marks").path(k).asDouble(-1), within(1e-9));
        }
        assertThat(was.path("marks").size()).isEqualTo(divided.count());
    }

    private static void worn(JsonNode before, TierWorkup tier, TierWorkup.Worn worn) {
        JsonNode was = before.path(tier.id() + "/" + worn.id());
        assertThat(worn.layout().placements()).hasSize(was.path("placements").asInt());
        assertThat(worn.figures()).hasSize(was.size() - 1).allSatisfy(f -> {
            JsonNode then = was.path(f.name());
            if (f.quantity().kind() == Quantity.Kind.TEXT) {
                assertThat(f.quantity().text()).isEqualTo(then.asString());
            } else {
                assertThat(f.quantity().value()).as(f.name()).isCloseTo(then.asDouble(Double.NaN), within(1e-9));
            }
        });
    }

    /** All that version 2 can say, read and written again: the same, field by field. */
    @Test
    void aPlanOfVersionTwoIsReadAndWrittenAsItStands() throws Exception {
        String kept = text("everything.v2.json");
        Plan plan = JSON.readValue(kept, Plan.class);
        assertThat(JSON.readTree(JSON.writeValueAsString(plan))).isEqualTo(JSON.readTree(kept));
        assertThat(plan.cut().tiers()).allMatch(t -> t.hasDressing("foot-pearls"));
        StackWorkup worked = Workup.of(plan, BENCH);
        assertThat(worked.toMake(plan)).hasSize(2);
        TierWorkup.Worn pearls = worked.tiers().get(0).dressings().get(2);
        assertThat(pearls.stretch().length())
                .isCloseTo(worked.tiers().get(0).form().foot().mm() / 2, within(1e-9));
    }

    /** What was called paste is the material now, wherever a document says it; what is said already is left alone. */
    @Test
    void whatAThingIsMadeOfIsItsMaterial() throws Exception {
        Plan plan = JSON.readValue(text("every-paste.v1.json"), Plan.class);
        assertThat(plan.tiers().get(0).coats().get(0).material()).isEqualTo(Material.GANACHE);
        assertThat(plan.tiers().get(0).dressings().get(0).settings().get("material"))
                .isEqualTo("chocolate");
        assertThat(plan.made().base().material()).isEqualTo(Material.GUM);
        assertThat(plan.pieces().get(0).material()).isEqualTo(Material.HALF);
        assertThat(plan.pieces().get(0).resting().layer().material()).isEqualTo(Material.SUGAR_SHEET);
        String again = JSON.writeValueAsString(plan);
        assertThat(again).doesNotContain("paste").contains("\"version\":2");
        assertThat(JSON.readValue(again, Plan.class)).isEqualTo(plan);
    }
}

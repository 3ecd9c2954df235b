package sectorum.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.InstanceOfAssertFactories.MAP;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.bench.Bench;
import sectorum.measure.LengthUnit;
import sectorum.measure.Refused;
import sectorum.plan.Plan;
import sectorum.question.LengthRequest;
import sectorum.question.Question;
import sectorum.server.RandomPlans;
import sectorum.tier.PlacedTier;
import sectorum.workup.Workup;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The written codec against the server's JSON, both ways, without a browser: what crosses is what the server would send. */
class CodecTest {
    private static final JsonMapper JSON = RandomPlans.JSON;

    private final TreeWire wire = new TreeWire();
    private final Desk desk = new Desk(wire);

    private int ask(String question, Object body) {
        wire.lay(JSON.convertValue(body, Object.class));
        return desk.ask(wire.number(question));
    }

    static IntStream plans() {
        return IntStream.range(0, 8);
    }

    @ParameterizedTest
    @MethodSource("plans")
    void answersCrossAsTheServerSendsThem(int number) {
        new RandomPlans(number).questions().forEach((name, question) -> {
            JsonNode expected;
            try {
                expected = JSON.valueToTree(question.answer(Workup::tier));
            } catch (Refused refused) {
                assertThat(ask(name, question)).as(name).isEqualTo(Desk.REFUSED);
                assertThat(wire.taken())
                        .asInstanceOf(MAP)
                        .containsEntry("detail", refused.phrase().toString());
                return;
            }
            assertThat(ask(name, question)).as(name).isEqualTo(Desk.ANSWERED);
            assertThat(same(JSON.readTree(JSON.writeValueAsString(wire.taken())), expected))
                    .as(name)
                    .isEqualTo("");
        });
    }

    /** Where two trees differ; numbers are compared as a browser has them. */
    private static String same(JsonNode here, JsonNode there) {
        if (here.isNumber() && there.isNumber()) {
            return Double.compare(here.asDouble(), there.asDouble()) == 0 ? "" : here + " is not " + there;
        }
        if (here.isObject() && there.isObject()) {
            List<String> names = List.copyOf(here.propertyNames());
            if (!names.equals(List.copyOf(there.propertyNames()))) {
                return names + " are not " + there.propertyNames();
            }
            return first(names.stream().map(n -> prefixed("." + n, same(here.get(n), there.get(n)))));
        }
        if (here.isArray() && there.isArray() && here.size() == there.size()) {
            return first(IntStream.range(0, here.size())
                    .mapToObj(i -> prefixed("." + i, same(here.get(i), there.get(i)))));
        }
        return here.equals(there) ? "" : here + " is not " + there;
    }

    private static String first(Stream<String> differences) {
        return differences.filter(d -> !d.isEmpty()).findFirst().orElse("");
    }

    private static String prefixed(String at, String difference) {
        return difference.isEmpty() ? "" : at + difference;
    }

    static Stream<Map<String, Object>> odd() {
        Map<String, Object> right = map("field", "Depth", "typed", "5 mm", "unit", "mm");
        return Stream.of(
                with(right, "unit", "furlong"),
                with(right, "typed", 5),
                with(right, "more", "unknown"),
                with(right, "field", List.of("Depth")),
                map("plan", map("format", "sectorum-plan", "version", "two")));
    }

    private static Map<String, Object> map(Object... pairs) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put((String) pairs[i], pairs[i + 1]);
        }
        return map;
    }

    private static Map<String, Object> with(Map<String, Object> map, String name, Object value) {
        Map<String, Object> other = new LinkedHashMap<>(map);
        other.put(name, value);
        return other;
    }

    @ParameterizedTest
    @MethodSource("odd")
    void whatIsNoneOfTheFormsIsLeftToTheServer(Map<String, Object> body) {
        assertThat(ask("LengthRequest", body)).isEqualTo(Desk.FAILED);
    }

    @Test
    void whatCannotBeIsRefusedInCoresWords() {
        Map<String, Object> body = map("field", "Depth", "typed", "5 mm");
        assertThat(ask("LengthRequest", body)).isEqualTo(Desk.REFUSED);
        assertThat(wire.taken()).asInstanceOf(MAP).containsEntry("field", "unit");
        assertThat(ask("Nonsense", body)).isEqualTo(Desk.FAILED);
        assertThat(ask("LengthRequest", map("field", "Depth", "typed", "5 mm", "unit", "a new word")))
                .isEqualTo(Desk.FAILED);
        // And goes on after each of them.
        assertThat(ask("LengthRequest", new LengthRequest("Depth", "1/2 cm", LengthUnit.CM)))
                .isEqualTo(Desk.ANSWERED);
        assertThat(wire.taken()).asInstanceOf(MAP).containsEntry("mm", 5.0);
    }

    @Test
    void aTierThatIsKnownIsNotWorkedOutAgain() {
        Plan plan = Plan.fresh("Twice");
        Question.Tiers tiers = desk;
        Bench bench = Bench.of(LengthUnit.MM.tape());
        PlacedTier placed = PlacedTier.of(plan).get(0);
        assertThat(tiers.of(placed, bench))
                .isSameAs(tiers.of(PlacedTier.of(plan).get(0), bench));
        assertThat(tiers.of(placed, Bench.of(LengthUnit.INCH.tape()))).isNotNull();
    }
}

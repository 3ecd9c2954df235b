package sectorum.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.bench.OwnRates;
import sectorum.tier.StackWorkup;

/** What changed, part by part, in words; what follows from it is tried over the whole in the server's tests. */
class ChangesTest {
    private static final StackWorkup NOTHING = new StackWorkup(List.of(), List.of(), OwnRates.NONE);

    private static Map<String, Object> map(Object... keysAndValues) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i < keysAndValues.length; i += 2) {
            map.put((String) keysAndValues[i], keysAndValues[i + 1]);
        }
        return map;
    }

    private static List<String> told(Map<String, Object> before, Map<String, Object> after) {
        return Changes.of(before, after, NOTHING, NOTHING).stream()
                .map(c -> (c.where().isEmpty() ? "" : c.where() + ": ") + c.what())
                .toList();
    }

    private static Map<String, Object> tier(String id, Object... more) {
        Map<String, Object> tier = map("id", id, "name", "Tier " + id);
        tier.putAll(map(more));
        return tier;
    }

    private static Map<String, Object> plan(Object... tiers) {
        return map("name", "Gala", "tiers", List.of(tiers));
    }

    @ParameterizedTest(name = "from {0} to {1}: {2}")
    @CsvSource({
        "2026-12-12T14:00, 2026-12-12T15:00, an hour later",
        "2026-12-12T14:00, 2026-12-12T13:30, 30 minutes earlier",
        "2026-12-12T14:00, 2026-12-13T14:01, a day and a minute later",
        "2026-12-12T14:00, 2026-12-10T11:00, 2 days and 3 hours earlier",
    })
    void theMomentIsToldAsADifference(String before, String after, String words) {
        assertThat(told(map("readyBy", before), map("readyBy", after)))
                .containsExactly("Needed " + words + ": " + after.replace('T', ' '));
    }

    @Test
    void aFieldOfATierIsToldWithBothValuesInItsOwnMeasure() {
        assertThat(told(plan(tier("a", "height", 100)), plan(tier("a", "height", 120.5))))
                .containsExactly("Tier a: Height from 100 mm to 120.5 mm");
        assertThat(told(
                        plan(tier("a", "divisions", List.of(map("id", "marks", "count", 7)))),
                        plan(tier("a", "divisions", List.of(map("id", "marks", "count", 9))))))
                .containsExactly("Tier a, marks: Count from 7 to 9");
    }

    @Test
    void partsComeAndGoAndChangePlaces() {
        assertThat(told(plan(tier("a"), tier("b")), plan(tier("b"), tier("c"))))
                .containsExactly("Tier Tier a taken out", "Tier Tier c added");
        assertThat(told(plan(tier("a"), tier("b")), plan(tier("b"), tier("a"))))
                .containsExactly("Tiers in another order");
    }

    @Test
    void whatIsDoneIsCounted() {
        Map<String, Object> done = map("a", map("from", "x"), "b", map("from", "y"));
        assertThat(told(map("agenda", map("done", map())), map("agenda", map("done", done))))
                .containsExactly("2 tasks done");
        assertThat(told(map("agenda", map("done", done)), map("agenda", map("done", map("a", map("from", "x"))))))
                .containsExactly("1 done before and not now");
    }

    @Test
    void whatWasNotSaidBeforeIsToldAlone() {
        assertThat(told(map("brief", map("client", "")), map("brief", map("client", "Ada"))))
                .containsExactly("Client from not said to Ada");
        assertThat(told(map("table", map()), map("table", map("humidity", 0.7))))
                .containsExactly("worktop: Humidity 70 % now");
    }

    @Test
    void theSameIsToldAsNothing() {
        assertThat(told(plan(tier("a", "height", 100)), plan(tier("a", "height", 100.0))))
                .isEmpty();
    }
}

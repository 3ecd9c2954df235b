package sectorum.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.measure.Absent;

/** Two documents of one beginning put together: worked examples, and over random pairs of edits. */
class MergeTest {
    private static final int SAMPLES = 400 * Integer.getInteger("sectorum.samples", 1);

    private static Map<String, Object> map(Object... keysAndValues) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i < keysAndValues.length; i += 2) {
            map.put((String) keysAndValues[i], keysAndValues[i + 1]);
        }
        return map;
    }

    private static Map<String, Object> tier(String id, Object height) {
        return map("id", id, "height", height, "name", "Tier " + id);
    }

    private static Object plan(Object... tiers) {
        return map("name", "Gala", "tiers", List.of(tiers));
    }

    private static Merge.Merged of(Object base, Object mine, Object theirs) {
        return Merge.of(base, mine, theirs, Map.of());
    }

    @SuppressWarnings("unchecked")
    private static String ids(Object plan) {
        return String.join(
                " ",
                ((List<Map<String, Object>>) ((Map<String, Object>) plan).get("tiers"))
                        .stream().map(t -> "" + t.get("id")).toList());
    }

    private static Object stack(@Absent String ids) {
        return plan(Stream.of((ids == null ? "" : ids).split(" "))
                .filter(id -> !id.isEmpty())
                .map(id -> tier(id, 100))
                .toArray());
    }

    @Test
    void differentFieldsOfOneTierAreBothInForce() {
        Object mine = plan(map("id", "a", "height", 120, "name", "Tier a"));
        Object theirs = plan(map("id", "a", "height", 100, "name", "Foot"));
        Merge.Merged merged = of(plan(tier("a", 100)), mine, theirs);
        assertThat(merged.clashes()).isEmpty();
        assertThat(merged.document()).isEqualTo(plan(map("id", "a", "height", 120, "name", "Foot")));
    }

    @Test
    void theSameFieldIsAskedWithBothAndAnAnswerHolds() {
        Object base = plan(tier("a", 100));
        Object mine = plan(tier("a", 120));
        Object theirs = plan(tier("a", 90));
        assertThat(of(base, mine, theirs).clashes()).containsExactly(new Merge.Clash("/tiers/a/height", 100, 120, 90));
        for (Merge.Side side : Merge.Side.values()) {
            Merge.Merged answered = Merge.of(base, mine, theirs, Map.of("/tiers/a/height", side));
            assertThat(answered.clashes()).isEmpty();
            assertThat(answered.document()).isEqualTo(side == Merge.Side.MINE ? mine : theirs);
        }
    }

    @ParameterizedTest(name = "{0}: mine {1}, theirs {2} become {3}, {4} asked")
    @CsvSource({
        "a b, a b c, a b, a b c, 0",
        "a b, a b c, a b d, a b c d, 0",
        "a b, a d b, a c b, a c d b, 0",
        "a b, d a b, a b c, d a b c, 0",
        "a b c, c b a, a b c, c b a, 0",
        "a b c, c b a, a b c d, c d b a, 0",
        "a b c, b a c, a c b, b a c, 1",
        "a b, b, a b, b, 0",
        "a b, b, a b c, b c, 0",
        "a b, a, b, '', 0",
        "'', a, b, a b, 0",
    })
    void listsGoByName(String base, String mine, String theirs, @Absent String merged, int asked) {
        Merge.Merged one = of(stack(base), stack(mine), stack(theirs));
        assertThat(ids(one.document())).isEqualTo(merged == null ? "" : merged);
        assertThat(one.clashes()).hasSize(asked);
        Merge.Merged other = of(stack(base), stack(theirs), stack(mine));
        if (asked == 0) {
            assertThat(other.document()).isEqualTo(one.document());
        }
    }

    @Test
    void whatOneTookOutAndTheOtherChangedIsAsked() {
        Object base = plan(tier("a", 100), tier("b", 100));
        Merge.Merged merged = of(base, plan(tier("b", 100)), plan(tier("a", 110), tier("b", 100)));
        assertThat(merged.clashes()).extracting(Merge.Clash::path).containsExactly("/tiers/a");
        assertThat(ids(Merge.of(
                                base,
                                plan(tier("b", 100)),
                                plan(tier("a", 110), tier("b", 100)),
                                Map.of("/tiers/a", Merge.Side.THEIRS))
                        .document()))
                .isEqualTo("a b");
    }

    @Test
    void twoThingsUnderOneNewNameAreNotMadeOneOfHalves() {
        Merge.Merged merged = of(plan(), plan(tier("t", 100)), plan(tier("t", 80)));
        assertThat(merged.clashes()).extracting(Merge.Clash::path).containsExactly("/tiers/t");
    }

    @Test
    void tickedByBothIsDoneWithoutAsking() {
        Object base = map("agenda", map("done", map()));
        Object mine = map("agenda", map("done", map("coat", map("from", "10:00", "minutes", 20))));
        Object theirs = map("agenda", map("done", map("coat", map("from", "10:05", "minutes", 15))));
        Merge.Merged merged = of(base, mine, theirs);
        assertThat(merged.clashes()).isEmpty();
        assertThat(merged.document()).isEqualTo(of(base, theirs, mine).document());
    }

    @Test
    void oneIsOneHoweverItIsWritten() {
        assertThat(of(map("n", 1), map("n", 1.0), map("n", 2)).document()).isEqualTo(map("n", 2));
        assertThat(of(map("n", 1), map("n", 3), map("n", 3.0)).clashes()).isEmpty();
    }

    /** From both orders the same; nothing that either wrote is lost; with nothing on the other side it is one's own. */
    @Test
    void randomPairsOfEdits() {
        IntStream.range(0, SAMPLES).forEach(MergeTest::pairOfEdits);
    }

    private static void pairOfEdits(int seed) {
        Random random = new Random(seed);
        Map<String, Object> base = document(random);
        Map<String, Object> mine = edited(base, random, "m");
        Map<String, Object> theirs = edited(base, random, "t");
        assertThat(Trees.same(of(base, mine, base).document(), mine)).isTrue();
        assertThat(Trees.same(of(base, base, theirs).document(), theirs)).isTrue();
        Merge.Merged one = of(base, mine, theirs);
        Merge.Merged other = of(base, theirs, mine);
        assertThat(other.clashes())
                .extracting(Merge.Clash::path)
                .containsExactlyElementsOf(
                        one.clashes().stream().map(Merge.Clash::path).toList());
        if (one.clashes().isEmpty()) {
            assertThat(Trees.same(one.document(), other.document())).isTrue();
        }
        Map<String, Object> before = leaves("", base);
        Map<String, Object> after = leaves("", one.document());
        for (Map<String, Object> side : List.of(mine, theirs)) {
            leaves("", side).forEach((path, value) -> {
                boolean lost = !value.equals(before.get(path))
                        && !value.equals(after.get(path))
                        && one.clashes().stream().noneMatch(c -> path.startsWith(c.path()));
                if (lost) {
                    throw new AssertionError("seed " + seed + " loses " + path + " = " + value);
                }
            });
        }
        // Answered all the same way, nothing is left to ask, and the answer is that side's wherever it was asked.
        Map<String, Merge.Side> theirsAll = new LinkedHashMap<>();
        one.clashes().forEach(c -> theirsAll.put(c.path(), Merge.Side.THEIRS));
        assertThat(Merge.of(base, mine, theirs, theirsAll).clashes()).isEmpty();
    }

    /** A person each edits one plan in turn from what they last saw; at the end both have all that both wrote. */
    @Test
    void tenThousandRacesOverwriteNothingInSilence() {
        IntStream.range(0, SAMPLES).forEach(MergeTest::race);
    }

    private static void race(int seed) {
        Random random = new Random(seed);
        Object kept = document(random);
        List<Object> seen = new ArrayList<>(List.of(kept, kept));
        for (int turn = 0; turn < 25; turn++) {
            int who = random.nextInt(2);
            Object mine = edited((Map<?, ?>) seen.get(who), random, "p" + who + "-" + turn);
            Merge.Merged merged = of(seen.get(who), mine, kept);
            Map<String, Merge.Side> answers = new LinkedHashMap<>();
            merged.clashes()
                    .forEach(c -> answers.put(c.path(), random.nextBoolean() ? Merge.Side.MINE : Merge.Side.THEIRS));
            Object next = Merge.of(seen.get(who), mine, kept, answers).document();
            Map<String, Object> now = leaves("", next);
            Map<String, Object> typed = leaves("", mine);
            Map<String, Object> known = leaves("", seen.get(who));
            leaves("", kept).forEach((path, value) -> {
                boolean stays = value.equals(now.get(path));
                boolean mineToChange = !value.equals(typed.get(path)) && value.equals(known.get(path));
                if (!stays && !mineToChange && answers.keySet().stream().noneMatch(path::startsWith)) {
                    throw new AssertionError("seed " + seed + " overwrites " + path + " = " + value);
                }
            });
            kept = next;
            seen.set(who, next);
        }
    }

    private static Map<String, Object> document(Random random) {
        List<Object> tiers = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            List<Object> courses = new ArrayList<>();
            for (int j = 0; j < random.nextInt(3); j++) {
                courses.add(map("id", "d" + j, "technique", "swag", "settings", map("drop", 40 + j, "thick", 2)));
            }
            tiers.add(map("id", "t" + i, "height", 100 + i, "dressings", courses));
        }
        return map("name", "Gala", "tiers", tiers, "agenda", map("done", map()));
    }

    /** One to three edits as a decorator makes them. */
    @SuppressWarnings("unchecked")
    private static Map<String, Object> edited(Map<?, ?> from, Random random, String by) {
        Map<String, Object> plan = (Map<String, Object>) copy(from);
        for (int i = 0; i < 1 + random.nextInt(3); i++) {
            List<Object> tiers = (List<Object>) plan.get("tiers");
            Map<String, Object> tier =
                    tiers.isEmpty() ? null : (Map<String, Object>) tiers.get(random.nextInt(tiers.size()));
            switch (random.nextInt(7)) {
                case 0 -> plan.put("name", "Named " + by + i);
                case 1 -> tiers.add(random.nextInt(tiers.size() + 1), tier("new-" + by + i, 77));
                case 2 -> tiers.remove(tier);
                case 3 -> set(tier, "height", 10 + random.nextInt(900));
                case 4 -> {
                    if (tier != null && tier.get("dressings") instanceof List<?> courses && !courses.isEmpty()) {
                        Map<String, Object> course = (Map<String, Object>) courses.get(random.nextInt(courses.size()));
                        ((Map<String, Object>) course.get("settings"))
                                .put(random.nextBoolean() ? "drop" : "thick", random.nextInt(99));
                    }
                }
                case 5 ->
                    ((Map<String, Object>) ((Map<String, Object>) plan.get("agenda")).get("done"))
                            .put("task-" + random.nextInt(4), map("from", by + i, "minutes", random.nextInt(60)));
                default -> set(tier, "name", "Called " + by + i);
            }
        }
        return plan;
    }

    private static void set(@Absent Map<String, Object> tier, String field, Object value) {
        if (tier != null) {
            tier.put(field, value);
        }
    }

    private static Object copy(Object value) {
        if (value instanceof Map<?, ?> map) {
            Map<String, Object> copied = new LinkedHashMap<>();
            map.forEach((k, v) -> copied.put((String) k, copy(v)));
            return copied;
        }
        return value instanceof List<?> list
                ? new ArrayList<>(list.stream().map(MergeTest::copy).toList())
                : value;
    }

    /** Every word and number by its path, but for what is done, which two may tick at once. */
    private static Map<String, Object> leaves(String path, Object value) {
        Map<String, Object> all = new LinkedHashMap<>();
        if (path.startsWith("/agenda")) {
            return all;
        }
        if (value instanceof Map<?, ?> map) {
            map.forEach((k, v) -> all.putAll(leaves(path + "/" + k, v)));
        } else if (Trees.named(value) != null) {
            Trees.named(value).forEach((k, v) -> all.putAll(leaves(path + "/" + k, v)));
        } else {
            all.put(path, value);
        }
        return all;
    }
}

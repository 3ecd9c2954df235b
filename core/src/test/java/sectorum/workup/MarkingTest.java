package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.divide.Front;
import sectorum.divide.Press;
import sectorum.divide.Way;
import sectorum.drawing.Drawing;
import sectorum.measure.Refused;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.tasks.Days;
import sectorum.tasks.Instruction;

/** The way to mark that was chosen is followed by templates, steps, tools and days. */
class MarkingTest {
    private static final Press PRESS = new Press(60, 20, 0);

    static DivisionSpec marked(int n, Way way) {
        return new DivisionSpec(
                "marks",
                n,
                null,
                Front.SECTION,
                null,
                true,
                List.of(),
                null,
                null,
                way,
                way == Way.PRESS ? PRESS : null);
    }

    private static Planned planned(int n, Way way) {
        Plan plan = Tables.of(round().divisions(marked(n, way)).dressings(worn("swag", "")))
                .plan()
                .readyBy("2026-12-12T14:00");
        return Planned.of().with(plan);
    }

    private static List<String> templates(Way way) {
        Tier tier = planned(12, way).plan().tiers().get(0);
        return Workup.drawings(tier, Workup.tier(tier, Tiers.BENCH), Tiers.BENCH).stream()
                .map(Drawing::name)
                .filter(n -> n.matches("marking-strip|gauge.*|sector-wheel"))
                .toList();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "TAPE, ''",
        "SOFT, gauge-soft",
        "STIFF, gauge-stiff",
        "FOLD, marking-strip",
        "PRESS, ''",
        "STRIP, marking-strip",
        "WHEEL, sector-wheel"
    })
    void templatesAreThoseOfTheWay(Way way, String name) {
        assertThat(templates(way)).isEqualTo(name.isEmpty() ? List.of() : List.of(name));
    }

    @Test
    void whileNoWayIsChosenTheTemplatesOfAllAreThere() {
        assertThat(templates(null)).hasSize(4);
    }

    @ParameterizedTest(name = "{0} says \"{1}\" with {2}")
    @CsvSource({
        "TAPE, off the tape from the back seam, soft tape",
        "SOFT, Step the soft card, soft gauge card",
        "STIFF, Step the stiff card, stiff gauge card",
        "FOLD, Cut a paper band, paper band",
        "PRESS, press the cutter of 60 mm round, round cutter",
        "STRIP, Wrap the printed strip, marking strip",
        "WHEEL, on the sector wheel, sector wheel"
    })
    void stepsSayHow(Way way, String said, String tool) {
        Instruction step = planned(12, way).steps().stream()
                .filter(s -> s.task().startsWith("measure-"))
                .reduce((first, last) -> last)
                .orElseThrow();
        assertThat(step.what().toString()).contains(said);
        assertThat(step.tool()).contains(tool);
        assertThat(way.tools()).isEqualTo(step.tool());
    }

    @ParameterizedTest(name = "{0} within the hour after covering: {1}")
    @CsvSource({"PRESS, true", "TAPE, false", "FOLD, false", "STRIP, false"})
    void whatIsPressedEndsWithinTheHourAfterCoveringTheRestWaitsUntilItIsFirm(Way way, boolean soft) {
        Planned p = planned(12, way);
        Duration after = Duration.between(end(p.task("coat-tier-0-2")), end(p.task("measure-tier-0")));
        assertThat(after.toMinutes() <= 60).isEqualTo(soft);
        assertThat(after.toHours() >= 8).isEqualTo(!soft);
    }

    private static LocalDateTime end(Days.Item item) {
        return LocalDateTime.parse(item.work().get(item.work().size() - 1).to());
    }

    @Test
    void aPressWithoutItsCutterIsRefusedByName() {
        assertThatThrownBy(() -> new DivisionSpec(
                        "marks", 12, null, Front.SECTION, null, true, List.of(), null, null, Way.PRESS, null))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.field()).isEqualTo("divisions.press"));
    }
}

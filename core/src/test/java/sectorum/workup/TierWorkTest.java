package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static sectorum.workup.Tiers.border;
import static sectorum.workup.Tiers.division;
import static sectorum.workup.Tiers.swag;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import sectorum.bench.Bench;
import sectorum.bench.Cutter;
import sectorum.bench.Hand;
import sectorum.divide.Press;
import sectorum.divide.Way;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.measure.Refused;
import sectorum.outline.OutlineKind;
import sectorum.plan.Border;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.Layers;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.surface.Reading;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;
import sectorum.tier.WaysToMark;

/** Readings and what they change, borders and zones, divisions of one tier, templates of a side. */
class TierWorkTest {
    private static Reading foot(double mm) {
        return Reading.of(Reading.What.FOOT, mm);
    }

    private static List<String> rules(List<Finding> findings) {
        return findings.stream().map(Finding::rule).toList();
    }

    @Test
    void aNewReadingShowsOldBesideNewUntilAccepted() {
        Tiers changed = Tiers.round()
                .dressings(swag("swags", null, false))
                .taped(foot(731))
                .looked();
        List<TierWorkup.Changed> rows = changed.worked().changed();
        assertThat(rows.get(0).label()).isEqualTo("round the foot");
        assertThat(rows.get(0).before().value()).isCloseTo(Math.PI * 232, within(1e-9));
        assertThat(rows.get(0).after().value()).isEqualTo(731);
        assertThat(rows).extracting(TierWorkup.Changed::group).contains("Division marks", "Swag lines");
        assertThat(rows)
                .filteredOn(r -> r.label().equals("mark 11"))
                .singleElement()
                .satisfies(r -> {
                    assertThat(r.before().value()).isEqualTo(663);
                    assertThat(r.after().value()).isEqualTo(665);
                });
        assertThat(changed.looked(foot(731)).worked().changed()).isEmpty();
        assertThat(Tiers.round().taped(foot(731)).worked().changed()).isEmpty();
    }

    @Test
    void acceptedReadingsThatAreTheReadingsAreNotWrittenDown() {
        assertThat(Tiers.round().taped(foot(731)).looked(foot(731)).tier().accepted())
                .isNull();
        assertThat(Tiers.round()
                        .taped(foot(731))
                        .looked()
                        .tier()
                        .before()
                        .side()
                        .foot()
                        .isRead())
                .isFalse();
    }

    @Test
    void anUnlevelTierIsMendedByABorderOverItsEdge() {
        Reading[] heights = {
            new Reading(Reading.What.HEIGHT, 119, 0, "R", "2026-11-24T10:00", null),
            new Reading(Reading.What.HEIGHT, 114, 4, null, null, null)
        };
        Finding level = Tiers.round().taped(heights).worked().findings().get(0);
        assertThat(level.rule()).isEqualTo("side.level");
        Change change = level.mends().get(0).changes().get(0);
        @SuppressWarnings("unchecked")
        List<Border> borders = (List<Border>) change.value();
        assertThat(Tiers.round()
                        .taped(heights)
                        .borders(borders.toArray(Border[]::new))
                        .worked()
                        .findings())
                .isEmpty();
    }

    @Test
    void bordersTakeTheirHeightFromTheUsualZone() {
        Tiers bordered = Tiers.round()
                .borders(
                        border("rope", ZoneSpec.Edge.FOOT, 0, 15, false),
                        border("pearls", ZoneSpec.Edge.TOP, 20, 0, false))
                .dressings(swag("swags", null, false));
        TierWorkup.Worn worn = bordered.worked().dressings().get(0);
        assertThat(worn.zone().foot()).isEqualTo(15);
        assertThat(worn.zone().top()).isCloseTo(118.5 - 20, within(1e-9));
        assertThat(rules(worn.findings())).doesNotContain("zone.overlap");
        assertThat(bordered.worked().borders())
                .extracting(TierWorkup.Strip::name)
                .containsExactly("rope", "pearls");
    }

    @Test
    void overlapsAppearAreMendedAndGo() {
        ZoneSpec whole =
                new ZoneSpec(new ZoneSpec.Height(ZoneSpec.Edge.FOOT, 0), new ZoneSpec.Height(ZoneSpec.Edge.TOP, 0));
        Border rope = border("rope", ZoneSpec.Edge.FOOT, 0, 15, false);
        Tiers claimed = Tiers.round().borders(rope).dressings(swag("swags", whole, false), swag("more", whole, false));
        List<TierWorkup.Worn> worn = claimed.worked().dressings();
        assertThat(rules(worn.get(0).findings())).containsOnlyOnce("zone.overlap");
        assertThat(worn.get(1).findings().stream().filter(f -> f.rule().equals("zone.overlap")))
                .as("the border and the dressing put on before")
                .hasSize(2);
        Finding overlap = worn.get(0).findings().stream()
                .filter(f -> f.rule().equals("zone.overlap"))
                .findFirst()
                .orElseThrow();
        ZoneSpec kept = (ZoneSpec) overlap.mends().get(0).changes().get(0).value();
        Tiers mended = claimed.dressings(swag("swags", kept, false), swag("more", whole, true));
        assertThat(mended.worked().dressings())
                .allSatisfy(w -> assertThat(rules(w.findings())).doesNotContain("zone.overlap"));
    }

    @Test
    void bordersThatMeetOrCrossAreSaid() {
        Border rope = border("rope", ZoneSpec.Edge.FOOT, 0, 15, false);
        Border braid = border("braid", ZoneSpec.Edge.FOOT, 10, 25, false);
        assertThat(rules(Tiers.round().borders(rope, braid).worked().findings()))
                .containsExactly("border.overlap");
        assertThat(Tiers.round()
                        .borders(rope, border("braid", ZoneSpec.Edge.FOOT, 10, 25, true))
                        .worked()
                        .findings())
                .isEmpty();
        Border crossed = border("crossed", ZoneSpec.Edge.FOOT, 50, 20, false);
        assertThat(rules(Tiers.round().borders(crossed).worked().findings())).contains("border.crossed");
    }

    @Test
    void halvesUseTheMarksOfTheWhole() {
        DivisionSpec halves = new DivisionSpec(
                "halves",
                1,
                null,
                null,
                null,
                true,
                List.of(),
                null,
                new DivisionSpec.Follow("marks", 2, 1),
                null,
                null);
        List<TierWorkup.Divided> divided =
                Tiers.round().divisions(division(5), halves).worked().divisions();
        assertThat(divided.get(1).count()).isEqualTo(10);
        assertThat(divided.get(0).marks()).allMatch(TierWorkup.Mark::shared);
        assertThat(divided.get(1).marks().stream().filter(TierWorkup.Mark::shared))
                .hasSize(5);
        assertThat(divided.get(1).findings()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"ghost, 2, 1", "marks, 1, 2", "marks, 12, 7"})
    void marksThatCannotBeUsedAgainAreSaidAndMended(String other, int into, int every) {
        DivisionSpec follows = new DivisionSpec(
                "more",
                7,
                null,
                null,
                null,
                true,
                List.of(),
                null,
                new DivisionSpec.Follow(other, into, every),
                null,
                null);
        TierWorkup.Divided divided = Tiers.round()
                .divisions(division(5), follows)
                .worked()
                .divisions()
                .get(1);
        assertThat(divided.count()).isEqualTo(7);
        assertThat(rules(divided.findings())).containsExactly("divide.follow");
        assertThat(divided.findings().get(0).mends().get(0).changes().get(0).value())
                .isNull();
    }

    @ParameterizedTest
    @CsvSource({"FOOT, 628.3, 2, 640.866", "FOOT, 628.3, 0, 628.3", "HEIGHT, 110, 3.5, 113.5"})
    void aReadingTakenUnderACoatGrowsByIt(Reading.What what, double mm, double coat, double finished) {
        assertThat(new Reading(what, mm, 0, null, null, coat).finished()).isCloseTo(finished, within(5e-4));
    }

    @ParameterizedTest
    @EnumSource(OutlineKind.class)
    void theNextTierIsOfTheSameFormAndNarrower(OutlineKind kind) {
        Plan plan = new Plan(
                Plan.FORMAT,
                1,
                "x",
                null,
                null,
                null,
                List.of(Tiers.round().outline(kind.key()).tier()));
        for (int i = 0; i < 7; i++) {
            Tier next = plan.nextTier();
            double below = plan.tiers().get(i).side().outline().box().width();
            assertThat(next.kind()).isEqualTo(kind);
            assertThat(next.side().outline().box().width()).isLessThanOrEqualTo(below + 1e-6);
            List<Tier> higher = new java.util.ArrayList<>(plan.tiers());
            higher.add(next);
            plan = new Plan(Plan.FORMAT, 1, "x", null, null, null, higher);
        }
        assertThat(Workup.of(plan, Tiers.BENCH).tiers()).hasSize(8);
    }

    @Test
    void ledgesAreHalfTheDifferenceOfDiameters() {
        Tier foot = Tiers.round().taped(foot(Math.PI * 300)).tier();
        Tier narrowed = Tiers.round()
                .taped(foot(Math.PI * 220), Reading.of(Reading.What.TOP, Math.PI * 214))
                .tier();
        Tier wide = Tiers.round().taped(foot(Math.PI * 240)).tier();
        StackWorkup stack = StackWorkup.of(
                Stream.of(foot, narrowed, wide)
                        .map(t -> Workup.tier(t, Tiers.BENCH))
                        .toList(),
                Tiers.BENCH.rates());
        assertThat(stack.ledges()).hasSize(2);
        assertThat(stack.ledges().get(0)).isCloseTo(40, within(0.05));
        assertThat(stack.ledges().get(1)).as("it hangs over").isCloseTo(-13, within(0.05));
    }

    @Test
    void everyTechniqueNamesTheSettingsItAsksFor() {
        TierWorkup.Worn worn = Tiers.round()
                .dressings(swag("swags", null, false))
                .worked()
                .dressings()
                .get(0);
        assertThat(worn.fields())
                .extracting(sectorum.measure.Field::name)
                .containsExactlyInAnyOrderElementsOf(
                        sectorum.technique.Catalogue.of("swag").settingNames());
    }

    @Test
    void heightFromLayers() {
        assertThat(new Layers(3, 35, 8).height()).isEqualTo(121);
        Tier plain = Tiers.round().tier();
        Tier built = new Tier(
                plain.id(),
                plain.name(),
                plain.outline(),
                0,
                new Layers(3, 35, 8),
                false,
                plain.coats(),
                List.of(),
                null,
                List.of(),
                plain.divisions(),
                List.of());
        assertThat(built.side().height().mm()).isCloseTo(121 + 8.5, within(1e-9));
        assertThatThrownBy(() -> new Layers(0, 35, 8)).isInstanceOf(Refused.class);
    }

    @ParameterizedTest
    @EnumSource(OutlineKind.class)
    void everyOutlineHasItsTemplates(OutlineKind kind) {
        Tier tier = Tiers.round().outline(kind.key()).divisions(division(12)).tier();
        TierWorkup worked = Workup.tier(tier, Tiers.BENCH);
        List<Drawing> drawings = Workup.drawings(tier, worked, Tiers.BENCH);
        assertThat(drawings).extracting(Drawing::name).contains("marking-strip", "sector-wheel", "sectioned-top");
        Drawing strip = drawings.get(0);
        assertThat(strip.width()).isCloseTo(worked.form().foot().mm(), within(1e-6));
        Drawing top = drawings.stream()
                .filter(d -> d.name().equals("sectioned-top"))
                .findFirst()
                .orElseThrow();
        double outlineLength = length((Ink.Line) top.inks().get(0));
        assertThat(outlineLength).isCloseTo(worked.form().top().mm(), within(0.35));
    }

    private static double length(Ink.Line line) {
        double length = 0;
        for (int i = 0; i + 3 < line.xy().size(); i += 2) {
            length += Math.hypot(
                    line.xy().get(i + 2) - line.xy().get(i),
                    line.xy().get(i + 3) - line.xy().get(i + 1));
        }
        return length;
    }

    @ParameterizedTest
    @CsvSource({"731, 691", "691, 731", "900, 700"})
    void aTaperedSidesStripIsACurvedWrapOfItsTrueLength(double foot, double top) {
        Tier tier = Tiers.round()
                .taped(foot(foot), Reading.of(Reading.What.TOP, top), Reading.of(Reading.What.HEIGHT, 119))
                .tier();
        Drawing strip = Workup.drawings(tier, Workup.tier(tier, Tiers.BENCH), Tiers.BENCH)
                .get(0);
        double upper = length((Ink.Line) strip.inks().get(0));
        double lower = length((Ink.Line) strip.inks().get(1));
        assertThat(lower).as("along the foot").isCloseTo(foot, within(0.05));
        assertThat(upper).as("32 above the foot").isCloseTo(foot + (top - foot) * 32 / 119, within(0.05));
    }

    @Test
    void waysToMarkWithTheirNumbers() {
        Tier tier = Tiers.round().taped(foot(731)).tier();
        WaysToMark ways = WaysToMark.of(
                tier,
                "marks",
                new Press(60, 20, 0),
                1,
                new Bench(
                        Tiers.BENCH.tape(),
                        Hand.RIGHT,
                        List.of(),
                        null,
                        null,
                        List.of(new Cutter("Ring 70", 70), new Cutter("Ring 60", 60)),
                        0.7,
                        null),
                7);
        assertThat(ways.tapeWorst()).isLessThan(1);
        assertThat(ways.soft().last()).isCloseTo(71, within(1e-9));
        assertThat(ways.stiff().last()).isCloseTo(61.813, within(5e-4));
        assertThat(ways.cannotFold()).hasToString("Paper folds to 8 or 12, never to 11.");
        assertThat(ways.press().others())
                .singleElement()
                .satisfies(o -> assertThat(o.cutter().name()).isEqualTo("Ring 70"));
        assertThat(ways.press().closing().get(0).count()).isEqualTo(13);
        assertThat(ways.rehearsal().ways()).hasSize(5);
        assertThat(ways.rehearsal().best().way()).isIn(Way.TAPE, Way.STRIP);
        assertThat(ways.advice().toString()).contains("of 100 tries");
        assertThatThrownBy(() -> WaysToMark.of(tier, "ghost", null, 1, Tiers.BENCH, 7))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("ghost");
    }

    static Stream<Tiers> uneven() {
        return Stream.of(
                Tiers.round().outline("rectangle").divisions(division(16)),
                Tiers.round().divisions(division(1)),
                Tiers.round()
                        .divisions(
                                DivisionSpec.of("marks", 5, null, null, null, List.of(new DivisionSpec.Lock(1, 170)))));
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.MethodSource("uneven")
    void unevenSectionsAreNotRehearsed(Tiers tiers) {
        WaysToMark ways = WaysToMark.of(tiers.tier(), "marks", null, 1, Tiers.BENCH, 7);
        assertThat(ways.rehearsal()).isNull();
        assertThat(ways.soft()).isNull();
        assertThat(ways.advice().toString()).contains("printed strip");
    }

    @Test
    void restingDressingsClaimNothing() {
        Dressing resting = new Dressing(
                "resting", "swag", null, "marks", null, true, false, List.of(), sectorum.measure.Values.NONE);
        assertThat(rules(Tiers.round()
                        .dressings(resting, swag("swags", null, false))
                        .worked()
                        .dressings()
                        .get(0)
                        .findings()))
                .doesNotContain("zone.overlap");
    }
}

package sectorum.divide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.Seeds;
import sectorum.Seeds.Named;
import sectorum.measure.Refused;
import sectorum.measure.Tape;
import sectorum.outline.Along;
import sectorum.outline.Outline;
import sectorum.outline.Outlines;

class DivideTest {
    private static final Outline TAPED = Outlines.round(731 / Math.PI, 0);
    private static final Tape MM = new Tape(1);

    @ParameterizedTest
    @EnumSource(Front.class)
    void sectionsCloseForEveryCountAndStart(Front front) {
        Seeds.randoms(8).forEach(random -> {
            Outline outline = Outlines.round(Seeds.between(random, 60, 500), 0);
            for (int n = 1; n <= 500; n++) {
                Division division = Division.of(outline, n, front);
                double sum = 0;
                for (int k = 0; k < n; k++) {
                    assertThat(division.section(k)).isCloseTo(outline.perimeter() / n, within(1e-9));
                    sum += division.section(k);
                }
                assertThat(sum).isCloseTo(outline.perimeter(), within(1e-9));
                assertThat(division.marks().get(0)).isBetween(0.0, outline.perimeter() / (2 * n));
                boolean mark = division.markInFront();
                assertThat(mark).as("n %s, %s in front", n, front).isEqualTo(front == Front.MARK);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("sectorum.Seeds#outlines")
    void marksPartitionEveryOutline(Named named) {
        Outline o = named.outline();
        for (int n = 1; n <= 60; n++) {
            if (o.cornersRule() && Corners.refusal(o, n) != null) {
                int refused = n;
                assertThatThrownBy(() -> Division.of(o, refused, Front.SECTION)).isInstanceOf(Refused.class);
                continue;
            }
            Division division = Division.of(o, n, Front.SECTION);
            double sum = 0;
            for (int k = 0; k < n; k++) {
                sum += division.section(k);
            }
            assertThat(sum).isCloseTo(o.perimeter(), within(1e-9));
            assertThat(division.marks()).isSorted().hasSize(n);
            if (o.cornersRule()) {
                assertThat(division.marks()).as("every corner carries a mark").containsAll(o.corners());
            }
            Division run = Division.of(o, n, Front.MARK, Map.of(), false);
            assertThat(run.isEven())
                    .as("round the corners as if there were none")
                    .isTrue();
        }
    }

    @Test
    void seamIsAPlaceLikeAnyOther() {
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            int n = 1 + random.nextInt(40);
            Division division = Division.of(TAPED, n, Front.SECTION);
            double turn = random.nextDouble() * 731;
            for (int k = -2; k <= n + 2; k++) {
                Along here = division.mark(k).plus(turn);
                Along next = division.mark(k + 1).plus(turn);
                double arc = n == 1 ? 731 : here.to(next);
                assertThat(arc).isCloseTo(731.0 / n, within(1e-9));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -3, 3000, 501})
    void refusesCountsNoHandCanMark(int n) {
        assertThatThrownBy(() -> Division.of(TAPED, n, Front.SECTION))
                .hasMessageContaining("Sections " + n)
                .hasMessageContaining("1 to 500");
    }

    @Test
    void oneSectionHasNoChord() {
        Division one = Division.of(TAPED, 1, Front.SECTION);
        assertThat(one.section(0)).isCloseTo(731, within(1e-9));
        assertThatThrownBy(() -> one.chord(0)).hasMessageContaining("no chord");
        assertThatThrownBy(() -> Gauge.stiff(731, 1, MM)).hasMessageContaining("no chord");
    }

    @Test
    void cornersRefuseWithTheNearestThatClose() {
        assertThatThrownBy(() -> Division.of(Outlines.rectangle(300, 200, 15, 0), 15, Front.SECTION))
                .hasMessageContaining("Nearest that do: 14 and 16");
        assertThatThrownBy(() -> Division.of(Outlines.polygon(6, 130, 10, 0), 16, Front.SECTION))
                .hasMessageContaining("12 and 18");
        assertThat(Division.of(Outlines.rectangle(240, 240, 12, 0), 12, Front.SECTION)
                        .frontSection())
                .isEqualTo(Division.of(Outlines.rectangle(240, 240, 12, 0), 12, Front.MARK)
                        .frontSection());
    }

    @Test
    void lockedMarksHoldAndTheRestSpreadsEvenly() {
        Division division = Division.of(TAPED, 11, Front.SECTION, Map.of(6, 402.0), true);
        assertThat(division.marks().get(6)).isEqualTo(402);
        assertThat(division.marks().get(0)).isZero();
        assertThat(division.section(0)).isCloseTo(67, within(1e-9));
        assertThat(division.section(10)).isCloseTo(65.8, within(1e-9));
        assertThat(division.isEven()).isFalse();
        assertThat(division.sizes()).hasSize(2);
        Division turned = Division.of(TAPED, 11, Front.SECTION, Map.of(0, 5.0), true);
        assertThat(turned.isEven()).isTrue();
    }

    @ParameterizedTest(name = "mark {0} at {1}")
    @CsvSource({"12, 100", "-1, 100", "3, 900", "3, -4", "3, 0.5"})
    void locksThatLeaveNoRoomAreRefused(int mark, double s) {
        assertThatThrownBy(() -> Division.of(TAPED, 11, Front.SECTION, Map.of(mark, s), true))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.field()).isEqualTo("locked"));
    }

    @Test
    void ladderPrefersWithinAClassOnly() {
        Ladder odd = Ladder.of(TAPED, 60, Preference.ODD, Demand.NONE, true, MM);
        assertThat(odd.rungs().get(0).n()).as("12 is a class nearer than 13").isEqualTo(12);
        Ladder folds = Ladder.of(TAPED, 58, Preference.FOLDS, Demand.NONE, true, MM);
        assertThat(folds.rungs().get(0).n()).isEqualTo(12);
        Ladder even =
                Ladder.of(TAPED, 60, Preference.ANY, new Demand(2, "a weave passes over and under in turn"), true, MM);
        assertThat(even.rungs().get(0).n()).isEqualTo(12);
        assertThat(even.rungs()).last().satisfies(r -> assertThat(r.refused()).isNotNull());
        assertThat(even.rungs().stream()
                        .filter(r -> r.n() == 13)
                        .findFirst()
                        .orElseThrow()
                        .refused())
                .hasToString("13 does not close: a weave passes over and under in turn. Nearest that do: 12 and 14.");
        Ladder corners = Ladder.of(Outlines.rectangle(300, 200, 15, 0), 60, Preference.ANY, Demand.NONE, true, MM);
        assertThat(corners.rungs().get(0).n()).isEqualTo(16);
        assertThatThrownBy(() -> Ladder.of(TAPED, 0, Preference.ANY, Demand.NONE, true, MM))
                .isInstanceOf(Refused.class);
    }

    @ParameterizedTest
    @CsvSource({"1,true", "2,true", "3,true", "6,true", "12,true", "24,true", "9,false", "10,false", "18,false"})
    void foldsAreHalvesOfOneOrThree(int n, boolean folds) {
        assertThat(Preference.folds(n)).isEqualTo(folds);
    }

    @ParameterizedTest
    @CsvSource({"68, 66, SHOWS", "67.98, 66, UNNOTICED", "71, 66, SHOWS", "72, 66, PLAIN", "60, 66, PLAIN"})
    void differencesInWords(double a, double b, Compare looks) {
        assertThat(Compare.of(a, b)).isEqualTo(looks);
    }

    @Test
    void frontSectionIsTheOneThatLooksForward() {
        assertThat(Division.of(TAPED, 11, Front.SECTION).frontSection()).isEqualTo(5);
        assertThat(Division.of(TAPED, 11, Front.SECTION).middle(5).s()).isCloseTo(365.5, within(1e-9));
    }
}

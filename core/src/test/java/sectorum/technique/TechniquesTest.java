package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static sectorum.technique.Places.figure;
import static sectorum.technique.Places.set;
import static sectorum.technique.Places.taped;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.bench.Round;
import sectorum.curve.Hanging;
import sectorum.curve.School;
import sectorum.drawing.Box;
import sectorum.drawing.Point;
import sectorum.finding.Finding;
import sectorum.measure.Values;

/** What is each technique's own. */
class TechniquesTest {
    @Test
    void stringWorkHangsLowerStringByString() {
        SwagLine swag = new SwagLine();
        Dressed four = swag.dress(set("drop=20 strings=4 growth=8 made=piped thick=2"), taped(swag, 5));
        assertThat(four.layout().placements()).hasSize(20);
        assertThat(figure(four, "Lowest string's drop")).isEqualTo(44);
        double length = IntStream.range(0, 4)
                .mapToDouble(j -> 5 * Hanging.of(School.ARC, 146.2, 20 + 8 * j).length())
                .sum();
        assertThat(figure(four, "All curves together")).isCloseTo(length, within(1e-9));
        assertThat(four.making().grams()).isCloseTo(length * Math.PI / 1000 * 1.35, within(1e-9));
        assertThat(swag.dress(set("drop=20"), taped(swag, 5)).making().used()).isEmpty();
    }

    @Test
    void stripsOfADrapeAreStackedFromTheLowestEachWithItsOwnCut() {
        Drape drape = new Drape();
        Dressed dressed = drape.dress(set("drop=48 strips=3 width=42"), taped(drape, 5));
        assertThat(figure(dressed, "Shows when folded")).isEqualTo(26.25);
        assertThat(dressed.layout().pieces()).isEqualTo(15);
        List<Making.Cut> cuts = dressed.making().cuts();
        // Five of a strip: three whose left end is cut first, two whose right end is.
        assertThat(cuts).extracting(Making.Cut::count).containsExactly(3, 2, 3, 2, 3, 2);
        for (int i = 0; i < 6; i++) {
            double drop = 48 - i / 2 * 26.25 / 2;
            assertThat(cuts.get(i).width())
                    .isCloseTo(Hanging.of(School.ARC, 146.2, drop).length() + 30, within(1e-9));
            assertThat(cuts.get(i).height()).isEqualTo(42);
        }
        assertThat(dressed.making().pieces() + dressed.making().spares()).isEqualTo(18);
        Dressed flat = drape.dress(set("drop=48 strips=1 width=20 fold=flat"), taped(drape, 5));
        assertThat(figure(flat, "Shows when folded")).isEqualTo(20);
        assertThat(flat.layout().shapes().stream().filter(s -> s.role() == Layout.Role.PIECE))
                .hasSize(1);
    }

    @Test
    void stripsWithoutRoomAreLeftOutAndSaid() {
        Drape drape = new Drape();
        Dressed dressed = drape.dress(set("drop=48 strips=5 width=42"), taped(drape, 5));
        assertThat(dressed.layout().pieces()).isEqualTo(20);
        Finding found = dressed.findings().stream()
                .filter(f -> f.rule().equals("drape.no-room"))
                .findFirst()
                .orElseThrow();
        assertThat(found.what().toString()).contains("Strip 5").contains("-4.5 mm");
    }

    @Test
    void theFirstEndToTrimGoesByTheHand() {
        Drape drape = new Drape();
        DressingContext place = taped(drape, 5);
        Values upright = set("drop=20 strips=1 ends=upright width=24");
        String right = Dressed.of(drape, upright, place).making().steps().toString();
        String left = Dressed.of(drape, upright, Places.leftHanded(place))
                .making()
                .steps()
                .toString();
        assertThat(right).contains("trim the left end first").contains("alternately right and left");
        assertThat(left).contains("trim the right end first").contains("alternately left and right");
    }

    @ParameterizedTest(name = "hung by {0}: {1} flags")
    @CsvSource({
        "drop=48 square=24 gap=4, 20",
        "drop=48 square=24 gap=4 end=10, 20",
        "drop=48 square=24 gap=4 end=30, 15",
        "drop=10 square=150 gap=4, 0"
    })
    void pennantsFillTheirLineFromTheMiddle(String settings, int flags) {
        Pennants pennants = new Pennants();
        Dressed dressed = pennants.dress(set(settings), taped(pennants, 5));
        assertThat(figure(dressed, "flags")).isEqualTo(flags);
        assertThat(figure(dressed, "Squares to cut")).isEqualTo((flags + 1) / 2);
    }

    @Test
    void whatAFlagLacksIsTrimmedAtBothEnds() {
        Pennants pennants = new Pennants();
        Dressed dressed = pennants.dress(set("drop=48 square=27 gap=4 rest=trimmed"), taped(pennants, 5));
        double left = figure(dressed, "Left at each end");
        assertThat(figure(dressed, "Trimmed flags")).isEqualTo(10);
        double width = dressed.layout().shapes().stream()
                .filter(s -> s.role() == Layout.Role.PIECE && s.closed())
                .mapToDouble(s -> Box.of(s.xz()).width())
                .min()
                .orElseThrow();
        assertThat(width).isCloseTo(left - 4, within(1e-6));
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"arc", "parabola", "catenary"})
    void aShareOfACurveIsMeasuredAlongIt(String school) {
        for (double drop : new double[] {1, 20, 48, 70}) {
            Hanging curve = Hanging.of(School.of(school), 146.2, drop);
            double walked = 0;
            Point before = curve.at(0);
            int parts = 400;
            for (int i = 1; i <= parts; i++) {
                Point here = curve.at(curve.share(curve.length() * i / parts));
                walked = Math.hypot(here.x() - before.x(), here.y() - before.y());
                assertThat(walked).isCloseTo(curve.length() / parts, within(2e-3));
                before = here;
            }
            assertThat(before.x()).isCloseTo(146.2, within(1e-6));
        }
    }

    @ParameterizedTest(name = "pearls of {1} every {2} on {0}: {3}")
    @CsvSource({"731, 6, 8, 91", "731, 6, 5, 121", "731, 6, 731, 1", "20, 30, 30, 1"})
    void pearlsAreAsManyAsFit(double p, double d, double pitch, int n) {
        assertThat(LevelRow.count(p, pitch, d)).isEqualTo(n);
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"pearls", "border", "channel"})
    void rowsCloseAtTheSeamWithTheSameGapAsEverywhere(String id) {
        Technique technique = Catalogue.of(id);
        List<Double> s = Dressed.of(technique, Values.NONE, taped(technique, 7)).layout().placements().stream()
                .map(Layout.Placement::s)
                .sorted()
                .toList();
        double gap = 731.0 / s.size();
        for (int i = 0; i < s.size(); i++) {
            double next = i + 1 < s.size() ? s.get(i + 1) : s.get(0) + 731;
            assertThat(next - s.get(i)).isCloseTo(gap, within(1e-9));
        }
    }

    @Test
    void theBoardOnTheShelfIsNamedWhereItDrawsTheCurve() {
        SwagLine swag = new SwagLine();
        DressingContext place =
                Places.on(swag, Places.TAPED, 5, 1, Places.with(new Round("small tin", 150), new Round("board", 180)));
        Dressed near = swag.dress(set("drop=40"), place);
        assertThat(Places.rules(near)).containsExactly("hang.board");
        assertThat(near.findings().get(0).what().toString()).contains("board").contains("37.499 mm");
        Object drop = near.findings().get(0).mends().get(0).changes().get(0).value();
        Dressed taken = swag.dress(Values.NONE.with("drop", drop), place);
        assertThat(taken.findings()).isEmpty();
        assertThat(taken.figures())
                .anySatisfy(f -> assertThat(f.quantity().text()).isEqualTo("board"));
        assertThatThrownBy(() -> new Round("tin", 100).drop(146.2)).hasMessageContaining("100 mm");
    }

    @Test
    void forACrescentTheTwoBoardsAreNamed() {
        Crescent crescent = new Crescent();
        DressingContext place =
                Places.on(crescent, Places.TAPED, 5, 1, Places.with(new Round("18", 180), new Round("25", 255)));
        Dressed dressed = crescent.dress(set("drop=38 depth=15"), place);
        assertThat(figure(dressed, "which drops")).isCloseTo(37.499, within(5e-4));
        assertThat(figure(dressed, "which drops by")).isCloseTo(23.036, within(5e-4));
    }

    @Test
    void anInsetWaitsUntilTheSheetHasSet() {
        KnittedRopes ropes = new KnittedRopes();
        Dressed plain = ropes.dress(Values.NONE, taped(ropes, 5));
        Dressed inset = ropes.dress(set("inset=hexagon across=50"), taped(ropes, 5));
        List<Making.Step> steps = inset.making().steps();
        assertThat(steps).hasSize(plain.making().steps().size() + 1);
        assertThat(steps.get(steps.size() - 2).pause().least()).isEqualTo(10);
        assertThat(inset.layout().placements())
                .hasSize(plain.layout().placements().size() + 1);
        assertThat(inset.drawings().all()).anySatisfy(d -> assertThat(d.name()).isEqualTo("inset-shape"));
    }

    @Test
    void jabotPleatsAreFormedOverRods() {
        Jabot jabot = new Jabot();
        Dressed dressed = jabot.dress(set("pleats=5 rod=6 thickness=1.5 hem=6"), taped(jabot, 5));
        assertThat(figure(dressed, "gathered")).isEqualTo(45);
        assertThat(figure(dressed, "wide to cut")).isCloseTo(100.905, within(5e-4));
        assertThat(dressed.making().cuts().get(0).width()).isCloseTo(100.905, within(5e-4));
        assertThat(dressed.layout().pieces()).isEqualTo(5);
    }
}

package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.measure.Values;
import sectorum.surface.Side;

/** Falls and trains, on one tier and as parts of a whole. */
class FallTest {
    private static final Side SIDE = Places.round(628.3, 110);
    private static final DressingContext PLACE =
            new DressingContext(SIDE, Division.of(SIDE.outline(), 8, Front.SECTION), SIDE.whole(), 3, Places.BENCH);

    private static Dressed worn(String settings) {
        return Catalogue.of("fall").dress(Places.set(settings), PLACE);
    }

    /** Its count by the rows that are told, and by what is drawn; sizes grow downwards, none over the zone. */
    @ParameterizedTest
    @CsvSource({
        "lower=200 upper=40 large=30 small=12",
        "kind=blossom lower=120 upper=20 large=20 small=10",
        "kind=leaf lower=300 upper=300 large=15 small=15"
    })
    void aFallWidensDownwards(String settings) {
        Dressed dressed = worn(settings);
        List<Layout.Placement> all = dressed.layout().placements();
        assertThat(Places.figure(dressed, "rows"))
                .isEqualTo(
                        all.stream().mapToDouble(Layout.Placement::z).distinct().count());
        assertThat(dressed.making().pieces()).isEqualTo(all.size());
        double last = Double.MAX_VALUE;
        double area = 0;
        for (Layout.Placement p : all) {
            double size = Places.width(dressed.layout().shapes().get(p.shape()));
            assertThat(size).isLessThanOrEqualTo(last + 1e-9);
            last = size;
            area += size * size;
        }
        // The other way: what covers a trapezoid with squares of their own size.
        double lower = Double.parseDouble(settings.replaceAll(".*lower=(\\d+).*", "$1"));
        double upper = Double.parseDouble(settings.replaceAll(".*upper=(\\d+).*", "$1"));
        assertThat(area).isCloseTo((lower + upper) / 2 * 110, within(0.35 * (lower + upper) / 2 * 110));
    }

    @Test
    @DisplayName("a rosette of 40 weighs 10 g")
    void aRosetteOfTheHandbook() {
        assertThat(Element.SHELL.grams(40)).isCloseTo(10.24, within(1e-9));
        Dressed dressed = worn("small=40 large=40 lower=40 upper=40");
        assertThat(dressed.making().grams()).isCloseTo(10.24 * dressed.making().pieces(), within(1e-6));
    }

    private static DressingContext ledge(double deep) {
        Division marks = Division.of(sectorum.outline.Outlines.round(300, 0), 8, Front.SECTION);
        return new DressingContext(Places.level(300), marks, new sectorum.surface.Zone(0, deep), 1, Places.BENCH);
    }

    /** Weighed once, every size follows by the cube of it. */
    @ParameterizedTest
    @ValueSource(doubles = {50, 102.4, 200})
    void whatTenWeighIsTakenByTheCubeOfTheirSize(double ten) {
        Dressed dressed = worn("small=10 large=40 ten=" + ten);
        double flat = sectorum.drawing.Box.of(FallKind.ROSETTE.outline(40)).width();
        double sum = dressed.layout().placements().stream()
                .mapToDouble(p -> ten
                        / 10
                        * Math.pow(Places.width(dressed.layout().shapes().get(p.shape())) / flat, 3))
                .sum();
        assertThat(dressed.making().grams()).isCloseTo(sum, within(0.02 * sum));
        assertThat(worn("kind=ruffle").making().grams()).isPositive();
    }

    /** The edge goes straight from its beginning to half way, and on to its end; each handle lies on it. */
    @Test
    void itsProfileIsMovedAtThreePlaces() {
        Dressed dressed = worn("upper=30 half=60 lower=240 small=10 large=10");
        assertThat(dressed.handles()).extracting(Handle::field).containsExactly("upper", "half", "lower");
        double front = SIDE.period() / 2;
        List<Double> at = dressed.handles().stream()
                .map(h -> 2 * (h.grips().get(0).s() - front))
                .toList();
        assertThat(at.get(0)).isCloseTo(30, within(1e-6));
        assertThat(at.get(1)).isCloseTo(60, within(1e-6));
        assertThat(at.get(2)).isCloseTo(240, within(1e-6));
        for (Layout.Placement p : dressed.layout().placements()) {
            double down = 1 - p.z() / 110;
            double wide = down < 0.5 ? 30 + 60 * down : 60 + 360 * (down - 0.5);
            assertThat(2 * Math.abs(p.s() - front)).isLessThanOrEqualTo(Math.max(10, wide));
        }
    }

    /** Whatever way it is parted, where one part ends the next begins: as wide, as large, in the same colour. */
    @ParameterizedTest
    @CsvSource({"'', 0.4", "'upper=20 lower=260 small=10 large=40', 0.25", "'upper=20 half=30 lower=260', 0.7"})
    void overSeveralTiersAFallIsOne(String settings, double cut) {
        Technique fall = Catalogue.of("fall");
        Values whole = Places.set(settings);
        Dressed over = fall.dress(fall.part(whole, 0, cut), PLACE);
        Dressed under = fall.dress(fall.part(whole, cut, 1), PLACE);
        List<Layout.Placement> upper = over.layout().placements();
        List<Layout.Placement> lower = under.layout().placements();
        double lowestOfUpper =
                Places.width(over.layout().shapes().get(upper.get(0).shape()));
        double highestOfLower = Places.width(
                under.layout().shapes().get(lower.get(lower.size() - 1).shape()));
        assertThat(highestOfLower).isBetween(lowestOfUpper - 1e-9, lowestOfUpper * 1.7);
        assertThat(fall.part(whole, 0, 1)).isEqualTo(whole);
        assertThat(fall.part(whole, 0, cut).get("ends")).isEqualTo(cut);
        assertThat(upper.get(0).colour()).isLessThanOrEqualTo(lower.get(0).colour());
    }

    /** On a ledge, from the rim in: none over an edge, and none at all where it is narrower than what falls. */
    @ParameterizedTest
    @CsvSource({"20, 0", "45, 1", "90, 2"})
    void overALedgeItStaysBetweenItsEdges(double deep, int rows) {
        Technique fall = Catalogue.of("fall");
        Values part = fall.part(Places.set("upper=200 half=200 lower=200 small=40 large=40"), 0.5, 0.5);
        Dressed dressed = fall.dress(part, ledge(deep));
        assertThat(Places.figure(dressed, "rows")).isEqualTo(rows);
        for (Layout.Placement p : dressed.layout().placements()) {
            assertThat(p.z()).isBetween(20 - 1e-9, deep - 20 + 1e-9);
        }
    }
}

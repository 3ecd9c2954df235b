package sectorum;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.bench.Bench;
import sectorum.bench.Round;
import sectorum.curve.Hanging;
import sectorum.curve.School;
import sectorum.divide.Compare;
import sectorum.divide.Demand;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.divide.Gauge;
import sectorum.divide.Ladder;
import sectorum.divide.Preference;
import sectorum.make.Batch;
import sectorum.make.Covering;
import sectorum.make.Nest;
import sectorum.make.Roll;
import sectorum.make.Tint;
import sectorum.measure.Tape;
import sectorum.measure.Values;
import sectorum.outline.Outline;
import sectorum.outline.OutlineKind;
import sectorum.outline.Outlines;
import sectorum.plan.Coat;
import sectorum.surface.Reading;
import sectorum.surface.Side;
import sectorum.surface.Wrap;
import sectorum.technique.Catalogue;
import sectorum.technique.Dressed;
import sectorum.technique.DressingContext;

/** Craft 6, by name and as it stands there. */
class WorkedExamplesTest {
    private static final Tape MM = new Tape(1);
    private static final Outline TAPED = Outlines.round(731 / Math.PI, 0);

    @ParameterizedTest(name = "{0} {1} under {2}: P {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "round     | diameter=230                     | 0   | 722.566",
                "square    | side=240 corner=12               | 0   | 939.398",
                "rectangle | width=300 depth=200 corner=15    | 0   | 974.248",
                "polygon   | sides=6 side=130 corner=10       | 0   | 773.550",
                "oval      | length=300 width=220             | 0   | 821.655",
                "heart     | side=180                         | 0   | 925.487",
                "petal     | lobes=6 lobe=100 ring=90         | 0   | 986.021",
                "square    | side=240 corner=12               | 8.5 | 992.805",
                "heart     | side=180                         | 8.5 | 975.904",
            })
    void perimeters(String kind, String sizes, double coats, double p) {
        Map<String, Object> named = new java.util.HashMap<>();
        for (String size : sizes.split(" ")) {
            named.put(size.split("=")[0], Double.parseDouble(size.split("=")[1]));
        }
        Outline outline = OutlineKind.of(kind).build(new Values(named), coats);
        assertThat(outline.perimeter()).isCloseTo(p, within(5e-4));
    }

    @Test
    @DisplayName("round, tape reads 731: D 232.685, and this D is used everywhere")
    void tapeReads731() {
        Side side = Side.of(
                OutlineKind.ROUND,
                new Values(Map.of("diameter", 230.0)),
                110,
                0,
                List.of(Reading.of(Reading.What.FOOT, 731)));
        assertThat(side.acrossAsRound()).isCloseTo(232.685, within(5e-4));
        assertThat(side.outline().box().width()).isCloseTo(232.685, within(0.06));
        assertThat(Division.of(side.outline(), 5, Front.SECTION).chord(0)).isCloseTo(136.769, within(5e-4));
    }

    @Test
    @DisplayName("foot 731, top 691, slant 119: wrap 2174.725, 2055.725, 0.336134 rad; at z 100 it is 697.387")
    void taper() {
        Wrap wrap = Wrap.of(731, 691, 119);
        assertThat(wrap.outer()).isCloseTo(2174.725, within(5e-4));
        assertThat(wrap.inner()).isCloseTo(2055.725, within(5e-4));
        assertThat(wrap.angle()).isCloseTo(0.336134, within(5e-7));
        Side side = Side.of(
                OutlineKind.ROUND,
                Values.NONE,
                110,
                0,
                List.of(
                        Reading.of(Reading.What.FOOT, 731),
                        Reading.of(Reading.What.TOP, 691),
                        Reading.of(Reading.What.HEIGHT, 119)));
        assertThat(side.around(100)).isCloseTo(697.387, within(5e-4));
    }

    @Test
    @DisplayName("731 wanted 60: rungs 8 (91.38) … 20 (36.55); nearest 12, then 13, then 11")
    void ladder() {
        Ladder ladder = Ladder.of(TAPED, 60, Preference.ANY, Demand.NONE, true, MM);
        assertThat(ladder.rungs()).extracting(Ladder.Rung::n).startsWith(12, 13, 11);
        assertThat(ladder.rungs()).extracting(Ladder.Rung::section).satisfies(sizes -> {
            assertThat(sizes.get(0)).isCloseTo(60.92, within(5e-3));
            assertThat(sizes.get(1)).isCloseTo(56.23, within(5e-3));
            assertThat(sizes.get(2)).isCloseTo(66.45, within(5e-3));
        });
        assertThat(ladder.rungs())
                .extracting(Ladder.Rung::n)
                .containsExactlyInAnyOrder(8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20);
    }

    @Test
    @DisplayName("731 in 11, tape to 1 mm: 0 66 133 199 266 332 399 465 532 598 665, each section 66 or 67")
    void tapePositions() {
        Division division = Division.of(TAPED, 11, Front.SECTION);
        List<Double> read = division.marks().stream().map(MM::read).toList();
        assertThat(read).containsExactly(0., 66., 133., 199., 266., 332., 399., 465., 532., 598., 665.);
        for (int k = 0; k < 11; k++) {
            double section = k < 10 ? read.get(k + 1) - read.get(k) : 731 - read.get(10);
            assertThat(section).isIn(66., 67.);
        }
    }

    @ParameterizedTest(name = "731 in 11, gauge, stiff {0}, to {1} mm: {2} lays {3}, last {4}, {5}")
    @CsvSource({
        "false, 1,   66,   66,     71,     SHOWS",
        "false, 0.5, 66.5, 66.5,   66.0,   UNNOTICED",
        "true,  1,   66,   66.919, 61.813, SHOWS",
    })
    void gauges(boolean stiff, double tape, double size, double lays, double last, Compare looks) {
        Gauge gauge = stiff ? Gauge.stiff(731, 11, new Tape(tape)) : Gauge.soft(731, 11, new Tape(tape));
        assertThat(gauge.size()).isEqualTo(size);
        assertThat(gauge.lays()).isCloseTo(lays, within(5e-4));
        assertThat(gauge.last()).isCloseTo(last, within(5e-4));
        assertThat(gauge.closes()).isEqualTo(looks);
    }

    @Test
    @DisplayName("71 beside 66 is 7.6 % over its neighbours")
    void sevenPointSix() {
        assertThat(Compare.share(71, 66)).isCloseTo(0.076, within(5e-4));
    }

    @Test
    @DisplayName("731 in 12, section in front: from the seam 30 91 152 213, from the first mark 0 61 122 183")
    void twelve() {
        Division division = Division.of(TAPED, 12, Front.SECTION);
        assertThat(division.marks().stream().map(MM::read)).startsWith(30., 91., 152., 213.);
        assertThat(division.marks().stream()
                        .map(s -> MM.read(s - division.mark(0).s())))
                .startsWith(0., 61., 122., 183.);
    }

    @Test
    @DisplayName("rectangle 300 × 200 r 15 in 16: 5 and 3 a side, 58.712 and 64.521")
    void rectangle() {
        Division division = Division.of(Outlines.rectangle(300, 200, 15, 0), 16, Front.SECTION);
        assertThat(division.sizes()).hasSize(2);
        assertThat(division.sizes().get(1)).isCloseTo(58.712, within(5e-4));
        assertThat(division.sizes().get(0)).isCloseTo(64.521, within(5e-4));
    }

    @ParameterizedTest(name = "swag, chord 146.2, drop 48, {0}: length {1}")
    @CsvSource({"ARC, 185.144", "PARABOLA, 181.142", "CATENARY, 182.084"})
    void swags(School school, double length) {
        Hanging curve = Hanging.of(school, 146.2, 48);
        assertThat(curve.length()).isCloseTo(length, within(5e-4));
        if (curve instanceof Hanging.Arc arc) {
            assertThat(arc.radius()).isCloseTo(79.663, within(5e-4));
            assertThat(curve.endSlope()).isCloseTo(1.16205, within(5e-6));
        }
        if (curve instanceof Hanging.Catenary catenary) {
            assertThat(catenary.a()).isCloseTo(62.340, within(5e-4));
        }
    }

    @ParameterizedTest(name = "{0} on the worked swag, {1}: {2} is {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "drape   | drop=48 width=42 strips=1                              | Shows when folded | 26.25",
                "drape   | drop=48 width=42 strips=1 weather=cool                 | to cut each       | 215.144",
                "drape   | drop=48 width=42 strips=1 weather=warm                 | to cut each       | 210.925",
                "drape   | drop=20 width=42 strips=1 ends=upright                 | to cut each       | 184.442",
                "drape   | drop=20 width=42 strips=1 ends=upright                 | Along the lowest edge | 153.390",
                "jabot   | pleats=5 rod=6 thickness=1.5 hem=6                     | wide to cut       | 100.905",
                "jabot   | pleats=5 rod=6 thickness=1.5 hem=6                     | gathered          | 45.0",
                "pennant | drop=48 square=24 gap=4                                | Line a swag       | 185.144",
                "pennant | drop=48 square=24 gap=4                                | wide              | 33.941",
                "pennant | drop=48 square=24 gap=4                                | high              | 16.971",
                "pennant | drop=48 square=24 gap=4                                | Flags a swag, in front | 4",
            })
    void hangingTechniques(String id, String settings, String figure, double value) {
        assertFigure(id, 731, 118, 5, settings, figure, value, 5e-4);
    }

    private static void assertFigure(
            String id, double p, double high, int n, String settings, String figure, double value, double near) {
        Side side = Side.of(OutlineKind.ROUND, Values.NONE, high, 0, List.of(Reading.of(Reading.What.FOOT, p)));
        Division division = Division.of(side.outline(), n, Front.SECTION);
        DressingContext place = new DressingContext(side, division, side.whole(), 1, Bench.of(MM));
        Map<String, Object> named = new java.util.HashMap<>();
        for (String setting : settings.split(" +")) {
            String word = setting.split("=")[1];
            named.put(setting.split("=")[0], word.matches("[0-9.]+") ? (Object) Double.valueOf(word) : word);
        }
        Dressed dressed = Catalogue.of(id).dress(new Values(named), place);
        assertThat(dressed.figures()).anySatisfy(f -> {
            assertThat(f.label()).isEqualTo(figure);
            assertThat(f.quantity().value()).isCloseTo(value, within(near));
        });
    }

    @ParameterizedTest(name = "{0} on {1} × {2} in {3}, {4}: {5} is {6}")
    @CsvSource(
            delimiter = '|',
            value = {
                "quilting  | 731   | 118 | 13 | each=1 fit=angle       | wide                 | 56.231",
                "quilting  | 731   | 118 | 13 | each=1 fit=angle       | Rows of crossings    | 4",
                "quilting  | 731   | 118 | 13 | each=1 fit=angle       | Crossings            | 52",
                "quilting  | 731   | 118 | 13 | each=1 fit=angle       | Lines, half of them each way | 26",
                "quilting  | 731   | 118 | 13 | each=1 fit=angle       | Each line            | 166.877",
                "quilting  | 731   | 118 | 13 | each=1 fit=angle       | All lines together   | 4338.8",
                "quilting  | 731   | 118 | 13 | each=1 fit=angle       | Each runs along      | 118",
                "quilting  | 731   | 118 | 13 | each=1 halfRows=5      | angle                | 0.698303",
                "honeycomb | 731   | 118 | 16 | each=1                 | across flats         | 45.688",
                "honeycomb | 731   | 118 | 16 | each=1                 | side                 | 26.378",
                "honeycomb | 731   | 118 | 16 | each=1                 | Row pitch            | 39.567",
                "honeycomb | 731   | 118 | 16 | each=1                 | Rows                 | 2",
                "weave     | 565.5 | 96  | 26 | each=1 stake=6 weaver=8 tuck=0 | Pitch                | 21.75",
                "weave     | 565.5 | 96  | 26 | each=1 stake=6 weaver=8 tuck=0 | rows                 | 12",
                "weave     | 565.5 | 96  | 26 | each=1 stake=6 weaver=8 tuck=0 | pieces               | 156",
                "weave     | 565.5 | 96  | 26 | each=1 stake=6 weaver=8 tuck=0 | each long            | 37.5",
                "weave     | 565.5 | 96  | 26 | each=1 stake=6 weaver=8 tuck=0 | Weavers together     | 5850",
                "weave     | 565.5 | 96  | 26 | each=1 stake=6 weaver=8 tuck=0 | Stakes together      | 2496",
                "weave     | 565.5 | 96  | 26 | each=1 stake=6 weaver=8 tuck=0 | Extruder loads, weavers | 4",
                "weave     | 565.5 | 96  | 26 | each=1 stake=6 weaver=8 | each long            | 43.5",
                "ropes     | 402.1 | 96  | 8  | strand=3 lay=15 pitch=5.4 | Take-up           | 0.18101",
                "ropes     | 402.1 | 96  | 8  | strand=3 lay=15 pitch=5.4 | Slope of the strands | 0.560984",
                "ropes     | 402.1 | 96  | 8  | strand=3 lay=15 pitch=5.4 | ropes             | 74",
                "ropes     | 402.1 | 96  | 8  | strand=3 lay=15 pitch=5.4 | apart             | 5.43378",
                "ropes     | 402.1 | 96  | 8  | strand=3 lay=15 pitch=5.4 | Off the wished pitch | 0.00626",
            })
    void gridsAndWeaves(String id, double p, double high, int n, String settings, String figure, double value) {
        assertFigure(id, p, high, n, settings, figure, value, value > 1000 ? 0.05 : 5e-4);
    }

    @ParameterizedTest(name = "trace a round of {0} over 146.2: drop {1}")
    @CsvSource({"180, 37.499", "255, 23.036"})
    void boardsOnTheShelf(double across, double drop) {
        assertThat(new Round("board", across).drop(146.2)).isCloseTo(drop, within(5e-4));
    }

    @Test
    @DisplayName("the arc of chord 146.2, drop 20: slope 30.603°, length 153.390")
    void shallowArc() {
        Hanging arc = Hanging.of(School.ARC, 146.2, 20);
        assertThat(Math.toDegrees(arc.endSlope())).isCloseTo(30.603, within(5e-4));
        assertThat(arc.length()).isCloseTo(153.390, within(5e-4));
    }

    @Test
    @DisplayName("fondant for round 230 × 118, margin 20: circle 506, at 3.5 thick 950.2 g")
    void fondantForRound230() {
        Covering covering = Covering.of(
                t -> Outlines.round(230, t),
                118,
                new Coat("fondant", 3.5),
                true,
                new Covering.Named("t", 0, "fondant"),
                Tint.PLAIN);
        assertThat(covering.round()).isTrue();
        assertThat(covering.width()).isCloseTo(506, within(1e-9));
        assertThat(covering.stays() + covering.trimmed()).isCloseTo(950.2, within(0.05));
    }

    @Test
    @DisplayName("paste: pieces and spares 1210 g, 300 a roll, η 0.7: 5 rolls, kneaded 1315 g")
    void pasteOf1210() {
        int rolls = (int) Math.ceil(1210 / 300.0);
        assertThat(rolls).isEqualTo(5);
        assertThat(1210 + Batch.Parts.offCuts(1210, rolls, 0.7)).isCloseTo(1313.7, within(0.05));
        Batch.Parts parts = Batch.Parts.of(1100, 110, Batch.Parts.offCuts(1210, rolls, 0.7), 0, true);
        assertThat(parts.kneaded()).isCloseTo(1315, within(1e-9));
    }

    @Test
    @DisplayName("discs of 22 from A4, bridge 2, margin 8: 99 staggered")
    void discsFromA4() {
        List<Double> disc = new java.util.ArrayList<>();
        for (int i = 0; i < 60; i++) {
            disc.add(11 * Math.cos(Math.PI * i / 30));
            disc.add(11 * Math.sin(Math.PI * i / 30));
        }
        assertThat(Nest.yield(disc, new Roll("A4", 210, 297, 8, 2))).isEqualTo(99);
    }
}

package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.drawing.Box;
import sectorum.material.Material;
import sectorum.surface.Side;
import sectorum.surface.Surface;

/** What a nozzle sets down and draws, on a side and a top. */
class PipingTest {
    private static final Technique PIPING = new Piping();
    private static final Side SIDE = Places.round(731, 110);

    private static DressingContext on(Surface surface, int colours) {
        Division division = Division.of(SIDE.outline(), 8, Front.SECTION);
        return new DressingContext(surface, division, surface.whole(), colours, Places.BENCH);
    }

    private static Dressed side(String settings, int colours) {
        return PIPING.dress(Places.set(settings), on(SIDE, colours));
    }

    @Test
    @DisplayName("a line 3 mm wide from a bag: snip where the flat bag is 4.7 wide")
    void aBagIsSnippedWhereItIsHalfRound() {
        assertThat(Piping.snip(3)).isCloseTo(4.712, within(5e-4));
    }

    /** Row by row (craft 3I): grams of one of 20 mm in buttercream, and how close they stand. */
    @ParameterizedTest(name = "{0}: {1} g, one every {2}, {3} nozzle")
    @CsvSource({
        "SHELL, 1.28, 16, star",
        "ROSETTE, 1.28, 20, star",
        "STAR, 1.28, 20, star",
        "BEAD, 1.9897, 20, plain",
        "LEAF, 0.768, 14, leaf",
        "RUFFLE, 0.768, 12, petal",
        "ROPE, 1.28, 10, star",
        "BASKET, 1.68, 32, basket"
    })
    void everyForm(PipeForm form, double grams, double pitch, String nozzle) {
        assertThat(form.grams(20, Material.BUTTERCREAM.density())).isCloseTo(grams, within(5e-4));
        assertThat(form.pitch(20)).isCloseTo(pitch, within(1e-9));
        assertThat(form.nozzle).isEqualTo(nozzle);
        assertThat(form.isDrawn()).isFalse();
    }

    @ParameterizedTest
    @EnumSource(PipeForm.class)
    void aFormStandsWithinItsSize(PipeForm form) {
        if (!form.isDrawn()) {
            Box box = Box.of(form.outline(20));
            assertThat(box.high() - box.low()).isBetween(10.0, 20 + 1e-6);
        }
        Dressed dressed = side("rows=3 size=14 form=" + form.name().toLowerCase(java.util.Locale.ROOT), 2);
        assertThat(dressed.layout().pieces()).isPositive();
        assertThat(Places.rules(dressed)).isEmpty();
    }

    /** path × π·ø²/4 × density. */
    @ParameterizedTest(name = "{0} rows of {1} mm")
    @CsvSource({"1, 3", "4, 5"})
    void aLineWeighsByItsPathAndItsNozzle(int rows, double wide) {
        Dressed dressed = side("form=line material=royal rows=" + rows + " nozzle=" + wide + " size=6", 1);
        assertThat(dressed.making().grams())
                .isCloseTo(rows * 731 * Math.PI * wide * wide / 4 / 1000 * 1.35, within(1e-3));
        Dressed zigzag = side("form=zigzag material=royal rows=1 nozzle=3 size=12 pitch=10", 1);
        double n = Math.round(73.1);
        double leg = Math.hypot(731 / n / 2, 9);
        assertThat(zigzag.making().used().get(0).length()).isCloseTo(2 * n * leg, within(1e-6));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"ROWS, rows", "ALONG, along"})
    void coloursGoByRowsOrAlongThem(String name, String spread) {
        Dressed dressed = side("form=star rows=4 size=15 pitch=17 spread=" + spread, 2);
        List<Layout.Placement> all = dressed.layout().placements();
        assertThat(all).hasSize(4 * 43);
        assertThat(all.get(0).colour()).isEqualTo(0);
        assertThat(all.get(1).colour()).isEqualTo(name.equals("ROWS") ? 0 : 1);
        assertThat(dressed.making().cuts()).hasSize(2);
        assertThat(dressed.making().pieces()).isEqualTo(4 * 43);
    }

    /** On a top rows go inwards, each as many as it is long. */
    @Test
    void aTopIsFilledFromItsRim() {
        Surface top = Places.level(200);
        DressingContext place =
                new DressingContext(top, Places.onBoard(PIPING, 8, 1).division(), top.whole(), 1, Places.BENCH);
        Dressed dressed = PIPING.dress(Places.set("form=shell size=12 rows=7"), place);
        List<Double> rows = dressed.layout().placements().stream()
                .map(Layout.Placement::z)
                .distinct()
                .toList();
        assertThat(rows).hasSize(7);
        for (double z : rows) {
            long n = dressed.layout().placements().stream()
                    .filter(p -> p.z() == z)
                    .count();
            assertThat((double) n).isCloseTo(Math.PI * (200 - 2 * z) / 9.6, within(0.51));
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"rows=100, piping.out-of-zone", "size=70 nozzle=3, piping.nozzle", "size=10 nozzle=4 rows=2, ''"})
    void foundAndMended(String settings, String rule) {
        Dressed dressed = side(settings, 1);
        assertThat(Places.rules(dressed).contains(rule)).isEqualTo(!rule.isEmpty());
        dressed.findings().stream().filter(f -> f.rule().equals(rule)).forEach(f -> {
            var change = f.mends().get(0).changes().get(0);
            Object value = change.value() instanceof Integer n ? (Object) n.doubleValue() : change.value();
            assertThat(Places.rules(PIPING.dress(Places.set(settings).with(change.field(), value), on(SIDE, 1))))
                    .doesNotContain(rule);
        });
    }

    @Test
    void bagsAreHalfFullAndAtLeastOneOfEachColour() {
        assertThat(Places.figure(side("rows=1 size=8", 3), "bags")).isEqualTo(1);
        assertThat(Places.figure(side("rows=1 size=8 spread=along", 3), "bags")).isEqualTo(3);
        Dressed heavy = side("form=rosette rows=3 size=30", 1);
        assertThat(Places.figure(heavy, "bags"))
                .isEqualTo(Math.ceil(heavy.making().grams() / 200));
    }

    /** Ten weighed, or a metre, rule over the formula. */
    @ParameterizedTest
    @CsvSource({"'form=shell size=14', 25", "'form=line nozzle=3', 9"})
    void whatWasWeighedIsTaken(String settings, double weighed) {
        Dressed dressed = side(settings + " rows=2 weighed=" + weighed, 1);
        boolean line = settings.contains("line");
        double much = line
                ? dressed.making().used().get(0).length() / 1000
                : dressed.making().pieces() / 10.0;
        assertThat(dressed.making().grams()).isCloseTo(much * weighed, within(1e-6));
    }

    /** Bags by colour and fill; all shades in one bag go by their sum, and every piece shows all of them. */
    @ParameterizedTest(name = "{0}: {1} bags")
    @CsvSource({"bag=each fill=100, 6", "bag=shades fill=100, 5", "bag=each fill=2000, 2", "bag=shades fill=2000, 1"})
    void bagsByColourAndFill(String settings, int bags) {
        Dressed dressed = side("form=rosette size=20 pitch=20 rows=4 weighed=32 " + settings, 2);
        double grams = dressed.making().grams();
        assertThat(grams).isBetween(400.0, 500.0);
        assertThat(Places.figure(dressed, "bags")).isEqualTo(bags);
        long tones = dressed.layout().placements().stream()
                .filter(p -> dressed.layout().shapes().get(p.shape()).role() == Layout.Role.TONE)
                .count();
        assertThat(tones)
                .isEqualTo(settings.contains("shades") ? dressed.layout().pieces() : 0);
        assertThat(dressed.making().used()).hasSize(2);
    }

    /** A string hangs from pin to pin, as long as its parabola. */
    @Test
    void stringsHangBetweenTheirPins() {
        Dressed dressed = side("form=string rows=1 size=23 nozzle=3 pitch=36.55", 1);
        double half = 36.55 / 2;
        double slope = 2 * 20 / half;
        double length =
                half * Math.sqrt(1 + slope * slope) + half * Math.log(slope + Math.sqrt(1 + slope * slope)) / slope;
        assertThat(dressed.making().used().get(0).length()).isCloseTo(20 * length, within(0.01 * 20 * length));
    }

    /** How many of a form until its nozzle is wiped, row by row. */
    @ParameterizedTest
    @CsvSource({
        "SHELL, 30",
        "ROSETTE, 30",
        "STAR, 40",
        "BEAD, 60",
        "LEAF, 15",
        "RUFFLE, 12",
        "ROPE, 30",
        "BASKET, 20",
        "LINE, 40",
        "ZIGZAG, 40",
        "STRING, 20"
    })
    void nozzlesAreWiped(PipeForm form, int wiped) {
        assertThat(form.wiped).isEqualTo(wiped);
    }
}

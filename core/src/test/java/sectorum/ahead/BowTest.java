package sectorum.ahead;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.plan.OwnPiece;
import sectorum.plan.Sticks;

/** Bows: the strip along the drawn loop, parts of their own thickness, support by place. */
class BowTest {
    private static OwnPiece bow(double span, double strip, OwnPiece.On on) {
        OwnPiece offered = new Bow().offers(Bed.USUAL).get(0);
        return offered.sized(span, strip).at(new OwnPiece.Seat("", on, 0, 0, 0));
    }

    private static MadeAhead made(OwnPiece piece) {
        return AheadCatalogue.make(piece, Bed.USUAL);
    }

    private static Component part(MadeAhead made, String what) {
        return made.components().stream()
                .filter(c -> c.what().toString().startsWith(what))
                .findFirst()
                .orElseThrow();
    }

    /** Handbook: bow, span 160, roll radius 14: loop 178.963, strip 369.927. */
    @Test
    void aBowOf160OverRollsOf14TakesAStripOf369Point927() {
        assertThat(BowLook.loop(160 / 2.0 - 14, 14)).isCloseTo(178.963, within(5e-4));
        MadeAhead made = made(bow(160, 45, OwnPiece.On.TOP).set("roll", 14.0));
        assertThat(part(made, "Strip of two").rings().width()).isCloseTo(369.927, within(1e-3));
        assertThat(part(made, "Strip of two").each()).isEqualTo(1);
    }

    /** The strip recomputed along the curve that is drawn, over spans and rolls. */
    @ParameterizedTest
    @CsvSource({"160, 14", "60, 5", "300, 40", "90, 20", "250, 10"})
    void theStripIsAsLongAsTheDrawnCurve(double span, double roll) {
        double out = span / 2 - roll;
        List<double[]> path = BowLook.path(out, roll, 4000);
        double length = IntStream.range(1, path.size())
                .mapToDouble(i -> Math.hypot(path.get(i)[0] - path.get(i - 1)[0], path.get(i)[1] - path.get(i - 1)[1]))
                .sum();
        assertThat(length).isCloseTo(BowLook.loop(out, roll), within(1e-3));
        assertThat(path.stream().mapToDouble(p -> p[0]).max().orElseThrow()).isCloseTo(span / 2, within(1e-3));
    }

    @ParameterizedTest(name = "{0} loops in {1} rings, {2}: {3} strips of two, {4} of one")
    @CsvSource({"2, 1, strip, 1, 0", "7, 1, strip, 3, 1", "7, 3, apart, 0, 21", "4, 2, strip, 4, 0"})
    void loopsAreCutInPairsOrApart(int loops, int rings, String cut, int pairs, int single) {
        MadeAhead made = made(bow(160, 30, OwnPiece.On.TOP)
                .set("loops", (double) loops)
                .set("rings", (double) rings)
                .set("cut", cut));
        assertThat(count(made, "Strip of two")).isEqualTo(pairs);
        assertThat(count(made, "Strip of one")).isEqualTo(single);
        assertThat(made.stages().get(0).formers()).isEqualTo(loops * rings);
    }

    private static int count(MadeAhead made, String what) {
        return made.components().stream()
                .filter(c -> c.what().toString().startsWith(what))
                .mapToInt(Component::each)
                .sum();
    }

    /** Loops 2, band and tails 1.5; the band two folds of 6 wider than it shows, 1.25 strips long; tails 6 narrower. */
    @Test
    void itsPartsHaveTheirOwnMeasures() {
        MadeAhead made = made(bow(160, 45, OwnPiece.On.TOP).set("band", 20.0).set("tail", 120.0));
        assertThat(part(made, "Strip of two").thickness()).isEqualTo(2);
        Component band = part(made, "Band");
        assertThat(band.thickness()).isEqualTo(1.5);
        assertThat(List.of(band.rings().width(), band.rings().height())).isEqualTo(List.of(1.25 * 45, 32.0));
        Component tail = part(made, "First tail");
        assertThat(List.of(tail.rings().width(), tail.rings().height())).isEqualTo(List.of(39.0, 120.0));
        assertThat(part(made, "Other tail").rings().height()).isCloseTo(102, within(1e-9));
        MadeAhead wide = made(bow(160, 45, OwnPiece.On.TOP).set("narrower", "no"));
        assertThat(part(wide, "First tail").rings().width()).isEqualTo(45);
        double grams = made.components().stream()
                .mapToDouble(c -> c.each() * c.grams())
                .sum();
        assertThat(made.grams()).isCloseTo(grams, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"notched", "slanted", "straight", "pointed"})
    void everyEndIsCutFromTheSameTail(String end) {
        MadeAhead made = made(bow(160, 45, OwnPiece.On.TOP).set("end", end).set("tail", 120.0));
        double area = part(made, "First tail").rings().area();
        assertThat(area).isLessThanOrEqualTo(39 * 120).isGreaterThan(39 * 120 * 0.85);
        assertThat(made.drawings().all())
                .extracting(d -> d.name())
                .containsExactly("bow-loops", "bow-band", "bow-tail", "bow-tail-other");
    }

    /** A ledge carries it; on a side one pick up to a span of 100, two beyond; told otherwise it is as told. */
    @ParameterizedTest(name = "{0} on {1}: {2} picks")
    @CsvSource({"100, SIDE, 1", "101, SIDE, 2", "160, LEDGE, 0", "160, TOP, 1", "160, BOARD, 0"})
    void itIsHeldByItsPlace(double span, OwnPiece.On on, int picks) {
        OwnPiece bow = bow(span, 30, on);
        assertThat(made(bow).planted().picks()).isEqualTo(picks);
        OwnPiece told = new OwnPiece(
                bow.id(),
                bow.name(),
                bow.kind(),
                bow.settings(),
                bow.form(),
                bow.width(),
                bow.height(),
                bow.thickness(),
                1,
                bow.material(),
                null,
                false,
                bow.seat(),
                null,
                null,
                new Sticks(null, 3, 40.0),
                null);
        assertThat(made(told).planted().picks()).isEqualTo(3);
        assertThat(made(told).planted().buried()).isEqualTo(40);
    }

    /** What is drawn is true to size: as wide as its span, its loops as high as the strip. */
    @ParameterizedTest
    @CsvSource({"160, 45", "90, 30", "260, 60"})
    void itIsDrawnTrueToSize(double span, double strip) {
        MadeAhead made = made(bow(span, strip, OwnPiece.On.TOP).set("tails", 0.0));
        assertThat(made.front().width()).isCloseTo(span, within(span * 0.01));
        assertThat(made.front().height()).isCloseTo(strip, within(1e-6));
        MadeAhead side = made(bow(span, strip, OwnPiece.On.SIDE));
        assertThat(side.planted().ground().box().get(3)).isCloseTo(0, within(1e-9));
    }
}

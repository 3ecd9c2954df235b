package sectorum.art;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.measure.Refused;

/** Sums of regions, islands, layers, letters: against areas known otherwise. */
class RegionsTest {
    static List<Double> square(double x, double z, double side) {
        return List.of(x, z, x + side, z, x + side, z + side, x, z + side);
    }

    private static Rings ring(double outer, double inner) {
        return new Rings(List.of(round(outer)), List.of(round(inner)));
    }

    private static List<Double> round(double radius) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < 90; i++) {
            line.add(radius * Math.cos(2 * Math.PI * i / 90));
            line.add(radius * Math.sin(2 * Math.PI * i / 90));
        }
        return line;
    }

    private static double area(Rings rings) {
        return Optional.ofNullable(rings).map(Rings::area).orElse(0.0);
    }

    /** Two squares of 10 so far apart: what is in both, either, one; together they are what they are. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 3, 9.99, 10, 25})
    void sumsOfTwoSquares(double apart) {
        Rings one = Rings.of(square(0, 0, 10));
        Rings other = Rings.of(square(apart, 0, 10));
        double both = Math.max(0, 10 - apart) * 10;
        assertThat(area(Regions.overlap(one, other))).isCloseTo(both, within(1e-2));
        assertThat(area(Regions.union(one, other))).isCloseTo(200 - both, within(1e-2));
        assertThat(area(Regions.difference(one, other))).isCloseTo(100 - both, within(1e-2));
        assertThat(area(Regions.offset(one, 2))).isCloseTo(100 + 80 + Math.PI * 4, within(0.1));
        assertThat(area(Regions.offset(one, -6))).isZero();
    }

    /** By seed: areas of any two regions add up, holes and all. */
    @Test
    void whatIsInOneAndInBothAddsUp() {
        Random random = new Random(3);
        for (int i = 0; i < 60; i++) {
            Rings one = ring(10 + 10 * random.nextDouble(), 8 * random.nextDouble() + 0.5);
            double x = 30 * random.nextDouble() - 15;
            Rings other = Rings.of(square(x, -8, 5 + 15 * random.nextDouble()));
            assertThat(area(Regions.difference(one, other)) + area(Regions.overlap(one, other)))
                    .isCloseTo(one.area(), within(1e-2));
            assertThat(area(Regions.union(one, other)))
                    .isCloseTo(one.area() + other.area() - area(Regions.overlap(one, other)), within(1e-2));
        }
    }

    /** What crosses itself is mended; both fill rules. */
    @Test
    void fillRules() {
        List<Double> outer = square(0, 0, 20);
        List<Double> inner = square(5, 5, 10);
        assertThat(area(Regions.evenOdd(List.of(outer, inner)))).isCloseTo(300, within(1e-6));
        assertThat(area(Regions.nonZero(List.of(outer, inner)))).isCloseTo(400, within(1e-6));
        assertThat(area(Regions.nonZero(List.of(outer, Contour.reversed(inner)))))
                .isCloseTo(300, within(1e-6));
        List<Double> bowTie = List.of(0.0, 0.0, 10.0, 10.0, 10.0, 0.0, 0.0, 10.0);
        assertThat(area(Regions.evenOdd(List.of(bowTie)))).isCloseTo(50, within(1e-6));
        assertThat(Regions.evenOdd(List.of(List.of(0.0, 0.0, 1.0, 1.0)))).isNull();
    }

    /** Followed in one go, a ring keeps its area, and its cut has no width. */
    @ParameterizedTest
    @CsvSource({"20, 5", "20, 19", "7, 1"})
    void aHoleIsReachedByACut(double outer, double inner) {
        Rings ring = ring(outer, inner);
        assertThat(ring.keyholed())
                .singleElement()
                .satisfies(l -> assertThat(Contour.area(l)).isCloseTo(ring.area(), within(1e-9)));
        Rings two = Rings.raised(square(-5, -5, 10));
        assertThat(two.box()).containsExactly(-5.0, 0.0, 5.0, 10.0);
    }

    /** Every island found; with bridges none falls out, and little is covered. */
    @ParameterizedTest
    @CsvSource({"20, 8, 2", "30, 20, 1.5"})
    void islandsAreHeldByBridges(double outer, double inner, double bridge) {
        Rings letter = ring(outer, inner);
        assertThat(Islands.count(letter)).isEqualTo(1);
        assertThat(Islands.count(Rings.of(square(0, 0, 5)))).isZero();
        Rings held = Islands.bridged(letter, bridge);
        assertThat(Islands.count(held)).isZero();
        assertThat(held.outers()).hasSize(2);
        assertThat(held.area())
                .isCloseTo(letter.area() - 2 * bridge * (outer - inner), within(0.2 * bridge * bridge + 2));
    }

    /** Set into one another, all pieces together cover what the figure covers, and no more. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 1})
    void areasOfLayersAddUp(double under) {
        List<Rings> parts =
                List.of(Rings.of(square(0, 0, 40)), Rings.of(square(10, 10, 20)), Rings.of(square(15, 15, 5)));
        List<Optional<Rings>> voided = Layered.voided(parts, under);
        double sum =
                voided.stream().mapToDouble(v -> v.map(Rings::area).orElse(0.0)).sum();
        double lapped = under == 0 ? 0 : 400 - 18 * 18 + 25 - 9;
        assertThat(sum).isCloseTo(1600 + lapped, within(0.5));
        assertThat(Layered.laid(parts)).isSameAs(parts);
        assertThat(Layered.voided(List.of(parts.get(1), parts.get(0)), 0).get(0))
                .isEmpty();
    }

    private static final Glyph BAR = new Glyph(List.of(List.of(0.1, 0.0, 0.3, 0.0, 0.3, 0.7, 0.1, 0.7)), 0.4);
    private static final Glyph BLANK = new Glyph(List.of(), 0.3);

    private static Lettering.Style wish(Lettering.Set set, Lettering.Join join, Lettering.Line line, double gap) {
        return new Lettering.Style(70, set, join, gap, line, 15, null, 3);
    }

    /** Bars of 20 × 70: beside one another they are all there, over one another one, across they are cut by the gap. */
    @Test
    void lettersBesideOverAndAcross() {
        List<Glyph> two = List.of(BAR, BAR);
        double bar = 20 * 70;
        Rings beside = Lettering.of(two, 0.7, wish(Lettering.Set.BESIDE, null, null, 2))
                .get(0);
        assertThat(beside.area()).isCloseTo(2 * bar, within(0.1));
        assertThat(beside.outers()).hasSize(2);
        // Kerned: their nearest points lie 0.06 em and the gap apart.
        assertThat(beside.width()).isCloseTo(40 + 6 + 2, within(0.1));
        assertThat(Lettering.of(two, 0.7, wish(Lettering.Set.OVER, null, null, 0))
                        .get(0)
                        .area())
                .isCloseTo(bar, within(0.1));
        List<Rings> cut = Lettering.of(two, 0.7, wish(Lettering.Set.ACROSS, Lettering.Join.CUT, null, 1));
        assertThat(cut).hasSize(2);
        assertThat(cut.get(0).area()).isCloseTo((18 - 1) * 70, within(0.5));
        assertThat(cut.get(1).area()).isCloseTo(bar, within(0.1));
        Rings joined = Lettering.of(two, 0.7, wish(Lettering.Set.ACROSS, Lettering.Join.JOINED, null, 1))
                .get(0);
        assertThat(joined.area()).isCloseTo(38 * 70, within(0.5));
    }

    /** On an arch the middle lies over the ends by the bow, under them on a swag; every letter keeps its size. */
    @ParameterizedTest
    @EnumSource(Lettering.Line.class)
    void lettersOnALine(Lettering.Line line) {
        List<Glyph> five = List.of(BAR, BAR, BAR, BAR, BAR);
        Rings rings = Lettering.of(five, 0.7, wish(Lettering.Set.BESIDE, null, line, 20))
                .get(0);
        assertThat(rings.area()).isCloseTo(5 * 20 * 70, within(1.0));
        assertThat(rings.outers()).hasSize(5);
        double height = rings.height();
        if (line == Lettering.Line.STRAIGHT) {
            assertThat(height).isCloseTo(70, within(1e-6));
        } else {
            assertThat(height).isBetween(75.0, 100.0);
        }
    }

    @ParameterizedTest
    @EnumSource(value = Lettering.Frame.class, names = "NONE", mode = EnumSource.Mode.EXCLUDE)
    void aFrameGoesRoundAllOfThem(Lettering.Frame frame) {
        List<Rings> parts =
                Lettering.of(List.of(BAR, BLANK, BAR), 0.7, new Lettering.Style(70, null, null, 2, null, 15, frame, 4));
        assertThat(parts).hasSize(2);
        assertThat(parts.get(0).holes()).hasSize(1);
        assertThat(Regions.overlap(parts.get(0), parts.get(1))).isNull();
        List<Double> inner = parts.get(1).box();
        List<Double> outer = parts.get(0).box();
        assertThat(outer.get(0)).isLessThan(inner.get(0));
        assertThat(outer.get(3)).isGreaterThan(inner.get(3));
    }

    @Test
    void whatCannotBeSetIsRefused() {
        assertThatThrownBy(() -> Lettering.of(List.of(BLANK), 0.7, wish(null, null, null, 0)))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Lettering.Style(0, null, null, 0, null, 15, null, 3))
                .isInstanceOf(Refused.class);
    }

    /** Moved so that its foot is at 0 and its middle in the middle; refused where it is none. */
    @Test
    void aMotifStandsOnItsFoot() {
        Motif motif = Motif.of("a", "A", List.of(Motif.Region.of("#000000", Rings.of(square(30, 40, 10)))));
        assertThat(motif.parts().get(0).outers().get(0)).containsExactly(-5.0, 0.0, 5.0, 0.0, 5.0, 10.0, -5.0, 10.0);
        assertThat(motif.width()).isEqualTo(10);
        assertThat(motif.scaled(2).height()).isEqualTo(20);
        assertThat(motif.named(List.of("a", "a-2")).id()).isEqualTo("a-3");
        for (Runnable bad : List.<Runnable>of(
                () -> new Motif("A!", "A", motif.parts()),
                () -> new Motif("a", " ", motif.parts()),
                () -> new Motif("a", "A", List.of()),
                () -> new Motif.Region("red", List.of(square(0, 0, 1)), List.of()),
                () -> new Motif.Region("#000000", List.of(), List.of()),
                () -> new Motif.Region("#000000", List.of(List.of(1.0, 2.0)), List.of()),
                () -> new Motif.Region("#000000", List.of(square(0, 0, 1e9)), List.of()))) {
            assertThatThrownBy(bad::run)
                    .isInstanceOfSatisfying(
                            Refused.class, r -> assertThat(r.field()).startsWith("art"));
        }
    }

    /** An ornament lies under what it adorns, in its middle, and what is drawn lighter keeps its area. */
    @Test
    void anOrnamentLiesUnderWhatItAdorns() {
        Motif word = Motif.of("w", "W", List.of(Motif.Region.of("#000000", Rings.of(square(0, 0, 20)))));
        Motif leaf = Motif.of(
                "l", "L", List.of(Motif.Region.of("#336633", Rings.of(List.of(0.0, 0.0, 8.0, 0.0, 4.0, 2.0)))));
        Motif both = word.ornamented(leaf, 0.8, 3);
        assertThat(both.parts()).hasSize(2);
        assertThat(both.width()).isCloseTo(20, within(1e-9));
        assertThat(both.height()).isCloseTo(20 + 3 + 4, within(1e-9));
        assertThat(both.parts().get(0).rings().width()).isCloseTo(16, within(1e-9));
        assertThat(Regions.lighter(ring(20, 8), 0.05).area())
                .isCloseTo(ring(20, 8).area(), within(8.0));
        assertThat(Regions.lighter(ring(20, 8), 0.05).holes()).hasSize(1);
    }

    /** Thousands of lines in one region, and forty letters across one another, are summed as few are. */
    @Test
    void manyLinesAreSummedTogether() {
        List<List<Double>> squares = new ArrayList<>();
        for (int i = 0; i < 2500; i++) {
            squares.add(square(2 * (i % 50), 2 * (i / 50), 1));
        }
        Rings sum = Regions.evenOdd(squares);
        assertThat(sum.outers()).hasSize(2500);
        assertThat(Regions.simplified(sum, 0.02).area()).isCloseTo(2500, within(1e-6));
        List<Glyph> forty = java.util.Collections.nCopies(40, BAR);
        List<Rings> cut = Lettering.of(forty, 0.7, wish(Lettering.Set.ACROSS, Lettering.Join.CUT, null, 1));
        assertThat(cut).hasSize(40);
        for (Rings part : cut.subList(0, 39)) {
            assertThat(part.area()).isCloseTo(17 * 70, within(0.6));
        }
    }
}

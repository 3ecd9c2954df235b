package sectorum.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Nests judged by the platform's own areas, which share nothing with how they are made. */
class NestTest {
    private static final Roll A4 = Roll.of("A4", 210, 297);

    static List<Integer> seeds() {
        return java.util.stream.IntStream.range(0, 20 * Integer.getInteger("sectorum.samples", 1))
                .boxed()
                .toList();
    }

    static List<Double> disc(double d) {
        List<Double> xy = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            xy.add(d / 2 * Math.cos(Math.PI * i / 20));
            xy.add(d / 2 * Math.sin(Math.PI * i / 20));
        }
        return xy;
    }

    private static List<Double> box(double w, double h) {
        return List.of(0.0, 0.0, w, 0.0, w, h, 0.0, h);
    }

    private static List<Double> triangle(double w, double h) {
        return List.of(0.0, 0.0, w, 0.0, w / 2, h);
    }

    /** A crescent, a triangle, a hexagon, a disc, a box or a hooked shape, of 8 to 120 mm. */
    private static List<Double> some(Random random) {
        double w = 8 + random.nextDouble() * 110;
        double h = 8 + random.nextDouble() * 60;
        return switch (random.nextInt(6)) {
            case 0 -> triangle(w, h);
            case 1 -> disc(w / 2);
            case 2 -> box(w, h);
            case 3 -> List.of(0.0, 0.0, w, 0.0, w, h, w * 0.7, h, w * 0.7, h * 0.4, 0.0, h * 0.4);
            case 4 -> crescent(w, h);
            default -> List.of(w / 4, 0.0, w * 0.75, 0.0, w, h / 2, w * 0.75, h, w / 4, h, 0.0, h / 2);
        };
    }

    private static List<Double> crescent(double w, double deep) {
        List<Double> xy = new ArrayList<>();
        for (int i = 0; i <= 20; i++) {
            xy.add(w * i / 20);
            xy.add(deep * 4 * (i / 20.0 - 0.5) * (i / 20.0 - 0.5));
        }
        for (int i = 19; i > 0; i--) {
            xy.add(w * i / 20);
            xy.add(deep * (0.4 + 2.4 * (i / 20.0 - 0.5) * (i / 20.0 - 0.5)));
        }
        return xy;
    }

    private static Area placed(Blank blank, Nested.Lying laid) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < blank.outline().size(); i += 2) {
            if (i == 0) {
                path.moveTo(blank.outline().get(0), blank.outline().get(1));
            } else {
                path.lineTo(blank.outline().get(i), blank.outline().get(i + 1));
            }
        }
        path.closePath();
        Area area = new Area(
                AffineTransform.getQuadrantRotateInstance(laid.quarters()).createTransformedShape(path));
        Rectangle2D at = area.getBounds2D();
        area.transform(AffineTransform.getTranslateInstance(laid.x() - at.getX(), laid.y() - at.getY()));
        return area;
    }

    private static void judge(List<Blank> blanks, Nested nested) {
        Roll roll = nested.roll();
        int[] counts = new int[blanks.size()];
        Rectangle2D inside = new Rectangle2D.Double(
                roll.margin() - 1e-6, roll.margin() - 1e-6, roll.freeX() + 2e-6, roll.freeY() + 2e-6);
        for (Nested.Sheet sheet : nested.sheets()) {
            List<Area> down = new ArrayList<>();
            for (Nested.Lying laid : sheet.laid()) {
                Area area = placed(blanks.get(laid.piece()), laid);
                assertThat(inside.contains(area.getBounds2D())).isTrue();
                for (Area other : down) {
                    if (other.getBounds2D().intersects(area.getBounds2D())) {
                        Area both = new Area(area);
                        both.intersect(other);
                        assertThat(both.isEmpty()).as("%s overlaps", laid).isTrue();
                    }
                }
                down.add(area);
                counts[laid.piece()] += sheet.copies();
                assertThat(area.getBounds2D().getMaxY()).isLessThanOrEqualTo(sheet.reach() - roll.margin() + 1e-6);
            }
        }
        for (int i = 0; i < counts.length; i++) {
            assertThat(counts[i]).isEqualTo(blanks.get(i).count());
        }
        assertThat(nested.used()).isBetween(0.0, 1.0);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void nestsDoNotOverlapStayInsideAndAreNoWorseThanBoxes(int seed) {
        Random random = new Random(seed);
        List<Blank> blanks = new ArrayList<>();
        int kinds = 1 + random.nextInt(4);
        for (int i = 0; i < kinds; i++) {
            blanks.add(new Blank(some(random), 1 + random.nextInt(12)));
        }
        Nested nested = Nest.of(blanks, A4).orElseThrow();
        judge(blanks, nested);
        for (boolean upright : new boolean[] {true, false}) {
            Nested rows = ShelfRows.of(blanks, A4, upright);
            judge(blanks, rows);
            assertThat(nested.taken()).isLessThanOrEqualTo(rows.taken() + 1e-6);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void discsYieldAtLeastTheClosedForms(int seed) {
        double d = 12 + seed % 50;
        double g = 2;
        double w = A4.freeX();
        double l = A4.freeY();
        int square = (int) (Math.floor((w + g) / (d + g)) * Math.floor((l + g) / (d + g)));
        assertThat(Nest.yield(disc(d), A4)).isGreaterThanOrEqualTo(square);
    }

    @Test
    void discsOf22FromA4GiveEightyEightSquareAndNinetyNineStaggered() {
        Polygon disc = Polygon.of(disc(22));
        assertThat(Lattice.grid(disc, A4, 0)).hasSize(88);
        assertThat(Lattice.rounds(22, A4, true)).hasSize(99);
        assertThat(Lattice.rounds(22, A4, false)).hasSize(98);
        assertThat(Nest.yield(disc(22), A4)).isEqualTo(99);
        judge(
                List.of(new Blank(disc(22), 230)),
                Nest.of(List.of(new Blank(disc(22), 230)), A4).orElseThrow());
    }

    @ParameterizedTest(name = "triangles {0} × {1}")
    @CsvSource({"40,34.6", "34,17", "60,50"})
    void trianglesLieTurnedIntoOneAnother(double w, double h) {
        int boxes = Math.max(
                Lattice.grid(Polygon.of(box(w, h)), A4, 0).size(),
                Lattice.grid(Polygon.of(box(w, h)), A4, 1).size());
        assertThat(Nest.yield(triangle(w, h), A4)).isGreaterThan((int) (boxes * 1.3));
    }

    @Test
    void stripsFollowPlainDivision() {
        assertThat(Nest.yield(box(180, 20), Roll.of("roll", 300, 200))).isEqualTo(13);
        Nested nested = Nest.of(List.of(new Blank(box(37.5, 8), 156)), Roll.of("roll", 300, 200))
                .orElseThrow();
        assertThat(nested.count()).isEqualTo(2);
        assertThat(nested.way()).isIn("by plain division", "in rows");
    }

    @Test
    void aPieceLongerThanTheSheetHasNoNest() {
        assertThat(Nest.of(List.of(new Blank(box(400, 20), 1)), A4)).isEmpty();
        assertThat(Nest.of(List.of(new Blank(box(400, 20), 0)), A4)
                        .orElseThrow()
                        .count())
                .isZero();
    }

    @Test
    void alikeSheetsAreKeptOnceAndThousandsStayQuick() {
        List<Blank> blanks = List.of(new Blank(disc(9), 20_000), new Blank(disc(14), 4));
        Nested nested = Nest.of(blanks, A4).orElseThrow();
        assertThat(nested.sheets()).hasSizeLessThan(5);
        assertThat(nested.sheets().stream()
                        .mapToInt(s -> s.copies() * s.laid().size())
                        .sum())
                .isEqualTo(20_004);
    }
}

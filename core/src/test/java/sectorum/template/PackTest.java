package sectorum.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** Packs: nothing is lost, nothing overlaps, small ones share, and what a printer does is undone. */
class PackTest {
    private static final Heading HEADING = new Heading("Observatory gala", "", "24 Nov 2026");

    /** A box whose cut line is as large as the drawing, told apart by its words. */
    private static Drawing box(int number, double w, double h) {
        return new Drawing.Maker()
                .path(Ink.Pen.CUT, List.of(0.0, 0.0, w, 0.0, w, h, 0.0, h, 0.0, 0.0))
                .made("box-" + number, Phrase.of("Box {}", Quantity.count(number)), w, h);
    }

    private static List<double[]> boxes(Sheet sheet) {
        List<double[]> boxes = new ArrayList<>();
        for (Ink ink : sheet.inks()) {
            if (ink instanceof Ink.Line line
                    && line.pen() == Ink.Pen.CUT
                    && line.xy().size() == 10) {
                boxes.add(new double[] {
                    line.xy().get(0),
                    line.xy().get(1),
                    line.xy().get(4),
                    line.xy().get(5)
                });
            }
        }
        return boxes;
    }

    static List<Integer> seeds() {
        return java.util.stream.IntStream.range(0, 30 * Integer.getInteger("sectorum.samples", 1))
                .boxed()
                .toList();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void smallTemplatesShareSheetsWithoutOverlapAndNoneIsLost(int seed) {
        Random random = new Random(seed);
        Paper paper = Paper.values()[random.nextInt(3)];
        List<Pack.Entry> entries = new ArrayList<>();
        int many = 2 + random.nextInt(20);
        for (int i = 0; i < many; i++) {
            entries.add(new Pack.Entry(box(i, 10 + random.nextInt(160), 8 + random.nextInt(90)), "Tier " + i % 3));
        }
        List<Sheet> sheets = Pack.lay(entries, Printer.exact(paper), HEADING);
        int found = 0;
        for (Sheet sheet : sheets) {
            List<double[]> boxes = boxes(sheet);
            found += boxes.size();
            for (int i = 0; i < boxes.size(); i++) {
                double[] a = boxes.get(i);
                assertThat(a[0]).isGreaterThanOrEqualTo(10);
                assertThat(a[2]).isLessThanOrEqualTo(sheet.width() - 10 + 1e-6);
                assertThat(a[3]).isLessThanOrEqualTo(sheet.height() - 10 + 1e-6);
                for (int j = 0; j < i; j++) {
                    double[] b = boxes.get(j);
                    boolean apart = a[2] <= b[0] || b[2] <= a[0] || a[3] <= b[1] || b[3] <= a[1];
                    assertThat(apart).isTrue();
                }
            }
        }
        assertThat(found).isEqualTo(many);
        assertThat(sheets.size()).isLessThanOrEqualTo(many);
    }

    @Test
    void everyOneOnASharedSheetSaysWhatItIsAndWhose() {
        List<Pack.Entry> entries =
                List.of(new Pack.Entry(box(1, 40, 30), "Top tier"), new Pack.Entry(box(2, 60, 30), "Bottom tier"));
        List<Sheet> sheets = Pack.lay(entries, Printer.exact(Paper.A4), HEADING);
        assertThat(sheets).hasSize(1);
        List<String> words = sheets.get(0).inks().stream()
                .filter(i -> i instanceof Ink.Words)
                .map(i -> ((Ink.Words) i).said().toString())
                .toList();
        assertThat(words).contains("Top tier: Box 1", "Bottom tier: Box 2", "Observatory gala · printed 24 Nov 2026");
        assertThat(words).anyMatch(w -> w.startsWith("100 mm both ways"));
    }

    @Test
    void oneAloneHasItsSheetToItselfAndLargeOnesComeFirst() {
        assertThat(Pack.lay(List.of(new Pack.Entry(box(1, 40, 30), "Top")), Printer.exact(Paper.A4), HEADING))
                .hasSize(1);
        List<Pack.Entry> entries = List.of(
                new Pack.Entry(box(1, 40, 30), "Top"),
                new Pack.Entry(box(2, 150, 200), "Top"),
                new Pack.Entry(box(3, 40, 30), "Top"));
        List<Sheet> sheets = Pack.lay(entries, Printer.exact(Paper.A4), HEADING);
        assertThat(sheets).hasSize(2);
        assertThat(boxes(sheets.get(0))).hasSize(1);
        assertThat(boxes(sheets.get(1))).hasSize(2);
    }

    @ParameterizedTest(name = "{0} printing {1} and {2} for 100")
    @CsvSource({"A4, 98.4, 100", "LETTER, 101.5, 99", "A3, 97, 103", "A4, 100, 100"})
    void whatThePrinterDoesIsUndone(Paper paper, double across, double down) {
        Printer printer = new Printer(paper, across, down);
        Sheet upright = Tiling.lay(box(1, 150, 170), printer, HEADING).get(0);
        double[] box = boxes(upright).get(0);
        assertThat((box[2] - box[0]) * across / 100).isCloseTo(150, within(1e-9));
        assertThat((box[3] - box[1]) * down / 100).isCloseTo(170, within(1e-9));
        assertThat(upright.width()).isEqualTo(paper.width());
        // Long and low: the paper is turned, and fed the same way.
        Sheet turned =
                Tiling.lay(box(2, paper.height() - 60, 120), printer, HEADING).get(0);
        assertThat(turned.width()).isEqualTo(paper.height());
        double[] low = boxes(turned).get(0);
        assertThat((low[2] - low[0]) * down / 100).isCloseTo(paper.height() - 60, within(1e-9));
        assertThat((low[3] - low[1]) * across / 100).isCloseTo(120, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void aPrinterFarOffIsRefusedByWhatItPrinted(Paper paper) {
        for (double odd : new double[] {0, 89.9, 110.1, Double.NaN}) {
            assertThatThrownBy(() -> new Printer(paper, odd, 100)).hasMessageContaining("90 mm to 110 mm");
            assertThatThrownBy(() -> new Printer(paper, 100, odd)).hasMessageContaining("printed line");
        }
        assertThat(new Printer(null, 100, 100).paper()).isEqualTo(Paper.A4);
    }

    @Test
    void inksGrowAboutTheCornerAndTypeStays() {
        Ink.Words words = new Ink.Words(10, 20, 4, Ink.Anchor.END, Phrase.of("x")).scaled(2, 3);
        assertThat(words.x()).isEqualTo(20);
        assertThat(words.y()).isEqualTo(60);
        assertThat(words.size()).isEqualTo(4);
        Ink.Line line = Ink.Line.of(Ink.Pen.CUT, 1, 2, 3, 4).scaled(2, 10);
        assertThat(line.xy()).containsExactly(2.0, 20.0, 6.0, 40.0);
        assertThat(line.pen()).isEqualTo(Ink.Pen.CUT);
    }
}

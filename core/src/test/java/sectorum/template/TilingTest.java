package sectorum.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import sectorum.Seeds;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Tape;
import sectorum.outline.Outlines;

class TilingTest {
    private static final Heading HEADING = new Heading("Observatory gala", "Top tier", "24 Nov 2026");

    @ParameterizedTest(name = "{0} × {1} on {2}: {3} sheets")
    @CsvSource({
        "100, 100, A4, 1",
        "182, 253, A4, 1",
        "731, 32, A4, 1",
        "731, 32, LETTER, 1",
        "3000, 32, A3, 2",
        "400, 500, A4, 5"
    })
    // Of the eight tiles of 400 × 500 its diagonal crosses five.
    void nothingThatFitsIsSplitAndLowDrawingsShareASheet(double w, double h, Paper paper, int sheets) {
        Drawing drawing =
                new Drawing.Maker().line(Ink.Pen.CUT, 0, 0, w, h).made("d", Phrase.of("{}", Quantity.count(1)), w, h);
        assertThat(Tiling.lay(drawing, paper, HEADING).size()).isEqualTo(sheets);
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void everyPointOfALineIsOnSomeTileAndEveryWordOnExactlyOne(Paper paper) {
        Seeds.randoms(30).forEach(random -> {
            double w = Seeds.between(random, 30, 2500);
            double h = Seeds.between(random, 10, 600);
            Drawing.Maker maker = new Drawing.Maker();
            List<Double> xy = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                xy.add(random.nextDouble() * w);
                xy.add(random.nextDouble() * h);
                maker.words(random.nextDouble() * w, random.nextDouble() * h, 3, Ink.Anchor.START, Phrase.of("word"));
            }
            Drawing drawing = maker.path(Ink.Pen.CUT, xy).made("d", Phrase.of("{}", Quantity.count(1)), w, h);
            List<Sheet> sheets = Tiling.lay(drawing, paper, HEADING);
            double drawn = 0;
            long words = 0;
            for (Sheet sheet : sheets) {
                for (Ink ink : sheet.inks()) {
                    if (ink instanceof Ink.Words said && said.said().template().equals("word")) {
                        words++;
                        assertThat(said.x()).isBetween(0.0, sheet.width());
                    } else if (ink instanceof Ink.Line line) {
                        for (int i = 0; i < line.xy().size(); i += 2) {
                            assertThat(line.xy().get(i)).isBetween(7.9, sheet.width() - 9.99);
                            assertThat(line.xy().get(i + 1)).isBetween(9.99, sheet.height() - 9.99);
                        }
                        drawn += line.pen() == Ink.Pen.CUT ? length(line.xy()) : 0;
                    }
                }
            }
            assertThat(words).isEqualTo(12);
            assertThat(drawn).as("nothing lost between tiles").isGreaterThanOrEqualTo(length(xy) - 1e-6);
        });
    }

    private static double length(List<Double> xy) {
        double sum = 0;
        for (int i = 2; i < xy.size(); i += 2) {
            sum += Math.hypot(xy.get(i) - xy.get(i - 2), xy.get(i + 1) - xy.get(i - 1));
        }
        return sum;
    }

    @Test
    void everySheetSaysWhatItIsAndCarriesItsCheckLines() {
        Drawing strip = MarkingStrip.of(Division.of(Outlines.round(900, 0), 24, Front.MARK), new Tape(1));
        List<Sheet> sheets = Tiling.lay(strip, Paper.A4, HEADING);
        assertThat(sheets).hasSizeGreaterThan(1);
        for (Sheet sheet : sheets) {
            String said = sheet.inks().toString();
            assertThat(said).contains("Observatory gala", "Top tier", "24 Nov 2026", "Marking strip");
            long hundreds = sheet.inks().stream()
                    .filter(i ->
                            i instanceof Ink.Line l && Math.abs(length(l.xy()) - 100) < 1e-9 && l.pen() == Ink.Pen.MARK)
                    .count();
            assertThat(hundreds).as("one each way").isEqualTo(2);
        }
    }

    @Test
    void stripHasEveryMarkWhereItIs() {
        Division division = Division.of(Outlines.round(731 / Math.PI, 0), 11, Front.SECTION);
        Drawing strip = MarkingStrip.of(division, new Tape(1));
        assertThat(strip.width()).isCloseTo(731, within(1e-9));
        List<Double> marks = strip.inks().stream()
                .filter(i -> i instanceof Ink.Line l && l.pen() == Ink.Pen.MARK)
                .map(i -> ((Ink.Line) i).xy().get(0))
                .toList();
        assertThat(marks).isEqualTo(division.marks());
    }

    /** Beside the head: two rulers of three lines each, their words and the joints' names. */
    private static long drawn(Sheet sheet) {
        return sheet.inks().stream()
                .filter(i -> i instanceof Ink.Line l && l.pen() != Ink.Pen.GUIDE)
                .count();
    }

    @ParameterizedTest(name = "a wheel of a round of {0} in 12 takes {1} sheet of A4")
    @CsvSource({"100, 1", "130, 1", "140, 1", "145, 1"})
    void theWheelOfASmallTierFitsOnePage(double diameter, int sheets) {
        Drawing wheel = SectorWheel.wheel(Division.of(Outlines.round(diameter, 0), 12, Front.SECTION));
        assertThat(Tiling.lay(wheel, Paper.A4, HEADING)).hasSize(sheets);
    }

    @Test
    void whatFitsOnePageIsNeverSplitAndNoSheetIsEmpty() {
        Seeds.randoms(60).forEach(random -> {
            double w = Seeds.between(random, 40, 700);
            double h = Seeds.between(random, 20, 700);
            double white = Seeds.between(random, 0, 120);
            List<Double> corner = List.of(white, white, white + w, white, white + w, white + h);
            Drawing drawing = new Drawing.Maker()
                    .path(Ink.Pen.CUT, corner)
                    .made("corner", Phrase.of("Corner"), w + 2 * white, h + 2 * white);
            for (Paper paper : Paper.values()) {
                List<Sheet> sheets = Tiling.lay(drawing, paper, HEADING);
                double a = Math.min(paper.width(), paper.height()) - 28 - 4;
                double b = Math.max(paper.width(), paper.height()) - 44 - 4;
                double turned = Math.max(paper.width(), paper.height()) - 28 - 4;
                double low = Math.min(paper.width(), paper.height()) - 44 - 4;
                if ((w <= a && h <= b) || (w <= turned && h <= low)) {
                    assertThat(sheets).as(w + " × " + h + " on " + paper).hasSize(1);
                }
                assertThat(sheets).allSatisfy(s -> assertThat(drawn(s)).isGreaterThan(6));
            }
        });
    }

    @Test
    void clipsAndRefuses() {
        Clip clip = new Clip(0, 0, 10, 10);
        assertThat(clip.inside(List.of(-5., 5., 15., 5., 15., 20., 5., 20., 5., -5.)))
                .containsExactly(List.of(0., 5., 10., 5.), List.of(5., 10., 5., 0.));
        assertThat(clip.inside(List.of(20., 0., 20., 10.))).isEmpty();
        assertThatThrownBy(() -> Paper.of("napkin")).isInstanceOf(Refused.class).hasMessageContaining("napkin");
        assertThat(Paper.of("Letter")).isEqualTo(Paper.LETTER);
        assertThatThrownBy(() -> new Drawing("x", Phrase.of("x"), 0, 5, List.of()))
                .hasMessageContaining("20 m");
        assertThatThrownBy(() -> new Ink.Line(Ink.Pen.CUT, List.of(1., 2.))).hasMessageContaining("two points");
    }
}

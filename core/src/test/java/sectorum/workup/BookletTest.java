package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import sectorum.drawing.Ink;
import sectorum.handover.BookletPages;
import sectorum.handover.Chapter;
import sectorum.handover.Handover;
import sectorum.handover.Slice;
import sectorum.handover.WholeOrder;
import sectorum.measure.LengthUnit;
import sectorum.template.Booklet;
import sectorum.template.Pack;
import sectorum.template.Paper;
import sectorum.template.Printer;
import sectorum.template.Sheet;

/** An order as one booklet: chapters, numbers, links; templates as true as alone, the cut list as on the screen. */
class BookletTest {
    private static final Planned PLANNED = Planned.of();
    private static final WholeOrder ORDER = whole(PLANNED);

    private static WholeOrder whole(Planned p) {
        Handover handover = p.handover();
        return Workup.whole(
                p.plan(),
                p.worked(),
                p.top(),
                p.days(),
                p.steps(),
                Workup.layOut(p.plan(), p.worked(), p.top(), p.stock(), p.steps(), p.days()),
                handover,
                Tiers.BENCH);
    }

    private static Booklet booklet(Set<Chapter> chapters, Paper paper) {
        return BookletPages.of(ORDER, chapters, Printer.exact(paper), LengthUnit.MM, "27 November 2026");
    }

    private static String words(Sheet sheet) {
        return sheet.inks().stream()
                .filter(i -> i instanceof Ink.Words)
                .map(i -> ((Ink.Words) i).said().toString())
                .collect(Collectors.joining("\n"));
    }

    private static String words(Booklet booklet) {
        return booklet.sheets().stream().map(BookletTest::words).collect(Collectors.joining("\n"));
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void everyPageIsNumberedAndEveryChapterMarkedAndLinked(Paper paper) {
        Booklet booklet = booklet(EnumSet.allOf(Chapter.class), paper);
        int pages = booklet.sheets().size();
        for (int i = 0; i < pages; i++) {
            assertThat(words(booklet.sheets().get(i))).contains("page " + (i + 1) + " of " + pages);
        }
        assertThat(booklet.marks())
                .extracting(Booklet.Mark::title)
                .hasSize(1 + Chapter.values().length)
                .startsWith("Contents");
        assertThat(booklet.marks()).extracting(Booklet.Mark::sheet).isSorted().doesNotHaveDuplicates();
        // The contents lead to each chapter, every other page back to the contents.
        for (int c = 0; c < Chapter.values().length; c++) {
            Booklet.Link link = booklet.links().get(c);
            assertThat(link.on()).isZero();
            assertThat(link.to()).isEqualTo(booklet.marks().get(c + 1).sheet());
            assertThat(words(booklet.sheets().get(0))).contains(String.valueOf(link.to() + 1));
        }
        for (int i = 1; i < pages; i++) {
            int page = i;
            assertThat(booklet.links()).anyMatch(l -> l.on() == page && l.to() == 0);
        }
        // Nothing but templates' own ink runs off the paper.
        for (Sheet sheet : booklet.sheets()) {
            sheet.inks().forEach(ink -> {
                assertThat(ink.box().left()).isGreaterThanOrEqualTo(-0.5);
                assertThat(ink.box().right()).isLessThanOrEqualTo(sheet.width() + 0.5);
                assertThat(ink.box().high()).isLessThanOrEqualTo(sheet.height() + 0.5);
            });
        }
    }

    @ParameterizedTest
    @EnumSource(Chapter.class)
    void oneChapterAloneIsContentsAndThatChapter(Chapter chapter) {
        Booklet booklet = booklet(Set.of(chapter), Paper.A4);
        assertThat(booklet.marks()).extracting(Booklet.Mark::title).containsExactly("Contents", chapter.title());
        assertThat(booklet.sheets()).hasSizeGreaterThan(1);
    }

    @Test
    void theCutListHasEveryLineOfTheScreens() {
        String cuts = words(booklet(Set.of(Chapter.CUTS), Paper.A4)).replaceAll("\\s+", " ");
        PLANNED.top().batches().stream().flatMap(b -> b.lines().stream()).forEach(line -> {
            String spare = line.spare() > 0 ? " + " + line.spare() + " spare" : "";
            assertThat(cuts).contains((line.count() + spare + " " + line.what()).replaceAll("\\s+", " "));
        });
    }

    @Test
    void templatesAreTheSameAsInAPackOfTheirOwn() {
        Booklet booklet = booklet(Set.of(Chapter.TEMPLATES), Paper.A4);
        List<Sheet> pack = Pack.lay(
                ORDER.templates(),
                Printer.exact(Paper.A4),
                new sectorum.template.Heading(ORDER.plan().name(), "", "27 November 2026"));
        assertThat(booklet.sheets()).hasSize(1 + pack.size());
        for (int i = 0; i < pack.size(); i++) {
            List<Ink> bound = booklet.sheets().get(i + 1).inks();
            assertThat(bound.subList(0, bound.size() - 1)).isEqualTo(pack.get(i).inks());
        }
    }

    @Test
    void everyStepStandsInItAndSoDoesEveryDay() {
        String steps = words(booklet(Set.of(Chapter.STEPS), Paper.A4)).replaceAll("\\s+", " ");
        PLANNED.steps()
                .forEach(s -> assertThat(steps).contains(s.what().toString().split(" ")[0]));
        String days = words(booklet(Set.of(Chapter.DAYS), Paper.A4));
        PLANNED.days()
                .items()
                .forEach(i -> assertThat(days.replaceAll("\\s+", " "))
                        .contains(i.name().split(",")[0].split(" ")[0]));
        assertThat(words(booklet(Set.of(Chapter.BATCHES), Paper.A4))).contains("Royal icing", "holds egg");
        assertThat(words(booklet(Set.of(Chapter.LAY_OUT), Paper.A4))).contains("palette knife");
    }

    @Test
    void theClientSheetTellsSizesPortionsAllergensAndAPriceOrNone() {
        Planned p = PLANNED;
        Handover handover = p.handover();
        var stock = new sectorum.bench.Stock(List.of(), 30.0);
        var price = Workup.price(p.order(), p.top(), stock, 0.5);
        var sheet = Workup.client(p.plan(), p.worked(), handover, Slice.USUAL, price, "€");
        assertThat(sheet.price()).isCloseTo(price.price(), within(1e-9));
        assertThat(sheet.portions()).isEqualTo(handover.slices());
        assertThat(sheet.allergens()).isEqualTo(handover.allergens());
        assertThat(sheet.tiers()).hasSize(2);
        String priced = Workup.clientPages(p.plan(), p.worked(), sheet, Paper.A4, LengthUnit.MM, "today").stream()
                .map(BookletTest::words)
                .collect(Collectors.joining("\n"));
        assertThat(priced).contains("from €", "portions", "milk");
        var silent = Workup.client(p.plan(), p.worked(), handover, Slice.USUAL, null, "€");
        assertThat(silent.price()).isNull();
        assertThat(Workup.clientPages(p.plan(), p.worked(), silent, Paper.A4, LengthUnit.MM, "today").stream()
                        .map(BookletTest::words)
                        .collect(Collectors.joining("\n")))
                .doesNotContain("€");
    }
}

package sectorum.handover;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import sectorum.drawing.Ink;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.template.Booklet;
import sectorum.template.Flow;
import sectorum.template.Heading;
import sectorum.template.Pack;
import sectorum.template.Printer;
import sectorum.template.Sheet;

/**
 * An order as one booklet: contents, then the chapters that are wanted, every page numbered and leading back to the
 * contents. Templates in it are as true as in a pack of their own.
 */
public final class BookletPages {
    /** Page numbers stand in the margin that no template uses, mm from the lower edge. */
    private static final double FOOT = 5;

    private static final double FOOT_TYPE = 2.8;
    private static final double LINK_HIGH = 7;

    private final WholeOrder order;
    private final Printer printer;
    private final LengthUnit unit;
    private final String printed;

    private BookletPages(WholeOrder order, Printer printer, LengthUnit unit, String printed) {
        this.order = order;
        this.printer = printer;
        this.unit = unit;
        this.printed = printed;
    }

    /** @param printed the day as it is to be read */
    public static Booklet of(
            WholeOrder order, Set<Chapter> chapters, Printer printer, LengthUnit unit, String printed) {
        return new BookletPages(order, printer, unit, printed).bound(chapters);
    }

    private Booklet bound(Set<Chapter> chapters) {
        Map<Chapter, List<Sheet>> bodies = new EnumMap<>(Chapter.class);
        for (Chapter chapter : Chapter.values()) {
            if (chapters.contains(chapter)) {
                bodies.put(chapter, sheets(chapter));
            }
        }
        List<Sheet> sheets = new ArrayList<>();
        List<Booklet.Mark> marks = new ArrayList<>();
        List<Booklet.Link> links = new ArrayList<>();
        Flow contents = new Flow(printer.paper(), unit);
        contents.title(order.plan().name());
        contents.text(HandoverPages.who(
                order.plan().readyBy(),
                order.plan().brief().client(),
                order.plan().brief().place(),
                "printed " + printed));
        contents.head("Contents");
        int page = 1;
        marks.add(new Booklet.Mark("Contents", 0));
        for (Map.Entry<Chapter, List<Sheet>> body : bodies.entrySet()) {
            String title = body.getKey().title();
            double y = contents.y();
            contents.row(List.of(title, String.valueOf(page + 1)), 0.9, -0.1);
            contents.gap(2);
            links.add(new Booklet.Link(0, Flow.EDGE, y - 1, contents.wide(), LINK_HIGH, page));
            marks.add(new Booklet.Mark(title, page));
            page += body.getValue().size();
        }
        sheets.addAll(contents.sheets());
        bodies.values().forEach(sheets::addAll);
        List<Sheet> numbered = new ArrayList<>();
        for (int i = 0; i < sheets.size(); i++) {
            Sheet sheet = sheets.get(i);
            numbered.add(numbered(sheet, i + 1, sheets.size()));
            if (i > 0) {
                double y = sheet.height() - FOOT - FOOT_TYPE - 1;
                links.add(new Booklet.Link(i, Flow.EDGE, y, sheet.width() - 2 * Flow.EDGE, LINK_HIGH, 0));
            }
        }
        return new Booklet(numbered, marks, links);
    }

    private Sheet numbered(Sheet sheet, int page, int of) {
        List<Ink> inks = new ArrayList<>(sheet.inks());
        inks.add(new Ink.Words(
                sheet.width() / 2,
                sheet.height() - FOOT,
                FOOT_TYPE,
                Ink.Anchor.MIDDLE,
                Phrase.of(
                        "{} · printed {} · page {} of {}",
                        Quantity.text(order.plan().name()),
                        Quantity.text(printed),
                        Quantity.count(page),
                        Quantity.count(of))));
        return new Sheet(sheet.width(), sheet.height(), inks);
    }

    private List<Sheet> sheets(Chapter chapter) {
        if (chapter == Chapter.TEMPLATES && !order.templates().isEmpty()) {
            return Pack.lay(order.templates(), printer, new Heading(order.plan().name(), "", printed));
        }
        if (chapter == Chapter.HANDOVER) {
            FrontView view = new FrontView(order.plan(), order.worked(), order.build());
            return HandoverPages.of(order.handover(), view, printer.paper(), unit, printed);
        }
        Flow flow = new Flow(printer.paper(), unit);
        flow.title(chapter.title());
        ChapterPages pages = new ChapterPages(order, flow, unit);
        switch (chapter) {
            case BRIEF -> pages.brief();
            case VIEWS -> pages.views();
            case CUTS -> pages.cuts();
            case BATCHES -> pages.batches();
            case DAYS -> pages.days();
            case STEPS -> pages.steps();
            case LAY_OUT -> pages.layOut();
            default -> flow.text("No templates: nothing here is cut or marked by one.");
        }
        return flow.sheets();
    }
}

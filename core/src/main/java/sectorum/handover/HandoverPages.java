package sectorum.handover;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.drawing.Letters;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.template.Sheet;

/** A handover on paper: upright A4, what everybody needs on the first page, everything stuck in on the second. */
public final class HandoverPages {
    private static final double WIDTH = 210;
    private static final double HEIGHT = 297;
    private static final double EDGE = 16;
    private static final double LINE = 4.9;
    private static final double TYPE = 3.5;
    private static final double HEAD = 4.6;
    /** The page's width, and that of the column beside the picture, mm. */
    private static final double WHOLE = WIDTH - 2 * EDGE;

    private static final double COLUMN = WHOLE - 92;

    private final Handover handover;
    private final LengthUnit unit;
    private final List<Sheet> sheets = new ArrayList<>();
    private List<Ink> inks = new ArrayList<>();
    private double y = EDGE;

    private final FrontView view;

    private HandoverPages(Handover handover, FrontView view, LengthUnit unit) {
        this.handover = handover;
        this.view = view;
        this.unit = unit;
    }

    /** A4 sheets, lengths in the reader's unit; printed is the day as it is to be read. */
    public static List<Sheet> of(Handover handover, FrontView view, LengthUnit unit, String printed) {
        return new HandoverPages(handover, view, unit).pages(printed);
    }

    private List<Sheet> pages(String printed) {
        words(EDGE, y + 4, 7, handover.name());
        y += 12;
        String who = String.join(
                " · ",
                java.util.stream.Stream.of(
                                handover.readyBy() == null
                                        ? ""
                                        : handover.readyBy().replace('T', ' '),
                                handover.client(),
                                handover.place(),
                                "printed " + printed)
                        .filter(s -> !s.isBlank())
                        .toList());
        text(who, WHOLE, EDGE);
        y += 3;
        double top = y;
        picture(view.pieces(), WIDTH - EDGE - 86, top, 86, 110);
        head("What it is");
        text(handover.whole().say(unit), COLUMN, EDGE);
        head("Allergens");
        if (handover.allergens().isEmpty()) {
            text("None by the materials named. The packets rule.", COLUMN, EDGE);
        }
        handover.allergens().forEach(a -> text(a.name() + ": " + String.join("; ", a.from()), COLUMN, EDGE));
        if (!handover.unwanted().isBlank()) {
            text("Asked to be free of: " + handover.unwanted(), COLUMN, EDGE);
        }
        if (handover.uncooled() != null) {
            text("Out of the fridge for " + hours(handover.uncooled()) + " when it is handed over.", COLUMN, EDGE);
        }
        head("Lifting");
        handover.lifting().forEach(p -> text(p.say(unit), COLUMN, EDGE));
        y = Math.max(y, top + 114);
        head("Take out before it is cut");
        handover.out().forEach(p -> text(line(p), WHOLE, EDGE));
        head("Cutting order");
        for (int i = 0; i < handover.cutting().size(); i++) {
            text((i + 1) + "  " + handover.cutting().get(i).say(unit), WHOLE, EDGE);
        }
        turn();
        double second = y;
        picture(view.stuck(), WIDTH - EDGE - 86, second, 86, 110);
        head("What is where");
        handover.parts().forEach(p -> text(line(p) + ": " + p.eaten(), y < second + 112 ? COLUMN : WHOLE, EDGE));
        y = Math.max(y, second + 114);
        head("Cautions");
        handover.cautions().forEach(c -> text(c, WHOLE, EDGE));
        turn();
        return sheets;
    }

    private String line(Handover.Handed p) {
        return (p.count() > 1 ? p.count() + " × " : "") + p.what() + ", "
                + p.where().say(unit);
    }

    static String hours(long minutes) {
        long half = Math.round(minutes / 30.0);
        return half < 2 ? minutes + " minutes" : half / 2 + (half % 2 == 1 ? "½" : "") + " hours";
    }

    private void turn() {
        sheets.add(new Sheet(WIDTH, HEIGHT, inks));
        inks = new ArrayList<>();
        y = EDGE;
    }

    private void head(String said) {
        if (y > HEIGHT - EDGE - 3 * LINE) {
            turn();
        }
        y += 4;
        words(EDGE, y + HEAD, HEAD, said);
        y += HEAD + 3;
    }

    private void text(String said, double wide, double x) {
        for (String line : wrapped(said, wide)) {
            if (y > HEIGHT - EDGE - LINE) {
                turn();
            }
            words(x, y + TYPE, TYPE, line);
            y += LINE;
        }
        y += 0.6;
    }

    /** In lines no wider than so many mm; a word that is wider has a line of its own. */
    static List<String> wrapped(String said, double wide) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : said.split(" ")) {
            if (!line.isEmpty() && Letters.width(line + " " + word, TYPE) > wide) {
                lines.add(line.toString());
                line = new StringBuilder("   ");
            }
            line.append(line.isEmpty() || line.toString().isBlank() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    private void words(double x, double at, double size, String said) {
        inks.add(new Ink.Words(x, at, size, Ink.Anchor.START, Phrase.of("{}", Quantity.text(said))));
    }

    private void picture(Drawing drawing, double x, double at, double wide, double high) {
        double k = Math.min(wide / drawing.width(), high / drawing.height());
        double left = x + (wide - k * drawing.width()) / 2;
        drawing.inks().forEach(ink -> inks.add(ink.scaled(k, k).moved(left, at)));
        inks.add(new Ink.Words(x + wide / 2, at + k * drawing.height() + TYPE, 3, Ink.Anchor.MIDDLE, drawing.title()));
    }
}

package sectorum.template;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/**
 * Many templates as one pack: small ones share sheets, side by side in rows, each under its own words; what is large has
 * sheets of its own. A template that fits one sheet is never split.
 */
public final class Pack {
    /** Room for a template's words over it, mm. */
    private static final double CAPTION = 7;

    private final Printer printer;
    private final Heading heading;
    private final List<Entry> shared = new ArrayList<>();
    private final List<Sheet> sheets = new ArrayList<>();
    private List<Ink> open = new ArrayList<>();
    private double x;
    private double y;
    private double high;

    /** A template and the tier it belongs to, in words. */
    public record Entry(Drawing drawing, String tier) {}

    private Pack(Printer printer, Heading heading) {
        this.printer = printer;
        this.heading = heading;
    }

    /**
     * The sheets of a pack: those with large templates in the order given, then those that small ones share.
     *
     * @param heading whose tier is said by each template
     */
    public static List<Sheet> lay(List<Entry> entries, Printer printer, Heading heading) {
        Pack pack = new Pack(printer, heading);
        for (Entry entry : entries) {
            if (pack.small(entry.drawing())) {
                pack.shared.add(entry);
            } else {
                Heading own = new Heading(heading.plan(), entry.tier(), heading.printed());
                pack.sheets.addAll(Tiling.lay(entry.drawing(), printer, own));
            }
        }
        if (pack.shared.size() == 1) {
            Entry only = pack.shared.get(0);
            Heading own = new Heading(heading.plan(), only.tier(), heading.printed());
            pack.sheets.addAll(Tiling.lay(only.drawing(), printer, own));
        } else {
            pack.share();
        }
        return List.copyOf(pack.sheets);
    }

    private double roomX() {
        return printer.width(false) - 2 * Tiling.MARGIN - Tiling.LEFT;
    }

    private double roomY() {
        return printer.height(false) - 2 * Tiling.MARGIN - Tiling.HEAD;
    }

    /** Half a sheet or less. */
    private boolean small(Drawing drawing) {
        return drawing.width() <= roomX() && drawing.height() + CAPTION <= roomY() / 2;
    }

    private void share() {
        for (Entry entry : shared) {
            Drawing drawing = entry.drawing();
            double tall = drawing.height() + CAPTION;
            if (x > 0 && x + drawing.width() > roomX()) {
                y += high + Tiling.BETWEEN;
                x = 0;
                high = 0;
            }
            if (y > 0 && y + tall > roomY()) {
                close();
            }
            put(entry);
            x += Math.max(drawing.width(), wordy(entry)) + Tiling.BETWEEN;
            high = Math.max(high, tall);
        }
        close();
    }

    /** About as wide as its words are. */
    private static double wordy(Entry entry) {
        return 1.6 * (entry.tier().length() + entry.drawing().title().toString().length() + 3);
    }

    private void put(Entry entry) {
        double left = Tiling.MARGIN + Tiling.LEFT + x;
        double top = Tiling.MARGIN + Tiling.HEAD + y;
        Phrase title = entry.drawing().title();
        List<Quantity> quantities = new ArrayList<>(List.of(Quantity.text(entry.tier())));
        quantities.addAll(title.quantities());
        open.add(new Ink.Words(
                left, top + 4.2, 3.2, Ink.Anchor.START, new Phrase("{}: " + title.template(), quantities)));
        entry.drawing().inks().forEach(ink -> open.add(ink.moved(left, top + CAPTION)));
    }

    private void close() {
        if (!open.isEmpty()) {
            Phrase under =
                    Phrase.of("{} · printed {}", Quantity.text(heading.plan()), Quantity.text(heading.printed()));
            List<Ink> inks = Tiling.head(Phrase.of("Cards and small templates"), under);
            inks.addAll(open);
            sheets.add(printer.corrected(inks, false));
        }
        open = new ArrayList<>();
        x = 0;
        y = 0;
        high = 0;
    }
}

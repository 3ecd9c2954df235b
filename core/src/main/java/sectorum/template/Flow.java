package sectorum.template;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.drawing.Letters;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/**
 * Words, rows and pictures set down one after the other on upright paper; what does not fit goes on the next sheet. Black on
 * white alone: heads are told by size and rules, never by a tone.
 */
public final class Flow {
    public static final double EDGE = 16;
    private static final double LINE = 4.9;
    private static final double TYPE = 3.5;
    private static final double HEAD = 4.6;
    private static final double TITLE = 7;
    private static final double BOX = 3;
    /** A head is followed by a few lines, or goes on the next sheet. */
    private static final double KEPT = 3 * LINE;

    private final Paper paper;
    private final LengthUnit unit;
    private final List<Sheet> sheets = new ArrayList<>();
    private List<Ink> inks = new ArrayList<>();
    private double y = EDGE;

    /** @param unit in which lengths are told */
    public Flow(Paper paper, LengthUnit unit) {
        this.paper = paper;
        this.unit = unit;
    }

    /** The sheets so far; the one begun is ended where anything is on it. */
    public List<Sheet> sheets() {
        if (!inks.isEmpty()) {
            turn();
        }
        return List.copyOf(sheets);
    }

    /** Sheets that are full. */
    public int full() {
        return sheets.size();
    }

    /** mm between the edges. */
    public double wide() {
        return paper.width() - 2 * EDGE;
    }

    /** How far down the next line begins, mm. */
    public double y() {
        return y;
    }

    /** Goes on from there, further down. */
    public void down(double to) {
        y = Math.max(y, to);
    }

    public void gap(double mm) {
        y += mm;
    }

    /** The next sheet. */
    public void turn() {
        sheets.add(new Sheet(paper.width(), paper.height(), inks));
        inks = new ArrayList<>();
        y = EDGE;
    }

    /** The next sheet where less than so much is left. */
    public void room(double mm) {
        if (y > EDGE && y + mm > paper.height() - EDGE) {
            turn();
        }
    }

    public void title(String said) {
        words(EDGE, y + 4, TITLE, Ink.Anchor.START, said);
        y += 12;
    }

    public void head(String said) {
        room(HEAD + 7 + KEPT);
        y += 4;
        words(EDGE, y + HEAD, HEAD, Ink.Anchor.START, said);
        y += HEAD + 3;
    }

    /** Under a head with a line over the page. */
    public void rule() {
        inks.add(Ink.Line.of(Ink.Pen.MARK, EDGE, y, EDGE + wide(), y));
        y += 1.6;
    }

    public void text(String said) {
        text(said, wide());
    }

    public void text(Phrase said) {
        text(said.say(unit));
    }

    /** In lines no wider than so many mm. */
    public void text(String said, double wide) {
        text(said, wide, EDGE);
    }

    /** The same from so far in. */
    public void text(String said, double wide, double from) {
        for (String line : wrapped(said, wide)) {
            room(LINE);
            words(from, y + TYPE, TYPE, Ink.Anchor.START, line);
            y += LINE;
        }
        y += 0.6;
    }

    /** A box to tick before words. */
    public void tick(String said, double wide) {
        room(LINE);
        double at = y;
        inks.add(new Ink.Line(
                Ink.Pen.MARK,
                List.of(
                        EDGE,
                        at + 0.6,
                        EDGE + BOX,
                        at + 0.6,
                        EDGE + BOX,
                        at + 0.6 + BOX,
                        EDGE,
                        at + 0.6 + BOX,
                        EDGE,
                        at + 0.6)));
        text(said, wide - BOX - 3, EDGE + BOX + 3);
    }

    /**
     * Cells side by side, each in its own width, the last ones as far as they are given.
     *
     * @param shares of the width, as many as cells; a negative one is set flush right
     */
    public void row(List<String> cells, double... shares) {
        List<List<String>> lines = new ArrayList<>();
        int most = 1;
        for (int i = 0; i < cells.size(); i++) {
            List<String> cell = wrapped(cells.get(i), Math.abs(shares[i]) * wide() - 2);
            lines.add(cell);
            most = Math.max(most, cell.size());
        }
        room(most * LINE);
        double x = EDGE;
        for (int i = 0; i < cells.size(); i++) {
            double w = Math.abs(shares[i]) * wide();
            boolean right = shares[i] < 0;
            for (int k = 0; k < lines.get(i).size(); k++) {
                words(
                        right ? x + w - 1 : x,
                        y + k * LINE + TYPE,
                        TYPE,
                        right ? Ink.Anchor.END : Ink.Anchor.START,
                        lines.get(i).get(k).strip());
            }
            x += w;
        }
        y += most * LINE;
    }

    /** A drawing as large as fits in a box, with its title under it; the line stays where it is. */
    public void picture(Drawing drawing, double x, double at, double wide, double high) {
        double k = Math.min(wide / drawing.width(), high / drawing.height());
        double left = x + (wide - k * drawing.width()) / 2;
        drawing.inks().forEach(ink -> inks.add(ink.scaled(k, k).moved(left, at)));
        inks.add(new Ink.Words(x + wide / 2, at + k * drawing.height() + TYPE, 3, Ink.Anchor.MIDDLE, drawing.title()));
    }

    /** A drawing as the next thing down the page. */
    public void picture(Drawing drawing, double high) {
        room(high + 6);
        double k = Math.min(wide() / drawing.width(), high / drawing.height());
        picture(drawing, EDGE, y, wide(), high);
        y += k * drawing.height() + 6;
    }

    private void words(double x, double at, double size, Ink.Anchor anchor, String said) {
        inks.add(new Ink.Words(x, at, size, anchor, Phrase.of("{}", Quantity.text(said))));
    }

    /** In lines no wider than so many mm; a word that is wider has a line of its own. */
    public static List<String> wrapped(String said, double wide) {
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
}

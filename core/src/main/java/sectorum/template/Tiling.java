package sectorum.template;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** Lays a drawing on sheets at true size. */
public final class Tiling {
    /** What desktop printers leave white, mm. */
    static final double MARGIN = 10;
    /** Head with the words and the level check line, mm. */
    static final double HEAD = 24;
    /** Column with the upright check line, mm. */
    static final double LEFT = 8;
    /** Neighbouring tiles share this much, so that the joint can be glued, mm. */
    private static final double OVERLAP = 10;
    /** Between tiles that share a sheet, mm. */
    static final double BETWEEN = 10;

    private Tiling() {}

    /** The sheets for a drawing, upright or turned, whichever takes fewer; upright when they are as many. */
    public static List<Sheet> lay(Drawing drawing, Paper paper, Heading heading) {
        return lay(drawing, Printer.exact(paper), heading);
    }

    /** The same on a printer that does not print true. */
    public static List<Sheet> lay(Drawing whole, Printer printer, Heading heading) {
        Drawing drawing = whole.cropped();
        Grid upright = new Grid(drawing, printer.width(false), printer.height(false));
        Grid turned = new Grid(drawing, printer.width(true), printer.height(true));
        // What fits one page is not split, even where its halves would share one.
        boolean fits = turned.isWhole() && !upright.isWhole();
        boolean turn = fits || (!upright.isWhole() && turned.sheets() < upright.sheets());
        return (turn ? turned : upright)
                .laid(heading).stream()
                        .map(inks -> printer.corrected(inks, turn))
                        .toList();
    }

    /** A drawing cut into columns and rows of tiles for a sheet of one size and direction. */
    private record Grid(Drawing drawing, double paperWidth, double paperHeight) {
        double roomX() {
            return paperWidth - 2 * MARGIN - LEFT;
        }

        double roomY() {
            return paperHeight - 2 * MARGIN - HEAD;
        }

        static int parts(double length, double room) {
            return length <= room + 1e-9 ? 1 : (int) Math.ceil((length - OVERLAP) / (room - OVERLAP) - 1e-9);
        }

        int columns() {
            return parts(drawing.width(), roomX());
        }

        int rows() {
            return parts(drawing.height(), roomY());
        }

        /** Low drawings share a sheet, one tile under the other. */
        int tilesPerSheet() {
            return rows() > 1 ? 1 : (int) Math.max(1, Math.floor((roomY() + BETWEEN) / (drawing.height() + BETWEEN)));
        }

        boolean isWhole() {
            return columns() == 1 && rows() == 1;
        }

        int sheets() {
            int tiles = columns() * rows();
            return (tiles + tilesPerSheet() - 1) / tilesPerSheet();
        }

        List<List<Ink>> laid(Heading heading) {
            List<List<Ink>> sheets = new ArrayList<>();
            List<Ink> inks = new ArrayList<>();
            int onSheet = 0;
            for (int row = 0; row < rows(); row++) {
                for (int column = 0; column < columns(); column++) {
                    double y = MARGIN + HEAD + onSheet % tilesPerSheet() * (drawing.height() + BETWEEN);
                    List<Ink> tile = new ArrayList<>();
                    tile(tile, column, row, y);
                    if (tile.isEmpty()) {
                        // Nothing is drawn here: no sheet comes out with nothing but check lines.
                        continue;
                    }
                    if (onSheet > 0 && onSheet % tilesPerSheet() == 0) {
                        sheets.add(inks);
                        inks = new ArrayList<>();
                    }
                    inks.addAll(tile);
                    onSheet++;
                }
            }
            sheets.add(inks);
            List<List<Ink>> finished = new ArrayList<>();
            for (List<Ink> sheet : sheets) {
                finished.add(finished(sheet, heading, finished.size(), sheets.size()));
            }
            return finished;
        }

        private void tile(List<Ink> inks, int column, int row, double y) {
            double fromX = column * (roomX() - OVERLAP);
            double fromY = row * (roomY() - OVERLAP);
            double toX = Math.min(fromX + roomX(), drawing.width());
            double toY = Math.min(fromY + roomY(), drawing.height());
            double dx = MARGIN + LEFT - fromX;
            double dy = y - fromY;
            Clip clip = new Clip(fromX, fromY, toX, toY);
            for (Ink ink : drawing.inks()) {
                if (ink instanceof Ink.Line line) {
                    clip.inside(line.xy()).forEach(part -> inks.add(new Ink.Line(line.pen(), part).moved(dx, dy)));
                } else if (ink instanceof Ink.Words words && owns(words, column, row)) {
                    inks.add(words.moved(dx, dy));
                }
            }
            if (!inks.isEmpty()) {
                joints(inks, column, row, dx, dy, new double[] {fromX, fromY, toX, toY});
            }
        }

        /** Words in an overlap stand on one tile only, the one on their side of the joint. */
        private boolean owns(Ink.Words words, int column, int row) {
            return owner(words.x(), roomX(), columns()) == column && owner(words.y(), roomY(), rows()) == row;
        }

        private static int owner(double at, double room, int parts) {
            int part = (int) Math.floor((at - OVERLAP / 2) / (room - OVERLAP));
            return Math.max(0, Math.min(parts - 1, part));
        }

        private void joints(List<Ink> inks, int column, int row, double dx, double dy, double[] box) {
            for (int side = 0; side < 2; side++) {
                int joint = column - 1 + side;
                if (joint >= 0 && joint < columns() - 1) {
                    double x = (joint + 1) * (roomX() - OVERLAP) + OVERLAP / 2 + dx;
                    inks.add(Ink.Line.of(Ink.Pen.GUIDE, x, box[1] + dy, x, box[3] + dy));
                    name(inks, x, box[3] + dy + 4.2, joint, columns() > 1 && rows() > 1 ? row : -1);
                }
                int below = row - 1 + side;
                if (below >= 0 && below < rows() - 1) {
                    double y = (below + 1) * (roomY() - OVERLAP) + OVERLAP / 2 + dy;
                    inks.add(Ink.Line.of(Ink.Pen.GUIDE, box[0] + dx, y, box[2] + dx, y));
                    name(inks, box[0] + dx + 6, y - 1, below, column + 100);
                }
            }
        }

        private static void name(List<Ink> inks, double x, double y, int joint, int line) {
            String letter = joint < 26 ? "" + (char) ('A' + joint) : "A" + joint;
            String place = line < 0 ? "" : line >= 100 ? " · column " + (line - 99) : " · row " + (line + 1);
            inks.add(new Ink.Words(
                    x, y, 3.2, Ink.Anchor.MIDDLE, Phrase.of("{}", Quantity.text("joint " + letter + place))));
        }

        private List<Ink> finished(List<Ink> tiles, Heading heading, int index, int of) {
            Phrase under = Phrase.of(
                    "{} · {} · printed {} · sheet {} of {}",
                    Quantity.text(heading.plan()),
                    Quantity.text(heading.tier()),
                    Quantity.text(heading.printed()),
                    Quantity.count(index + 1L),
                    Quantity.count(of));
            List<Ink> inks = head(drawing.title(), under);
            inks.addAll(tiles);
            return inks;
        }
    }

    /** One template unsplit, with what every printed sheet carries: where it belongs, its date and the lines to measure. */
    public static Drawing headed(Drawing drawing, Heading heading) {
        double left = MARGIN + LEFT;
        double top = MARGIN + HEAD;
        List<Ink> inks = new ArrayList<>(head(
                drawing.title(),
                Phrase.of(
                        "{} · {} · printed {}",
                        Quantity.text(heading.plan()),
                        Quantity.text(heading.tier()),
                        Quantity.text(heading.printed()))));
        double right = inks.stream().mapToDouble(i -> i.box().right()).max().orElse(left);
        drawing.inks().forEach(i -> inks.add(i.moved(left, top)));
        return new Drawing(
                drawing.name(),
                drawing.title(),
                Math.max(left + drawing.width(), right) + MARGIN,
                Math.max(top + drawing.height(), top + 100) + MARGIN,
                inks);
    }

    /** What every sheet carries: what it is, where it belongs, and the lines to measure before cutting. */
    static List<Ink> head(Phrase title, Phrase under) {
        List<Ink> inks = new ArrayList<>();
        double x = MARGIN + LEFT;
        inks.add(new Ink.Words(x, MARGIN + 4.5, 4.6, Ink.Anchor.START, title));
        inks.add(new Ink.Words(x, MARGIN + 9.5, 3.2, Ink.Anchor.START, under));
        ruler(inks, x, MARGIN + 14, true);
        ruler(inks, MARGIN + 2, MARGIN + HEAD, false);
        inks.add(new Ink.Words(
                x + 103, MARGIN + 15, 3, Ink.Anchor.START, Phrase.of("100 mm both ways: measure before cutting")));
        return inks;
    }

    private static void ruler(List<Ink> inks, double x, double y, boolean level) {
        double dx = level ? 100 : 0;
        double dy = level ? 0 : 100;
        inks.add(Ink.Line.of(Ink.Pen.MARK, x, y, x + dx, y + dy));
        for (int end = 0; end <= 1; end++) {
            double ex = x + end * dx;
            double ey = y + end * dy;
            inks.add(
                    level
                            ? Ink.Line.of(Ink.Pen.MARK, ex, ey - 2, ex, ey + 2)
                            : Ink.Line.of(Ink.Pen.MARK, ex - 2, ey, ex + 2, ey));
        }
    }
}

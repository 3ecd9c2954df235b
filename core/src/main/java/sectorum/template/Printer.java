package sectorum.template;

import java.util.List;
import sectorum.drawing.Ink;
import sectorum.measure.Field;

/**
 * A printer with its paper, and how true it prints.
 *
 * @param across how long it makes a level line of 100 mm on upright paper, mm
 * @param down the same for an upright line
 */
public record Printer(Paper paper, double across, double down) {
    private static final Field PRINTED =
            Field.length("printed", "The printed line", 90, 110, 100, "Measure the line of 100 mm on a printed sheet.");

    public Printer {
        paper = paper == null ? Paper.A4 : paper;
        PRINTED.check(across);
        PRINTED.check(down);
    }

    public static Printer exact(Paper paper) {
        return new Printer(paper, 100, 100);
    }

    /** What of the paper's width is left for true millimetres when all is drawn larger to come out true. */
    double width(boolean turned) {
        return turned ? paper.height() * down / 100 : paper.width() * across / 100;
    }

    double height(boolean turned) {
        return turned ? paper.width() * across / 100 : paper.height() * down / 100;
    }

    /** Everything on a sheet larger or smaller by what the printer does to it. Turned paper is fed the same way. */
    Sheet corrected(List<Ink> inks, boolean turned) {
        double kx = 100 / (turned ? down : across);
        double ky = 100 / (turned ? across : down);
        double w = turned ? paper.height() : paper.width();
        double h = turned ? paper.width() : paper.height();
        boolean exact = kx == 1 && ky == 1;
        return new Sheet(
                w, h, exact ? inks : inks.stream().map(i -> i.scaled(kx, ky)).toList());
    }
}

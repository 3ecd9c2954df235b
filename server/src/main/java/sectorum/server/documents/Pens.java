package sectorum.server.documents;

import sectorum.drawing.Ink;

/** How core's pens look on paper: width in mm, and dashes in mm (none: solid). */
record Pens(double width, double on, double off) {
    static Pens of(Ink.Pen pen) {
        return switch (pen) {
            case CUT -> new Pens(0.35, 0, 0);
            case MARK -> new Pens(0.25, 0, 0);
            case GUIDE -> new Pens(0.2, 1.6, 1.2);
        };
    }

    boolean broken() {
        return on > 0;
    }
}

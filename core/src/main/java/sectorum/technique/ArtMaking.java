package sectorum.technique;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.art.Contour;
import sectorum.art.Rings;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.bench.ThingKind;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** What art takes, and how it goes on. */
final class ArtMaking {
    /** A cord round a panel laps so far, mm. */
    private static final double LAP_MM = 10;

    private static final double CORD_MM = 3;
    /** Paint is told for so much, mm². */
    private static final double HUNDRED_CM2 = 10_000;

    private ArtMaking() {}

    static void make(DressingBuilder work, ArtSet set, ArtShape shape, int many, DressingContext place) {
        Quantity times = Quantity.count(many);
        switch (set.use()) {
            case SCRIBED -> scribed(work, shape, many, times);
            case RUBBED -> rubbed(work, shape, many, times);
            case STENCILLED -> stencilled(work, set, shape, many, place);
            case PIPED -> piped(work, set, shape, many, place);
            case FLOODED -> flooded(work, set, shape, many, place);
            case PAINTED -> painted(work, shape, many, place);
            case LAID, SET, INLAID, INSET -> cut(work, set, shape, many, place);
        }
    }

    private static void scribed(DressingBuilder work, ArtShape shape, int many, Quantity times) {
        work.step(
                        Gesture.MARK,
                        Phrase.of("Lay the prick sheet on {} times and prick along its lines.", times),
                        "prick sheet, pricker",
                        Rate.SCRIBED_METRE.minutes(2 * many * shape.outline() / 1000))
                .check("Seen against the light no line is left out, {} times.", times)
                .lasting();
    }

    /** Graphite never touches the cake: the paper is drawn with an edible pencil, its face goes to the cake. */
    private static void rubbed(DressingBuilder work, ArtShape shape, int many, Quantity times) {
        work.turn(Phrase.of("{} drawn on the paper's face; its face lies on the cake.", times))
                .step(
                        Gesture.TRACE,
                        Phrase.of(
                                "Trace the mirrored sheet on {} papers with an edible pencil or paint, on the side that goes to the cake.",
                                times),
                        "baking paper, edible pencil",
                        Rate.SCRIBED_METRE.minutes(2 * many * shape.outline() / 1000))
                .check("Read in a mirror it is right, {} times.", times)
                .step(
                        Gesture.BRUSH,
                        Phrase.of("Lay its face to the dry covering and rub {} through, without moving it.", times),
                        "smooth tool, tape",
                        Rate.PRESSED.minutes(6.0 * many));
    }

    private static void stencilled(DressingBuilder work, ArtSet set, ArtShape shape, int many, DressingContext place) {
        Map<Integer, Double> area = new TreeMap<>();
        for (int i = 0; i < shape.openings().size(); i++) {
            area.merge(
                    ArtDrawing.colour(shape, i, place), shape.openings().get(i).area(), Double::sum);
        }
        area.forEach((colour, mm2) -> work.made(
                Phrase.of("Scraped through"),
                set.material(),
                colour,
                shape.width(),
                many * pieces(shape.openings(), shape, colour, place),
                Spare.NONE,
                set.material().sheet(mm2, set.thick()) / pieces(shape.openings(), shape, colour, place)));
        work.tool(ThingKind.STENCIL, "high", shape.height(), 5)
                .adhesive(Adhesive.ITSELF)
                .step(
                        Gesture.SCRAPE,
                        Phrase.of(
                                "Pin the stencil into the seams, scrape {} colours through it one after the other and lift it straight"
                                        + " off, {} times.",
                                Quantity.count(area.size()),
                                Quantity.count(many)),
                        "stencil, scraper, pins",
                        Rate.PRESSED.minutes(8.0 * many * area.size()))
                .check("Edges are sharp; pins are counted out, {} places.", Quantity.count(many));
    }

    /** Outlines drawn of a colour; the layout has as many pieces. */
    private static int pieces(List<Rings> parts, ArtShape shape, int colour, DressingContext place) {
        int pieces = 0;
        for (int i = 0; i < parts.size(); i++) {
            pieces += ArtDrawing.colour(shape, i, place) == colour
                    ? parts.get(i).outers().size()
                    : 0;
        }
        return pieces;
    }

    private static void piped(DressingBuilder work, ArtSet set, ArtShape shape, int many, DressingContext place) {
        double length = outlines(work, set, shape, many, place);
        work.tool(ThingKind.NOZZLE, "nozzle", set.nozzle(), Math.max(0.5, set.nozzle() / 4))
                .adhesive(Adhesive.ITSELF)
                .step(
                        Gesture.PIPE,
                        Phrase.of(
                                "Pipe {} of line, {} times, along its pricked outline; what must hold alone is gone over twice.",
                                Quantity.length(length / many),
                                Quantity.count(many)),
                        "bag, plain nozzle",
                        Rate.PIPED_METRE.minutes(length / 1000))
                .check("Every line meets its beginning, {} times.", Quantity.count(many));
    }

    private static double outlines(DressingBuilder work, ArtSet set, ArtShape shape, int many, DressingContext place) {
        double all = 0;
        for (int i = 0; i < shape.parts().size(); i++) {
            Rings part = shape.parts().get(i);
            double length = many
                    * (part.outers().stream().mapToDouble(Contour::length).reduce(0, Double::sum)
                            + part.holes().stream().mapToDouble(Contour::length).reduce(0, Double::sum));
            all += length;
            work.used(
                    set.material(),
                    ArtDrawing.colour(shape, i, place),
                    0,
                    set.material().line(length, set.nozzle()),
                    length);
        }
        return all;
    }

    private static void flooded(DressingBuilder work, ArtSet set, ArtShape shape, int many, DressingContext place) {
        double length = outlines(work, set, shape, many, place);
        for (int i = 0; i < shape.parts().size(); i++) {
            Rings part = shape.parts().get(i);
            int outers = part.outers().size();
            work.made(
                    Phrase.of("Part {}, flooded", Quantity.count(i + 1L)),
                    set.material(),
                    ArtDrawing.colour(shape, i, place),
                    part.width(),
                    many * outers,
                    Spare.NONE,
                    set.material().sheet(part.area(), set.depth()) / outers);
        }
        Making.Pause dry = new Making.Pause(60, 720, Storage.ROOM, "in the room, until it is dry to the touch");
        work.tool(ThingKind.NOZZLE, "nozzle", set.nozzle(), Math.max(0.5, set.nozzle() / 4))
                .adhesive(Adhesive.ITSELF)
                .step(
                        Gesture.PIPE,
                        Phrase.of("Pipe the outlines, {} in all.", Quantity.length(length)),
                        "bag, plain nozzle",
                        Rate.PIPED_METRE.minutes(length / 1000));
        for (int p = 1; p <= set.passes(); p++) {
            work.step(
                    Gesture.FLOOD,
                    Phrase.of(
                            "Flood {} parts to {}, pass {}, those that do not touch first.",
                            Quantity.count((long) many * shape.parts().size()),
                            Quantity.length(set.depth() * p / set.passes()),
                            Quantity.count(p)),
                    "thinned icing, bag, scriber",
                    Rate.FLAG.minutes((double) many * shape.parts().size()),
                    dry,
                    "");
        }
        work.check("Level, without bubbles, {} times.", Quantity.count(many));
    }

    private static void painted(DressingBuilder work, ArtShape shape, int many, DressingContext place) {
        for (int i = 0; i < shape.parts().size(); i++) {
            double hundreds = many * shape.parts().get(i).area() / HUNDRED_CM2;
            for (FinishKind.Part part : FinishKind.PAINT.parts()) {
                boolean dust = part.material() == Material.DUST;
                work.used(
                        part.material(),
                        dust ? ArtDrawing.colour(shape, i, place) : Making.UNCOLOURED,
                        0,
                        hundreds * part.grams(),
                        0);
            }
        }
        double cm2 = many * shape.area() / 100;
        double ml = 0;
        for (FinishKind.Part part : FinishKind.PAINT.parts()) {
            ml += cm2 / 100 * part.grams() / part.material().density();
        }
        work.figure("Paint in all", Quantity.volume(ml))
                .turn(Phrase.of(
                        "{} traced on paper; its face lies on the cake to rub the outline through.",
                        Quantity.count(many)))
                .step(
                        Gesture.BRUSH,
                        Phrase.of(
                                "Rub the outline through, mix {} of paint and fill {} parts, the lightest colour first.",
                                Quantity.volume(ml),
                                Quantity.count((long) many * shape.parts().size())),
                        "fine brushes, palette",
                        Rate.FINISHED_DM2.minutes(cm2 / 100)
                                + Rate.SCRIBED_METRE.minutes(many * shape.outline() / 1000),
                        null,
                        Cautions.DUST)
                .check("No part is bare, {} times.", Quantity.count(many));
    }

    private static void cut(DressingBuilder work, ArtSet set, ArtShape shape, int many, DressingContext place) {
        if (shape.panel() != null) {
            panel(work, set, shape, many, place);
        }
        int pieces = 0;
        for (int i = 0; i < shape.parts().size(); i++) {
            for (List<Double> outline : shape.parts().get(i).keyholed()) {
                pieces++;
                work.cut(
                        Phrase.of("Part {}", Quantity.count(i + 1L)),
                        set.material(),
                        set.thick(),
                        ArtDrawing.colour(shape, i, place),
                        outline,
                        many,
                        set.material().spare());
            }
        }
        Quantity all = Quantity.count((long) many * pieces);
        String goes = switch (set.use()) {
            case SET -> "Set {} pieces into one another from the back, in the order of their numbers.";
            case INLAID ->
                "Cut each out of the firm covering along its card, lift it and fill it with its own piece: {} in all.";
            default -> "Lay {} pieces from the back to the front, in the order of their numbers.";
        };
        work.adhesive(set.material().adhesive())
                .step(
                        Gesture.CUT,
                        Phrase.of(
                                "Roll to {} and cut {} pieces round their cards, colour by colour.",
                                Quantity.length(set.thick()),
                                all),
                        "roller, scalpel, cards",
                        Rate.CUT_PIECE.minutes((double) many * pieces),
                        null,
                        Cautions.BLADE)
                .check("{} pieces lie numbered.", all)
                .step(
                        Gesture.STICK,
                        Phrase.of(goes, all),
                        "soft brush, tweezers",
                        Rate.PEARL.minutes((double) many * pieces))
                .check("No gap shows between {} pieces.", all);
    }

    /** What it all lies on, with a cord round it. */
    private static void panel(DressingBuilder work, ArtSet set, ArtShape shape, int many, DressingContext place) {
        int colour = ArtDrawing.panel(shape, place);
        Rings panel = shape.panel();
        double round = panel.outers().stream().mapToDouble(Contour::length).reduce(0, Double::sum);
        work.cut(
                Phrase.of("Panel"),
                set.material(),
                set.thick(),
                colour,
                panel.keyholed().get(0),
                many,
                set.material().spare());
        for (List<Double> more : panel.keyholed().subList(1, panel.keyholed().size())) {
            work.cut(
                    Phrase.of("Panel"),
                    set.material(),
                    set.thick(),
                    colour,
                    more,
                    many,
                    set.material().spare());
        }
        work.used(
                        set.material(),
                        colour,
                        0,
                        set.material().line(many * (round + LAP_MM), CORD_MM),
                        many * (round + LAP_MM))
                .figure("Cord", Quantity.length(round + LAP_MM));
    }
}

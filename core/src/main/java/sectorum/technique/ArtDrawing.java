package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import sectorum.art.Contour;
import sectorum.art.Regions;
import sectorum.art.Rings;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.outline.Along;

/** Art as it is seen on the cake, and its templates. */
final class ArtDrawing {
    /** Between parts that are drawn one beside the other, mm. */
    private static final double APART_MM = 8;
    /** More points than this are not all drawn. */
    private static final int FINE = 4000;
    /** Nobody sees a shift of a line by less than this part of the height. */
    private static final double SEEN = 600;

    private ArtDrawing() {}

    static void draw(
            DressingBuilder work, ArtSet set, ArtShape shape, List<Along> middles, double z, DressingContext place) {
        List<int[]> shapes = new ArrayList<>();
        if (shape.panel() != null) {
            shape.panel().keyholed().forEach(l -> shapes.add(new int[] {work.piece(l), panel(shape, place)}));
        }
        List<Rings> seen = lighter(set, set.use() == ArtUse.STENCILLED ? shape.openings() : shape.parts());
        for (int i = 0; i < seen.size(); i++) {
            int colour = colour(shape, i, place);
            switch (set.use()) {
                case SCRIBED, PIPED -> {
                    List<List<Double>> lines = new ArrayList<>(seen.get(i).outers());
                    lines.addAll(seen.get(i).holes());
                    boolean piped = set.use() == ArtUse.PIPED;
                    lines.forEach(l -> shapes.add(new int[] {
                        piped ? work.strand(set.nozzle(), Contour.closed(l)) : work.guide(Contour.closed(l)), colour
                    }));
                }
                case RUBBED, PAINTED ->
                    seen.get(i).keyholed().forEach(l -> shapes.add(new int[] {work.shade(l), colour}));
                default -> seen.get(i).keyholed().forEach(l -> shapes.add(new int[] {work.piece(l), colour}));
            }
        }
        for (Along at : middles) {
            shapes.forEach(one -> work.put(one[0], at, z, one[1]));
        }
        templates(work, set, shape);
    }

    /** Of very fine art the eye needs less than the knife: what is cut and printed keeps every point. */
    private static List<Rings> lighter(ArtSet set, List<Rings> parts) {
        if (parts.stream().mapToInt(ArtShape::points).sum() <= FINE) {
            return parts;
        }
        return parts.stream()
                .map(part -> Optional.ofNullable(Regions.lighter(part, set.high() / SEEN))
                        .orElse(part))
                .toList();
    }

    /** Shades come in the colours of the dressing, in turn. */
    static int colour(ArtShape shape, int part, DressingContext place) {
        return place.turns()
                .firsts()
                .get(shape.shades().get(Math.min(part, shape.shades().size() - 1)) % place.colours());
    }

    /** A panel has the colour after those of the art, so that all of it is seen. */
    static int panel(ArtShape shape, DressingContext place) {
        int after = 1 + shape.shades().stream().mapToInt(i -> i).max().orElse(0);
        return place.turns().firsts().get(after % place.colours());
    }

    private static void templates(DressingBuilder work, ArtSet set, ArtShape shape) {
        boolean mirrored = set.use().contacts % 2 == 1;
        Phrase size = Phrase.of(
                mirrored ? "Art, mirrored, {} wide; this side to the cake" : "Art, {} wide",
                Quantity.length(shape.width()));
        work.draw(() -> sheet(shape, mirrored, Ink.Pen.CUT).made("art", size));
        if (set.use() == ArtUse.STENCILLED) {
            work.draw(() -> stencil(set, shape));
        }
        if (set.use() == ArtUse.SCRIBED) {
            work.draw(() -> sheet(shape, false, Ink.Pen.MARK)
                    .made("prick-sheet", Phrase.of("Prick sheet, {} wide", Quantity.length(shape.width()))));
        }
        if (set.use().cut && shape.parts().size() > 1) {
            work.draw(() -> apart(shape));
        }
        if (set.use().cut) {
            List<Rings> parts = shape.parts();
            for (int i = 0; i < parts.size() && i < 40; i++) {
                int number = i + 1;
                Rings part = parts.get(i);
                work.draw(() -> piece(part, number));
            }
        }
    }

    /** The whole at true size, its parts numbered from the back. */
    private static Card sheet(ArtShape shape, boolean mirrored, Ink.Pen pen) {
        Card card =
                Card.of(Flat.rectangle(-shape.width() / 2, -shape.height() / 2, shape.width(), shape.height()), true);
        for (int i = 0; i < shape.parts().size(); i++) {
            Rings part = shape.parts().get(i);
            lines(card, part, mirrored, pen);
            List<Double> box = part.box();
            double x = (box.get(0) + box.get(2)) / 2 * (mirrored ? -1 : 1);
            card.words(x, (box.get(1) + box.get(3)) / 2, Phrase.of("{}", Quantity.count(i + 1L)));
        }
        return card;
    }

    private static void lines(Card card, Rings part, boolean mirrored, Ink.Pen pen) {
        part.outers().forEach(l -> card.path(pen, Contour.closed(mirrored ? Flat.flipped(l) : l)));
        part.holes().forEach(l -> card.path(pen, Contour.closed(mirrored ? Flat.flipped(l) : l)));
    }

    /** Exploded: every part beside the last, numbered from the back, so that they can be told apart when they lie cut. */
    private static Drawing apart(ArtShape shape) {
        double wide = 0;
        double high = 0;
        for (Rings part : shape.parts()) {
            wide += part.width() + APART_MM;
            high = Math.max(high, part.height());
        }
        Card card = Card.of(Flat.rectangle(0, 0, wide, high + APART_MM), true);
        double x = APART_MM / 2;
        for (int i = 0; i < shape.parts().size(); i++) {
            Rings part = shape.parts().get(i);
            List<Double> box = part.box();
            double dx = x - box.get(0);
            part.outers().forEach(l -> card.path(Ink.Pen.MARK, Contour.closed(Flat.moved(l, dx, -box.get(1)))));
            part.holes().forEach(l -> card.path(Ink.Pen.MARK, Contour.closed(Flat.moved(l, dx, -box.get(1)))));
            card.words(x + part.width() / 2, part.height() + 1, Phrase.of("{}", Quantity.count(i + 1L)));
            x += part.width() + APART_MM;
        }
        return card.made(
                "art-apart",
                Phrase.of(
                        "Its {} parts, from the back on",
                        Quantity.count(shape.parts().size())));
    }

    private static Drawing stencil(ArtSet set, ArtShape shape) {
        double rim = Math.max(15, set.high() * 0.15);
        Card card = Card.of(
                Flat.rectangle(
                        -shape.width() / 2 - rim,
                        -shape.height() / 2 - rim,
                        shape.width() + 2 * rim,
                        shape.height() + 2 * rim),
                true);
        shape.openings().forEach(opening -> lines(card, opening, false, Ink.Pen.CUT));
        // Pins hold it in the seam above and below while it is scraped.
        card.line(Ink.Pen.GUIDE, 0, shape.height() / 2, 0, shape.height() / 2 + rim);
        card.line(Ink.Pen.GUIDE, 0, -shape.height() / 2 - rim, 0, -shape.height() / 2);
        return card.made(
                "stencil",
                Phrase.of("Stencil, {} wide, a rim of {}", Quantity.length(shape.width()), Quantity.length(rim)));
    }

    private static Drawing piece(Rings part, int number) {
        Card card = Card.of(part.outers().get(0), true);
        part.outers().stream().skip(1).forEach(l -> card.path(Ink.Pen.CUT, Contour.closed(l)));
        part.holes().forEach(l -> card.path(Ink.Pen.CUT, Contour.closed(l)));
        return card.made("art-part-" + number, Phrase.of("Part {} of the art", Quantity.count(number)));
    }
}

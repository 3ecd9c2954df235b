package sectorum.make;

import java.util.function.DoubleFunction;
import sectorum.drawing.Box;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.outline.Outline;
import sectorum.plan.Coat;

/**
 * A coat on a tier, or a covering on its board: what is rolled or spread, and what of it stays (craft 4.3).
 *
 * @param tier the tier; empty: the board
 * @param index among the tier's coats, inmost 0
 * @param width of the sheet that is rolled, or of the strip, mm; 0 where it is spread
 * @param height of that sheet
 * @param round whether the sheet is a circle
 * @param lid beside a strip; absent: there is none
 * @param stays grams on top and sides
 * @param trimmed grams cut off and given back
 */
public record Covering(
        String tier,
        int index,
        String name,
        Material material,
        Tint tint,
        double thickness,
        Coat.Laid laid,
        double width,
        double height,
        boolean round,
        @Absent Lid lid,
        double stays,
        double trimmed) {

    /** The lid beside a strip: the top's own outline and the margin all round, as large as its box, mm. */
    public record Lid(double width, double height, boolean round) {
        static Lid of(Outline outline) {
            Box box = outline.box();
            double round = Math.PI / 4 * box.width() * box.width();
            boolean alike = Math.abs(box.width() - box.height()) < ROUND_MM
                    && Math.abs(outline.area() - round) < ROUND_MM * box.width();
            return new Lid(box.width(), box.height(), alike);
        }
    }

    /** A box so nearly square, and filled so nearly as a circle would, is a circle's. */
    private static final double ROUND_MM = 0.1;

    /**
     * On a body as it is before this coat.
     *
     * @param body its outline before this coat, and so many mm all round larger
     * @param high its height, mm
     * @param named what it is of: tier, index and name
     */
    public static Covering of(
            DoubleFunction<Outline> body, double high, Coat coat, boolean outermost, Named named, Tint tint) {
        Outline outline = body.apply(0);
        Material material = coat.made(outermost);
        Coat.Laid laid = coat.lies(outermost);
        double t = coat.thickness();
        double p = outline.perimeter();
        double stays = material.sheet(outline.area() + p * high, t);
        double m = laid == Coat.Laid.BARE ? 0 : coat.trimmed();
        Box box = outline.box();
        return switch (laid) {
            case SPREAD -> named.of(material, tint, t, laid, new Cut(0, 0, false, null), stays, 0);
            case SHEET, BARE -> {
                double reach = 2 * high + 2 * m;
                double a = box.width() + reach;
                double b = box.height() + reach;
                double d = 2 * farthest(outline) + reach;
                boolean round = Math.PI / 4 * d * d < a * b;
                Cut cut = round ? new Cut(d, d, true, null) : new Cut(a, b, false, null);
                double sheet = material.sheet(round ? Math.PI / 4 * d * d : a * b, t);
                yield named.of(material, tint, t, laid, cut, Math.min(stays, sheet), Math.max(0, sheet - stays));
            }
            case STRIP -> {
                // Wrapped alone a sheet t thick needs πt more than what it is wrapped around (craft 3G).
                double length = p + Math.PI * t;
                Outline lid = body.apply(m);
                double sheet = material.sheet(length * (high + m) + lid.area(), t);
                Cut cut = new Cut(length, high + m, false, Lid.of(lid));
                yield named.of(material, tint, t, laid, cut, stays, Math.max(0, sheet - stays));
            }
        };
    }

    private static double farthest(Outline outline) {
        return outline.stops(0.05).stream()
                .mapToDouble(
                        s -> Elementary.hypot(outline.at(s).x(), outline.at(s).y()))
                .max()
                .orElse(0);
    }

    private record Cut(
            double width,
            double height,
            boolean round,
            @Absent Lid lid) {}

    /** What a covering is of. */
    public record Named(String tier, int index, String name) {
        private Covering of(
                Material material, Tint tint, double t, Coat.Laid laid, Cut cut, double stays, double trimmed) {
            return new Covering(
                    tier,
                    index,
                    name,
                    material,
                    tint,
                    t,
                    laid,
                    cut.width(),
                    cut.height(),
                    cut.round(),
                    cut.lid(),
                    stays,
                    trimmed);
        }
    }

    /**
     * The same with a lip left standing over the upper edge; what is drawn in is scraped off the top again.
     *
     * @param perimeter of what is coated, mm
     * @param lip mm
     */
    public Covering lipped(double perimeter, double lip) {
        double more = material.sheet(perimeter * lip, thickness);
        return new Covering(
                tier, index, name, material, tint, thickness, laid, width, height, round, lid, stays, trimmed + more);
    }

    /** The same of a material so many times as heavy. */
    public Covering weighing(double times) {
        return times == 1
                ? this
                : new Covering(
                        tier,
                        index,
                        name,
                        material,
                        tint,
                        thickness,
                        laid,
                        width,
                        height,
                        round,
                        lid,
                        stays * times,
                        trimmed * times);
    }

    double all() {
        return stays + trimmed;
    }

    /** What has to lie flat at once: the longer side of the larger sheet, mm. */
    double longest() {
        double flat = Math.max(width, height);
        return lid == null ? flat : Math.max(flat, Math.max(lid.width(), lid.height()));
    }
}

package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Drawing;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** The curves of a bow: its loops round their rolls, its tails, and the flat patterns they are cut by. */
final class BowLook {
    /** The strip has its own width again so far out, share of a loop's length. */
    private static final double OPENS = 0.55;

    private static final double TAIL_SPREAD = Elementary.toRadians(17);
    private static final int PARTS = 16;

    private BowLook() {}

    /** The way round a loop whose roll of a radius lies with its middle so far out (craft 4.1), mm. */
    static double loop(double out, double roll) {
        return 2 * Math.sqrt(out * out - roll * roll) + roll * (Math.PI + 2 * Elementary.asin(roll / out));
    }

    /** The same way as points, how far out and how far to the front: it leaves the middle, goes round the roll and comes back. */
    static List<double[]> path(double out, double roll, int parts) {
        double lean = Elementary.asin(roll / out);
        List<double[]> path = new ArrayList<>();
        path.add(new double[] {0, 0});
        // Where it meets the roll the way is square to the radius.
        for (int i = 0; i <= parts; i++) {
            double a = Math.PI / 2 + lean - (Math.PI + 2 * lean) * i / parts;
            path.add(new double[] {out + roll * Elementary.cos(a), roll * Elementary.sin(a)});
        }
        path.add(new double[] {0, 0});
        return path;
    }

    /** A tail with its end down at z 0. */
    static List<Double> tail(Bow.Told t, double high) {
        double w = t.tailWide() / 2;
        double cut = Math.min(t.tailWide() * 0.6, high * 0.4);
        return switch (t.end()) {
            case "slanted" -> List.of(-w, cut, w, 0.0, w, high, -w, high);
            case "pointed" -> List.of(-w, cut, 0.0, 0.0, w, cut, w, high, -w, high);
            case "straight" -> List.of(-w, 0.0, w, 0.0, w, high, -w, high);
            default -> List.of(-w, 0.0, 0.0, cut, w, 0.0, w, high, -w, high);
        };
    }

    /** Its loops round their rolls, its band, its tails: each strip where it will be. */
    static Sculpt of(Bow.Told t) {
        Sculpt s = new Sculpt();
        for (int i = 0; i < t.tails(); i++) {
            double high = i == 0 ? t.tail() : t.second();
            double spread = t.tails() == 1 ? 0.1 : TAIL_SPREAD * (2.0 * i / (t.tails() - 1) - 1);
            List<Double> hung = new ArrayList<>();
            List<Double> flat = tail(t, high);
            for (int k = 0; k < flat.size(); k += 2) {
                double z = flat.get(k + 1) - high;
                double x = flat.get(k) * (z > -high * 0.3 ? Bow.GATHERED + (1 - Bow.GATHERED) * -z / (high * 0.3) : 1);
                hung.add(x * Elementary.cos(spread) - z * Elementary.sin(spread));
                hung.add(x * Elementary.sin(spread) + z * Elementary.cos(spread));
            }
            s.card(0, hung, t.roll());
        }
        for (int ring = 0; ring < t.rings(); ring++) {
            double before = -ring * t.roll() * 0.9;
            for (int i = 0; i < t.loops(); i++) {
                double a = 2 * Math.PI * (i + (ring % 2 == 0 || t.loops() == 2 ? 0 : 0.5)) / t.loops();
                s.with(strand(t, t.out(ring), a), 0, before, 0);
            }
        }
        double wide = t.band() / 2;
        double high = t.strip() * Bow.GATHERED / 2 + t.thin();
        double front = -t.rings() * t.roll() * 0.9 - t.thick();
        int folds = t.centre().equals("pleated") ? t.pleats() + 1 : 1;
        for (int i = 0; i < folds; i++) {
            double x0 = -wide + 2 * wide * i / folds;
            double x1 = -wide + 2 * wide * (i + 1) / folds;
            s.face(
                    0,
                    List.of(
                            x0,
                            front,
                            -high,
                            x1,
                            front - (folds > 1 ? 2 : 0),
                            -high,
                            x1,
                            front - (folds > 1 ? 2 : 0),
                            high,
                            x0,
                            front,
                            high));
        }
        return s.raised();
    }

    /** One loop whose length points away from the middle by an angle in the upright plane. */
    private static Sculpt strand(Bow.Told t, double out, double angle) {
        List<double[]> one = new ArrayList<>();
        List<double[]> other = new ArrayList<>();
        for (double[] p : path(out, t.roll(), t.loops() * t.rings() > 4 ? PARTS / 2 : PARTS)) {
            double open = Math.min(1, Math.max(0, p[0]) / (OPENS * out));
            double half = t.strip() / 2 * (Bow.GATHERED + (1 - Bow.GATHERED) * Elementary.sin(open * Math.PI / 2));
            double x = p[0] * Elementary.cos(angle);
            double z = p[0] * Elementary.sin(angle);
            one.add(new double[] {x - half * Elementary.sin(angle), -p[1], z + half * Elementary.cos(angle)});
            other.add(new double[] {x + half * Elementary.sin(angle), -p[1], z - half * Elementary.cos(angle)});
        }
        return new Sculpt().band(0, one, other);
    }

    static List<Drawing> patterns(Bow.Told t) {
        List<Drawing> all = new ArrayList<>();
        for (int ring = 0; ring < t.rings(); ring++) {
            double one = loop(t.out(ring), t.roll());
            boolean pair = !t.apart() && t.loops() > 1;
            double length = (pair ? 2 * one : one) + Bow.OVERLAP;
            String which = t.rings() == 1 ? "" : "-" + (ring + 1);
            List<Double> folds =
                    pair ? List.of(Bow.OVERLAP / 2 + one, length - Bow.OVERLAP / 2) : List.of(length - Bow.OVERLAP / 2);
            all.add(Patterns.strip(
                    "bow-loops" + which,
                    Phrase.of(
                            pair ? "Strip of two loops, {} by {}" : "Strip of one loop, {} by {}",
                            Quantity.length(length),
                            Quantity.length(t.strip())),
                    length,
                    t.strip(),
                    folds,
                    List.of()));
        }
        double high = t.band() + 2 * Bow.FOLD;
        all.add(Patterns.strip(
                "bow-band",
                Phrase.of("Band, {} by {}, folded at the lines", Quantity.length(t.wrap()), Quantity.length(high)),
                t.wrap(),
                high,
                List.of(t.wrap() / 2),
                List.of(Bow.FOLD, high - Bow.FOLD)));
        if (t.tails() > 0) {
            all.add(Patterns.outline(
                    "bow-tail", Phrase.of("First tail, {}", Quantity.length(t.tail())), tail(t, t.tail())));
        }
        if (t.tails() > 1) {
            all.add(Patterns.outline(
                    "bow-tail-other", Phrase.of("Other tails, {}", Quantity.length(t.second())), tail(t, t.second())));
        }
        return all;
    }
}

package sectorum.days;

import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.plan.OwnPiece;
import sectorum.plan.Weighing;

/**
 * Three weighings or more of a drying piece (craft 4.2): m(t) = end + (first - end)·e^(-t/τ), fitted by least squares.
 *
 * @param end what it will weigh, g
 * @param tau hours in which the water left falls to a third
 * @param sure by how much of themselves the hours may be off
 */
public record WeighIn(double end, double tau, double sure) {
    /** Of the water gone when it stands, and when it is hard. */
    static final double STANDS = 0.65;

    static final double HARD = 0.95;
    /** Fewer say nothing. */
    public static final int LEAST = 3;
    /** A kitchen scale shows tenths: what it shows is off by so much, g. */
    private static final double SCALE_G = 0.03;
    /** Less sure than this it says nothing yet. */
    private static final double UNSURE = 0.6;

    private static final double SHORTEST_H = 0.05;
    private static final double LONGEST_H = 3000;
    private static final int TRIED = 240;

    /** Hours after which it stands, or may be handled. */
    public double stands() {
        return -tau * Elementary.log(1 - STANDS);
    }

    /** Hours after which it is hard. */
    public double hard() {
        return -tau * Elementary.log(1 - HARD);
    }

    /** Hours until what a piece waits for. */
    public double until(OwnPiece.Until until) {
        return until == OwnPiece.Until.HANDLED ? stands() : hard();
    }

    /** What the weighings say; nothing while they are too few, do not fall, or leave too much open. */
    @Absent
    public static WeighIn of(@Absent List<Weighing> weighed) {
        if (weighed == null || weighed.size() < LEAST) {
            return null;
        }
        double best = Double.NaN;
        double least = Double.MAX_VALUE;
        for (int i = 0; i <= TRIED; i++) {
            double tau = SHORTEST_H * Elementary.pow(LONGEST_H / SHORTEST_H, (double) i / TRIED);
            double off = Line.at(weighed, tau).off();
            if (off < least) {
                least = off;
                best = tau;
            }
        }
        double step = Elementary.pow(LONGEST_H / SHORTEST_H, 1.0 / TRIED);
        double tau = narrowed(weighed, best / step, best * step);
        Line line = Line.at(weighed, tau);
        double sure = unsure(weighed, tau, line);
        boolean falls = line.water() > 2 * SCALE_G && line.end() > 0;
        return falls && sure <= UNSURE && tau < LONGEST_H / step ? new WeighIn(line.end(), tau, sure) : null;
    }

    /** The best of a stretch, by golden section. */
    private static double narrowed(List<Weighing> weighed, double from, double to) {
        double golden = (Math.sqrt(5) - 1) / 2;
        double a = from;
        double b = to;
        for (int i = 0; i < 80; i++) {
            double c = b - golden * (b - a);
            double d = a + golden * (b - a);
            if (Line.at(weighed, c).off() < Line.at(weighed, d).off()) {
                b = d;
            } else {
                a = c;
            }
        }
        return (a + b) / 2;
    }

    /** For one τ the best straight line of weights over e^(-t/τ): its end, its water and how far it is off, squared. */
    private record Line(double end, double water, double off) {
        static Line at(List<Weighing> weighed, double tau) {
            double n = weighed.size();
            double sx = 0;
            double sy = 0;
            double sxx = 0;
            double sxy = 0;
            for (Weighing w : weighed) {
                double x = Elementary.exp(-w.hours() / tau);
                sx += x;
                sy += w.grams();
                sxx += x * x;
                sxy += x * w.grams();
            }
            double spread = n * sxx - sx * sx;
            double water = spread < 1e-15 ? 0 : (n * sxy - sx * sy) / spread;
            double end = (sy - water * sx) / n;
            double off = 0;
            for (Weighing w : weighed) {
                double e = w.grams() - end - water * Elementary.exp(-w.hours() / tau);
                off += e * e;
            }
            return new Line(end, water, off);
        }
    }

    /** Twice the standard error of τ as a share of it: what the other two leave open is taken off. */
    private static double unsure(List<Weighing> weighed, double tau, Line line) {
        int n = weighed.size();
        double variance = Math.max(SCALE_G * SCALE_G, n > LEAST ? line.off() / (n - LEAST) : 0);
        double sx = 0;
        double sxx = 0;
        double sg = 0;
        double sgg = 0;
        double sxg = 0;
        for (Weighing w : weighed) {
            double x = Elementary.exp(-w.hours() / tau);
            double g = line.water() * x * w.hours() / (tau * tau);
            sx += x;
            sxx += x * x;
            sg += g;
            sgg += g * g;
            sxg += x * g;
        }
        double cx = sxx - sx * sx / n;
        double left = sgg - sg * sg / n - (cx <= 0 ? 0 : Elementary.pow(sxg - sx * sg / n, 2) / cx);
        return left <= 1e-18 ? Double.MAX_VALUE : 2 * Math.sqrt(variance / left) / tau;
    }
}

package sectorum.device;

import java.util.ArrayDeque;
import java.util.Deque;

/**
 * Sugar on its way to hard crack (craft 4.1: 146 to 154 °C). A pan goes on rising when it is off the heat, by what its own warmth
 * carries on for some seconds: so it is called off the heat when that would bring it into the window, not when the window is
 * reached.
 */
public final class SugarWatch {
    public static final double LEAST = 146;
    public static final double MOST = 154;
    /** Aimed at, so that a slow hand and a hot pan still end inside, °C. */
    private static final double AIM = 148;
    /** A pan goes on for so many seconds' worth of its rise. */
    static final double CARRY_S = 8;
    /** The rise is told by so many seconds of readings: shorter is noise, longer is late. */
    private static final double SLOPE_S = 8;
    /** So long before, it is announced, s. */
    private static final double SOON_S = 60;

    /** Rising by less it stands still: readings shake by as much, °C a second. */
    private static final double STILL = 0.03;

    /** Nobody knows yet, s. */
    private static final double DAY_S = 24 * 3600;
    /** Below it water boils off, and how fast it rises says nothing of when it is there, °C. */
    private static final double DRY = 115;

    private record Point(double s, double celsius) {}

    private final Deque<Point> points = new ArrayDeque<>();
    private boolean called;

    /** How it stands. */
    public enum Phase {
        /** Not near. */
        HEATING,
        /** Within a minute. */
        SOON,
        /** Off the heat now. */
        TAKE_OFF,
        /** In the window. */
        HARD_CRACK,
        /** Past it: caramel. */
        TOO_HOT
    }

    /**
     * @param rise °C a second
     * @param seconds until it is to be taken off; 0: now, or past
     */
    public record SugarState(Phase phase, double celsius, double rise, double seconds) {}

    /** @param s seconds, of any clock that only goes on */
    public SugarState take(double s, double celsius) {
        points.addLast(new Point(s, celsius));
        while (points.size() > 2 && points.peekFirst().s() < s - SLOPE_S) {
            points.removeFirst();
        }
        double rise = rise();
        double going = celsius + Math.max(0, rise) * CARRY_S;
        if (celsius > MOST) {
            called = true;
            return new SugarState(Phase.TOO_HOT, celsius, rise, 0);
        }
        boolean rising = rise > STILL;
        if (rising && (going >= AIM || celsius >= LEAST)) {
            called = true;
            return new SugarState(Phase.TAKE_OFF, celsius, rise, 0);
        }
        if (celsius >= LEAST) {
            return new SugarState(Phase.HARD_CRACK, celsius, rise, 0);
        }
        double left = rise <= 0 ? Double.MAX_VALUE : Math.max(0, (AIM - going) / rise);
        return new SugarState(
                left <= SOON_S && celsius > DRY ? Phase.SOON : Phase.HEATING,
                celsius,
                rise,
                celsius > DRY ? Math.min(left, DAY_S) : DAY_S);
    }

    /** Whether it has been called off the heat. */
    public boolean isCalled() {
        return called;
    }

    /** The straight line through the last readings. */
    private double rise() {
        int n = points.size();
        if (n < 3) {
            return 0;
        }
        double first = points.peekFirst().s();
        double sx = 0;
        double sy = 0;
        double sxx = 0;
        double sxy = 0;
        for (Point p : points) {
            double x = p.s() - first;
            sx += x;
            sy += p.celsius();
            sxx += x * x;
            sxy += x * p.celsius();
        }
        double across = n * sxx - sx * sx;
        return across <= 1e-9 ? 0 : (n * sxy - sx * sy) / across;
    }
}

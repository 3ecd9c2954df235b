package sectorum.days;

import java.util.List;

/**
 * How damp the room is, over time: drying goes on at 1 ÷ factor of the usual pace (craft 4.2).
 *
 * @param steps ascending; before the first, its factor holds
 */
public record Air(List<Step> steps) {
    /** The usual room. */
    public static final Air USUAL = of(0.5);

    private static final double DRY = 0.85;
    private static final double USUAL_FACTOR = 1;
    private static final double DAMP = 1.5;
    private static final double WET = 2.5;
    /** Above this the room factor is at its last step, and a finding says so. */
    public static final double TOO_DAMP = 0.7;

    /**
     * @param from minutes since the epoch
     * @param factor on the hours
     */
    public record Step(long from, double factor) {}

    public Air {
        steps = List.copyOf(steps);
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("A room has some air");
        }
    }

    /** The same air all the time. */
    public static Air of(double humidity) {
        return new Air(List.of(new Step(Long.MIN_VALUE, factor(humidity))));
    }

    /** The room's factor: up to 45 % 0.85, to 60 % 1, to 70 % 1.5, above 2.5; limits inclusive (craft 4.2). */
    public static double factor(double humidity) {
        return humidity <= 0.45 + 1e-9
                ? DRY
                : humidity <= 0.6 + 1e-9 ? USUAL_FACTOR : humidity <= TOO_DAMP + 1e-9 ? DAMP : WET;
    }

    /** When so many minutes of usual drying, begun then, are over. */
    public long ready(long from, int usual) {
        double left = usual;
        long at = from;
        for (int i = index(from); ; i++) {
            long until = i + 1 < steps.size() ? steps.get(i + 1).from() : Long.MAX_VALUE;
            double factor = steps.get(i).factor();
            if (until == Long.MAX_VALUE || (until - at) / factor >= left) {
                return at + (long) Math.ceil(left * factor - 1e-9);
            }
            left -= (until - at) / factor;
            at = until;
        }
    }

    /** The latest beginning from which so many minutes of usual drying are over by then. */
    public long begin(long by, int usual) {
        double left = usual;
        long at = by;
        for (int i = index(by); ; i--) {
            long since = i == 0 ? Long.MIN_VALUE : steps.get(i).from();
            double factor = steps.get(i).factor();
            if (since == Long.MIN_VALUE || (at - since) / factor >= left) {
                long begin = at - (long) Math.ceil(left * factor - 1e-9);
                // Rounded to whole minutes twice, it may still be a minute late.
                while (ready(begin, usual) > by) {
                    begin--;
                }
                while (ready(begin + 1, usual) <= by) {
                    begin++;
                }
                return begin;
            }
            left -= (at - since) / factor;
            at = since;
        }
    }

    private int index(long at) {
        int i = 0;
        while (i + 1 < steps.size() && steps.get(i + 1).from() <= at) {
            i++;
        }
        return i;
    }
}

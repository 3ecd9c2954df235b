package sectorum.server.devices;

/** Settles in two seconds, drifts a little, shows tenths, and holds five kilograms. */
final class SimulatedScale extends Simulated implements Scale {
    private static final double HOLDS_G = 5000;
    private static final double SETTLES_MS = 450;
    private static final double STILL_MS = 2200;
    /** A load cell creeps, g an hour. */
    private static final double DRIFT_G = 1.5;

    private static final double OUNCE = 28.349523125;

    private double before;
    private double load;
    private long since;
    private double tared;
    private long taredAt;

    SimulatedScale(long seed) {
        super("scale", "Scale", seed);
    }

    @Override
    synchronized void put(double grams, long ms) {
        before = on(ms);
        load = grams;
        since = ms;
    }

    private double on(long ms) {
        return load + (before - load) * Math.exp(-(ms - since) / SETTLES_MS);
    }

    @Override
    public synchronized void tare(long ms) {
        tared = on(ms);
        taredAt = ms;
    }

    @Override
    synchronized String line(long ms, boolean ounces, double noise) {
        double drift = DRIFT_G * Math.min(4, (ms - Math.max(since, taredAt)) / 3_600_000.0);
        double grams = on(ms) - tared + drift + 0.03 * noise * shake(ms);
        if (on(ms) > HOLDS_G) {
            return "OL";
        }
        boolean still = ms - since > STILL_MS;
        return ounces ? said(still, grams / OUNCE, 2, "oz") : said(still, Math.rint(grams * 10) / 10, 1, "g");
    }
}

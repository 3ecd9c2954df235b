package sectorum.server.devices;

/**
 * A pan of sugar: it warms quickly, stands while the water boils off, climbs again, goes on by its own warmth when it is taken
 * off the heat, and cools.
 */
final class SimulatedProbe extends Simulated implements ProbeThermometer {
    private static final double ROOM = 21;
    private static final double BOILS = 104;
    private static final double DRY = 112;
    private static final double STEP_S = 0.25;
    /** The panel's seconds are shorter: a pan takes twenty minutes, and nobody waits so long to see it. */
    private static final double FASTER = 4;

    /** Of the pan's own seconds, of which the panel sees four in one. */
    private static final double COOLS_S = 14_400;

    private static final double CARRY_S = 28;

    private double celsius = ROOM;
    private double rise;
    private boolean heat;
    private long at = -1;

    SimulatedProbe(long seed) {
        super("probe", "Probe thermometer", seed);
    }

    /** 1: heat on; 0: off the heat; below 0: a new pan. */
    @Override
    synchronized void put(double heats, long ms) {
        go(ms);
        if (heats < 0) {
            celsius = ROOM;
            rise = 0;
        }
        heat = heats > 0;
    }

    private void go(long ms) {
        if (at < 0) {
            at = ms;
        }
        double seconds = Math.min(3600, (ms - at) / 1000.0 * FASTER);
        for (double s = 0; s < seconds; s += STEP_S) {
            double wanted = !heat ? 0 : celsius < BOILS ? 0.35 : celsius < DRY ? 0.05 : 0.11;
            rise += (wanted - rise) * STEP_S / CARRY_S;
            celsius += rise * STEP_S - (heat ? 0 : (celsius - ROOM) / COOLS_S * STEP_S);
        }
        at = ms;
    }

    @Override
    synchronized String line(long ms, boolean fahrenheit, double noise) {
        go(ms);
        double read = celsius + 0.08 * noise * shake(ms);
        return fahrenheit ? said(true, read * 9 / 5 + 32, 1, "F") : said(true, read, 1, "C");
    }
}

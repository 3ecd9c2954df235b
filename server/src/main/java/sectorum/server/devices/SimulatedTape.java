package sectorum.server.devices;

/** Pulled out to a length in a second, and read to half a millimetre. */
final class SimulatedTape extends Simulated implements TapeReader {
    private static final double PULLED_MS = 300;
    private static final double STILL_MS = 1200;
    private static final double INCH = 25.4;

    private double before;
    private double out;
    private long since;

    SimulatedTape(long seed) {
        super("tape", "Tape reader", seed);
    }

    @Override
    synchronized void put(double mm, long ms) {
        before = out(ms);
        out = mm;
        since = ms;
    }

    private double out(long ms) {
        return out + (before - out) * Math.exp(-(ms - since) / PULLED_MS);
    }

    @Override
    synchronized String line(long ms, boolean inches, double noise) {
        double mm = Math.max(0, out(ms) + 0.08 * noise * shake(ms));
        boolean still = ms - since > STILL_MS;
        return inches ? said(still, mm / INCH, 3, "in") : said(still, Math.rint(mm * 2) / 2, 1, "mm");
    }
}

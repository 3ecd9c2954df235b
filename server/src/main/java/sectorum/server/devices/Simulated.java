package sectorum.server.devices;

import java.util.Random;
import sectorum.measure.Absent;

/** A stand-in: what is put before it, and what is wrong with it, comes from the bench panel. */
abstract class Simulated implements Instrument {
    /** What can be wrong. */
    enum Fault {
        NONE,
        UNPLUGGED,
        /** A draught, a shaky bench: it never settles. */
        NOISE,
        /** It says what is no reading. */
        NONSENSE,
        /** Somebody pressed its unit button. */
        OTHER_UNIT
    }

    /** It says a new line so often, ms. */
    private static final long LINE_MS = 200;

    private final String id;
    private final String name;
    private final long seed;
    private volatile Fault fault = Fault.NONE;

    Simulated(String id, String name, long seed) {
        this.id = id;
        this.name = name;
        this.seed = seed;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String name() {
        return name;
    }

    Fault fault() {
        return fault;
    }

    void fault(Fault other) {
        fault = other;
    }

    /** Puts something before it: so many g, mm, or for a pan heat on or off. */
    abstract void put(double value, long ms);

    /** What it would say were nothing wrong. */
    abstract String line(long ms, boolean otherUnit, double noise);

    /** Shaken about nought by one, the same for the same moment. */
    double shake(long ms) {
        return new Random(seed * 31 + ms / LINE_MS).nextGaussian();
    }

    @Override
    @Absent
    public String say(long ms) {
        return switch (fault) {
            case UNPLUGGED -> null;
            case NONSENSE -> new String[] {"ST ----- g", "Err 04", "ST 88888.8 g"}[(int) Math.floorMod(ms / 900, 3L)];
            case NOISE -> line(ms, false, 14).replaceFirst("^ST", "US");
            case OTHER_UNIT -> line(ms, true, 1);
            case NONE -> line(ms, false, 1);
        };
    }

    static String said(boolean settled, double value, int places, String unit) {
        return (settled ? "ST " : "US ") + String.format(java.util.Locale.ROOT, "%." + places + "f", value) + " "
                + unit;
    }
}

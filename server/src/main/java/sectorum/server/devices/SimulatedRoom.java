package sectorum.server.devices;

import java.util.ArrayList;
import java.util.List;

/** Damper towards the morning, drier in the afternoon, another every day. */
final class SimulatedRoom extends Simulated implements RoomSensor {
    private static final long HOUR_MS = 3_600_000;
    private static final double DAY_H = 24;
    private static final int MOST_HOURS = 24 * 40;

    private volatile double damper;

    SimulatedRoom(long seed) {
        super("room", "Room sensor", seed);
    }

    /** So much damper than it would be, a share of one. */
    @Override
    void put(double more, long ms) {
        damper = more;
    }

    private double humidity(long ms) {
        double hour = ms / (double) HOUR_MS;
        double swing = 0.06 * Math.sin(2 * Math.PI * (hour / DAY_H + 0.1));
        double weather = 0.07 * Math.sin(hour / DAY_H * 1.7) + 0.03 * Math.sin(hour / 5.3);
        return Math.max(0.2, Math.min(0.95, 0.52 + swing + weather + damper));
    }

    private static double celsius(long ms) {
        return 20.5 + 1.8 * Math.sin(2 * Math.PI * (ms / (double) HOUR_MS / DAY_H - 0.35));
    }

    @Override
    String line(long ms, boolean fahrenheit, double noise) {
        double percent = Math.rint(1000 * humidity(ms) + 3 * noise * shake(ms)) / 10;
        double warm = celsius(ms);
        return said(true, percent, 1, "%") + " "
                + (fahrenheit
                        ? String.format(java.util.Locale.ROOT, "%.1f F", warm * 9 / 5 + 32)
                        : String.format(java.util.Locale.ROOT, "%.1f C", warm));
    }

    @Override
    public List<Hour> hours(long from, long to) {
        List<Hour> hours = new ArrayList<>();
        for (long at = Math.floorDiv(from + HOUR_MS - 1, HOUR_MS) * HOUR_MS;
                at <= to && hours.size() < MOST_HOURS;
                at += HOUR_MS) {
            hours.add(new Hour(at, Math.rint(humidity(at) * 1000) / 1000, Math.rint(celsius(at) * 10) / 10));
        }
        return hours;
    }
}

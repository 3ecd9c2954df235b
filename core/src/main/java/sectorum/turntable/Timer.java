package sectorum.turntable;

import sectorum.bench.Storage;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;

/**
 * Something that is left alone. Moments in ms since the epoch: nothing here runs, so that it is right after a reload, a
 * sleep and on another device.
 *
 * @param id of the line that began it
 * @param early from when on it is right
 * @param late from when on it is too late; absent: it may wait
 * @param stopped when somebody was done with it; absent: it still counts
 */
public record Timer(
        String id,
        String step,
        String name,
        Storage storage,
        long from,
        long early,
        @Absent Long late,
        @Absent Long stopped) {
    private static final long MINUTE_MS = 60_000;

    /** How it stands. */
    public enum Phase {
        SOON,
        NOW,
        LATE,
        OVER
    }

    static Timer of(Entry begun, @Absent Long stopped) {
        Window w = begun.window();
        return new Timer(
                begun.id(),
                begun.step(),
                begun.about(),
                w.storage(),
                begun.at(),
                begun.at() + Elementary.round(w.early() * MINUTE_MS),
                w.late() == null ? null : begun.at() + Elementary.round(w.late() * MINUTE_MS),
                stopped);
    }

    /** @param now ms since the epoch; the late edge itself is still in time */
    public Phase at(long now) {
        if (stopped != null) {
            return Phase.OVER;
        }
        if (now < early) {
            return Phase.SOON;
        }
        return late == null || now <= late ? Phase.NOW : Phase.LATE;
    }
}

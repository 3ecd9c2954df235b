package sectorum.turntable;

import sectorum.bench.Storage;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * How long something is left alone, from when hands left it: too soon before the early edge, too late after the late one.
 *
 * @param early minutes
 * @param late minutes; absent: it may wait
 */
public record Window(
        double early, @Absent Double late, @Absent Storage storage) {
    /** Nothing on a cake rests longer than this, minutes. */
    private static final double MOST = 60 * 24 * 60;

    public Window {
        if (!(early >= 0 && early <= MOST)) {
            throw refused("early", early, 0);
        }
        if (late != null && !(late >= early && late <= MOST)) {
            throw refused("late", late, early);
        }
        storage = storage == null ? Storage.ROOM : storage;
    }

    private static Refused refused(String edge, double minutes, double least) {
        return new Refused(
                "window." + edge,
                Phrase.of(
                        "A timer's {} edge lies between {} and {} minutes; this is {}. Set it anew.",
                        Quantity.text(edge),
                        Quantity.plain(least),
                        Quantity.plain(MOST),
                        Quantity.plain(minutes)));
    }
}

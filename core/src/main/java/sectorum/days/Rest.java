package sectorum.days;

import sectorum.bench.Basis;
import sectorum.bench.Storage;

/**
 * How something is left alone after hands have left it.
 *
 * @param storage where
 * @param places it takes there
 * @param low minutes that may do
 * @param least minutes that are planned for, the upper end of an estimate
 * @param basis what the minutes rest on
 * @param airy whether the minutes are those of a room of usual humidity, and the room's own humidity counts
 */
public record Rest(Storage storage, int places, int low, int least, Basis basis, boolean airy) {
    public static Rest of(Storage storage, int least) {
        return new Rest(storage, 0, least, least, Basis.CRAFT, false);
    }

    public Rest taking(int some) {
        return new Rest(storage, some, low, least, basis, airy);
    }

    /** Whether nobody has stated or seen it (craft 7: nothing invented). */
    public boolean estimate() {
        return basis.isEstimate();
    }
}

package sectorum.days;

import sectorum.bench.Shelf;

/**
 * How something is left alone after hands have left it.
 *
 * @param shelf where
 * @param places it takes there
 * @param low minutes that may do
 * @param least minutes that are planned for, the upper end of an estimate
 * @param estimate whether nobody has stated or seen it (craft 7: nothing invented)
 * @param airy whether the minutes are those of a room of usual humidity, and the room's own humidity counts
 */
public record Rest(Shelf shelf, int places, int low, int least, boolean estimate, boolean airy) {
    public static Rest of(Shelf shelf, int least) {
        return new Rest(shelf, 0, least, least, false, false);
    }

    public Rest taking(int some) {
        return new Rest(shelf, some, low, least, estimate, airy);
    }
}

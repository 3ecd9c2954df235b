package sectorum.turntable;

import sectorum.measure.Given;

/**
 * A line of the journal and its place in it.
 *
 * @param place in the order in which lines were kept, from 1; 0: it waits to be sent, and follows all that are kept
 */
public record KeptEntry(Entry entry, long place) {
    public KeptEntry {
        Given.in("entry", entry);
    }

    boolean waits() {
        return place == 0;
    }

    /** Whether this line, which comes later, was made by somebody else who did not know of the other. */
    boolean isApartFrom(KeptEntry earlier) {
        return !entry.device().equals(earlier.entry().device()) && !earlier.waits() && entry.seen() < earlier.place();
    }
}

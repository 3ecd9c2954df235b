package sectorum.bench;

/** The order of the places round a tier, by school (craft 5.3). */
public enum Course {
    /** The front first, then in turn on either side of it, so that the fault ends at the back. */
    ALTERNATE,
    /** From the front round and round. */
    ROUND
}

package sectorum.server.people;

/** Not let in, or not let do this: why, and what to do. */
public class Denied extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** Why somebody is not let in. */
    public enum Why {
        /** It is not known who asks. */
        UNKNOWN,
        /** It is known, and not theirs to do. */
        NOT_YOURS,
        /** Tried too often. */
        TOO_OFTEN,
        /** Not there, or not any more. */
        GONE
    }

    private final Why why;

    public Denied(Why why, String detail) {
        super(detail);
        this.why = why;
    }

    public Why why() {
        return why;
    }
}

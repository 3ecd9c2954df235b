package sectorum.bench;

/** What the estimates of a dressing or of a piece rest on. */
public record Bases(Basis time, Basis spares, Basis weight) {
    /** Nobody has written anything down. */
    public static final Bases PLAIN = new Bases(Basis.PLAIN_TIME, Basis.PLAIN_SPARES, Basis.PLAIN_WEIGHT);
}

package sectorum.divide;

/** Which counts a workshop likes best (craft 1, the schools). */
public enum Preference {
    ANY,
    ODD,
    FOLDS;

    /** Whether a count is of the liked kind; with {@link #ANY} none is liked more than another. */
    boolean likes(int n) {
        return switch (this) {
            case ANY -> false;
            case ODD -> n % 2 == 1;
            case FOLDS -> folds(n);
        };
    }

    /** 2^k or 3·2^k: what a paper band folds to, in halves, or in thirds first. */
    public static boolean folds(int n) {
        int rest = n % 3 == 0 ? n / 3 : n;
        return rest > 0 && Integer.bitCount(rest) == 1;
    }
}

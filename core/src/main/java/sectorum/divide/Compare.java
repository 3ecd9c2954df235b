package sectorum.divide;

import sectorum.measure.Rounding;

/** How a difference between neighbours looks (handbook 2.0). */
public enum Compare {
    UNNOTICED("nobody notices"),
    SHOWS("shows if one looks"),
    PLAIN("is plain to see");

    /** The share up to which nobody notices. */
    public static final double UNNOTICED_UP_TO = 0.03;

    private final String words;

    Compare(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** |a − b|/b, b the ordinary section beside it: to 3 % unnoticed, to 8 % shows if one looks, more is plain. */
    public static Compare of(double a, double ordinary) {
        double share = share(a, ordinary);
        if (Rounding.atMost(share, UNNOTICED_UP_TO)) {
            return UNNOTICED;
        }
        return Rounding.atMost(share, 0.08) ? SHOWS : PLAIN;
    }

    public static double share(double a, double ordinary) {
        return Math.abs(a - ordinary) / ordinary;
    }
}

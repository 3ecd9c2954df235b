package sectorum.technique;

/** How many pieces a covering takes, for whoever asks outside a plan (craft 3F). */
public final class CoverCount {
    private CoverCount() {}

    /** Discs laid lush on an area, k·area/disc, in parts of one; area mm², across mm. */
    public static double inArea(double area, double across) {
        return Coverage.LUSH * area / Cover.DISC.area(across);
    }

    /**
     * Discs laid lush: N = ceil(k·area/disc).
     *
     * @param area mm²
     * @param across mm
     */
    public static double discs(double area, double across) {
        return Coverage.count(Coverage.LUSH, area, Cover.DISC.area(across));
    }
}

package sectorum.material;

import sectorum.measure.Rounding;

/** Pieces made beside those needed: whole ones, max(1, ceil(share·N)) (craft 2.0, 3). */
public enum Spare {
    USUAL(0.1),
    FRAGILE(0.2),
    /** Piped where it stays: nothing is made beside it. */
    NONE(0);

    private final double share;

    Spare(double share) {
        this.share = share;
    }

    /** How many more for so many; none for none. */
    public int of(int needed) {
        return needed == 0 || share == 0 ? 0 : (int) Math.max(1, Rounding.ceil(share * needed));
    }
}

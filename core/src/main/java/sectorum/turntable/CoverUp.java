package sectorum.turntable;

import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.plan.Dressing;
import sectorum.plan.OwnPiece;

/**
 * Something that covers a fault.
 *
 * @param what in words
 * @param own whether the plan wears it already, so that it looks meant
 * @param covered share of the fault that it lies on, 0 to 1
 * @param grams of everything that it takes
 * @param minutes of hands
 * @param lacking what of it the workshop has not; none: there is stock of all of it
 * @param dressings added to the tier, a mirrored one with it where balance asks; none: it is a piece
 * @param pieces made and put on; none: it is a dressing
 */
public record CoverUp(
        Phrase what,
        boolean own,
        double covered,
        double grams,
        double minutes,
        List<Lacking> lacking,
        List<Dressing> dressings,
        List<OwnPiece> pieces) {
    public CoverUp {
        lacking = List.copyOf(lacking);
        dressings = List.copyOf(dressings);
        pieces = List.copyOf(pieces);
    }

    /** Something that has to be bought for it. @param colour empty: as it comes */
    public record Lacking(String name, String colour, double amount) {}

    /**
     * What a fault may be covered with.
     *
     * @param balance whether one like it on the other side is asked for
     */
    public record Offers(boolean balance, @Absent Phrase why, List<CoverUp> offers) {
        public Offers {
            offers = List.copyOf(offers);
        }
    }
}

package sectorum.make;

import sectorum.bench.Stock;
import sectorum.measure.Absent;

/**
 * What a cake costs, and what is asked for it; in the workshop's coin. What nobody has told is not in it, and said to be
 * missing: no price is invented (craft 7).
 *
 * @param materials of all whose price is known, by what is used
 * @param unpriced batches with a part without a price
 * @param packs what is bought for it costs in whole packs, as far as prices are known
 * @param minutes of hands for the whole work
 * @param hands what they cost; absent: the workshop does not count hours
 * @param cost materials and hands, as far as they are known
 * @param margin of the workshop, a share on top of the cost; absent: it asks no price here
 * @param price with that margin; absent: no margin is told
 */
public record Price(
        double materials,
        int unpriced,
        double packs,
        double minutes,
        @Absent Double hands,
        double cost,
        @Absent Double margin,
        @Absent Double price) {

    /** @param margin a share on top; absent: no price is asked */
    public static Price of(Worktop top, double minutes, Stock stock, @Absent Double margin) {
        double materials = top.total().materials();
        Double hands = stock.hour() == null ? null : minutes / 60 * stock.hour();
        double cost = materials + (hands == null ? 0 : hands);
        double packs = top.shopping().stream()
                .mapToDouble(b -> b.price() == null ? 0 : b.price())
                .reduce(0, Double::sum);
        return new Price(
                materials,
                top.total().unpriced(),
                packs,
                minutes,
                hands,
                cost,
                margin,
                margin == null ? null : cost * (1 + margin));
    }

    /** Whether something in it is not known, so that it cannot be less. */
    public boolean isLeast() {
        return unpriced > 0 || hands == null;
    }
}

package sectorum.server.turn;

import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * What holds for a whole workshop.
 *
 * @param hour what an hour of hands costs; absent: hours are not counted
 * @param coin the sign that prices are shown with; empty: none
 * @param printedAcross how long the printer makes the level line of 100 mm, mm
 * @param printedDown the same for the upright line
 */
public record House(@Absent Double hour, String coin, double printedAcross, double printedDown) {
    private static final Field PRINTED = Field.length(
            "printedAcross", "The printed line", 90, 110, 100, "Measure the line of 100 mm on a printed sheet.");

    public House {
        coin = coin == null ? "" : coin.strip();
        if (coin.length() > 8) {
            throw new Refused(
                    "coin", Phrase.of("The coin has {} letters; up to 8 are shown.", Quantity.count(coin.length())));
        }
        new sectorum.bench.Stock(java.util.List.of(), hour);
        PRINTED.check(printedAcross);
        PRINTED.check(printedDown);
    }
}

package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.divide.Demand;
import sectorum.divide.Division;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** Colours in turn over repeats that run all round: whether the cycle meets itself at the back. */
final class Cycle {
    static final Rule MEETS = new Rule(
            "colours.meet",
            Level.NOTE,
            "Repeats run all round in turns of colours and do not close: two neighbours at the back are out of turn.");

    private Cycle() {}

    /**
     * Judges repeats that come with the sections.
     *
     * @param many repeats all round
     */
    static void judge(DressingBuilder work, int many, DressingContext place) {
        if (many % place.colours() == 0 || many < 2 || !place.isClosed()) {
            return;
        }
        work.find(MEETS, said(many, place.colours()), counts(many, place));
    }

    /** Judges a row that closes on the side itself: another pitch gives a count that does. */
    static void judgeRow(DressingBuilder work, int many, double around, DressingContext place) {
        if (many % place.colours() == 0 || !place.isClosed()) {
            return;
        }
        int closes = Math.max(place.colours(), many - many % place.colours());
        double pitch = around / closes;
        work.find(
                MEETS,
                said(many, place.colours()),
                Mend.setting(
                        Phrase.of("{} of them, one every {}", Quantity.count(closes), Quantity.length(pitch)),
                        "pitch",
                        pitch));
    }

    /**
     * What a count must be a multiple of when every section is parted in so many; nothing where nobody has said how many,
     * because the usual number of parts closes by itself.
     */
    static Demand demand(@Absent Object each, int multiple, String why) {
        if (!(each instanceof Number parts) || multiple < 2) {
            return Demand.NONE;
        }
        int a = multiple;
        int b = Math.max(1, parts.intValue());
        while (b != 0) {
            int rest = a % b;
            a = b;
            b = rest;
        }
        return multiple == a ? Demand.NONE : new Demand(multiple / a, why);
    }

    private static Phrase said(int many, int colours) {
        return Phrase.of(
                "{} in turns of {} colours do not meet at the back: the last turn stops after {}.",
                Quantity.count(many),
                Quantity.count(colours),
                Quantity.count(many % colours));
    }

    /** The nearest counts of sections that close the turn, the nearer first, where every section has as many. */
    private static List<Mend> counts(int many, DressingContext place) {
        int n = place.division().count();
        List<Mend> mends = new ArrayList<>();
        if (many % n != 0) {
            return mends;
        }
        int each = many / n;
        for (int away = 1; away <= place.colours() && mends.isEmpty(); away++) {
            for (int other : new int[] {n - away, n + away}) {
                if (other >= 1 && other * each % place.colours() == 0 && closes(other, place.division())) {
                    mends.add(Mend.count(Phrase.of("Take {} sections", Quantity.count(other)), other));
                }
            }
        }
        return mends;
    }

    /** Whether a count closes on this outline. */
    static boolean closes(int n, Division division) {
        try {
            Division.of(division.outline(), n, division.front());
            return true;
        } catch (Refused refused) {
            return false;
        }
    }
}

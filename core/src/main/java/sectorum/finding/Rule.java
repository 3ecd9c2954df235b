package sectorum.finding;

import java.util.List;
import sectorum.measure.Phrase;

/**
 * A rule by which a plan is judged.
 *
 * @param id its name in documents and tests, such as {@code hang.loop}
 * @param level how bad it usually is
 * @param about when it appears, with its limit, in a sentence for docs/findings.md
 */
public record Rule(String id, Level level, String about) {
    public Rule at(Level other) {
        return new Rule(id, other, about);
    }

    /** The rule found broken, with its numbers and what mends it. */
    public Finding found(Phrase what, List<Mend> mends) {
        return new Finding(id, level, what, mends);
    }

    public Finding found(Phrase what, Mend... mends) {
        return found(what, List.of(mends));
    }
}

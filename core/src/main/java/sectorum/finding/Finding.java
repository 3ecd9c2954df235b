package sectorum.finding;

import java.util.List;
import sectorum.measure.Phrase;

/**
 * One judgement.
 *
 * @param rule the rule's name, such as {@code hang.loop}; docs/findings.md lists them
 * @param level how bad
 * @param what the judgement with its numbers
 * @param mends what would mend it, the best first; empty only for good news and for what the hand must settle
 */
public record Finding(String rule, Level level, Phrase what, List<Mend> mends) {
    public Finding {
        mends = List.copyOf(mends);
        if (what.quantities().isEmpty()) {
            throw new IllegalArgumentException("A finding has numbers; " + rule + " has none");
        }
    }
}

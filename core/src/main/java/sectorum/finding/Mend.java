package sectorum.finding;

import java.util.List;
import sectorum.measure.Phrase;

/** A press that mends: its words and the changes it makes. */
public record Mend(Phrase label, List<Change> changes) {
    public Mend {
        changes = List.copyOf(changes);
    }
}

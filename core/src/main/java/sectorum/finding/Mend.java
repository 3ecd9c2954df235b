package sectorum.finding;

import java.util.List;
import sectorum.measure.Phrase;

/** A press that mends: its words and the changes it makes. */
public record Mend(Phrase label, List<Change> changes) {
    public Mend {
        changes = List.copyOf(changes);
    }

    /** One setting changed. */
    public static Mend setting(Phrase label, String field, Object value) {
        return new Mend(label, List.of(new Change(Change.Target.SETTING, field, value)));
    }

    /** Another count of sections. */
    public static Mend count(Phrase label, int sections) {
        return new Mend(label, List.of(new Change(Change.Target.DIVISION, "count", sections)));
    }
}

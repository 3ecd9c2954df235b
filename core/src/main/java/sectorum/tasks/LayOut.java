package sectorum.tasks;

import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;

/**
 * Everything to lay out before a day's work, or before one dressing's (craft 4.4): what is missing first.
 *
 * @param days by the day on which work begins; empty while the plan has no day
 * @param jobs by dressing, by piece made ahead, and one for all that is done to the cake beside
 */
public record LayOut(List<LayScope> days, List<LayScope> jobs) {
    public LayOut {
        days = List.copyOf(days);
        jobs = List.copyOf(jobs);
    }

    /** Where a thing lies on the table. */
    public enum Group {
        TOOLS("Tools"),
        FORMERS("Formers"),
        PAPERS("Papers, cut to size"),
        PASTES("Pastes, icings and parts"),
        COLOURS("Colours"),
        ADHESIVES("Adhesives"),
        BRUSHES("Brushes");

        private final String words;

        Group(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A day, a dressing or a piece.
     *
     * @param key that ticks are kept under, with the item's id: a day, a dressing's task or a piece's
     */
    public record LayScope(String key, String name, List<ToLay> items) {
        public LayScope {
            items = List.copyOf(items);
        }
    }

    /**
     * A thing to lay out.
     *
     * @param id one of its kind within a scope
     * @param grams of a paste or a part; absent: it is not weighed
     * @param count how many at once; 0: it is weighed, or simply there
     * @param have grams or pieces in the cupboard; absent: the cupboard does not tell of such things
     * @param missing whether there is too little of it, or none
     */
    public record ToLay(
            String id,
            Group group,
            Phrase what,
            @Absent Double grams,
            int count,
            @Absent Double have,
            boolean missing) {}
}

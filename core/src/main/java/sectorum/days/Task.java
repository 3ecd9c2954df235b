package sectorum.days;

import java.util.ArrayList;
import java.util.List;
import sectorum.bench.Basis;
import sectorum.measure.Absent;

/**
 * One thing to do.
 *
 * @param key its name within its order
 * @param name in words
 * @param tier whose it is; empty: the whole cake's
 * @param about the dressing or the piece it is for; empty: none
 * @param pairs of hands at once
 * @param minutes they are busy
 * @param pauses whether it may be laid down and gone on with
 * @param rest what follows; absent: nothing is waited for
 * @param ahead done so many days before the order's moment at the earliest; 0: as early as one likes
 * @param at settled start; absent: as late as can be
 * @param done whether it is finished: then it stays where it was
 * @param basis what its minutes rest on
 */
public record Task(
        TaskName key,
        String name,
        Kind kind,
        String tier,
        String about,
        int pairs,
        int minutes,
        boolean pauses,
        @Absent Rest rest,
        List<Dependency> needs,
        int ahead,
        @Absent Long at,
        boolean done,
        Basis basis) {

    /** What kind of work it is, in the order in which one comes to it. */
    public enum Kind {
        PIECE,
        KNEAD,
        BOARD,
        BAKE,
        FILL,
        COAT,
        EDGE,
        COVER,
        DOWEL,
        STACK,
        MEASURE,
        DRESS,
        PLACE,
        INSPECT,
        OWN;

        /** Whether it is the same work in every plan, so that rates are kept of it as such. */
        public boolean isCommon() {
            return this != PIECE && this != DRESS && this != OWN;
        }

        /** What it is called, in words. */
        public String words() {
            return switch (this) {
                case KNEAD -> "Colour and knead";
                case BOARD -> "Cover the board";
                case BAKE -> "Bake layers";
                case FILL -> "Fill and level";
                case COAT -> "Coat";
                case EDGE -> "Sharpen an edge";
                case COVER -> "Cover a tier";
                case DOWEL -> "Set dowels";
                case STACK -> "Stack a tier";
                case MEASURE -> "Measure and mark";
                case PLACE -> "Put pieces on";
                case INSPECT -> "Look it over and pack";
                case PIECE -> "Make a piece";
                case DRESS -> "Dress a tier";
                case OWN -> "A task of one's own";
            };
        }

        /** Whether it cannot be undone, so that one looks first what is still open (craft 7). */
        public boolean isFinal() {
            return this == COVER || this == STACK || this == PLACE;
        }
    }

    public Task {
        needs = List.copyOf(needs);
    }

    /** The text of its name. */
    public String id() {
        return key.text();
    }

    /** One that begins at a settled moment. */
    boolean isPinned() {
        return at != null;
    }

    public Task needing(List<Dependency> others) {
        return new Task(key, name, kind, tier, about, pairs, minutes, pauses, rest, others, ahead, at, done, basis);
    }

    public Task resting(@Absent Rest other) {
        return new Task(key, name, kind, tier, about, pairs, minutes, pauses, other, needs, ahead, at, done, basis);
    }

    public Task at(@Absent Long moment, int taking, boolean finished) {
        return new Task(
                key, name, kind, tier, about, pairs, taking, pauses, rest, needs, ahead, moment, finished, basis);
    }

    public Task paired(int others) {
        return new Task(key, name, kind, tier, about, others, minutes, pauses, rest, needs, ahead, at, done, basis);
    }

    /** For a tier's dressing, or a piece. */
    public Task about(String tierId, String what) {
        return new Task(key, name, kind, tierId, what, pairs, minutes, pauses, rest, needs, ahead, at, done, basis);
    }

    public Task ahead(int days) {
        return new Task(key, name, kind, tier, about, pairs, minutes, pauses, rest, needs, days, at, done, basis);
    }

    /** The same by what its minutes rest on. */
    public Task by(Basis other) {
        return new Task(key, name, kind, tier, about, pairs, minutes, pauses, rest, needs, ahead, at, done, other);
    }

    Task pausing() {
        return new Task(key, name, kind, tier, about, pairs, minutes, true, rest, needs, ahead, at, done, basis);
    }

    /** It in so many parts, one after the other, where it may be laid down; else as it is. The last keeps its name. */
    public List<Task> split(int parts) {
        if (!pauses || parts < 2 || minutes < 2 * parts) {
            return List.of(this);
        }
        List<Task> all = new ArrayList<>();
        int left = minutes;
        for (int k = 1; k <= parts; k++) {
            boolean last = k == parts;
            // Each later part keeps a minute at least.
            int taking = last ? left : Math.min(left - (parts - k), (minutes / parts + 4) / 5 * 5);
            left -= taking;
            List<Dependency> before =
                    k == 1 ? needs : List.of(new Dependency(key.part(k - 1).text(), 0, null, false));
            String said = name + ", " + k + " of " + parts;
            all.add(new Task(
                    last ? key : key.part(k),
                    said,
                    kind,
                    tier,
                    about,
                    pairs,
                    taking,
                    true,
                    last ? rest : null,
                    before,
                    ahead,
                    at,
                    done,
                    basis));
        }
        return all;
    }
}

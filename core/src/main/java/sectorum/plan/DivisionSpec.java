package sectorum.plan;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.divide.Ladder;
import sectorum.divide.Preference;
import sectorum.divide.Press;
import sectorum.divide.Way;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * How a side is divided.
 *
 * @param wanted about how wide a section should be, mm; absent: as wide as it is
 * @param front what looks forward
 * @param liked which counts are liked best
 * @param corners whether every corner must carry a mark
 * @param locked marks moved by hand
 * @param items pieces set one a section, where the section is theirs to decide
 * @param follows another division of the tier whose marks are used again
 * @param way how it is marked, once somebody chose; absent: read off the tape, with the templates of every way at hand
 * @param press the cutter and how it is pressed, where that is the way
 */
public record DivisionSpec(
        String id,
        int count,
        @Absent Double wanted,
        Front front,
        Preference liked,
        boolean corners,
        List<Lock> locked,
        @Absent Ladder.Items items,
        @Absent Follow follows,
        @Absent Way way,
        @Absent Press press) {
    private static final Field INTO =
            Field.count("follows.into", "Each section in", 1, 12, 1, "2 halves it, 3 makes thirds.");
    private static final Field EVERY =
            Field.count("follows.every", "Every so-manyth mark", 1, 12, 1, "2 takes every other one.");

    /**
     * A division that uses the marks of another one: each of its sections in so many, of these every so-manyth mark.
     *
     * @param division the other one's name
     */
    public record Follow(String division, int into, int every) {
        public Follow {
            division = Check.id("follows.division", division);
            INTO.check(into);
            EVERY.check(every);
        }
    }

    /**
     * A mark moved by hand.
     *
     * @param mark its number from 0
     * @param s mm from the back seam on the tape
     */
    public record Lock(int mark, double s) {}

    public DivisionSpec {
        id = Check.id("divisions.id", id);
        Division.COUNT.check(count);
        if (wanted != null) {
            Ladder.WANTED.check(wanted);
        }
        front = front == null ? Front.SECTION : front;
        liked = liked == null ? Preference.ANY : liked;
        locked = Check.list("locked", "Marks moved by hand", locked, 0, 500);
        Check.unique("locked", "Mark", locked, lock -> "" + lock.mark());
        if (way == Way.PRESS && press == null) {
            throw new Refused(
                    "divisions.press",
                    Phrase.of(
                            "To press {} sections round, say with which cutter and how deep. Choose it under the ways to mark.",
                            Quantity.count(count)));
        }
    }

    /** A division that stands alone. */
    public static DivisionSpec of(
            String id, int count, @Absent Double wanted, Front front, @Absent Preference liked, List<Lock> locked) {
        return new DivisionSpec(id, count, wanted, front, liked, true, locked, null, null, null, null);
    }

    /** How it is marked: the first school reads positions off a tape. */
    public Way marked() {
        return way == null ? Way.TAPE : way;
    }

    public Map<Integer, Double> locks() {
        Map<Integer, Double> locks = new TreeMap<>();
        locked.forEach(lock -> locks.put(lock.mark(), lock.s()));
        return locks;
    }
}

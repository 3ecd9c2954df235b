package sectorum.plan;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.divide.Ladder;
import sectorum.divide.Preference;
import sectorum.measure.Absent;

/**
 * How a side is divided.
 *
 * @param wanted about how wide a section should be, mm; absent: as wide as it is
 * @param front what looks forward
 * @param liked which counts are liked best
 * @param corners whether every corner must carry a mark
 * @param locked marks moved by hand
 */
public record DivisionSpec(
        String id,
        int count,
        @Absent Double wanted,
        Front front,
        Preference liked,
        boolean corners,
        List<Lock> locked) {
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
    }

    public Map<Integer, Double> locks() {
        Map<Integer, Double> locks = new TreeMap<>();
        locked.forEach(lock -> locks.put(lock.mark(), lock.s()));
        return locks;
    }
}

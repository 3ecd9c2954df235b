package sectorum.device;

import java.util.ArrayDeque;
import java.util.Deque;
import sectorum.measure.Absent;

/**
 * Readings one after the other, and whether the last may be taken: what the device calls settled has to lie still for some
 * readings, too. A reading that jumps alone and comes back is left out of what is shown.
 */
public final class Steady {
    /** So many readings have to agree. */
    static final int AGREE = 4;

    private final Deque<DeviceReading> last = new ArrayDeque<>();
    private final double still;

    /** @param still readings that differ by no more lie still, in what the device measures */
    public Steady(double still) {
        this.still = still;
    }

    /** Takes a reading in and gives back what holds now. */
    public DeviceReading take(DeviceReading next) {
        if (next.value() == null) {
            last.clear();
            return next;
        }
        last.addLast(next);
        if (last.size() > AGREE) {
            last.removeFirst();
        }
        double low = last.stream().mapToDouble(DeviceReading::value).min().orElse(0);
        double high = last.stream().mapToDouble(DeviceReading::value).max().orElse(0);
        boolean agree =
                last.size() == AGREE && high - low <= still && last.stream().allMatch(DeviceReading::settled);
        return agree ? next : next.unsettled();
    }

    /** The last reading taken in; absent: none. */
    @Absent
    public DeviceReading newest() {
        return last.peekLast();
    }
}

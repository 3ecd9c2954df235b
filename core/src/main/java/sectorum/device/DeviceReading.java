package sectorum.device;

import sectorum.measure.Absent;

/**
 * What a device says now, understood.
 *
 * @param value mm, g, °C or a share of one; absent: there is none to be taken
 * @param celsius of the room, from a sensor that knows it; absent: it does not
 * @param shown as the device shows it, in its own unit
 * @param settled whether it may be taken: the device says so, and it has not moved
 * @param problem why there is no value, and what to do; empty: there is one
 */
public record DeviceReading(
        DeviceKind kind, @Absent Double value, @Absent Double celsius, String shown, boolean settled, String problem) {
    static DeviceReading without(DeviceKind kind, String shown, String problem) {
        return new DeviceReading(kind, null, null, shown, false, problem);
    }

    /** The same, not settled yet. */
    DeviceReading unsettled() {
        return new DeviceReading(kind, value, celsius, shown, false, problem);
    }
}

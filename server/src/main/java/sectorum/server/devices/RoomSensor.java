package sectorum.server.devices;

import java.util.List;
import sectorum.device.DeviceKind;

/** Humidity and warmth of the room, and what they were by the hour. */
public interface RoomSensor extends Instrument {
    @Override
    default DeviceKind kind() {
        return DeviceKind.ROOM;
    }

    /**
     * An hour.
     *
     * @param ms when it began
     * @param humidity a share of one
     */
    record Hour(long ms, double humidity, double celsius) {}

    /** Every full hour from one moment to another, the oldest first. */
    List<Hour> hours(long from, long to);
}

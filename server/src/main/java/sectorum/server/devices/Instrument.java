package sectorum.server.devices;

import sectorum.device.DeviceKind;
import sectorum.measure.Absent;

/** A device that says what it measures, one line at a time (see {@link sectorum.device.Signal}). */
public interface Instrument {
    /** Its name in addresses: small letters, digits and hyphens. */
    String id();

    /** Its name on the screen. */
    String name();

    DeviceKind kind();

    /**
     * What it says now.
     *
     * @param ms since the epoch
     * @return absent: it does not answer
     */
    @Absent
    String say(long ms);
}

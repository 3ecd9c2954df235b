package sectorum.server.devices;

import sectorum.device.DeviceKind;

/** A scale. */
public interface Scale extends Instrument {
    @Override
    default DeviceKind kind() {
        return DeviceKind.SCALE;
    }

    /** What lies on it now is nothing. */
    void tare(long ms);
}

package sectorum.server.devices;

import sectorum.device.DeviceKind;

/** A probe in a pan. */
public interface ProbeThermometer extends Instrument {
    @Override
    default DeviceKind kind() {
        return DeviceKind.THERMOMETER;
    }
}

package sectorum.server.devices;

import sectorum.device.DeviceKind;

/** A tape that is pulled out and reads itself. */
public interface TapeReader extends Instrument {
    @Override
    default DeviceKind kind() {
        return DeviceKind.TAPE;
    }
}

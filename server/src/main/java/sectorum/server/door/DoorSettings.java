package sectorum.server.door;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;
import sectorum.measure.Absent;

/**
 * Where the door stands.
 *
 * @param port 0: there is no door
 * @param address of this machine in its network; nothing listens on others
 * @param keys folder of {@code door.p12} and {@code authority.crt}
 * @param password of the key store
 */
@ConfigurationProperties("sectorum.door")
record DoorSettings(
        int port,
        @Absent String address,
        @Absent Path keys,
        @Absent String password) {
    boolean stands() {
        return port > 0 && address != null && !address.isBlank() && keys != null && password != null;
    }

    /** How it is called from another device. */
    String base() {
        return "https://" + (address.contains(":") ? "[" + address + "]" : address) + ":" + port;
    }
}

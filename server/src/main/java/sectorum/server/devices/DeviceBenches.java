package sectorum.server.devices;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import sectorum.server.tenancy.Tenancy;

/** Each workshop's own devices: what one prints, cuts or weighs is no other's to see. */
@Service
public class DeviceBenches {
    private final Tenancy tenancy;
    private final Map<Long, Devices> benches = new ConcurrentHashMap<>();

    DeviceBenches(Tenancy tenancy) {
        this.tenancy = tenancy;
    }

    public Devices mine() {
        return benches.computeIfAbsent(tenancy.workshop(), workshop -> new Devices());
    }
}

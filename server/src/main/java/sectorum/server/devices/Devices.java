package sectorum.server.devices;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import sectorum.device.CutJob;
import sectorum.device.DeviceKind;
import sectorum.device.DeviceReading;
import sectorum.device.Signal;
import sectorum.device.Steady;
import sectorum.device.SugarWatch;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** The devices of this bench: the simulated ones that ship, or real ones put in their place here. */
public class Devices {
    /** Readings are asked for so often at the least, so that settling is judged by the same steps whoever looks, ms. */
    private static final long STEP_MS = 200;
    /** Of a moment that nobody looked at, so much is made up, ms. */
    private static final long LOOKED_BACK_MS = 12_000;
    /** What lies still, in what the device measures. */
    private static final Map<DeviceKind, Double> STILL =
            Map.of(DeviceKind.SCALE, 0.3, DeviceKind.TAPE, 0.6, DeviceKind.THERMOMETER, 1.5, DeviceKind.ROOM, 0.02);

    private final Map<String, Instrument> instruments;
    private final CuttingMachine cutter;
    private final LabelPrinter printer;
    private final Map<String, Watched> watched;

    /** An instrument with what it said last. */
    private static final class Watched {
        private final Instrument instrument;
        private Steady steady;
        private SugarWatch sugar = new SugarWatch();
        private long at = Long.MIN_VALUE;

        @Absent
        private DeviceReading last;

        @Absent
        private SugarWatch.SugarState seen;

        Watched(Instrument instrument) {
            this.instrument = instrument;
            this.steady = new Steady(STILL.get(instrument.kind()));
        }

        synchronized void go(long ms) {
            // A clock that was set is another clock.
            boolean anew = at == Long.MIN_VALUE || Math.abs(ms - at) > LOOKED_BACK_MS;
            long from = anew ? ms - LOOKED_BACK_MS : at + STEP_MS;
            for (long t = from; t <= ms; t += STEP_MS) {
                last = steady.take(Signal.read(instrument.kind(), instrument.say(t)));
                at = t;
                if (instrument.kind() == DeviceKind.THERMOMETER && last.value() != null) {
                    if (seen != null && last.value() < seen.celsius() - 20) {
                        sugar = new SugarWatch();
                    }
                    seen = sugar.take(t / 1000.0, last.value());
                }
            }
        }
    }

    /** With the stand-ins that ship. */
    public Devices() {
        this(
                List.of(new SimulatedTape(11), new SimulatedScale(12), new SimulatedProbe(13), new SimulatedRoom(14)),
                new SimulatedCutter(),
                new SimulatedPrinter());
    }

    Devices(List<Instrument> all, CuttingMachine cutter, LabelPrinter printer) {
        this.cutter = cutter;
        this.printer = printer;
        this.instruments = new LinkedHashMap<>();
        all.forEach(i -> instruments.put(i.id(), i));
        this.watched =
                all.stream().collect(Collectors.toMap(Instrument::id, Watched::new, (a, b) -> a, LinkedHashMap::new));
    }

    /**
     * A device as the panel shows it.
     *
     * @param reading what it says now
     * @param sugar how a pan stands; absent: it is no thermometer, or says nothing
     * @param fault what is wrong with a stand-in; absent: it is a real one
     */
    public record DeviceView(
            String id,
            String name,
            DeviceKind kind,
            DeviceReading reading,
            @Absent SugarWatch.SugarState sugar,
            @Absent String fault) {}

    public List<DeviceView> all(long ms) {
        return watched.values().stream().map(w -> view(w, ms)).toList();
    }

    private static DeviceView view(Watched w, long ms) {
        synchronized (w) {
            w.go(ms);
            Instrument i = w.instrument;
            return new DeviceView(
                    i.id(),
                    i.name(),
                    i.kind(),
                    w.last == null ? Signal.read(i.kind(), null) : w.last,
                    w.last == null || w.last.value() == null ? null : w.seen,
                    i instanceof Simulated s ? s.fault().name() : null);
        }
    }

    /** One device. */
    public DeviceView of(String id, long ms) {
        return view(known(id), ms);
    }

    private Watched known(String id) {
        Watched found = watched.get(id);
        if (found == null) {
            throw new Refused(
                    "id",
                    Phrase.of(
                            "There is no device \"{}\" at this bench; there are {}.",
                            Quantity.text(id.length() > 40 ? id.substring(0, 40) + "…" : id),
                            Quantity.text(String.join(", ", watched.keySet()))));
        }
        return found;
    }

    /** Sets a scale to nothing. */
    public void tare(String id, long ms) {
        if (!(known(id).instrument instanceof Scale scale)) {
            throw new Refused("id", Phrase.of("\"{}\" is no scale: only a scale is tared.", Quantity.text(id)));
        }
        view(known(id), ms);
        scale.tare(ms);
    }

    /** Puts something before a stand-in. */
    public void put(String id, double value, long ms) {
        Simulated stand = simulated(id);
        if (!(Math.abs(value) <= 20_000)) {
            throw new Refused(
                    "value",
                    Phrase.of(
                            "{} is outside {} to {}.",
                            Quantity.plain(value),
                            Quantity.count(-20_000),
                            Quantity.count(20_000)));
        }
        view(known(id), ms);
        stand.put(value, ms);
    }

    /** Makes something wrong with a stand-in, or right again. */
    public void fault(String id, String fault, long ms) {
        Simulated stand = simulated(id);
        view(known(id), ms);
        for (Simulated.Fault each : Simulated.Fault.values()) {
            if (each.name().equalsIgnoreCase(fault)) {
                stand.fault(each);
                return;
            }
        }
        throw new Refused(
                "fault",
                Phrase.of(
                        "\"{}\" is no fault. Known are {}.",
                        Quantity.text(fault.length() > 40 ? fault.substring(0, 40) + "…" : fault),
                        Quantity.text(java.util.Arrays.stream(Simulated.Fault.values())
                                .map(Enum::name)
                                .collect(Collectors.joining(", ")))));
    }

    private Simulated simulated(String id) {
        if (known(id).instrument instanceof Simulated stand) {
            return stand;
        }
        throw new Refused(
                "id", Phrase.of("\"{}\" is a real device: nothing can be put before it from here.", Quantity.text(id)));
    }

    /** The room by the hour; none where there is no sensor. */
    public List<RoomSensor.Hour> hours(long from, long to) {
        return instruments.values().stream()
                .filter(RoomSensor.class::isInstance)
                .map(RoomSensor.class::cast)
                .findFirst()
                .map(r -> r.say(to) == null ? List.<RoomSensor.Hour>of() : r.hours(from, to))
                .orElse(List.of());
    }

    public CuttingMachine cutter() {
        return cutter;
    }

    /** Begins a job at the cutter. @param torn whether its sheet will tear, at a stand-in */
    public void cut(CutJob job, String title, boolean torn, long ms) {
        if (torn && cutter instanceof SimulatedCutter stand) {
            stand.tear();
        }
        cutter.begin(job, title, ms);
    }

    public LabelPrinter printer() {
        return printer;
    }
}

package sectorum.server.http;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.device.CutJob;
import sectorum.device.CutPath;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.devices.CuttingMachine;
import sectorum.server.devices.DeviceBenches;
import sectorum.server.devices.Devices;
import sectorum.server.devices.LabelPrinter;
import sectorum.server.devices.RoomSensor;

/** Bench devices: what they say, and what is sent to them. */
@RestController
@RequestMapping("/api/devices")
class DeviceController {
    private static final int MOST_LABELS = 200;
    private static final int LONGEST_DXF = 20_000_000;
    private static final long HOUR_MS = 3_600_000;
    private static final int MOST_HOURS = 24 * 14;

    private final DeviceBenches devices;
    private final Clock clock;

    DeviceController(DeviceBenches devices, Clock clock) {
        this.devices = devices;
        this.clock = clock;
    }

    /** Something put before a stand-in: g, mm, heat (1 on, 0 off, -1 a new pan), or so much damper. */
    record Put(double value) {}

    /** @param fault by name */
    record Faulted(String fault) {
        Faulted {
            Given.in("fault", fault);
        }
    }

    /** What is to be cut. @param torn whether the sheet tears at a stand-in */
    record CutOrder(String title, String dxf, boolean torn) {
        CutOrder {
            Given.in("title", title);
            if (Given.in("dxf", dxf).length() > LONGEST_DXF) {
                throw new Refused(
                        "dxf",
                        Phrase.of(
                                "A file of {} signs is more than {}. Send one template.",
                                Quantity.count(dxf.length()),
                                Quantity.count(LONGEST_DXF)));
            }
        }
    }

    /**
     * The cutter.
     *
     * @param strokes of the job, in the order of the head, mm, y up; none where it is idle
     * @param head where it is; absent: it is idle
     * @param left seconds
     */
    record CutterBed(
            CuttingMachine.State state,
            String title,
            double width,
            double height,
            List<CutPath.Stroke> strokes,
            @Absent CutJob.Head head,
            double left) {}

    record Labels(List<LabelPrinter.Label> labels) {
        Labels {
            labels = Given.all("labels", labels);
            if (labels.size() > MOST_LABELS) {
                throw new Refused(
                        "labels",
                        Phrase.of(
                                "{} labels at once; up to {} are printed.",
                                Quantity.count(labels.size()),
                                Quantity.count(MOST_LABELS)));
            }
        }
    }

    private long now() {
        return clock.millis();
    }

    @GetMapping
    List<Devices.DeviceView> all() {
        return devices.mine().all(now());
    }

    @GetMapping("/{id}")
    Devices.DeviceView one(@PathVariable String id) {
        return devices.mine().of(id, now());
    }

    @PostMapping("/{id}/tare")
    Devices.DeviceView tare(@PathVariable String id) {
        devices.mine().tare(id, now());
        return devices.mine().of(id, now());
    }

    @PostMapping("/{id}/put")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@PathVariable String id, @RequestBody Put put) {
        devices.mine().put(id, put.value(), now());
    }

    @PostMapping("/{id}/fault")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void fault(@PathVariable String id, @RequestBody Faulted fault) {
        devices.mine().fault(id, fault.fault(), now());
    }

    /** The room by the hour, so many hours back and on. */
    @GetMapping("/room/hours")
    List<RoomSensor.Hour> hours(@RequestParam(defaultValue = "48") int back) {
        int hours = Math.max(1, Math.min(MOST_HOURS, back));
        return devices.mine().hours(now() - hours * HOUR_MS, now());
    }

    /** @param known strokes that whoever asks has already: they are not sent again */
    @GetMapping("/cutter")
    CutterBed cutter(@RequestParam(defaultValue = "false") boolean known) {
        CuttingMachine.Status status = devices.mine().cutter().status(now());
        CutJob job = status.job();
        if (job == null) {
            return new CutterBed(status.state(), "", 0, 0, List.of(), null, 0);
        }
        return new CutterBed(
                status.state(),
                status.title(),
                job.path().width(),
                job.path().height(),
                known ? List.of() : job.path().strokes(),
                job.at(status.seconds()),
                Math.max(0, job.seconds() - status.seconds()));
    }

    @PostMapping("/cutter/jobs")
    CutterBed cut(@RequestBody CutOrder order) {
        devices.mine().cut(new CutJob(CutPath.ofDxf(order.dxf())), order.title(), order.torn(), now());
        return cutter(false);
    }

    @PostMapping("/cutter/pause")
    CutterBed pause() {
        devices.mine().cutter().pause(now());
        return cutter(true);
    }

    @PostMapping("/cutter/resume")
    CutterBed resume() {
        devices.mine().cutter().resume(now());
        return cutter(true);
    }

    @GetMapping("/printer")
    List<LabelPrinter.Label> printed() {
        return devices.mine().printer().printed();
    }

    @PostMapping("/printer")
    List<LabelPrinter.Label> print(@RequestBody Labels labels) {
        devices.mine().printer().print(new ArrayList<>(labels.labels()), now());
        return devices.mine().printer().printed();
    }
}

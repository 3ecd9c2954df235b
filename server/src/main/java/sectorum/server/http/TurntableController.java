package sectorum.server.http;

import java.time.Clock;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.question.BenchStateRequest;
import sectorum.question.EvennessRequest;
import sectorum.question.PlacesRequest;
import sectorum.server.door.Door;
import sectorum.server.http.DaysController.InTime;
import sectorum.server.plans.PlanService;
import sectorum.server.presence.Presence;
import sectorum.server.turntable.Journals;
import sectorum.server.turntable.Watch;
import sectorum.turntable.BenchPlace;
import sectorum.turntable.BenchState;
import sectorum.turntable.BenchStep;
import sectorum.turntable.CoverUp;
import sectorum.turntable.Entry;
import sectorum.turntable.Fault;

/** The plan at the bench: its steps, its journal, and what is asked while hands work. */
@RestController
class TurntableController {
    private final WholeWork work;
    private final Worked worked;
    private final Journals journals;
    private final PlanService plans;
    private final Watch watch;
    private final Clock clock;
    private final Door door;
    private final Presence presence;

    TurntableController(
            WholeWork work,
            Worked worked,
            Journals journals,
            PlanService plans,
            Watch watch,
            Clock clock,
            Door door,
            Presence presence) {
        this.work = work;
        this.worked = worked;
        this.journals = journals;
        this.plans = plans;
        this.watch = watch;
        this.clock = clock;
        this.door = door;
        this.presence = presence;
    }

    /** Lines that a device has made. @param after the place of the last line that it knows */
    record Lines(List<Entry> lines, long after) {
        Lines {
            lines = Given.all("lines", lines);
        }
    }

    /** A fault and who would cover it. @param mirrored absent: where balance asks */
    record FaultRequest(Plan plan, Fault fault, @Absent Boolean mirrored) {
        FaultRequest {
            Given.in("plan", plan);
            Given.in("fault", fault);
        }
    }

    @PostMapping("/api/turntable/steps")
    List<BenchStep> steps(@RequestBody InTime asked) {
        return work.of(asked).turntable();
    }

    @PostMapping("/api/turntable/places")
    List<BenchPlace> places(@RequestBody PlacesRequest asked) {
        return asked.answer(worked);
    }

    @PostMapping("/api/turntable/state")
    BenchState state(@RequestBody BenchStateRequest asked) {
        return asked.answer(worked);
    }

    @PostMapping("/api/turntable/evenness")
    EvennessRequest.Found evenness(@RequestBody EvennessRequest asked) {
        return asked.answer(worked);
    }

    @PostMapping("/api/turntable/cover-ups")
    CoverUp.Offers coverUps(@RequestBody FaultRequest asked) {
        return work.coverUps(asked.plan(), asked.fault(), asked.mirrored());
    }

    /** A link that opens this plan's turntable on another device, once. */
    @PostMapping("/api/plans/{id}/door")
    Door.Link door(@PathVariable long id) {
        return door.link(id);
    }

    /** A window of a browser, and where in the plan it is. */
    record PresenceSaid(String device, String place) {}

    /** Tells the others who look at this plan. */
    @PostMapping("/api/plans/{id}/presence")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void present(@PathVariable long id, @RequestBody PresenceSaid here) {
        presence.here(id, here.device(), here.place());
    }

    @GetMapping("/api/plans/{id}/journal")
    Journals.Journal journal(@PathVariable long id, @RequestParam(defaultValue = "0") long after) {
        return journals.after(id, after);
    }

    /** Keeps lines, each once; answers with what the device does not know yet, its own among it. */
    @PostMapping("/api/plans/{id}/journal")
    Journals.Journal add(@PathVariable long id, @RequestBody Lines made) {
        return journals.add(id, made.lines(), made.after());
    }

    /** Tells how far the plan and its journal are, as often as either goes on. */
    @GetMapping(value = "/api/plans/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> live(@PathVariable long id) {
        plans.check(id);
        if (watch.isFull()) {
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE).build();
        }
        return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(watch.open(id));
    }

    /** Used by pages to see whether the server is there, without waking anything. */
    @GetMapping("/api/here")
    ServerTime here() {
        return new ServerTime(clock.millis());
    }

    /** @param now ms since the epoch by the server's clock */
    record ServerTime(long now) {}
}

package sectorum.server.http;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.history.Merge;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.server.demo.DemoWorkshop;
import sectorum.server.plans.DeletedPlan;
import sectorum.server.plans.PlanLine;
import sectorum.server.plans.PlanService;
import sectorum.server.plans.SavedPlan;
import sectorum.server.plans.Version;
import sectorum.server.tenancy.Tenancy;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Plans: list, make, open, save, copy, delete and bring back, download. */
@RestController
@RequestMapping("/api/plans")
class PlanController {
    private final PlanService plans;
    private final JsonMapper json;
    private final DemoWorkshop demo;
    private final Tenancy tenancy;

    PlanController(PlanService plans, JsonMapper json, DemoWorkshop demo, Tenancy tenancy) {
        this.plans = plans;
        this.json = json;
        this.demo = demo;
        this.tenancy = tenancy;
    }

    /** What a new plan is called. */
    record Name(String name) {}

    /**
     * What is saved.
     *
     * @param base the revision the change started from
     * @param from what it started from where that was never saved as it is; absent: the base
     * @param choices which side holds of what both changed, by the path it was asked by; absent: nothing was asked
     */
    record Save(
            int base,
            @Absent Plan from,
            Plan document,
            @Absent Map<String, Merge.Side> choices) {
        Save {
            Given.in("document", document);
            choices = choices == null ? Map.of() : choices;
        }
    }

    /** @param name empty: takes the name away */
    record VersionName(String name) {}

    @GetMapping
    List<PlanLine> list() {
        return plans.list();
    }

    /** A new plan: one round tier with nothing on it. */
    @PostMapping("/fresh")
    @ResponseStatus(HttpStatus.CREATED)
    SavedPlan fresh(@RequestBody Name name) {
        return plans.create(tenancy.settings().plans().begin(name.name()));
    }

    /** Opens a plan file as a new plan. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SavedPlan open(@RequestBody Plan plan) {
        return plans.create(plan);
    }

    @GetMapping("/{id}")
    SavedPlan get(@PathVariable long id) {
        return plans.get(id);
    }

    /** Adds the sample plans and the sample cupboard, for whoever wants to look before beginning. */
    @PostMapping("/demo")
    List<PlanLine> demo() {
        demo.add();
        return plans.list();
    }

    /** What was deleted and can still be brought back. */
    @GetMapping("/deleted")
    List<DeletedPlan> deleted() {
        return plans.deleted();
    }

    @GetMapping("/{id}/versions")
    List<Version> versions(@PathVariable long id) {
        return plans.versions(id);
    }

    @GetMapping("/{id}/versions/{revision}")
    SavedPlan version(@PathVariable long id, @PathVariable int revision) {
        return plans.at(id, revision);
    }

    @PutMapping("/{id}/versions/{revision}/name")
    List<Version> call(@PathVariable long id, @PathVariable int revision, @RequestBody VersionName name) {
        return plans.call(id, revision, name.name());
    }

    /** Goes back to a version, which becomes the newest; what came after is kept under a name. */
    @PostMapping("/{id}/versions/{revision}/back")
    SavedPlan back(@PathVariable long id, @PathVariable int revision) {
        return plans.back(id, revision);
    }

    /** Keeps a plan; what others saved since its base is put together with it, and the answer is what it is now. */
    @PutMapping("/{id}")
    SavedPlan save(@PathVariable long id, @RequestBody Save save) {
        return plans.save(id, new PlanService.Save(save.base(), save.from(), save.document(), save.choices()));
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    SavedPlan copy(@PathVariable long id, @RequestBody Name name) {
        return plans.copy(id, name.name());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable long id) {
        plans.delete(id);
    }

    /** Whether a plan is put away. */
    record Away(boolean away) {}

    @PutMapping("/{id}/archive")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@PathVariable long id, @RequestBody Away away) {
        plans.archive(id, away.away());
    }

    @PostMapping("/{id}/restore")
    SavedPlan restore(@PathVariable long id) {
        return plans.restore(id);
    }

    /** The plan as a file, laid out to be read. */
    @GetMapping(value = "/{id}/file", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> file(@PathVariable long id) {
        Plan plan = plans.get(id).document();
        byte[] bytes = json.writer()
                .with(SerializationFeature.INDENT_OUTPUT)
                .writeValueAsString(plan)
                .getBytes(StandardCharsets.UTF_8);
        String name = plan.name().replaceAll("[^\\p{L}\\p{N} ._-]", "").strip() + ".sectorum.json";
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(MediaType.APPLICATION_JSON)
                .body(bytes);
    }
}

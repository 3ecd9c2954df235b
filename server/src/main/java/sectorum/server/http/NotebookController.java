package sectorum.server.http;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.ahead.AheadCatalogue;
import sectorum.bench.RateKind;
import sectorum.bench.Subject;
import sectorum.days.Task;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.notebook.Harvest;
import sectorum.notebook.LearnedRate;
import sectorum.notebook.Lesson;
import sectorum.notebook.Lessons;
import sectorum.notebook.Measured;
import sectorum.notebook.WorkRecord;
import sectorum.server.documents.CsvRows;
import sectorum.server.harvest.Harvests;
import sectorum.server.notebook.Notebook;
import sectorum.server.notebook.NotebookTable;
import sectorum.server.turntable.Journals;
import sectorum.technique.Catalogue;
import sectorum.turntable.Entry;

/** What jobs took, and what they teach. */
@RestController
@RequestMapping("/api/notebook")
class NotebookController {
    private static final int JOBS = 40;
    private static final int AT_ONCE = 1000;

    private final Notebook notebook;
    private final Harvests work;
    private final Journals journals;
    private final java.time.Clock clock;

    NotebookController(Notebook notebook, Harvests work, Journals journals, java.time.Clock clock) {
        this.notebook = notebook;
        this.work = work;
        this.journals = journals;
        this.clock = clock;
    }

    /** The jobs of a page. @param more whether there are older ones */
    record JobPage(List<Notebook.JobLine> jobs, boolean more) {}

    /**
     * One job.
     *
     * @param lessons what it taught that nobody has decided on, what changes most first
     * @param asked steps whose time somebody has to say
     */
    record WholeJob(List<WorkRecord> records, List<Lesson> lessons, List<Harvest.Asked> asked) {}

    /**
     * All rates.
     *
     * @param off those that are switched off
     * @param people who worked
     */
    record RatePage(List<LearnedRate> rates, Set<String> off, Set<String> people) {}

    /** What records can be about. @param factor whether its rates are factors on a plain figure */
    record SubjectChoice(String subject, String name) {}

    /** A kind of rate. @param plain the figure where nothing has been seen */
    record KindOfRate(RateKind kind, String words, boolean factor) {}

    /** All that is the same for every notebook. */
    record NotebookChoices(List<SubjectChoice> subjects, List<KindOfRate> kinds) {}

    /** How long hands were at a step that the clock does not know of. */
    record Answered(long plan, String step, double minutes) {}

    /** What is kept. */
    record KeptRecords(int records) {}

    @GetMapping
    JobPage jobs(@RequestParam(defaultValue = "") String words, @RequestParam(defaultValue = "0") int skipped) {
        work.gather();
        List<Notebook.JobLine> jobs = notebook.jobs(words.strip(), JOBS + 1, Math.max(0, skipped));
        return new JobPage(jobs.subList(0, Math.min(JOBS, jobs.size())), jobs.size() > JOBS);
    }

    @GetMapping("/job")
    WholeJob job(@RequestParam(required = false) Long plan, @RequestParam(defaultValue = "") String job) {
        work.gather();
        List<WorkRecord> records = notebook.of(plan, job);
        List<Lesson> lessons = records.stream().allMatch(r -> r.waiting().isEmpty())
                ? List.of()
                : Lessons.of(records, notebook.newest());
        return new WholeJob(
                records, lessons, plan == null ? List.of() : work.of(plan).asked());
    }

    @GetMapping("/rates")
    RatePage rates() {
        return new RatePage(notebook.rates(), notebook.off(), notebook.people());
    }

    @GetMapping("/choices")
    NotebookChoices choices() {
        List<SubjectChoice> subjects = new ArrayList<>();
        Catalogue.all().forEach(t -> subjects.add(new SubjectChoice(Subject.dressing(t.id()), t.name())));
        AheadCatalogue.all()
                .forEach(k -> subjects.add(
                        new SubjectChoice(Subject.piece(k.kind().name().toLowerCase(Locale.ROOT)), k.name())));
        Arrays.stream(Task.Kind.values())
                .filter(Task.Kind::isCommon)
                .forEach(k ->
                        subjects.add(new SubjectChoice(Subject.task(k.name().toLowerCase(Locale.ROOT)), k.words())));
        return new NotebookChoices(
                subjects,
                Arrays.stream(RateKind.values())
                        .map(k -> new KindOfRate(k, k.words(), k.isFactor()))
                        .toList());
    }

    @PutMapping("/off")
    Set<String> switchOff(@RequestBody Set<String> names) {
        return notebook.switchOff(names);
    }

    /** Keeps records: those without an id are new. */
    @PostMapping("/records")
    List<WorkRecord> keep(@RequestBody List<WorkRecord> records) {
        Given.all("records", records);
        if (records.isEmpty() || records.size() > AT_ONCE) {
            throw new Refused(
                    "records",
                    Phrase.of(
                            "{} records at once; send {} to {}.",
                            Quantity.count(records.size()),
                            Quantity.count(1),
                            Quantity.count(AT_ONCE)));
        }
        return notebook.keep(records);
    }

    /** Something measured for its own sake; it counts at once. */
    @PostMapping("/measured")
    WorkRecord measured(@RequestBody Measured measured) {
        return notebook.keep(List.of(measured.record())).get(0);
    }

    @DeleteMapping("/records/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable long id) {
        notebook.takeOut(id);
    }

    /** Takes in what records teach of one kind, or leaves it with a reason. */
    @PostMapping("/decisions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void decide(@RequestBody Notebook.Decision decision) {
        notebook.decide(decision);
    }

    /** Says how long hands were at a step; the journal keeps it, so that every device knows. */
    @PostMapping("/answers")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answer(@RequestBody Answered answered) {
        Entry line = new Entry(
                UUID.randomUUID().toString(),
                "notebook",
                "",
                clock.millis(),
                0,
                Entry.Kind.WORKED,
                Given.in("step", answered.step()),
                answered.minutes(),
                "",
                null);
        journals.add(answered.plan(), List.of(line), Long.MAX_VALUE);
    }

    @GetMapping(value = "/table", produces = "text/csv")
    ResponseEntity<byte[]> table() {
        byte[] csv = NotebookTable.write(notebook.all()).getBytes(StandardCharsets.UTF_8);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=utf-8"))
                .body(csv);
    }

    /** Puts in a table's records beside what is there; all or none. */
    @PostMapping(value = "/table", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    KeptRecords read(@RequestBody(required = false) @Absent byte[] csv) {
        List<WorkRecord> records = NotebookTable.read(CsvRows.words(csv));
        return new KeptRecords(records.isEmpty() ? 0 : notebook.keep(records).size());
    }
}

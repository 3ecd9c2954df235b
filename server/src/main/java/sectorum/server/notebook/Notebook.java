package sectorum.server.notebook;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.bench.OwnRates;
import sectorum.bench.RateKind;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.notebook.LearnedRate;
import sectorum.notebook.Rates;
import sectorum.notebook.WorkRecord;
import sectorum.server.tenancy.Tenancy;
import tools.jackson.databind.json.JsonMapper;

/** Keeps records and gives the rates that follow from them, worked out once for each state of the notebook. */
@Service
public class Notebook {
    /** A workshop that writes thirty records a day has these in nine years. */
    private static final long MOST = 100_000;
    /** So many of each subject are looked at for its rates. */
    private static final int NEWEST = 60;
    /** Of one job that was typed in. */
    private static final int OF_A_JOB = 1000;
    /** Read from the database at once when all are written out. */
    private static final int PAGE = 2000;
    /** Plans whose journals are read in at one go. */
    private static final int GATHERED = 20;

    private final RecordRepository rows;
    private final NotebookRepository notebooks;
    private final Tenancy tenancy;
    private final JsonMapper json;
    private final Cache<State, List<LearnedRate>> learned =
            Caffeine.newBuilder().maximumSize(40).build();

    /** Whose notebook, and how often it was changed. */
    private record State(long workshop, long version) {}

    Notebook(RecordRepository rows, NotebookRepository notebooks, Tenancy tenancy, JsonMapper json) {
        this.rows = rows;
        this.notebooks = notebooks;
        this.tenancy = tenancy;
        this.json = json;
    }

    /**
     * A job in the notebook.
     *
     * @param plan absent: it was typed in
     * @param at when its last work was begun, local
     * @param plain minutes by the plain tables
     * @param minutes they took
     * @param waiting records that would teach something nobody has decided on
     */
    public record JobLine(
            @Absent Long plan, String job, String at, long records, double plain, double minutes, long waiting) {}

    /** A plan whose journal went on since it was read in. */
    public record DuePlan(long plan, int revision, long place) {}

    /**
     * What one press decided.
     *
     * @param taken whether it counts from now on
     * @param why it does not; absent: it does
     */
    public record Decision(
            List<Long> records,
            RateKind kind,
            boolean taken,
            @Absent String why) {
        public Decision {
            records = Given.all("records", records);
            kind = Given.in("kind", kind);
        }
    }

    @Transactional
    public List<JobLine> jobs(String words, int most, int skipped) {
        return rows.jobs(tenancy.workshop(), words, most, skipped).stream()
                .map(j -> new JobLine(
                        j.getPlan(),
                        j.getJob(),
                        j.getBegun(),
                        j.getRecords(),
                        j.getPlain(),
                        j.getMinutes(),
                        j.getWaiting()))
                .toList();
    }

    /** The records of a plan, or of a job of that name that was typed in. */
    @Transactional
    public List<WorkRecord> of(@Absent Long plan, String job) {
        long workshop = tenancy.workshop();
        return (plan != null
                        ? rows.findByWorkshopIdAndPlanIdOrderByBegunAscIdAsc(workshop, plan)
                        : rows.findByWorkshopIdAndPlanIdIsNullAndJobOrderByBegunAscIdAsc(
                                workshop, job, Limit.of(OF_A_JOB)))
                .stream().map(this::record).toList();
    }

    private WorkRecord record(RecordRow row) {
        return json.readValue(row.document(), WorkRecord.class).known(row.id());
    }

    /** Every record, the oldest first. */
    @Transactional
    public List<WorkRecord> all() {
        long workshop = tenancy.workshop();
        List<WorkRecord> all = new ArrayList<>();
        long last = 0;
        while (true) {
            List<RecordRow> page = rows.findByWorkshopIdAndIdGreaterThanOrderById(workshop, last, Limit.of(PAGE));
            page.forEach(row -> all.add(record(row)));
            if (page.size() < PAGE) {
                return all;
            }
            last = page.get(page.size() - 1).id();
        }
    }

    /** The newest of each subject. */
    @Transactional
    public List<WorkRecord> newest() {
        long workshop = tenancy.workshop();
        List<Long> ids = rows.newest(workshop, NEWEST);
        List<WorkRecord> all = new ArrayList<>();
        for (int i = 0; i < ids.size(); i += PAGE) {
            rows.findByIdInAndWorkshopId(ids.subList(i, Math.min(ids.size(), i + PAGE)), workshop)
                    .forEach(row -> all.add(record(row)));
        }
        return all;
    }

    /** What all records say. */
    @Transactional
    public List<LearnedRate> rates() {
        State state = new State(tenancy.workshop(), notebook().version());
        return learned.get(state, s -> Rates.of(newest()));
    }

    private NotebookRow notebook() {
        long workshop = tenancy.workshop();
        return notebooks.findById(workshop).orElseGet(() -> new NotebookRow(workshop));
    }

    /** What flows into the plans of whoever asks. */
    @Transactional
    public OwnRates flowing() {
        return Rates.flowing(rates(), tenancy.person().name(), off());
    }

    /** Rates that are switched off, by name. */
    @Transactional
    public Set<String> off() {
        return Arrays.stream(notebook().off().split("\n"))
                .filter(line -> !line.isEmpty())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Transactional
    public Set<String> switchOff(Set<String> names) {
        Set<String> kinds = Arrays.stream(RateKind.values()).map(RateKind::name).collect(Collectors.toSet());
        for (String name : names) {
            if (name == null || name.length() > 160 || name.contains("\n") || !kinds.contains(name.split(" ", 2)[0])) {
                throw new Refused(
                        "off",
                        Phrase.of(
                                "\"{}\" is no rate. Write its kind, {}, and after a space what it is about.",
                                Quantity.text("" + name),
                                Quantity.text(String.join(", ", new TreeSet<>(kinds)))));
            }
        }
        changed().switchOff(String.join("\n", new TreeSet<>(names)));
        return off();
    }

    /** The notebook, held and counted up. */
    private NotebookRow changed() {
        long workshop = tenancy.workshop();
        NotebookRow row = notebooks.held(workshop).orElseGet(() -> notebooks.save(new NotebookRow(workshop)));
        row.changed();
        return row;
    }

    /** Keeps new records and mended ones, all or none. */
    @Transactional
    public List<WorkRecord> keep(List<WorkRecord> records) {
        changed();
        long workshop = tenancy.workshop();
        long fresh = records.stream().filter(r -> r.id() == null).count();
        if (rows.countByWorkshopId(workshop) + fresh > MOST) {
            throw new Refused(
                    "records",
                    Phrase.of(
                            "A notebook holds {} records. Write the oldest out and take them from here.",
                            Quantity.count(MOST)));
        }
        return records.stream().map(r -> keep(workshop, r)).toList();
    }

    private WorkRecord keep(long workshop, WorkRecord record) {
        // Whose plan it is the notebook knows; nobody can write a record into another's.
        RecordRow row = record.id() == null ? new RecordRow(workshop) : held(record.id(), workshop);
        WorkRecord before = record.id() == null ? null : record(row);
        WorkRecord kept = record.of(before == null ? null : before.plan(), before == null ? "" : before.task());
        row.hold(kept, json.writeValueAsString(kept), true);
        return kept.known(rows.saveAndFlush(row).id());
    }

    private RecordRow held(long id, long workshop) {
        return rows.findByIdAndWorkshopId(id, workshop)
                .orElseThrow(() -> new Refused(
                        "id",
                        Phrase.of("There is no record {} in the notebook any more. Look again.", Quantity.count(id))));
    }

    @Transactional
    public void takeOut(long id) {
        changed();
        rows.findByIdAndWorkshopId(id, tenancy.workshop()).ifPresent(rows::delete);
    }

    /** Takes in what records teach of a kind, or leaves it with a reason. */
    @Transactional
    public void decide(Decision decision) {
        changed();
        long workshop = tenancy.workshop();
        for (Long id : new LinkedHashSet<>(decision.records())) {
            RecordRow row = held(id, workshop);
            WorkRecord record = record(row);
            Set<RateKind> waiting = new LinkedHashSet<>(record.waiting());
            waiting.remove(decision.kind());
            List<WorkRecord.PutAside> aside = new ArrayList<>(record.aside().stream()
                    .filter(a -> a.kind() != decision.kind())
                    .toList());
            if (!decision.taken()) {
                aside.add(new WorkRecord.PutAside(decision.kind(), decision.why() == null ? "" : decision.why()));
            }
            WorkRecord decided = record.decided(aside, waiting);
            row.hold(decided, json.writeValueAsString(decided), row.isEdited());
        }
    }

    /** Plans whose journals went on since they were read in. */
    @Transactional
    public List<DuePlan> due() {
        return notebooks.due(tenancy.workshop(), GATHERED).stream()
                .map(d -> new DuePlan(d.getPlan(), d.getRevision(), d.getPlace()))
                .toList();
    }

    /** Takes in what a plan's journal says now: new tasks come, changed ones change where nobody mended them, others go. */
    @Transactional
    public void take(DuePlan due, List<WorkRecord> harvested) {
        changed();
        long workshop = tenancy.workshop();
        Map<String, RecordRow> known = new HashMap<>();
        rows.findByWorkshopIdAndPlanIdOrderByBegunAscIdAsc(workshop, due.plan())
                .forEach(row -> known.put(row.task(), row));
        for (WorkRecord each : harvested) {
            WorkRecord fresh = each.of(due.plan(), each.task());
            RecordRow row = known.remove(fresh.task());
            if (row == null) {
                row = new RecordRow(workshop);
                row.hold(fresh, json.writeValueAsString(fresh), false);
                rows.save(row);
            } else if (!row.isEdited()) {
                WorkRecord merged = fresh.after(record(row));
                row.hold(merged, json.writeValueAsString(merged), false);
            }
        }
        known.values().stream()
                .filter(row -> row.task() != null && !row.isEdited())
                .forEach(rows::delete);
        notebooks.mark(due.plan(), due.place(), due.revision());
    }

    /** The subjects that there are records of, for whoever types more in. */
    @Transactional
    public Set<String> people() {
        Set<String> people = new HashSet<>();
        rates().forEach(r -> people.add(r.who()));
        people.remove("");
        return new TreeSet<>(people);
    }
}

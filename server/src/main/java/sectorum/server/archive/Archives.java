package sectorum.server.archive;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import sectorum.bench.Thing;
import sectorum.measure.Absent;
import sectorum.notebook.WorkRecord;
import sectorum.plan.Plan;
import sectorum.recipe.Recipe;
import sectorum.recipe.Swatch;
import sectorum.server.audit.Audit;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.notebook.Notebook;
import sectorum.server.people.Denied;
import sectorum.server.plans.PlanService;
import sectorum.server.recipes.Recipes;
import sectorum.server.recipes.Swatches;
import sectorum.server.tenancy.Register;
import sectorum.server.tenancy.Role;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.WorkshopSettings;
import tools.jackson.databind.json.JsonMapper;

/** Writes archives of a workshop, a plan or the drawer, and takes them in. */
@Service
public class Archives {
    private final ArchiveTables tables;
    private final PlanService plans;
    private final Cupboard cupboard;
    private final Recipes recipes;
    private final Swatches swatches;
    private final Notebook notebook;
    private final Tenancy tenancy;
    private final Register register;
    private final Audit audit;
    private final JsonMapper json;
    /** One moment of the whole, whoever saves meanwhile. */
    private final TransactionTemplate asOne;

    private final TransactionTemplate together;

    Archives(
            ArchiveTables tables,
            PlanService plans,
            Cupboard cupboard,
            Recipes recipes,
            Swatches swatches,
            Notebook notebook,
            Tenancy tenancy,
            Register register,
            Audit audit,
            JsonMapper json,
            PlatformTransactionManager manager) {
        this.tables = tables;
        this.plans = plans;
        this.cupboard = cupboard;
        this.recipes = recipes;
        this.swatches = swatches;
        this.notebook = notebook;
        this.tenancy = tenancy;
        this.register = register;
        this.audit = audit;
        this.json = json;
        this.asOne = new TransactionTemplate(manager);
        asOne.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
        asOne.setReadOnly(true);
        this.together = new TransactionTemplate(manager);
    }

    /**
     * What came of taking an archive in.
     *
     * @param taken how many of each kind are new here
     * @param left what was not taken and why, in words
     */
    public record ArchiveReport(Manifest.Scope scope, String workshop, Map<String, Integer> taken, List<String> left) {}

    /** All of the workshop. */
    public void write(OutputStream out) throws IOException {
        try (Packing packing = new Packing(json)) {
            asOne.executeWithoutResult(status -> {
                packing.json("workshop.json", tenancy.settings());
                packing.json("people.json", people(packing));
                counted(packing, "cupboard.json", "things", things());
                counted(packing, "recipes.json", "recipes", recipes.own());
                counted(packing, "swatches.json", "swatches", unnumbered(swatches.all()));
                counted(packing, "drawer.json", "drawings", tables.motifs());
                Map<Long, Integer> pictures = new HashMap<>();
                Map<Long, Integer> numbers = plans(packing, null, pictures);
                List<Parts.ArchivedRecord> records = tables.records(numbers, pictures);
                packing.count("records", records.size());
                packing.json("notebook.json", new Parts.ArchivedNotebook(List.copyOf(notebook.off()), records));
            });
            packing.write(Manifest.Scope.WORKSHOP, tenancy.names().workshop(), out);
        }
    }

    private List<Parts.ArchivedPerson> people(Packing packing) {
        List<Parts.ArchivedPerson> people = register.people(tenancy.workshop()).stream()
                .map(p -> new Parts.ArchivedPerson(p.name(), p.role(), p.preferences()))
                .toList();
        packing.count("people", people.size());
        return people;
    }

    private List<Thing> things() {
        return cupboard.all().stream().map(t -> t.known(null)).toList();
    }

    private static List<Swatch> unnumbered(List<Swatch> swatches) {
        return swatches.stream().map(s -> s.known(null)).toList();
    }

    private static void counted(Packing packing, String path, String kind, List<?> values) {
        packing.count(kind, values.size());
        packing.json(path, values);
    }

    /** One plan with its versions, journal and pictures. */
    public void writePlan(long id, OutputStream out) throws IOException {
        plans.check(id);
        try (Packing packing = new Packing(json)) {
            asOne.executeWithoutResult(status -> plans(packing, id, new HashMap<>()));
            packing.write(Manifest.Scope.PLAN, tenancy.names().workshop(), out);
        }
    }

    /** The drawings that are kept for other plans. */
    public void writeDrawer(OutputStream out) throws IOException {
        try (Packing packing = new Packing(json)) {
            counted(packing, "drawer.json", "drawings", tables.motifs());
            packing.write(Manifest.Scope.DRAWER, tenancy.names().workshop(), out);
        }
    }

    /** The numbers of the plans in the archive. */
    private Map<Long, Integer> plans(Packing packing, @Absent Long only, Map<Long, Integer> pictures) {
        Map<Long, Integer> numbers = new HashMap<>();
        for (ArchiveTables.PlanLine plan : tables.plans(only)) {
            int number = numbers.size() + 1;
            numbers.put(plan.id(), number);
            String folder = "plans/%04d/".formatted(number);
            packing.json(folder + "plan.json", json.readValue(plan.document(), Plan.class));
            packing.json(folder + "about.json", plan.about());
            List<Parts.ArchivedVersion> versions = tables.versions(plan.id());
            packing.lines(folder + "versions.jsonl", versions);
            List<Parts.ArchivedLine> journal = tables.journal(plan.id());
            packing.lines(folder + "journal.jsonl", journal);
            List<Parts.ArchivedPicture> shown = tables.pictures(
                    plan.id(), pictures, (file, bytes) -> packing.add(folder + file, to -> to.write(bytes)));
            packing.json(folder + "pictures.json", shown);
            packing.count("plans", 1);
            packing.count("versions", versions.size());
            packing.count("lines", journal.size());
            packing.count("pictures", shown.size());
        }
        return numbers;
    }

    /** Takes an archive in, beside what is there: all of it that is not there already, or nothing. */
    public ArchiveReport take(Path file) {
        try (Unpacking in = Unpacking.of(file, json)) {
            Manifest told = in.told();
            if (told.scope() == Manifest.Scope.WORKSHOP && Tenancy.who().role() != Role.OWNER) {
                throw new Denied(
                        Denied.Why.NOT_YOURS,
                        "A whole workshop is taken in by an owner. Plans and drawers can be taken in by a decorator.");
            }
            Checked checked = Checked.of(in);
            return together.execute(status -> {
                Taking taking = new Taking(in, checked);
                ArchiveReport report = new ArchiveReport(told.scope(), told.workshop(), taking.all(), taking.left);
                audit.tell(Audit.Kind.FILES, "Took in an archive of " + told.workshop() + ": " + report.taken());
                return report;
            });
        }
    }

    /** One archive being written here. */
    private final class Taking {
        private final Unpacking in;
        private final Checked checked;
        private final Map<String, Integer> taken = new LinkedHashMap<>();
        private final List<String> left = new ArrayList<>();
        private final Map<Integer, Long> pictures = new HashMap<>();

        Taking(Unpacking in, Checked checked) {
            this.in = in;
            this.checked = checked;
        }

        Map<String, Integer> all() {
            boolean untouched = plans.isUntouched();
            settings(untouched);
            Map<Integer, Long> ids = new HashMap<>();
            for (int i = 0; i < checked.plans().size(); i++) {
                ids.put(
                        i + 1,
                        plan("plans/%04d/".formatted(i + 1), checked.plans().get(i)));
            }
            count("plans", ids.size());
            things();
            recipes();
            swatches();
            drawings();
            records(ids, untouched);
            return taken;
        }

        private void count(String kind, int many) {
            if (many > 0) {
                taken.merge(kind, many, Integer::sum);
            }
        }

        private void settings(boolean untouched) {
            WorkshopSettings settings = checked.settings();
            if (settings != null && untouched) {
                tenancy.settle(settings);
            } else if (settings != null && !settings.equals(tenancy.settings())) {
                left.add("Hours, hands, prices and printer: those of this workshop stay.");
            }
        }

        private long plan(String folder, Parts.WholePlan whole) {
            long id = plans.takeIn(whole.document());
            tables.settle(id, whole.about());
            whole.versions().forEach(v -> tables.version(id, v));
            whole.journal().forEach(l -> tables.line(id, l));
            for (Parts.ArchivedPicture picture : whole.pictures()) {
                pictures.put(Checked.number(picture), tables.picture(id, picture, in.bytes(folder + picture.file())));
            }
            count("versions", whole.versions().size());
            count("lines", whole.journal().size());
            count("pictures", whole.pictures().size());
            return id;
        }

        private void things() {
            List<Thing> known = Archives.this.things();
            List<Thing> fresh =
                    checked.things().stream().filter(t -> !known.contains(t)).toList();
            cupboard.keepAll(fresh);
            count("things", fresh.size());
            leave(checked.things().size() - fresh.size(), "things of the cupboard");
        }

        private void recipes() {
            Map<String, Recipe> known = new HashMap<>();
            recipes.own().forEach(r -> known.put(r.id(), r));
            List<Recipe> fresh = checked.recipes().stream()
                    .filter(r -> !known.containsKey(r.id()))
                    .toList();
            recipes.keepAll(fresh);
            count("recipes", fresh.size());
            for (Recipe other : checked.recipes()) {
                if (known.containsKey(other.id()) && !known.get(other.id()).equals(other)) {
                    left.add("The recipe " + other.name() + " is another here; yours stays.");
                }
            }
        }

        private void swatches() {
            List<Swatch> known = unnumbered(swatches.all());
            List<Swatch> fresh =
                    checked.swatches().stream().filter(s -> !known.contains(s)).toList();
            fresh.forEach(swatches::keep);
            count("swatches", fresh.size());
            leave(checked.swatches().size() - fresh.size(), "swatches");
        }

        private void drawings() {
            List<sectorum.art.Motif> known =
                    tables.motifs().stream().map(Parts.ArchivedMotif::motif).toList();
            List<Parts.ArchivedMotif> fresh = checked.drawings().stream()
                    .filter(m -> !known.contains(m.motif()))
                    .toList();
            fresh.forEach(tables::motif);
            count("drawings", fresh.size());
            leave(checked.drawings().size() - fresh.size(), "drawings");
        }

        private void records(Map<Integer, Long> ids, boolean untouched) {
            Map<WorkRecord, Integer> known = untouched ? new HashMap<>() : tables.known();
            int many = 0;
            for (Parts.ArchivedRecord record : checked.notebook().records()) {
                boolean there = record.plan() == null
                        && known.getOrDefault(record.record(), 0) > 0
                        && known.merge(record.record(), -1, Integer::sum) >= 0;
                if (!there) {
                    tables.record(record, record.plan() == null ? null : ids.get(record.plan()), pictures);
                    many++;
                }
            }
            if (!checked.notebook().records().isEmpty()) {
                ids.forEach((number, id) -> tables.harvested(
                        id, checked.plans().get(number - 1).about().revision()));
                // Counts the notebook up, so that its rates are reckoned anew.
                notebook.switchOff(
                        untouched ? new java.util.TreeSet<>(checked.notebook().off()) : notebook.off());
            }
            count("records", many);
            leave(checked.notebook().records().size() - many, "records of the notebook");
        }

        private void leave(int many, String what) {
            if (many > 0) {
                left.add(many + " " + what + " are here already.");
            }
        }
    }
}

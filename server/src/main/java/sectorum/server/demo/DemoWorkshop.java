package sectorum.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import sectorum.bench.Thing;
import sectorum.notebook.WorkRecord;
import sectorum.plan.Agenda;
import sectorum.plan.Plan;
import sectorum.recipe.Recipe;
import sectorum.recipe.Swatch;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.harvest.Harvests;
import sectorum.server.notebook.Notebook;
import sectorum.server.plans.PlanService;
import sectorum.server.plans.SavedPlan;
import sectorum.server.recipes.Recipes;
import sectorum.server.recipes.Swatches;
import sectorum.server.tenancy.PersonRow;
import sectorum.server.tenancy.Register;
import sectorum.server.tenancy.Role;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.WorkshopRow;
import sectorum.server.turntable.Journals;
import tools.jackson.databind.json.JsonMapper;

/** Fills an empty workshop with plans that show what a plan is; days are counted from the day of the first start. */
@Component
public class DemoWorkshop implements SmartInitializingSingleton {
    private static final int OPENS = 9;

    private record Sample(String file, int inDays, int hour) {}

    /** The one that is made already. */
    private static final String MADE = "canal-museum-reopening.json";

    private static final List<Sample> SAMPLES = List.of(
            new Sample("observatory-gala.json", 18, 14),
            new Sample("orchestra-season-opener.json", 25, 17),
            new Sample("beekeepers-guild-supper.json", 32, 16),
            new Sample("chess-league-final.json", 39, 10),
            new Sample("empty-plan.json", 0, 0),
            new Sample(MADE, -8, 11));

    private final PlanService plans;
    private final Cupboard cupboard;
    private final Recipes recipes;
    private final Swatches swatches;
    private final Notebook notebook;
    private final Harvests harvests;
    private final Journals journals;
    private final Tenancy tenancy;
    private final Register register;
    private final JsonMapper json;
    private final Clock clock;
    private final boolean wanted;

    DemoWorkshop(
            PlanService plans,
            Cupboard cupboard,
            Recipes recipes,
            Swatches swatches,
            Notebook notebook,
            Harvests harvests,
            Journals journals,
            Tenancy tenancy,
            Register register,
            JsonMapper json,
            Clock clock,
            @Value("${sectorum.demo}") boolean wanted) {
        this.plans = plans;
        this.cupboard = cupboard;
        this.recipes = recipes;
        this.swatches = swatches;
        this.notebook = notebook;
        this.harvests = harvests;
        this.journals = journals;
        this.tenancy = tenancy;
        this.register = register;
        this.json = json;
        this.clock = clock;
        this.wanted = wanted;
    }

    /** Before the first request is answered. */
    @Override
    public void afterSingletonsInstantiated() {
        register.unclaimed()
                .ifPresent(owner -> Tenancy.as(owner.who(), () -> {
                    if (wanted && plans.isUntouched()) {
                        add();
                        WorkshopRow workshop = register.workshop(owner.workshopId());
                        workshop.demo(true);
                        // They sign in to nothing: a workshop of one would not show what people are for.
                        register.keep(new PersonRow(workshop.id(), "Ottilie", Role.DECORATOR, null));
                        register.keep(new PersonRow(workshop.id(), "Bram", Role.HELPER, null));
                        register.keep(workshop);
                    }
                    return null;
                }));
    }

    /** Adds the sample plans, whatever else there is. */
    public void add() {
        long made = 0;
        for (Sample sample : SAMPLES) {
            try (InputStream in = DemoWorkshop.class.getResourceAsStream("/demo/" + sample.file())) {
                SavedPlan saved = plans.create(dated(json.readValue(in, Plan.class), sample));
                made = sample.file().equals(MADE) ? saved.id() : made;
            } catch (IOException e) {
                throw new UncheckedIOException("The sample plan " + sample.file() + " is missing", e);
            }
        }
        cupboard.keepAll(List.of(read("cupboard", Thing[].class)));
        recipes.keepAll(List.of(read("recipes", Recipe[].class)));
        for (Swatch swatch : read("swatches", Swatch[].class)) {
            swatches.keep(swatch);
        }
        notebook.keep(past());
        work(made);
    }

    /** Jobs of the last two years; their days are counted back from today. */
    private List<WorkRecord> past() {
        List<WorkRecord> records = new ArrayList<>();
        LocalDate today = LocalDate.now(clock);
        for (PastRecord past : read("notebook", PastRecord[].class)) {
            records.add(past.record()
                    .begun(today.minusDays(past.daysAgo()).atTime(OPENS, 0).toString()));
        }
        return records;
    }

    /** A record of so many days ago. */
    private record PastRecord(int daysAgo, WorkRecord record) {}

    /** Works a plan from its first step to its last, as its journal would have it, and ticks its tasks off. */
    private void work(long id) {
        SavedPlan saved = plans.get(id);
        Plan plan = saved.document();
        ZoneId zone = tenancy.settings().workshop(null).zone();
        DemoBench.Week week = DemoBench.of(harvests.steps(id), LocalDateTime.parse(plan.readyBy()), zone);
        journals.add(id, week.lines(), Long.MAX_VALUE);
        Agenda settled = plan.settled();
        Plan done = plan.on(new Agenda(
                week.done(),
                settled.fixed(),
                settled.split(),
                settled.own(),
                settled.waits(),
                settled.air(),
                settled.dressFirst()));
        plans.save(id, new PlanService.Save(saved.revision(), null, done, Map.of()));
    }

    private <T> T read(String sample, Class<T> type) {
        try (InputStream in = DemoWorkshop.class.getResourceAsStream("/demo/" + sample + ".json")) {
            return json.readValue(in, type);
        } catch (IOException e) {
            throw new UncheckedIOException("The sample " + sample + " are missing", e);
        }
    }

    private Plan dated(Plan plan, Sample sample) {
        if (sample.inDays() == 0) {
            return plan;
        }
        LocalDateTime at = LocalDate.now(clock)
                .plusDays(sample.inDays())
                .with(TemporalAdjusters.previousOrSame(DayOfWeek.SATURDAY))
                .atTime(sample.hour(), 0);
        return plan.readyBy(at.toString());
    }
}

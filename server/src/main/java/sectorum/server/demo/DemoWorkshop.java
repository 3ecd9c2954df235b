package sectorum.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import sectorum.bench.Thing;
import sectorum.plan.Plan;
import sectorum.recipe.Recipe;
import sectorum.recipe.Swatch;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.plans.PlanService;
import sectorum.server.recipes.Recipes;
import sectorum.server.recipes.Swatches;
import tools.jackson.databind.json.JsonMapper;

/** Fills an empty workshop with plans that show what a plan is; days are counted from the day of the first start. */
@Component
public class DemoWorkshop implements SmartInitializingSingleton {
    private record Sample(String file, int inDays, int hour) {}

    private static final List<Sample> SAMPLES = List.of(
            new Sample("observatory-gala.json", 18, 14),
            new Sample("orchestra-season-opener.json", 25, 17),
            new Sample("beekeepers-guild-supper.json", 32, 16),
            new Sample("chess-league-final.json", 39, 10),
            new Sample("empty-plan.json", 0, 0),
            new Sample("canal-museum-reopening.json", 46, 11));

    private final PlanService plans;
    private final Cupboard cupboard;
    private final Recipes recipes;
    private final Swatches swatches;
    private final JsonMapper json;
    private final Clock clock;
    private final boolean wanted;

    DemoWorkshop(
            PlanService plans,
            Cupboard cupboard,
            Recipes recipes,
            Swatches swatches,
            JsonMapper json,
            Clock clock,
            @Value("${sectorum.demo}") boolean wanted) {
        this.plans = plans;
        this.cupboard = cupboard;
        this.recipes = recipes;
        this.swatches = swatches;
        this.json = json;
        this.clock = clock;
        this.wanted = wanted;
    }

    /** Before the first request is answered. */
    @Override
    public void afterSingletonsInstantiated() {
        if (wanted && plans.isUntouched()) {
            add();
        }
    }

    /** Adds the sample plans, whatever else there is. */
    public void add() {
        for (Sample sample : SAMPLES) {
            try (InputStream in = DemoWorkshop.class.getResourceAsStream("/demo/" + sample.file())) {
                plans.create(dated(json.readValue(in, Plan.class), sample));
            } catch (IOException e) {
                throw new UncheckedIOException("The sample plan " + sample.file() + " is missing", e);
            }
        }
        cupboard.keepAll(List.of(read("cupboard", Thing[].class)));
        recipes.keepAll(List.of(read("recipes", Recipe[].class)));
        for (Swatch swatch : read("swatches", Swatch[].class)) {
            swatches.keep(swatch);
        }
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

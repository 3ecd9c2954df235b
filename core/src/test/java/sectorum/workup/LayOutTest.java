package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static sectorum.workup.Tables.material;
import static sectorum.workup.Tables.thing;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import sectorum.bench.Stock;
import sectorum.bench.ThingKind;
import sectorum.make.Price;
import sectorum.make.Worktop;
import sectorum.tasks.LayOut;

/** Everything to lay out before a day's work or a dressing's: from the steps, the cut list and the cupboard. */
class LayOutTest {
    private static final Planned PLANNED = Planned.of();

    private static LayOut layOut(Planned p) {
        return Workup.layOut(p.plan(), p.worked(), p.top(), p.stock(), p.steps(), p.days());
    }

    private static LayOut.LayScope job(LayOut layOut, String key) {
        return layOut.jobs().stream()
                .filter(s -> s.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError(
                        layOut.jobs().stream().map(LayOut.LayScope::key).toList()));
    }

    @Test
    void everyToolOfEveryStepIsLaidOutOnItsDay() {
        LayOut layOut = layOut(PLANNED);
        Map<String, Set<String>> byDay = layOut.days().stream()
                .collect(Collectors.toMap(
                        LayOut.LayScope::key,
                        s -> s.items().stream().map(LayOut.ToLay::id).collect(Collectors.toSet())));
        PLANNED.steps()
                .forEach(step -> PLANNED.days().items().stream()
                        .filter(i -> i.id().equals(step.task()))
                        .flatMap(i -> i.work().stream())
                        .forEach(work -> {
                            for (String tool : step.tool().split(",")) {
                                if (!tool.isBlank() && !tool.strip().equals("hands")) {
                                    String slug = tool.strip()
                                            .toLowerCase(java.util.Locale.ROOT)
                                            .replaceAll("[^a-z0-9.]+", "-");
                                    assertThat(byDay.get(work.from().substring(0, 10)))
                                            .anyMatch(id -> id.endsWith("-" + slug));
                                }
                            }
                        }));
        assertThat(layOut.days()).extracting(LayOut.LayScope::key).isSorted();
    }

    /** What a dressing's batches give it, to the gram; and templates as papers cut to size. */
    @Test
    void aDressingHasItsPastesPapersAndAdhesives() {
        LayOut.LayScope swag = job(layOut(PLANNED), "dress-tier-1-jabot");
        double laid = swag.items().stream()
                .filter(i -> i.group() == LayOut.Group.PASTES)
                .mapToDouble(LayOut.ToLay::grams)
                .sum();
        double shared = PLANNED.top().batches().stream()
                .flatMap(b -> b.shares().stream())
                .filter(s -> s.job().equals("tier-1/jabot"))
                .mapToDouble(s -> s.grams())
                .sum();
        assertThat(laid).isCloseTo(shared, within(1e-9));
        assertThat(swag.items()).extracting(LayOut.ToLay::group).contains(LayOut.Group.PAPERS, LayOut.Group.ADHESIVES);
        assertThat(swag.items().stream().filter(i -> i.group() == LayOut.Group.PAPERS))
                .allSatisfy(i -> assertThat(i.what().toString()).contains(" mm by "));
    }

    /** A rod that is not owned and paste that runs short are missing and stand first; what nobody tells of is not. */
    @Test
    void whatIsMissingStandsFirst() {
        Stock stock = new Stock(
                List.of(
                        material("fondant", "white", 40, 1000, 7.0).known(1L),
                        thing(ThingKind.ROD, "across=90").known(2L)),
                null);
        LayOut.LayScope jabot = job(layOut(PLANNED.stocked(stock)), "dress-tier-1-jabot");
        List<Boolean> missing =
                jabot.items().stream().map(LayOut.ToLay::missing).toList();
        assertThat(missing).isSortedAccordingTo((a, b) -> Boolean.compare(b, a)).contains(true, false);
        assertThat(jabot.items().stream().filter(LayOut.ToLay::missing)).allSatisfy(i -> {
            assertThat(i.have()).isNotNull();
            assertThat(i.have()).isLessThan(i.grams() == null ? Math.max(1, i.count()) : i.grams());
        });
        // Of no kind has this cupboard told anything.
        assertThat(layOut(PLANNED).jobs().stream()
                        .flatMap(s -> s.items().stream())
                        .filter(i -> i.group() == LayOut.Group.TOOLS || i.group() == LayOut.Group.FORMERS))
                .noneMatch(LayOut.ToLay::missing);
    }

    @Test
    void ticksHaveNamesOfTheirOwnInAScope() {
        LayOut layOut = layOut(PLANNED);
        for (LayOut.LayScope scope : layOut.jobs()) {
            assertThat(scope.items()).extracting(LayOut.ToLay::id).doesNotHaveDuplicates();
        }
        assertThat(layOut.jobs())
                .extracting(LayOut.LayScope::key)
                .doesNotHaveDuplicates()
                .contains("cake");
        assertThat(layOut.jobs()).extracting(LayOut.LayScope::name).contains("The cake itself");
    }

    /** 6 h 20 at 30 an hour and 12.50 of materials are 202.50; with 40 % on top 283.50. */
    @Test
    void aPriceIsMaterialsHoursAndTheWorkshopsMarginAndNothingInvented() {
        Stock stock =
                new Stock(List.of(material("fondant", "white", 0, 1000, 7.0).known(1L)), 30.0);
        Planned p = PLANNED.stocked(stock);
        Worktop top = p.top();
        Price price = Workup.price(p.order(), top, stock, 0.4);
        double minutes = p.order().tasks().stream()
                .mapToDouble(t -> t.minutes() * t.pairs())
                .sum();
        assertThat(price.minutes()).isEqualTo(minutes);
        assertThat(price.hands()).isCloseTo(minutes / 2, within(1e-9));
        assertThat(price.cost()).isCloseTo(top.total().materials() + minutes / 2, within(1e-9));
        assertThat(price.price()).isCloseTo(price.cost() * 1.4, within(1e-9));
        // Whole packs are opened for it, and something has no price.
        assertThat(price.packs() % 7).isCloseTo(0, within(1e-9));
        assertThat(price.packs()).isGreaterThanOrEqualTo(price.materials());
        assertThat(price.isLeast()).isTrue();
        assertThat(Workup.price(p.order(), top, stock, null).price()).isNull();
        Price unhoured = Workup.price(p.order(), top, new Stock(stock.things(), null), 0.4);
        assertThat(unhoured.hands()).isNull();
        assertThat(unhoured.price()).isCloseTo(1.4 * top.total().materials(), within(1e-9));
    }
}

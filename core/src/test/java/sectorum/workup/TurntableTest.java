package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.ahead.AheadCatalogue;
import sectorum.bench.Bench;
import sectorum.bench.Course;
import sectorum.bench.Hand;
import sectorum.bench.Stock;
import sectorum.days.Task;
import sectorum.divide.Way;
import sectorum.measure.Refused;
import sectorum.outline.Along;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.technique.Catalogue;
import sectorum.technique.Gesture;
import sectorum.technique.Layout;
import sectorum.tier.TierWorkup;
import sectorum.turntable.BenchPlace;
import sectorum.turntable.BenchState;
import sectorum.turntable.BenchStep;
import sectorum.turntable.CoverUp;
import sectorum.turntable.Entry;
import sectorum.turntable.Fault;
import sectorum.turntable.KeptEntry;
import sectorum.turntable.Places;
import sectorum.turntable.Sequence;
import sectorum.turntable.StepKey;

class TurntableTest {
    private static final Planned PLANNED = Planned.of(Pressed.piece("topper", OwnPiece.Seat.TOP, null));

    private static List<BenchStep> steps(Planned p) {
        return Workup.turntable(p.plan(), p.worked(), p.top(), Tiers.BENCH, p.order(), p.days());
    }

    static List<String> techniques() {
        return Catalogue.all().stream().map(t -> t.id()).toList();
    }

    static Stream<Random> seeds() {
        return Seeds.randoms(12);
    }

    @Test
    void theStepsAreThoseOfTheSheetInItsOrderEachWithANameOfItsOwn() {
        List<BenchStep> steps = steps(PLANNED);
        assertThat(steps.stream().map(s -> s.told().what()))
                .containsExactlyElementsOf(
                        PLANNED.steps().stream().map(s -> s.what()).toList());
        assertThat(steps.stream().map(s -> s.key().id())).doesNotHaveDuplicates();
    }

    @Test
    void whatIsDoneStaysAmongTheStepsUnderItsName() {
        Planned done = PLANNED.settled(
                Map.of("coat-tier-0-1", new sectorum.plan.Agenda.Did("2026-12-09T10:00", 30)), Map.of(), Map.of());
        List<BenchStep> steps = steps(done);
        assertThat(steps).hasSameSizeAs(steps(PLANNED));
        assertThat(steps.stream().filter(s -> s.key().done()).map(s -> s.key().task()))
                .containsOnly("coat-tier-0-1");
    }

    /** On every technique: as many places as pieces, each row on the cake once, and each in its zone's tier. */
    @ParameterizedTest
    @MethodSource("techniques")
    void everyPieceHasItsPlace(String technique) {
        Tier tier = round().dressings(worn(technique, "")).tier();
        TierWorkup.Worn w = Workup.tier(tier, Tiers.BENCH).dressings().get(0);
        for (Hand hand : Hand.values()) {
            for (Course course : Course.values()) {
                Bench bench = new Bench(Tiers.BENCH.tape(), hand, List.of(), course);
                List<BenchPlace> places = Places.pieces(tier, w, bench, null);
                int pieces = w.layout().pieces();
                long lines = w.layout().placements().stream()
                        .filter(p -> w.layout().shapes().get(p.shape()).role() == Layout.Role.GUIDE)
                        .count();
                assertThat(places).hasSize(pieces > 0 ? pieces : (int) lines);
                Set<Integer> rows = new HashSet<>();
                places.forEach(
                        p -> p.rows().forEach(r -> assertThat(rows.add(r)).isTrue()));
                long seen = w.layout().placements().stream()
                        .filter(p -> switch (w.layout().shapes().get(p.shape()).role()) {
                            case DETAIL, EDGE -> !places.isEmpty();
                            case PIECE -> true;
                            default -> false;
                        })
                        .count();
                assertThat(rows).hasSizeGreaterThanOrEqualTo((int) seen);
                assertThat(places.stream().map(BenchPlace::number))
                        .isEqualTo(
                                IntStream.rangeClosed(1, places.size()).boxed().toList());
            }
        }
    }

    /** What lies beneath is laid before what lies on it, row by row. */
    @Test
    void rowsGoOnInTheOrderOfThePile() {
        Tier tier = round().dressings(worn("ruffles", "")).tier();
        TierWorkup.Worn w = Workup.tier(tier, Tiers.BENCH).dressings().get(0);
        List<Double> heights = Places.pieces(tier, w, Tiers.BENCH, null).stream()
                .map(BenchPlace::z)
                .distinct()
                .toList();
        List<Double> pile = w.layout().placements().stream()
                .filter(p -> w.layout().shapes().get(p.shape()).role() == Layout.Role.PIECE)
                .map(Layout.Placement::z)
                .distinct()
                .toList();
        assertThat(heights).isEqualTo(pile);
    }

    /** What hangs goes swag by swag, not height by height: each swag's pieces are together, the front swag's first. */
    @Test
    void aGarlandGoesSwagBySwag() {
        Tier tier = round().dressings(worn("garland", "")).tier();
        TierWorkup.Worn w = Workup.tier(tier, Tiers.BENCH).dressings().get(0);
        double p = tier.side().foot().mm();
        List<Integer> swags = Places.pieces(tier, w, Tiers.BENCH, null).stream()
                .map(place -> (int) Math.floor(place.s() / (p / 11) + 1e-9) % 11)
                .toList();
        long changes = IntStream.range(1, swags.size())
                .filter(i -> !swags.get(i).equals(swags.get(i - 1)))
                .count();
        assertThat(changes).isLessThan(2 * 11);
        assertThat(swags.get(0)).isEqualTo(5);
    }

    /** Craft 2.2: 731 in 11 with a section in front, each mark turned to the hand that makes it. */
    @ParameterizedTest
    @EnumSource(Sequence.class)
    void marksAreReadOnTheTapeAndTurnedToTheHand(Sequence sequence) {
        Tier tier = round().tier();
        double p = tier.side().foot().mm();
        List<BenchPlace> places = Places.marks(tier, "marks", Tiers.BENCH, sequence);
        assertThat(places).hasSize(11);
        for (BenchPlace place : places) {
            assertThat(place.tape()).isEqualTo(Math.floor(place.s() + 0.5));
            double ahead = Along.of(place.s(), p).s() / p * 2 * Math.PI - Math.PI;
            assertThat(Math.cos(place.turn() - ahead)).isCloseTo(1, within(1e-6));
        }
        assertThat(Places.marks(tier, "marks", Tiers.BENCH, null))
                .isEqualTo(Places.marks(tier, "marks", Tiers.BENCH, Sequence.TAPE));
    }

    /** Going by the steps, nothing that cannot be undone is reached with something open before it; done early, it says what. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theGuardSaysWhatIsOpen(Random random) {
        OwnPiece piece = Pressed.piece("topper", Pressed.seat(OwnPiece.On.TOP, random.nextInt(360), 0), null)
                .many(1 + random.nextInt(4));
        Planned made = Planned.of(piece);
        Planned p = made.with(made.plan().on(made.plan().settled().dressing(random.nextBoolean())));
        List<StepKey> keys = steps(p).stream().map(BenchStep::key).toList();
        Map<String, Task> tasks = p.order().tasks().stream().collect(Collectors.toMap(Task::id, t -> t));
        List<KeptEntry> journal = new ArrayList<>();
        for (int i = 0; i < keys.size(); i++) {
            BenchState state = BenchState.of(keys, journal);
            assertThat(state.next()).isEqualTo(keys.get(i).id());
            assertThat(state.steps().get(i).open()).isEmpty();
            for (int j = i + 1; j < keys.size(); j++) {
                boolean open = state.steps().get(j).open().isEmpty();
                if (!keys.get(j).before().isEmpty()
                        && tasks.get(keys.get(j).task()).needs().stream()
                                .anyMatch(n -> n.task().equals(state.next().split("/")[0]))) {
                    assertThat(open).as(keys.get(j).id()).isFalse();
                }
            }
            Entry.Kind kind = random.nextInt(4) == 0 ? Entry.Kind.SKIP : Entry.Kind.TICK;
            journal.add(new KeptEntry(
                    new Entry("e" + i, "one", "", 5, i, kind, keys.get(i).id(), 0, "", null), i + 1));
        }
        assertThat(BenchState.of(keys, journal).next()).isNull();
        assertThat(keys.stream()
                        .filter(k -> !k.before().isEmpty())
                        .map(k -> tasks.get(k.task()).kind()))
                .contains(Task.Kind.COVER, Task.Kind.STACK, Task.Kind.PLACE);
    }

    @Test
    void aWaitHasItsEdgesAndPastTheLateOneWhatCanStillBeDone() {
        List<BenchStep> steps = steps(PLANNED);
        BenchStep covered = steps.stream()
                .filter(s -> s.key().task().equals("coat-tier-0-2"))
                .reduce((a, b) -> b)
                .orElseThrow();
        // Quilting is pressed within the hour after covering.
        assertThat(covered.window().late()).isLessThanOrEqualTo(60);
        assertThat(covered.late()).anySatisfy(r -> {
            assertThat(r.about()).isEqualTo("quilting");
            assertThat(r.mend().changes()).extracting(c -> c.field()).contains("technique");
        });
        assertThat(steps.stream().filter(s -> s.window() != null && s.window().late() == null))
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.late()).isEmpty());
        assertThat(steps.stream().filter(s -> s.window() != null))
                .allSatisfy(
                        s -> assertThat(s.late().isEmpty()).isEqualTo(s.window().late() == null));
    }

    @Test
    void aPressedDivisionPastItsHourIsReadOffTheTape() {
        Tier pressed = round().divisions(MarkingTest.marked(11, Way.PRESS)).tier();
        List<BenchStep> steps = steps(Planned.of(pressed));
        assertThat(steps.stream().flatMap(s -> s.late().stream()))
                .anySatisfy(r -> assertThat(r.mend().changes().get(0).field()).isEqualTo("way"));
    }

    /** Craft 5.3: every step of every technique and of every kind of piece says what the hand does. */
    @Test
    void stepsThatPutSomethingOnAreCountedAndOthersAreNot() {
        List<BenchStep> steps = steps(PLANNED);
        Map<String, Integer> counts = steps.stream()
                .filter(s -> s.key().count() > 0)
                .collect(Collectors.toMap(s -> s.key().id(), s -> s.key().count()));
        TierWorkup low = PLANNED.worked().tiers().get(0);
        int pearls = low.dressings().stream()
                .filter(w -> w.id().equals("pearls"))
                .mapToInt(w -> w.layout().pieces())
                .sum();
        assertThat(counts)
                .containsEntry("measure-tier-0/2", low.divisions().get(0).count())
                .containsEntry("dress-tier-0-pearls/1", pearls)
                .containsEntry("dress-tier-0-pearls/2", pearls);
        assertThat(steps)
                .filteredOn(s -> s.told().gesture() == Gesture.ROLL)
                .allSatisfy(s -> assertThat(s.key().count()).isZero());
    }

    @ParameterizedTest
    @CsvSource({
        "GAP, 100, 60, 12, 8",
        "BRUISE, 340, 95, 20, 10",
        "TEAR, 600, 20, 8, 6",
        "BROKEN, 5, 55, 10, 10", // over the back seam
    })
    void aFaultIsHiddenByWhatThePlanWearsAlready(Fault.Kind kind, double s, double z, double width, double height) {
        Plan plan = PLANNED.plan();
        Fault fault = new Fault(kind, "tier-0", s, z, width, height);
        CoverUp.Offers offers = Workup.coverUps(plan, fault, Tiers.BENCH, Stock.NONE, null);
        assertThat(offers.offers()).isNotEmpty();
        double around = plan.tiers().get(0).side().foot().mm();
        for (CoverUp offer : offers.offers()) {
            assertThat(offer.covered()).isGreaterThanOrEqualTo(0.9);
            assertThat(offer.minutes()).as(offer.what() + "").isPositive();
            assertThat(offer.grams()).as(offer.what() + "").isPositive();
            assertThat(offer.lacking()).as("nothing is in stock").isNotEmpty();
            List<sectorum.plan.Dressing> worn =
                    new ArrayList<>(plan.tiers().get(0).dressings());
            worn.addAll(offer.dressings());
            TierWorkup then = Workup.tier(plan.tiers().get(0).wearing(worn), Tiers.BENCH);
            assertThat(then.dressings()).hasSize(worn.size());
            if (offers.balance() && offer.dressings().size() == 2) {
                // What balances lies as far to the other side.
                double a = offer.dressings().get(0).stretch().from();
                double b = offer.dressings().get(1).stretch().to();
                assertThat(Math.abs(Math.IEEEremainder(a + b, 360))).isLessThan(1e-6);
            }
        }
        boolean aside = Math.min(Math.min(s, around - s), Math.abs(s - around / 2)) > around / 12;
        assertThat(offers.balance()).isEqualTo(aside);
    }

    @Test
    void aFaultThatIsNotOnTheSideOrTooLargeSaysSo() {
        assertThatThrownBy(() -> Workup.coverUps(
                        PLANNED.plan(),
                        new Fault(Fault.Kind.GAP, "tier-0", 90, 300, 10, 10),
                        Tiers.BENCH,
                        Stock.NONE,
                        null))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("is not on a side");
        CoverUp.Offers none = Workup.coverUps(
                PLANNED.plan(),
                new Fault(Fault.Kind.TEAR, "tier-0", 200, 55, 380, 100),
                Tiers.BENCH,
                Stock.NONE,
                false);
        assertThat(none.offers().isEmpty()).isEqualTo(none.why() != null);
    }

    @Test
    void everyKindOfPieceSaysWhatTheHandDoes() {
        assertThat(AheadCatalogue.all()).isNotEmpty();
        Workup.tray(Plan.fresh("Tray"), "", Tiers.BENCH)
                .forEach(t -> AheadCatalogue.make(Plan.fresh("Tray"), t.piece())
                        .stages()
                        .forEach(stage -> assertThat(stage.steps())
                                .allSatisfy(s -> assertThat(s.gesture()).isNotNull())));
    }
}

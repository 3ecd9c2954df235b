package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import sectorum.bench.Bench;
import sectorum.bench.Course;
import sectorum.bench.Hand;
import sectorum.days.Dependency;
import sectorum.days.Task;
import sectorum.drawing.Ink;
import sectorum.handover.Handover;
import sectorum.measure.LengthUnit;
import sectorum.measure.Values;
import sectorum.plan.Dressing;
import sectorum.plan.Eaten;
import sectorum.plan.OwnPiece;
import sectorum.plan.Stand;
import sectorum.plan.Stick;
import sectorum.plan.Sticks;
import sectorum.plan.Tier;
import sectorum.surface.SurfaceKind;
import sectorum.tasks.Instruction;
import sectorum.template.Paper;
import sectorum.template.Sheet;
import sectorum.tier.TierWorkup;

/** The steps of the whole work, and what goes with the cake. */
class HandoverTest {
    private static final Sticks TWO = new Sticks(Stick.SKEWER, 2, 40.0);

    private static Planned planned() {
        Planned p = Planned.of(
                Pressed.piece("topper", OwnPiece.Seat.TOP, TWO),
                Pressed.piece("spray", Pressed.seat(OwnPiece.On.SIDE, 30, 0), new Sticks(Stick.WIRE, 1, 30.0))
                        .many(3));
        return p.with(p.plan().on(new Stand(null, null, null, true, Map.of(), Map.of())));
    }

    @Test
    void stepsComeAfterAllTheyNeed() {
        Planned p = planned();
        List<Instruction> steps = p.steps();
        Set<String> done = new HashSet<>();
        Map<String, Task> tasks = new java.util.HashMap<>();
        p.order().tasks().forEach(t -> tasks.put(t.id(), t));
        for (Instruction step : steps) {
            for (Dependency need : tasks.get(step.task()).needs()) {
                assertThat(done).as(step.name()).contains(need.task());
            }
            done.add(step.task());
        }
        assertThat(done).hasSameSizeAs(p.order().tasks());
        for (int i = 0; i < steps.size(); i++) {
            assertThat(steps.get(i).number()).isEqualTo(i + 1);
        }
    }

    @Test
    void everyDressingsStepsAreThereWithTheirCheckAndCaution() {
        Planned p = planned();
        List<Instruction> steps = p.steps();
        for (TierWorkup tier : p.worked().tiers()) {
            for (TierWorkup.Worn worn : tier.dressings()) {
                List<String> said = steps.stream()
                        .filter(s -> s.tier().equals(tier.id()) && s.about().equals(worn.id()))
                        .map(s -> "" + s.what())
                        .toList();
                assertThat(said)
                        .containsExactlyElementsOf(worn.making().steps().stream()
                                .map(s -> "" + s.what())
                                .toList());
            }
        }
        assertThat(steps).anyMatch(s -> ("" + s.checks()).contains("sections meet"));
        assertThat(steps).anyMatch(s -> s.caution().contains("Wires never go bare"));
        assertThat(steps.stream()
                        .filter(s -> s.kind() == Task.Kind.STACK && !s.guard().isEmpty()))
                .isNotEmpty();
    }

    @Test
    void theOtherSchoolGoesRoundAndALeftHandTheOtherWay() {
        for (Hand hand : Hand.values()) {
            Bench round = new Bench(Tiers.BENCH.tape(), hand, List.of(), Course.ROUND);
            String said = ""
                    + Workup.of(planned().plan(), round)
                            .tiers()
                            .get(1)
                            .dressings()
                            .get(0)
                            .making()
                            .steps();
            assertThat(said).contains(hand == Hand.LEFT ? "round to the left" : "round to the right");
        }
    }

    @Test
    void theTakeOutListCountsEverythingThatIsStuckIn() {
        Planned p = planned();
        int stuck = Workup.build(p.plan(), p.worked()).stuck().size();
        int boards = p.plan().tiers().size() - 1;
        int out = p.handover().out().stream().mapToInt(Handover.Handed::count).sum();
        assertThat(out).isEqualTo(stuck + boards);
        assertThat(p.handover().out()).anyMatch(h -> h.what().equals("skewer of A topper") && h.count() == 2);
        assertThat(p.handover().out()).anyMatch(h -> h.what().equals("long dowel"));
        assertThat(p.handover().parts())
                .allMatch(h -> Set.of("eat", "edible but hard", "take out").contains(h.eaten()));
    }

    /** A ribbon and wires come out, petals of gum paste are hard, and a finish is a step but no part. */
    @Test
    void whatDressingsBringComesOutOrIsHard() {
        Planned p = Planned.of();
        Tier low = p.plan().tiers().get(0);
        List<Dressing> worn = new ArrayList<>(low.dressings());
        String marks = low.divisions().get(0).id();
        worn.add(Dressing.fresh("ribbon", "ribbon", SurfaceKind.BOARD, marks));
        worn.add(Dressing.fresh("cluster", "cluster", SurfaceKind.BOARD, marks)
                .with(new Values(Map.of("kind", "flower", "stems", "wired"))));
        worn.add(Dressing.fresh("dust", "finish", SurfaceKind.SIDE, marks).with(new Values(Map.of("kind", "wash"))));
        Planned with = p.with(p.plan().with(low.wearing(worn)));
        Handover sheet = with.handover();
        assertThat(sheet.out()).extracting(Handover.Handed::what).contains("ribbon", "wire in a pick");
        assertThat(sheet.parts().stream().filter(h -> h.what().equals("Board ribbon")))
                .allMatch(h -> h.eaten().equals(Eaten.OUT.words()))
                .hasSize(1);
        assertThat(sheet.parts().stream().filter(h -> h.what().equals("Cluster")))
                .allMatch(h -> h.eaten().equals(Eaten.HARD.words()))
                .hasSize(1);
        assertThat(sheet.parts()).noneMatch(h -> h.what().contains("Wash"));
        assertThat(sheet.allergens()).extracting(Handover.Allergen::name).contains("alcohol");
        // The last look counts what comes out of dressings with what is stuck in.
        int told = p.steps().stream()
                .filter(s -> s.kind() == Task.Kind.INSPECT)
                .mapToInt(s -> (int) s.what().quantities().get(0).value())
                .sum();
        int wires = sheet.out().stream()
                .filter(h -> h.what().equals("wire in a pick"))
                .mapToInt(Handover.Handed::count)
                .sum();
        assertThat(with.steps().stream()
                        .filter(s -> s.kind() == Task.Kind.INSPECT)
                        .map(s -> (int) s.what().quantities().get(0).value()))
                .containsExactly(told + wires + 1);
        assertThat(with.steps().stream()
                        .filter(s -> s.kind() == Task.Kind.INSPECT)
                        .map(s -> "" + s.checks()))
                .allMatch(c -> c.contains("Wash of dust and spirit is done"))
                .hasSize(1);
    }

    @Test
    void allergensAreThoseOfTheMaterialsAndCuttingGoesFromTheTop() {
        Handover h = planned().handover();
        assertThat(h.allergens().stream().map(Handover.Allergen::name)).contains("egg", "gluten", "milk", "soy");
        assertThat(h.allergens().stream()
                        .filter(a -> a.name().equals("soy"))
                        .findFirst()
                        .orElseThrow()
                        .from())
                .containsExactly("ganache");
        List<String> said = h.cutting().stream().map(c -> "" + c).toList();
        assertThat(said.get(0)).contains("long dowel");
        assertThat(said).filteredOn(s -> s.startsWith("Cut ")).hasSize(2);
        assertThat(h.cautions()).doesNotHaveDuplicates();
        assertThat(String.join(" ", h.cautions())).contains("Follow your local food rules");
    }

    @Test
    void onPaperNothingLeavesTheSheetAndEverythingIsThere() {
        Planned p = planned();
        List<Sheet> sheets =
                Workup.pages(p.plan(), p.worked(), p.handover(), Paper.A4, LengthUnit.CM, "1 December 2026");
        assertThat(sheets).hasSizeBetween(2, 3);
        List<String> words = new ArrayList<>();
        for (Sheet sheet : sheets) {
            for (Ink ink : sheet.inks()) {
                if (ink instanceof Ink.Words w) {
                    words.add(w.said().say(LengthUnit.CM));
                    assertThat(w.x()).isBetween(0.0, sheet.width());
                    assertThat(w.y()).isBetween(0.0, sheet.height());
                } else if (ink instanceof Ink.Line line) {
                    for (int i = 0; i < line.xy().size(); i += 2) {
                        assertThat(line.xy().get(i)).isBetween(0.0, sheet.width());
                        assertThat(line.xy().get(i + 1)).isBetween(0.0, sheet.height());
                    }
                }
            }
        }
        assertThat(String.join(" ", words))
                .contains("Take out before it is cut", "Cutting order", "Allergens", "Lifting");
        for (Handover.Handed out : p.handover().out()) {
            assertThat(words).anyMatch(w -> w.contains(out.what()));
        }
    }

    @Test
    void outOfTheFridgeIsReckonedFromTheLastColdRest() {
        Planned p = Planned.of();
        assertThat(p.days().uncooled()).isNull();
        Planned chilled = p.waiting(
                Map.of(),
                List.of(new sectorum.plan.Agenda.OwnTask(
                        "chill",
                        "Chill the cake",
                        10,
                        false,
                        new sectorum.plan.Span(2, null),
                        sectorum.bench.Storage.FRIDGE,
                        List.of("stack-tier-1"),
                        List.of())),
                List.of());
        assertThat(chilled.handover().uncooled()).isBetween(15L, 24L * 60);
    }
}

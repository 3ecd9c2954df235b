package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.bench.Stock;
import sectorum.days.OrderTasks;
import sectorum.days.Workshop;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.drawing.Drawing;
import sectorum.handover.Handover;
import sectorum.handover.Slice;
import sectorum.make.Worktop;
import sectorum.measure.Field;
import sectorum.measure.LengthUnit;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.tasks.Days;
import sectorum.tasks.Instruction;
import sectorum.technique.Catalogue;
import sectorum.technique.DressingContext;
import sectorum.technique.Technique;
import sectorum.template.Heading;
import sectorum.template.Pack;
import sectorum.template.Paper;
import sectorum.template.Printer;
import sectorum.tier.StackWorkup;

/**
 * Every technique with its usual settings, and with the least, the greatest and no value of each, on every outline through
 * every route: what may be set is reckoned everywhere, comes to an end, and is never refused later than where it is typed.
 */
@Timeout(value = 90, unit = TimeUnit.SECONDS, threadMode = Timeout.ThreadMode.SEPARATE_THREAD)
class ExtremesTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Vienna");
    private static final boolean LONG = Integer.getInteger("sectorum.samples", 1) > 1;

    static Stream<Arguments> everywhere() {
        List<Technique> all = Catalogue.all();
        // Every seventh pair, so that each technique and each outline comes; long runs take all of them.
        return IntStream.range(0, all.size())
                .boxed()
                .flatMap(i -> Arrays.stream(OutlineKind.values())
                        .filter(o -> LONG || (i + o.ordinal()) % 7 == 0)
                        .map(o -> Arguments.of(all.get(i).id(), o)));
    }

    private static Map<String, Object> sizes(OutlineKind kind, boolean least) {
        Map<String, Object> sizes = new TreeMap<>();
        for (Field f : kind.fields()) {
            if (f.kind() == Quantity.Kind.LENGTH
                    && !f.name().equals("corner")
                    && !f.name().equals("hole")) {
                sizes.put(f.name(), least ? f.min() : f.max());
            } else if (f.name().equals("corner")) {
                sizes.put(f.name(), 0.0);
            }
        }
        return sizes;
    }

    private static Tier tier(String technique, OutlineSpec outline, Values settings) {
        int n = OutlineKind.of(outline.kind()) == OutlineKind.POLYGON
                        || OutlineKind.of(outline.kind())
                                .build(outline.sizes(), 0)
                                .cornersRule()
                ? 12
                : 8;
        DivisionSpec marks = DivisionSpec.of("marks", n, null, Front.SECTION, null, List.of());
        Dressing worn = new Dressing(
                technique,
                technique,
                Tiers.usual(technique),
                "marks",
                null,
                false,
                false,
                List.of("plum", "cream"),
                settings);
        Tiers tiers = new Tiers(outline, List.of(), null, List.of(), List.of(marks), List.of(worn));
        return tiers.tier();
    }

    /** All that is ever asked of a plan; refused where the plan itself is, nowhere else. */
    private static void routes(String said, Tier tier) {
        Plan plan = Tables.of().wearing(List.of(tier)).plan().readyBy("2026-12-12T14:00");
        StackWorkup worked = Workup.of(plan, Tiers.BENCH);
        assertThatCode(() -> {
                    Worktop top = Workup.worktop(plan, worked, Stock.NONE);
                    assertThat(top.total().kneaded()).isFinite();
                    Workshop workshop = Workshop.usual(ZONE);
                    OrderTasks order = Workup.order("p", plan, worked, top, workshop);
                    Days days = Workup.days(plan, order, List.of(), workshop, 0);
                    List<Instruction> steps = Workup.instructions(plan, worked, top, Tiers.BENCH.tape(), order, days);
                    Handover handover = Workup.handover(plan, worked, top, Slice.USUAL, steps, days);
                    assertThat(Workup.pages(plan, worked, handover, Paper.A4, LengthUnit.MM, "12 December"))
                            .isNotEmpty();
                    List<Pack.Entry> entries = new ArrayList<>();
                    for (Drawing d : Workup.drawings(tier, worked.tiers().get(0), Tiers.BENCH)) {
                        entries.add(new Pack.Entry(d, tier.name()));
                    }
                    assertThat(Pack.lay(entries, new Printer(Paper.A4, 100, 100), new Heading("A", "B", "C")))
                            .isNotEmpty();
                    worked.tiers()
                            .get(0)
                            .dressings()
                            .forEach(w -> w.findings()
                                    .forEach(f -> f.what()
                                            .quantities()
                                            .forEach(q -> assertThat(q.value()).isFinite())));
                })
                .as(said)
                .doesNotThrowAnyException();
    }

    @ParameterizedTest(name = "{0} on {1}")
    @MethodSource("everywhere")
    void usualSettingsGoEverywhere(String technique, OutlineKind outline) {
        routes(technique + " on " + outline, tier(technique, new OutlineSpec(outline.key(), Values.NONE), Values.NONE));
    }

    @ParameterizedTest(name = "{0} on the least and the largest {1}")
    @MethodSource("everywhere")
    void usualSettingsGoOnTheSmallestAndLargestTiers(String technique, OutlineKind outline) {
        for (boolean least : new boolean[] {true, false}) {
            // A short run takes a quarter of them.
            if (!LONG && (technique.hashCode() + outline.ordinal() + (least ? 1 : 0)) % 4 != 0) {
                continue;
            }
            OutlineSpec spec = new OutlineSpec(outline.key(), new Values(sizes(outline, least)));
            try {
                OutlineKind.of(spec.kind()).build(spec.sizes(), 0);
            } catch (Refused refused) {
                continue;
            }
            routes(technique + " on " + spec, tier(technique, spec, Values.NONE));
        }
    }

    @ParameterizedTest(name = "{0} on {1}")
    @MethodSource("everywhere")
    void extremesOfEachSettingGoEverywhere(String id, OutlineKind outline) {
        Technique technique = Catalogue.of(id);
        OutlineSpec spec = new OutlineSpec(outline.key(), Values.NONE);
        Tier usual = tier(id, spec, Values.NONE);
        Division division =
                Division.of(usual.side().outline(), usual.divisions().get(0).count(), Front.SECTION);
        DressingContext place =
                new DressingContext(usual.side(), division, technique.usualZone(usual.side()), 2, Tiers.BENCH);
        int turn = 0;
        for (Field field : technique.fields(Values.NONE, place)) {
            for (Object value : extremes(field)) {
                // A short run takes every eighth, another on each outline; all of them in a long one.
                boolean mine = (turn++ + outline.ordinal()) % OutlineKind.values().length == 0;
                if (LONG || mine) {
                    String said = id + " on " + outline + " with " + field.name() + " " + value;
                    routes(said, tier(id, spec, new Values(Map.of(field.name(), value))));
                }
            }
        }
    }

    private static List<Object> extremes(Field field) {
        if (field.kind() == Quantity.Kind.TEXT) {
            return field.choices().stream().map(c -> (Object) c.name()).toList();
        }
        return List.of(field.min(), field.max());
    }
}

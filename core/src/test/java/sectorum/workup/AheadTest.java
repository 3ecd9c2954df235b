package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.AheadKind;
import sectorum.ahead.Bed;
import sectorum.ahead.MadeAhead;
import sectorum.art.Rings;
import sectorum.bench.Stock;
import sectorum.bench.Storage;
import sectorum.build.Seating;
import sectorum.days.Task;
import sectorum.make.Batch;
import sectorum.make.CutLine;
import sectorum.make.Worktop;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.plan.Colour;
import sectorum.plan.Dressing;
import sectorum.plan.Labour;
import sectorum.plan.Layer;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.Plan;
import sectorum.plan.Resting;
import sectorum.plan.Span;
import sectorum.plan.Tier;
import sectorum.tier.AheadTray;
import sectorum.tier.PieceWorkup;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;
import sectorum.tier.ToMake;

/** Pieces made ahead: what they are made of, on the table and on the cake. */
class AheadTest {
    private static OwnPiece piece(OwnPiece.Form form, int count, Material material, OwnPiece.On on) {
        return new OwnPiece(
                "shell",
                "Shell",
                form,
                60,
                40,
                3,
                count,
                material,
                false,
                new OwnPiece.Seat("", on, 90, 0, 30),
                null,
                new Resting(OwnPiece.Faces.FORMER, new Span(18, 30.0), null, null, null),
                null,
                null);
    }

    private static Plan plan(OwnPiece... pieces) {
        return Plan.fresh("Shells").with(List.of(pieces));
    }

    private static Worktop top(Plan plan) {
        return Workup.worktop(plan, Workup.of(plan, Tiers.BENCH), Stock.NONE);
    }

    @ParameterizedTest
    @EnumSource(PieceKind.class)
    void everyKindADocumentCanNameIsInTheCatalogueOnce(PieceKind kind) {
        assertThat(AheadCatalogue.all()).extracting(AheadKind::kind).containsOnlyOnce(kind);
        AheadKind known = AheadCatalogue.of(kind);
        OwnPiece shell = piece(OwnPiece.Form.PLAQUE, 2, Material.GUM, OwnPiece.On.TOP);
        assertThat(known.fields(Values.NONE, shell, Bed.USUAL))
                .extracting(f -> f.name())
                .containsExactlyInAnyOrderElementsOf(kind.settingNames());
        MadeAhead made = known.make(Values.NONE, shell, Bed.USUAL);
        assertThat(made.components()).isNotEmpty();
        assertThat(made.front().area()).isPositive();
        assertThat(made.planted().ground().area()).isPositive();
        assertThat(made.steps()).isNotEmpty();
        assertThat(known.make(Values.NONE, shell, Bed.USUAL)).isEqualTo(made);
    }

    @Test
    void anUnknownSettingIsToldByName() {
        assertThatThrownBy(() -> new OwnPiece(
                        "bow",
                        "Bow",
                        null,
                        Values.NONE.with("span", 90.0),
                        OwnPiece.Form.BOW,
                        90,
                        40,
                        2,
                        1,
                        null,
                        null,
                        false,
                        null,
                        null,
                        null,
                        null,
                        null))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("no setting \"span\"");
    }

    /** A pair is two halves; both are on the cut list, spares with them, in a batch of their own that nobody kneads for. */
    @ParameterizedTest(name = "{0} of {1}: {2} cut")
    @CsvSource({"PAIR, 5, 10, 1", "PLAQUE, 12, 12, 2", "DOME, 1, 1, 1"})
    void theyAreOnTheCutListAndInABatchOfTheirOwn(OwnPiece.Form form, int count, int cut, int spare) {
        Plan plan = plan(piece(form, count, Material.HALF, OwnPiece.On.TOP));
        Worktop top = top(plan);
        Batch batch = top.batches().stream().filter(Batch::ahead).findFirst().orElseThrow();
        assertThat(batch.id()).endsWith("-ahead");
        assertThat(batch.lines()).hasSize(1);
        CutLine line = batch.lines().get(0);
        assertThat(List.of(line.count(), line.spare())).isEqualTo(List.of(cut, spare));
        assertThat(batch.nested()).isNotNull();
        double each = Material.HALF.sheet(
                AheadCatalogue.make(plan.pieces().get(0), Bed.USUAL).front().area(), 3);
        assertThat(line.each()).isCloseTo(each, within(1e-9));
        assertThat(top.shopping()).extracting(b -> b.name()).contains("fondant", "gum paste");
        Worktop.Part part = top.jobs().stream()
                .filter(j -> j.dressing().equals("shell"))
                .findFirst()
                .orElseThrow();
        assertThat(part.tier()).isEmpty();
        assertThat(part.minutes()).isCloseTo(count * (20.0 + 5), within(1e-9));
    }

    @Test
    void aLayerIsAPartOfItsOwnAndSomethingElseIsNotCut() {
        OwnPiece plaque = new OwnPiece(
                "plaque",
                "Plaque",
                OwnPiece.Form.PLAQUE,
                100,
                80,
                4,
                1,
                Material.MODELLING,
                true,
                null,
                null,
                new Resting(null, null, null, null, new Layer(Material.SUGAR_SHEET, 2)),
                null,
                null);
        MadeAhead made = AheadCatalogue.make(plaque, Bed.USUAL);
        assertThat(made.components())
                .extracting(c -> c.material())
                .containsExactly(Material.MODELLING, Material.SUGAR_SHEET);
        assertThat(made.components()).extracting(c -> c.stage()).containsExactly(1, 1);
        assertThat(made.front().area()).isCloseTo(8000, within(1e-9));
        OwnPiece bought = piece(OwnPiece.Form.FIGURE, 1, null, OwnPiece.On.TOP);
        assertThat(top(plan(bought)).batches()).noneMatch(Batch::ahead);
        assertThat(AheadCatalogue.make(bought, Bed.USUAL).last().rest().storage())
                .isEqualTo(Storage.FORMER);
    }

    @Test
    void holesAreNoPartOfAPiece() {
        List<Double> square = List.of(0.0, 0.0, 10.0, 0.0, 10.0, 10.0, 0.0, 10.0);
        Rings frame = new Rings(List.of(square), List.of(List.of(2.0, 2.0, 2.0, 8.0, 8.0, 8.0, 8.0, 2.0)));
        assertThat(frame.area()).isEqualTo(100 - 36);
        assertThat(List.of(frame.width(), frame.height())).isEqualTo(List.of(10.0, 10.0));
    }

    /** The first at the right, the others on round; on the side on its skin, on a bare top at its middle. */
    @ParameterizedTest
    @EnumSource(OwnPiece.On.class)
    void theyStandWhereTheirSeatSays(OwnPiece.On on) {
        Plan plan = plan(piece(OwnPiece.Form.STAR, 4, Material.GUM, on));
        List<Seating.Place> places = Workup.pieces(plan, Tiers.BENCH).get(0).places();
        double radius = plan.tiers().get(0).side().foot().mm() / (2 * Math.PI);
        double out = switch (on) {
            case TOP, HOLE -> 0;
            case SIDE -> radius;
            case LEDGE -> radius / 2;
            // Free of the side by 4 mm, and half as deep as it is itself.
            case BOARD -> radius + 4 + 1.5;
        };
        assertThat(places).hasSize(4);
        assertThat(places.get(0).x()).isCloseTo(out, within(1e-6));
        assertThat(places.get(0).y()).isCloseTo(0, within(1e-6));
        assertThat(places.get(1).y()).isCloseTo(out, within(1e-6));
        assertThat(places.get(0).up())
                .isCloseTo(
                        on == OwnPiece.On.SIDE
                                ? 30
                                : on == OwnPiece.On.HOLE || on == OwnPiece.On.BOARD
                                        ? 0
                                        : plan.tiers().get(0).side().upright(),
                        within(1e-9));
    }

    /** A garland of dried blossoms: cut, dried and in the days as pieces, set and drawn by the garland. */
    @Test
    void aTechniqueMayAskForPiecesMadeAhead() {
        Plan soft = garland("element=blossom laid=soft");
        Plan dried = garland("element=blossom laid=dried");
        StackWorkup worked = Workup.of(dried, Tiers.BENCH);
        TierWorkup.Worn worn = worked.tiers().get(0).dressings().get(0);
        TierWorkup.Worn fresh =
                Workup.of(soft, Tiers.BENCH).tiers().get(0).dressings().get(0);
        int many = worn.layout().pieces();
        assertThat(worn.layout()).isEqualTo(fresh.layout());
        assertThat(List.of(worn.making().pieces(), worn.making().spares()))
                .isEqualTo(List.of(many, Spare.USUAL.of(many)));
        assertThat(worn.making().cuts()).isEmpty();
        ToMake asked = worked.toMake(dried).get(0);
        assertThat(asked.isPlaced()).isFalse();
        assertThat(asked.piece().count()).isEqualTo(many);
        assertThat(asked.piece().colour()).isEqualTo("rose");
        assertThat(AheadCatalogue.make(asked.piece(), Bed.USUAL).grams() * many)
                .isCloseTo(fresh.making().grams(), within(1e-9));
        Worktop top = Workup.worktop(dried, worked, Stock.NONE);
        Batch batch = top.batches().stream().filter(Batch::ahead).findFirst().orElseThrow();
        assertThat(batch.tint().id()).isEqualTo("rose");
        assertThat(batch.lines().get(0).count()).isEqualTo(many);
        Planned planned = Planned.of().with(dried.readyBy("2026-12-12T14:00"));
        String piece = "piece-" + asked.piece().id();
        assertThat(planned.task(piece).work().get(0).to())
                .isLessThan(planned.task("dress-tier-0-garland").work().get(0).from());
        assertThat(planned.days().items()).noneMatch(i -> i.id().startsWith("place-"));
        assertThat(planned.steps()).anyMatch(s -> s.task().equals(piece));
        assertThat(planned.handover().parts()).noneMatch(p -> p.what().contains("Blossoms for"));
        double stands = Workup.build(dried, worked).tiers().get(0).own();
        double standsSoft =
                Workup.build(soft, Workup.of(soft, Tiers.BENCH)).tiers().get(0).own();
        assertThat(stands).isCloseTo(standsSoft, within(1e-6));
    }

    private static Plan garland(String settings) {
        Plan plan = Tables.of(Tiers.round()).plan();
        Dressing garland = Tiers.coloured(Tiers.worn("garland", settings), "rose");
        return new Plan(
                        Plan.FORMAT,
                        Plan.VERSION,
                        "Blossoms",
                        null,
                        null,
                        List.of(new Colour("rose", "Rose", "#c86b7a", "")),
                        plan.tiers())
                .with(plan.tiers().get(0).wearing(List.of(garland)));
    }

    /** More than a line of pieces holds are told in several, each by a name that a document may have. */
    @Test
    void manyAreToldInSeveralLines() {
        Tier tier = Tiers.round()
                .dressings(Tiers.worn("garland", "element=leaf laid=dried size=1 pitch=0.5"))
                .tier();
        Plan plan = Plan.fresh("Leaves").with(List.of());
        plan = new Plan(Plan.FORMAT, Plan.VERSION, "Leaves", null, null, List.of(), List.of(tier));
        StackWorkup worked = Workup.of(plan, Tiers.BENCH);
        int many = worked.tiers().get(0).dressings().get(0).layout().pieces();
        List<OwnPiece> pieces = worked.pieces(plan);
        assertThat(many).isGreaterThan(1000);
        assertThat(pieces).hasSizeGreaterThan(1).extracting(OwnPiece::id).doesNotHaveDuplicates();
        assertThat(pieces.stream().mapToInt(OwnPiece::count).sum()).isEqualTo(many);
    }

    /** Piped, not cut: its mass is what one weighs; out of the fridge as many as stay firm while they are set (craft 7). */
    @ParameterizedTest(name = "placed in {0} min each: {1} at once")
    @CsvSource({"0, 60", "1, 5", "2, 2", "5, 1", "20, 1"})
    void flowersOnANailComeOutInHandfuls(double placing, int handful) {
        OwnPiece rose = new OwnPiece(
                "rose",
                "Rose",
                PieceKind.NAIL_FLOWER,
                new Values(Map.of("weighed", 12.0, "petals", 7, "rounds", 3)),
                OwnPiece.Form.FLOWER,
                40,
                40,
                15,
                24,
                Material.BUTTERCREAM,
                null,
                false,
                null,
                new Labour(3.0, placing, true, 0),
                null,
                null,
                null);
        MadeAhead made = AheadCatalogue.make(rose, Bed.USUAL);
        assertThat(made.grams()).isEqualTo(12);
        assertThat(made.steps().get(2).what().toString()).contains("Take " + handful + " from the fridge");
        assertThat(made.steps().get(1).pause().least()).isEqualTo(20);
        assertThat(made.drawings().all()).hasSize(1);
        Plan plan = plan(rose);
        assertThat(Workup.templates(plan, Workup.of(plan, Tiers.BENCH), Tiers.BENCH)
                        .get(plan.tiers().get(0).id()))
                .extracting(d -> d.name())
                .contains("nail-paper-rose");
        double grams = top(plan).batches().stream().filter(Batch::ahead).findFirst().orElseThrow().lines().stream()
                .mapToDouble(l -> l.each() * l.count())
                .sum();
        assertThat(grams).isCloseTo(24 * 12, within(1e-9));
    }

    /** What is told on the piece is what the days wait for: all of its stages, not the last alone. */
    @Test
    void theWaitThatIsToldIsThatOfAllStages() {
        Plan plan = Plan.fresh("Waits").readyBy("2026-12-12T14:00");
        int several = 0;
        for (AheadTray offered : Workup.tray(plan, "", Tiers.BENCH)) {
            Plan with = plan.with(List.of(offered.piece()));
            Planned planned = Planned.of().with(with);
            double waited = planned.order().tasks().stream()
                    .filter(t ->
                            t.about().equals(offered.piece().id()) && t.rest() != null && t.kind() == Task.Kind.PIECE)
                    .mapToDouble(t -> t.rest().least() / 60.0)
                    .sum();
            PieceWorkup worked = Workup.pieces(with, Tiers.BENCH).get(0);
            double told = worked.waits() != null
                    ? worked.waits()
                    : worked.dries() == null ? 0 : worked.dries().high();
            assertThat(told).as(offered.piece().name()).isCloseTo(waited, within(1e-6));
            several += worked.waits() == null ? 0 : 1;
        }
        assertThat(several).isPositive();
    }
}

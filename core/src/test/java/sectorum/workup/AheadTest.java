package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.AheadKind;
import sectorum.ahead.MadeAhead;
import sectorum.ahead.Rings;
import sectorum.bench.Shelf;
import sectorum.bench.Stock;
import sectorum.build.Seating;
import sectorum.make.Batch;
import sectorum.make.CutLine;
import sectorum.make.Worktop;
import sectorum.material.Material;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Span;

/** Pieces made ahead: what they are made of, on the table and on the cake. */
class AheadTest {
    private static OwnPiece piece(OwnPiece.Form form, int count, Material paste, OwnPiece.On on) {
        return new OwnPiece(
                "shell",
                "Shell",
                form,
                60,
                40,
                3,
                count,
                paste,
                false,
                new OwnPiece.Seat("", on, 90, 0, 30),
                null,
                new OwnPiece.Resting(OwnPiece.Faces.FORMER, new Span(18, 30.0), null, null, null),
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
    @EnumSource(OwnPiece.Kind.class)
    void everyKindADocumentCanNameIsInTheCatalogueOnce(OwnPiece.Kind kind) {
        assertThat(AheadCatalogue.all()).extracting(AheadKind::kind).containsOnlyOnce(kind);
        AheadKind known = AheadCatalogue.of(kind);
        OwnPiece shell = piece(OwnPiece.Form.PLAQUE, 2, Material.GUM, OwnPiece.On.TOP);
        assertThat(known.fields(Values.NONE, shell))
                .extracting(f -> f.name())
                .containsExactlyInAnyOrderElementsOf(kind.settingNames());
        MadeAhead made = known.make(Values.NONE, shell);
        assertThat(made.components()).isNotEmpty();
        assertThat(made.front().area()).isPositive();
        assertThat(made.above().area()).isPositive();
        assertThat(made.steps()).isNotEmpty();
        assertThat(known.make(Values.NONE, shell)).isEqualTo(made);
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
                AheadCatalogue.make(plan.pieces().get(0)).front().area(), 3);
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
                new OwnPiece.Resting(null, null, null, null, new OwnPiece.Layer(Material.SUGAR_SHEET, 2)),
                null,
                null);
        MadeAhead made = AheadCatalogue.make(plaque);
        assertThat(made.components())
                .extracting(c -> c.material())
                .containsExactly(Material.MODELLING, Material.SUGAR_SHEET);
        assertThat(made.components()).extracting(c -> c.order()).containsExactly(1, 2);
        assertThat(made.front().area()).isCloseTo(8000, within(1e-9));
        OwnPiece bought = piece(OwnPiece.Form.FIGURE, 1, null, OwnPiece.On.TOP);
        assertThat(top(plan(bought)).batches()).noneMatch(Batch::ahead);
        assertThat(AheadCatalogue.make(bought).components().get(0).on()).isEqualTo(Shelf.FORMER);
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
        List<Seating.Place> places = Workup.pieces(plan).get(0).places();
        double radius = plan.tiers().get(0).side().foot().mm() / (2 * Math.PI);
        double out = switch (on) {
            case TOP -> 0;
            case SIDE -> radius;
            case LEDGE -> radius / 2;
        };
        assertThat(places).hasSize(4);
        assertThat(places.get(0).x()).isCloseTo(out, within(1e-6));
        assertThat(places.get(0).y()).isCloseTo(0, within(1e-6));
        assertThat(places.get(1).y()).isCloseTo(out, within(1e-6));
        assertThat(places.get(0).up())
                .isCloseTo(
                        on == OwnPiece.On.SIDE ? 30 : plan.tiers().get(0).side().upright(), within(1e-9));
    }
}

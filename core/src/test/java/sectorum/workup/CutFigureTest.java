package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.Seeds;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.Bed;
import sectorum.ahead.MadeAhead;
import sectorum.art.Motif;
import sectorum.finding.Finding;
import sectorum.finding.Mend;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.Plan;

/** Figures cut from art that stand: the badge is 30 × 40. */
class CutFigureTest {
    private static OwnPiece figure(double width, double height, double thickness, @Absent Motif art, Object layers) {
        return new OwnPiece(
                        "badge",
                        "Badge",
                        PieceKind.CUT_FIGURE,
                        new Values(Map.of("layers", layers)),
                        OwnPiece.Form.PLAQUE,
                        width,
                        height,
                        thickness,
                        2,
                        Material.GUM,
                        null,
                        false,
                        null,
                        null,
                        null,
                        null,
                        null)
                .drawn(art);
    }

    private static Plan plan(OwnPiece piece) {
        return Plan.fresh("Figures").with(List.of(piece));
    }

    static List<String> rules() {
        return List.of("figure.none", "figure.thin", "figure.apart");
    }

    private static List<Finding> found(Plan plan, String rule) {
        return Workup.build(plan, Workup.of(plan, Tiers.BENCH)).findings().stream()
                .filter(f -> f.rule().equals(rule))
                .toList();
    }

    /** 3 mm to 100 high, 4 to 180, 5 to 250; taller another material (craft 4.1). */
    @ParameterizedTest(name = "{0} high, {1} thick: found {2}")
    @CsvSource({
        "100, 3, 0",
        "101, 3, 1",
        "101, 4, 0",
        "180, 4, 0",
        "181, 4, 1",
        "181, 5, 0",
        "250, 5, 0",
        "251, 5, 1",
        "251, 9, 1"
    })
    void asThickAsItsHeightAsks(double high, double thick, int times) {
        Plan plan = plan(figure(300, high, thick, Seeds.BADGE, "one"));
        List<Finding> found = found(plan, "figure.thin");
        assertThat(found).hasSize(times);
        for (Finding finding : found) {
            for (Mend mend : finding.mends()) {
                assertThat(found(Pressed.on(plan, mend), "figure.thin")).isEmpty();
            }
        }
    }

    /** Letters that nothing joins are told apart; a bar at the foot makes one piece of them. */
    @Test
    void whatIsApartIsJoinedByABar() {
        Motif two = new Motif(
                "two",
                "Two",
                List.of(new Motif.Region(
                        "#333333",
                        List.of(
                                List.of(0.0, 0.0, 10.0, 0.0, 10.0, 40.0, 0.0, 40.0),
                                List.of(20.0, 0.0, 30.0, 0.0, 30.0, 40.0, 20.0, 40.0)),
                        List.of())));
        Plan plan = plan(figure(60, 80, 3, two, "one"));
        List<Finding> found = found(plan, "figure.apart");
        assertThat(found).hasSize(1);
        Plan joined = Pressed.on(plan, found.get(0).mends().get(0));
        assertThat(found(joined, "figure.apart")).isEmpty();
        assertThat(AheadCatalogue.make(joined.pieces().get(0), Bed.USUAL)
                        .components()
                        .get(0)
                        .rings()
                        .area())
                .isCloseTo(2 * 20 * 80 + 20 * 6, within(0.5));
    }

    @Test
    void withoutArtItIsAPlaqueAndToldSo() {
        Plan plan = plan(figure(60, 80, 3, null, "one"));
        List<Finding> found = found(plan, "figure.none");
        assertThat(found).hasSize(1);
        assertThat(found(Pressed.on(plan, found.get(0).mends().get(0)), "figure.none"))
                .isEmpty();
        assertThat(AheadCatalogue.make(plan.pieces().get(0), Bed.USUAL)
                        .components()
                        .get(0)
                        .rings()
                        .area())
                .isCloseTo(4800, within(1e-9));
    }

    /** As large as fits both; whole it is one outline, in layers a piece for each region; its mass is that of what is cut. */
    @ParameterizedTest
    @CsvSource({"60, 80, one, 1", "60, 80, colours, 2", "30, 80, one, 1", "90, 40, colours, 2"})
    void itFitsItsSizeAndIsCutWhole(double width, double height, String layers, int parts) {
        OwnPiece piece = figure(width, height, 3, Seeds.BADGE, layers);
        MadeAhead made = AheadCatalogue.make(piece, Bed.USUAL);
        double by = Math.min(width / 30, height / 40);
        assertThat(made.components()).hasSize(parts);
        assertThat(made.front().width()).isCloseTo(30 * by, within(1e-3));
        assertThat(made.front().height()).isCloseTo(40 * by, within(1e-3));
        double disc = Seeds.BADGE.parts().get(1).rings().area() * by * by;
        double area = 1200 * by * by + (parts == 2 ? disc : 0);
        assertThat(made.grams()).isCloseTo(Material.GUM.sheet(area, 3), within(0.01 * made.grams()));
        assertThat(made.drawings().all())
                .singleElement()
                .satisfies(d -> assertThat(d.name()).isEqualTo("figure"));
        assertThat(made.planted().picks()).isEqualTo(piece.picks());
    }
}

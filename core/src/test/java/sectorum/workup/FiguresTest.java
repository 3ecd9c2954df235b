package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static sectorum.workup.Tiers.division;
import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.make.Batch;
import sectorum.material.Material;
import sectorum.plan.OwnPiece;
import sectorum.plan.Stand;
import sectorum.technique.Making;
import sectorum.tier.TierWorkup;

/** The tables of docs/craft row by row, as they come out where a decorator meets them: no figure slips unseen. */
class FiguresTest {
    /** Seconds a piece, a metre or a square decimetre, and minutes to set up (craft 4.5, and those of its kind). */
    @ParameterizedTest(name = "{0}: {1} s each, {2} min to set up")
    @CsvSource({
        "MARK, 12, 5",
        "PEARL, 6, 5",
        "FLAG, 40, 8",
        "DRAPE_STRIP, 300, 15",
        "JABOT, 240, 10",
        "CRESCENT, 120, 10",
        "CUT_PIECE, 20, 8",
        "PIPED_PIECE, 4, 8",
        "PIPED_METRE, 90, 8",
        "EXTRUDED_METRE, 150, 10",
        "SCRIBED_METRE, 60, 3",
        "UPRIGHT_LINE, 45, 5",
        "QUILTING_LINE, 45, 5",
        "PRICK, 4, 5",
        "PRESSED, 10, 5",
        "WEAVE_PIECE, 25, 15",
        "TWISTED_ROPE, 90, 20",
        "COMBED_STRIPE, 240, 20",
        "COLLAR_STRIPE, 40, 25",
        "BAKED_LAYER, 300, 20",
        "LIP_METRE, 90, 3",
        "TOP_BOARD, 300, 2",
        "LAYER, 240, 10",
        "COATED_DM2, 60, 10",
        "COVERED_DM2, 45, 15",
        "BATCH, 360, 5",
        "DOWEL, 90, 5",
        "STACKED, 900, 0",
        "RUFFLE, 45, 8",
        "COVER_PIECE, 15, 8",
        "STREWN_DM2, 60, 8",
        "CLUSTERED, 40, 10",
        "GATHERED, 35, 10",
        "TILED, 30, 10",
        "PANEL, 60, 10",
        "WRAPPED, 240, 10",
        "ROSETTE, 12, 8",
        "FINISHED_DM2, 60, 8",
        "GILDED_METRE, 90, 8",
        "LEAFED_DM2, 300, 10"
    })
    void rates(Rate rate, double seconds, double setUp) {
        assertThat(rate.minutes(0)).isZero();
        assertThat((rate.minutes(61) - rate.minutes(1))).isCloseTo(seconds, within(1e-9));
        assertThat(rate.minutes(1) - seconds / 60).isCloseTo(setUp, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(Rate.class)
    void everyRateIsInThatTable(Rate rate) {
        assertThat(Rate.values()).hasSize(40);
        assertThat(rate.minutes(1)).isPositive();
    }

    private static Making making(String technique, String settings) {
        return round().divisions(division(12))
                .dressings(worn(technique, settings))
                .worked()
                .dressings()
                .get(0)
                .making();
    }

    /** Waits between the parts of a dressing (craft 4.2): where, the least and the most minutes. */
    @ParameterizedTest(name = "{0}, wait {1}: {2} {3} to {4} min")
    @CsvSource({
        "levels, 0, FREEZER, 15, 15",
        "levels, 1, FREEZER, 10, 20",
        "uprights, 0, FREEZER, 15, 15",
        "uprights, 1, FRIDGE, 15, 30",
        "ropes, 0, ROOM, 10, 20",
        "jabot, 0, ROOM, 2, 10"
    })
    void waits(String technique, int index, Storage storage, double least, double most) {
        List<Making.Pause> pauses = making(technique, "").steps().stream()
                .map(Making.Step::pause)
                .filter(p -> p != null)
                .toList();
        assertThat(pauses.get(index).storage()).isEqualTo(storage);
        assertThat(pauses.get(index).least()).isEqualTo(least);
        assertThat(pauses.get(index).most()).isEqualTo(most);
    }

    @Test
    void scrapingOnceMoreIsWorkAndNoWait() {
        List<Making.Step> steps = making("levels", "").steps();
        Making.Step last = steps.get(steps.size() - 1);
        assertThat(last.what().toString()).contains("once more");
        assertThat(last.minutes()).isPositive();
        assertThat(last.pause()).isNull();
    }

    /** Hazards are said where the step is, and with what keeps out of them (craft 5.5). */
    @ParameterizedTest(name = "{0} {1} warns: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "pearls    |                 | small children",
                "pearls    |                 | weak teeth",
                "quilting  | pearls=yes      | small children",
                "dots      | made=pearls     | small children",
                "jabot     |                 | Count the rods in and out",
                "levels    |                 | heated scraper burns",
                "weave     | made=extruded   | Cut away from the fingers",
                "ropes     |                 | Cut away from the fingers",
                "drape     |                 | only for food"
            })
    void cautions(String technique, String settings, String said) {
        assertThat(making(technique, settings == null ? "" : settings).steps())
                .anySatisfy(s -> assertThat(s.caution()).contains(said));
    }

    /** Lines pressed at 45 s each after 5 min; a pearl row of 6 s a pearl: minutes as the ledger tells them. */
    @Test
    void minutesOfAQuilting() {
        Making quilting = making("quilting", "each=1 pearls=no");
        assertThat(quilting.minutes()).isCloseTo(5 + 24 * 45 / 60.0, within(1e-9));
    }

    /** The told cut of a strip and the cut list are one number: (arc + 2 · 15)/(1 + stretch). */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"weather=cool, 215.144", "weather=warm, 210.925"})
    void theToldCutOfAStripIsTheOneCut(String weather, double cut) {
        TierWorkup.Worn worn = round().taped(sectorum.surface.Reading.of(sectorum.surface.Reading.What.FOOT, 731))
                .divisions(division(5))
                .dressings(worn("drape", "drop=48 width=42 strips=1 " + weather))
                .worked()
                .dressings()
                .get(0);
        assertThat(worn.figures()).anySatisfy(f -> {
            assertThat(f.label()).isEqualTo("to cut each");
            assertThat(f.quantity().value()).isCloseTo(cut, within(5e-4));
        });
        assertThat(worn.making().cuts()).allSatisfy(c -> assertThat(c.width()).isCloseTo(cut, within(5e-4)));
    }

    /** Over 200 mm, and in heat or damp, half-and-half; 3.5 g of CMC a kilogram then, none in dry weather. */
    @ParameterizedTest(name = "{0}: {1}, {2} g/kg")
    @CsvSource({
        "drop=20 weather=cool, FONDANT, 0",
        "drop=48 weather=cool, HALF, 0",
        "drop=20 weather=hot, HALF, 3.5",
        "drop=20 weather=cool stiff=yes, FONDANT, 3.5"
    })
    void drapesAreOfPlainFondantUnlessLongOrDamp(String settings, Material material, double powder) {
        Making drape = making5("drape", settings);
        assertThat(drape.cuts()).allSatisfy(c -> assertThat(c.material()).isEqualTo(material));
        assertThat(drape.powder()).isEqualTo(powder);
    }

    private static Making making5(String technique, String settings) {
        return round().taped(sectorum.surface.Reading.of(sectorum.surface.Reading.What.FOOT, 731))
                .divisions(division(5))
                .dressings(worn(technique, settings))
                .worked()
                .dressings()
                .get(0)
                .making();
    }

    /** A weaver's length counts its tucks twice; cut strands have whole spares, piped ones none. */
    @ParameterizedTest(name = "{0}: {1} mm more a piece, {2} spare of {3}")
    @CsvSource({
        "each=1 stake=12 weaver=10, 12, 6, 60",
        "each=1 stake=12 weaver=10 laid=rows, 0, 6, 60",
        "each=1 stake=12 weaver=10 tuck=3, 6, 6, 60",
        "each=1 stake=12 weaver=10 made=piped, 12, 0, 60"
    })
    void tucksAndSparesOfAWeave(String settings, double more, int spare, int pieces) {
        Making weave = making("weave", settings);
        double pitch = round().worked().form().foot().mm() / 12;
        double lengths = weave.used().stream().mapToDouble(Making.Used::length).sum();
        double stakes = 12 * round().worked().form().height().mm();
        Making.Cut weaver = weave.cuts().get(1);
        int all = weaver.count();
        assertThat(lengths - stakes).isCloseTo(all * (2 * pitch - 12 + more), within(1e-6));
        assertThat(all).isEqualTo(11 * 6);
        assertThat(weaver.spare()).isEqualTo(spare == 0 ? 0 : 7);
        assertThat(weave.cuts().get(0).spare()).isEqualTo(spare == 0 ? 0 : 2);
    }

    /** A tenth of what is extruded by length is spare; icing has none. */
    @ParameterizedTest(name = "{0} has {1} of itself as spare")
    @CsvSource({"extruded, 0.1", "piped, 0"})
    void shareOfSpareByLength(String made, double share) {
        Batch batch =
                Tables.of(round().divisions(division(5)).dressings(worn("swag", "made=" + made)))
                        .top()
                        .batches()
                        .stream()
                        .filter(b -> b.form() == Batch.Form.SHAPED)
                        .findFirst()
                        .orElseThrow();
        assertThat(batch.parts().spare()).isCloseTo(share * batch.parts().net(), within(1e-9));
    }

    @ParameterizedTest(name = "{0} g alone: lifted by {1}")
    @CsvSource({"7999, 1", "8001, 2"})
    void liftedByTwoFromEightKilograms(double grams, int pairs) {
        OwnPiece piece = DaysTest.plaque(1, OwnPiece.Faces.BOTH);
        double each = piece.grams();
        Planned bare = Planned.of();
        double own = Workup.build(bare.plan(), bare.worked()).tiers().get(1).own();
        OwnPiece heavy = new OwnPiece(
                piece.id(),
                piece.name(),
                piece.form(),
                piece.width(),
                piece.height(),
                piece.thickness() * (grams - own) / each,
                1,
                piece.material(),
                false,
                null,
                null,
                null,
                null,
                null);
        assertThat(Planned.of(heavy).task("stack-tier-1").pairs()).isEqualTo(pairs);
    }

    @ParameterizedTest(name = "{0} carries {1} kg")
    @CsvSource({"STRAW, 0.5", "PLASTIC, 1.5", "WOOD, 1.5"})
    void whatADowelCarries(Stand.Rod rod, double kg) {
        assertThat(rod.carries()).isEqualTo(kg);
    }

    @ParameterizedTest(name = "{0} counts {1}")
    @CsvSource({"BOTH, 1", "TURNED, 1.25", "FORMER, 1.5"})
    void facesOfADryingPiece(OwnPiece.Faces faces, double factor) {
        assertThat(faces.factor()).isEqualTo(factor);
    }

    /** One pick to 60 mm wide, two to 150, beyond that one for every 75; a third deep, at least 50 mm (craft 4.1). */
    @ParameterizedTest(name = "{0} wide, {1} high: {2} picks, {3} deep")
    @CsvSource({"60, 100, 1, 50", "61, 150, 2, 50", "150, 151, 2, 50.3333", "151, 180, 3, 60", "226, 300, 4, 100"})
    void picks(double wide, double high, int picks, double deep) {
        OwnPiece piece = new OwnPiece(
                "p", "P", OwnPiece.Form.PLAQUE, wide, high, 3, 1, Material.GUM, false, null, null, null, null, null);
        assertThat(piece.picks()).isEqualTo(picks);
        assertThat(piece.buried()).isCloseTo(deep, within(5e-5));
    }
}

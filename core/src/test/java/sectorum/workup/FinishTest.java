package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static sectorum.workup.Tiers.worn;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.bench.Bench;
import sectorum.bench.Hand;
import sectorum.bench.Stock;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.bench.Weighed;
import sectorum.finding.Finding;
import sectorum.material.Material;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.plan.Coat;
import sectorum.plan.Dressing;
import sectorum.plan.Over;
import sectorum.plan.StretchSpec;
import sectorum.plan.Tier;
import sectorum.surface.SurfaceKind;
import sectorum.technique.FinishLook;
import sectorum.technique.Layout;
import sectorum.technique.Making;
import sectorum.tier.TierWorkup;

/** Finishes over surfaces and pieces: how much, in which order, what they must not touch (craft 3J). */
class FinishTest {
    private static final Dressing DISCS = worn("cover", "size=20 bent=flat material=gum");

    private static Dressing finish(String settings) {
        return worn("finish", settings);
    }

    private static Dressing over(String dressing, String settings) {
        return finish(settings).over(new Over(dressing, null));
    }

    private static TierWorkup worked(Dressing... dressings) {
        return Tiers.round().dressings(dressings).worked();
    }

    private static TierWorkup.Worn of(TierWorkup tier, String id) {
        return tier.dressings().stream()
                .filter(w -> w.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static double figure(TierWorkup.Worn worn, String name) {
        return worn.figures().stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow()
                .quantity()
                .value();
    }

    private static double used(TierWorkup.Worn worn, Material material) {
        return worn.making().used().stream()
                .filter(u -> u.material() == material)
                .mapToDouble(Making.Used::grams)
                .sum();
    }

    /** Row by row: its materials and what goes on 100 cm², usual passes, minutes left alone, density of its look. */
    @ParameterizedTest(name = "{0}: {1}, {2} passes, left {3} to {4} min")
    @CsvSource({
        "dust, DUST 0.12, 1, 0, 0, 0.4, 0.35",
        "wash, DUST 0.3 SPIRIT 1.2, 1, 10, 30, 0.85, 0.5",
        "paint, DUST 0.3 OIL 1, 1, 30, 120, 0.85, 0.4",
        "airbrush, AIRBRUSH 0.4, 2, 5, 10, 0.35, 0",
        "glitter, GLITTER 0.4, 1, 15, 30, 0.5, 0.6",
        "leaf, LEAF 0.023, 1, 5, 10, 0.95, 0.7",
        "glaze, GLAZE 1.2, 1, 30, 60, 0.06, 0.7",
        "steam, '', 1, 10, 20, 0.04, 0.5"
    })
    void everyRow(String kind, String parts, int passes, double least, double most, double dense, double sheen) {
        TierWorkup.Worn worn = of(worked(finish("kind=" + kind)), "finish");
        double foot = Tiers.round().tier().side().foot().mm();
        double dm2 = worn.zone().height() * foot / 10_000;
        String[] each = parts.isEmpty() ? new String[0] : parts.split(" ");
        assertThat(worn.making().used()).hasSize(each.length / 2);
        for (int i = 0; i < each.length; i += 2) {
            assertThat(used(worn, Material.valueOf(each[i])))
                    .isCloseTo(dm2 * Double.parseDouble(each[i + 1]) * passes, within(1e-9));
        }
        Making.Step step = worn.making().steps().get(0);
        assertThat(step.caution()).isNotBlank();
        assertThat(step.check()).isNotNull();
        assertThat(step.pause() == null ? 0 : step.pause().least()).isEqualTo(least);
        assertThat(step.pause() == null ? 0 : step.pause().most()).isEqualTo(most);
        FinishLook look = worn.finish().look();
        assertThat(look.dense()).isCloseTo(dense, within(1e-9));
        assertThat(look.sheen()).isEqualTo(sheen);
        assertThat(look.tint()).matches("#[0-9a-f]{6}");
        assertThat(look.edge()).isFalse();
        assertThat(worn.figures().stream().filter(sectorum.technique.Figure::lead))
                .hasSize(3);
        assertThat(worn.name()).isNotEqualTo("Finish");
        assertThat(worn.making().minutes()).isPositive();
    }

    @ParameterizedTest(name = "{0}: {1} times the dust")
    @CsvSource({"faces=front, 1", "faces=both, 2", "passes=3, 3", "flow=thin, 0.6", "flow=full, 1.5", "per=0.24, 2"})
    void facesPassesAndFlowMultiply(String settings, double times) {
        TierWorkup tier = worked(DISCS, over("cover", settings));
        TierWorkup.Worn discs = of(tier, "cover");
        double each = Math.PI / 4 * 400;
        double polygon = 24 / 2.0 * 100 * Math.sin(2 * Math.PI / 24);
        double dm2 = discs.layout().pieces() * polygon / 10_000;
        assertThat(polygon).isCloseTo(each, within(each * 0.02));
        assertThat(used(of(tier, "finish"), Material.DUST)).isCloseTo(dm2 * 0.12 * times, within(1e-9));
    }

    /** What was weighed on a patch is kept in the cupboard, and taken from then on unless a plan says otherwise. */
    @ParameterizedTest(name = "{0}: {1} g to 100 cm²")
    @CsvSource({"kind=dust, 0.2", "kind=wash, 0.3", "kind=dust per=0.5, 0.5"})
    void whatWasWeighedIsTaken(String settings, double per) {
        Thing pot = Thing.of(ThingKind.COLOUR, "Old gold", new Values(Map.of("of", "dust", "per", 0.2)));
        Thing gel = Thing.of(ThingKind.COLOUR, "Green gel", Values.NONE);
        List<Weighed> weighed = new Stock(List.of(pot, gel), null).weighed();
        assertThat(weighed).containsExactly(new Weighed("dust", 0.2));
        Bench bench = new Bench(Tiers.BENCH.tape(), Hand.RIGHT, List.of(), null, weighed, null, null, null);
        Tier tier = Tiers.round().dressings(finish(settings)).tier();
        TierWorkup.Worn worn = of(Workup.tier(tier, bench), "finish");
        double usual = settings.contains("wash") ? 0.3 : 0.12;
        double plain = used(
                of(
                        Workup.tier(
                                Tiers.round()
                                        .dressings(finish("kind=" + (settings.contains("wash") ? "wash" : "dust")))
                                        .tier(),
                                Tiers.BENCH),
                        "finish"),
                Material.DUST);
        assertThat(used(worn, Material.DUST)).isCloseTo(plain * per / usual, within(1e-9));
    }

    @Test
    void edgesAreToldByTheirLength() {
        TierWorkup tier = worked(DISCS, over("cover", "faces=edge wide=2"));
        TierWorkup.Worn gilt = of(tier, "finish");
        int n = of(tier, "cover").layout().pieces();
        double edge = n * 24 * 20 * Math.sin(Math.PI / 24);
        assertThat(figure(gilt, "edges")).isCloseTo(edge, within(1e-6));
        assertThat(figure(gilt, "faces")).isEqualTo(n);
        assertThat(used(gilt, Material.DUST)).isCloseTo(edge * 2 / 10_000 * 0.12, within(1e-9));
        assertThat(gilt.finish().look().edge()).isTrue();
        assertThat(gilt.finish().look().wide()).isEqualTo(2);
    }

    /** Of torn strips the free edge is gilded, not where they are stuck and lap. */
    @Test
    void ofARuffleItsFreeEdgeIsGilded() {
        TierWorkup tier = worked(worn("ruffles", "fullness=flat cut=straight edge=up"), over("ruffles", "faces=edge"));
        TierWorkup.Worn ruffles = of(tier, "ruffles");
        double rows = figure(ruffles, "rows");
        double foot = Tiers.round().tier().side().foot().mm();
        assertThat(figure(of(tier, "finish"), "edges")).isCloseTo(rows * foot, within(rows * foot * 0.001));
    }

    @Test
    void everyPieceOfAColourWhoeverItBelongsTo() {
        Dressing pearls = Tiers.coloured(worn("pearls", ""), "gold");
        Dressing discs = Tiers.coloured(DISCS, "rose", "gold");
        TierWorkup tier = worked(discs, pearls, finish("").over(new Over(null, "gold")));
        List<TierWorkup.Finished> on = of(tier, "finish").finish().on();
        assertThat(on)
                .containsExactly(
                        new TierWorkup.Finished("cover", List.of(1)), new TierWorkup.Finished("pearls", List.of(0)));
        long gold = of(tier, "cover").layout().placements().stream()
                .filter(p -> p.colour() == 1)
                .count();
        assertThat(figure(of(tier, "finish"), "faces"))
                .isEqualTo(gold + of(tier, "pearls").layout().pieces());
    }

    @ParameterizedTest(name = "{1} on {0}: spoils {2}")
    @CsvSource({
        "wafer, dust, false",
        "wafer, wash, true",
        "wafer, paint, true",
        "wafer, airbrush, true",
        "wafer, glitter, true",
        "wafer, leaf, true",
        "wafer, glaze, true",
        "wafer, steam, true",
        "chocolate, steam, true",
        "chocolate, airbrush, true",
        "chocolate, paint, false",
        "chocolate, wash, false",
        "gum, steam, false",
        "gum, airbrush, false"
    })
    void whatItMustNotTouch(String material, String kind, boolean spoils) {
        TierWorkup.Worn worn =
                of(worked(worn("cover", "size=20 material=" + material), over("cover", "kind=" + kind)), "finish");
        assertThat(worn.findings().stream().map(Finding::rule))
                .filteredOn(r -> r.equals("finish.shuns"))
                .hasSize(spoils ? 1 : 0);
    }

    /** A coat of ganache stands no water; what the board is covered with a tier does not know. */
    @ParameterizedTest
    @CsvSource({"SIDE, 1", "TOP, 1", "BOARD, 0"})
    void onASurfaceItIsTheCoatThatIsAsked(SurfaceKind on, int found) {
        Dressing spray = Dressing.fresh("finish", "finish", on, "marks").with(new Values(Map.of("kind", "airbrush")));
        Tier tier = Tiers.round().dressings(spray).tier();
        Tier coated = tier.formed(tier.outline(), tier.height(), List.of(new Coat("ganache", 6)));
        assertThat(Workup.tier(coated, Tiers.BENCH).dressings().get(0).findings())
                .filteredOn(f -> f.rule().equals("finish.shuns"))
                .hasSize(found);
    }

    @ParameterizedTest(name = "{0}: step {1} of {2}")
    @CsvSource({"after, -1, 2", "before, 1, 3", "first, 0, 3"})
    void itsPlaceInTheWork(String when, int at, int steps) {
        TierWorkup plain = worked(DISCS);
        TierWorkup tier = worked(DISCS, over("cover", "when=" + when));
        List<Making.Step> its = of(tier, "cover").making().steps();
        assertThat(its).hasSize(steps);
        if (at >= 0) {
            assertThat(its.get(at).what().toString()).contains("ry dust on");
            assertThat(of(tier, "finish").making().steps()).isEmpty();
        }
        assertThat(of(tier, "cover").making().layers()).hasSize(when.equals("first") ? 3 : 0);
        double before = plain.dressings().get(0).making().minutes();
        double all =
                tier.dressings().stream().mapToDouble(w -> w.making().minutes()).sum();
        assertThat(all - before)
                .isCloseTo(
                        of(worked(DISCS, over("cover", "")), "finish").making().minutes(), within(1e-9));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"kind=steam, finish.last", "per=0.6, finish.heavy", "passes=2, ''"})
    void foundAndMended(String settings, String rule) {
        TierWorkup tier = worked(finish(settings), worn("pearls", ""));
        List<Finding> found = of(tier, "finish").findings().stream()
                .filter(f -> f.rule().startsWith("finish."))
                .toList();
        assertThat(found).hasSize(rule.isEmpty() ? 0 : 1).allSatisfy(f -> {
            assertThat(f.rule()).isEqualTo(rule);
            Tier mended = Mending.apply(tierOf(settings), "finish", f.mends().get(0));
            assertThat(Workup.tier(mended, Tiers.BENCH).dressings())
                    .flatExtracting(TierWorkup.Worn::findings)
                    .extracting(Finding::rule)
                    .doesNotContain(rule);
        });
    }

    private static Tier tierOf(String settings) {
        return Tiers.round().dressings(finish(settings), worn("pearls", "")).tier();
    }

    @Test
    void overNothingThereIsAFindingThatPutsItOnTheSurface() {
        TierWorkup.Worn lost = of(worked(over("gone", "")), "finish");
        assertThat(lost.findings()).extracting(Finding::rule).containsExactly("finish.nothing");
        assertThat(lost.making().used()).isEmpty();
        assertThat(lost.layout().placements()).isEmpty();
        Tier mended = Mending.apply(
                Tiers.round().dressings(over("gone", "")).tier(),
                "finish",
                lost.findings().get(0).mends().get(0));
        assertThat(mended.dressings().get(0).over()).isNull();
        assertThat(Workup.tier(mended, Tiers.BENCH).dressings().get(0).findings())
                .isEmpty();
    }

    @Test
    void onlyAFinishGoesOverPiecesAndSaysWhich() {
        assertThatThrownBy(() -> worn("pearls", "").over(new Over("cover", null)))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.field()).isEqualTo("dressings.over"));
        assertThatThrownBy(() -> new Over(null, null)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Over("a", "b")).isInstanceOf(Refused.class);
    }

    /** What is toned is as large as what is reckoned with, on every outline and surface, all round and in part. */
    @ParameterizedTest(name = "{0} on the {1}")
    @CsvSource({
        "ROUND, SIDE", "ROUND, TOP", "ROUND, BOARD", "SQUARE, SIDE", "SQUARE, TOP", "SQUARE, BOARD", "PETAL, TOP",
        "HEART, TOP", "HEART, BOARD", "RING, TOP", "RING, INNER", "POLYGON, TOP", "OVAL, TOP", "RECTANGLE, BOARD"
    })
    void tonesCoverWhatIsReckoned(OutlineKind outline, SurfaceKind on) {
        for (StretchSpec part : Arrays.asList(null, new StretchSpec(-50, 130))) {
            Dressing all = Dressing.fresh("finish", "finish", on, "marks").along(part);
            TierWorkup.Worn worn = Tiers.round()
                    .outline(outline.key())
                    .divisions(Tiers.division(12))
                    .dressings(all)
                    .worked()
                    .dressings()
                    .get(0);
            Layout.Shape tone = worn.layout().shapes().get(0);
            assertThat(tone.role()).isEqualTo(Layout.Role.TONE);
            assertThat(worn.layout().pieces()).isZero();
            double dm2 = used(worn, Material.DUST) / 0.12;
            assertThat(area(tone.xz()) / 10_000)
                    .isCloseTo(dm2, within(dm2 * (outline == OutlineKind.HEART ? 0.03 : 0.004)));
        }
    }

    private static double area(List<Double> xz) {
        double twice = 0;
        for (int i = 0; i < xz.size(); i += 2) {
            int j = (i + 2) % xz.size();
            twice += xz.get(i) * xz.get(j + 1) - xz.get(j) * xz.get(i + 1);
        }
        return Math.abs(twice) / 2;
    }

    @Test
    void fadingItIsAsDenseWhereAllShadesLie() {
        TierWorkup.Worn worn = of(worked(finish("from=low")), "finish");
        assertThat(worn.layout().placements()).hasSize(8);
        double bare =
                worn.layout().shapes().stream().mapToDouble(s -> 1 - s.tone()).reduce(1, (a, b) -> a * b);
        assertThat(1 - bare).isCloseTo(0.4, within(1e-9));
    }
}

package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.bench.Stock;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Mend;
import sectorum.make.Worktop;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Table;
import sectorum.tier.AheadTray;

/** What is found in pieces made ahead: each rule is shown, told with numbers, and every press of it takes it away. */
class AheadRulesTest {
    private static final Plan BARE = Plan.fresh("Rules");
    private static final Map<String, OwnPiece> SHOWN = new TreeMap<>();

    static {
        SHOWN.put("bow.roll", offered("bow").set("roll", 60.0));
        SHOWN.put("bow.narrow", offered("bow").sized(100, 11));
        SHOWN.put("arch.steep", offered("arch").sized(60, 90));
        SHOWN.put("spray.thick", offered("spray").set("bound", 12.0));
        SHOWN.put("moulded.pearl", offered("shell").sized(30, 30).set("pearl", 50.0));
        SHOWN.put("sphere.coats", offered("ball").set("coats", 1.0));
        SHOWN.put("lace.once", offered("lace-nest").set("over", 1.0));
        SHOWN.put("figure.flat", offered("plaque").set("cured", "flat"));
    }

    static OwnPiece offered(String id) {
        return Workup.tray(BARE, "", Tiers.BENCH).stream()
                .map(AheadTray::piece)
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Nine balls of 90 on a ring of 60. */
    static Plan crowded() {
        OwnPiece ball = offered("ball").sized(90, 90).many(9);
        return BARE.with(List.of(ball.at(new OwnPiece.Seat("", OwnPiece.On.TOP, 0, 60, 0))));
    }

    static Set<String> rules() {
        return SHOWN.keySet();
    }

    private static List<Finding> found(Plan plan, String rule) {
        return Workup.build(plan, Workup.of(plan, Tiers.BENCH)).findings().stream()
                .filter(f -> f.rule().equals(rule))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("rules")
    void appearsWithNumbersIsMendedAndGoes(String rule) {
        Plan plan = BARE.with(List.of(SHOWN.get(rule)));
        List<Finding> found = found(plan, rule);
        assertThat(found).isNotEmpty();
        assertThat(found.get(0).what().quantities()).isNotEmpty();
        assertThat(found.get(0).mends()).isNotEmpty();
        for (Mend mend : found.get(0).mends()) {
            assertThat(found(Pressed.on(plan, mend), rule))
                    .as(mend.label().toString())
                    .isEmpty();
        }
    }

    /** A fresh piece of every kind is quiet, but for art that nobody has chosen yet. */
    @Test
    void whatIsOfferedIsQuiet() {
        for (AheadTray offered : Workup.tray(BARE, "", Tiers.BENCH)) {
            Plan plan = BARE.with(List.of(offered.piece()));
            assertThat(Workup.build(plan, Workup.of(plan, Tiers.BENCH)).findings())
                    .as(offered.piece().name())
                    .filteredOn(
                            f -> !f.rule().equals("figure.none") && !f.rule().equals("build.depth"))
                    .isEmpty();
        }
    }

    /** Two of different kinds in one place: the one that comes later is turned, and both have their room. */
    @Test
    void oneIsTurnedOutOfTheOthersWay() {
        OwnPiece ball = offered("ball").sized(60, 60).many(1).at(new OwnPiece.Seat("", OwnPiece.On.TOP, 0, 50, 0));
        OwnPiece bird = offered("model-bird").sized(50, 50).at(new OwnPiece.Seat("", OwnPiece.On.TOP, 10, 50, 0));
        Plan plan = BARE.with(List.of(ball, bird));
        List<Finding> found = found(plan, "build.touch");
        assertThat(found).hasSize(1);
        Change change = found.get(0).mends().get(0).changes().get(0);
        assertThat(change.field()).isEqualTo("model-bird/seat");
        assertThat(found(Pressed.on(plan, found.get(0).mends().get(0)), "build.touch"))
                .isEmpty();
        // One over the other on a side are apart.
        OwnPiece low = ball.at(new OwnPiece.Seat("", OwnPiece.On.SIDE, 0, 0, 0)).sized(30, 30);
        OwnPiece high =
                bird.at(new OwnPiece.Seat("", OwnPiece.On.SIDE, 0, 0, 40)).sized(30, 30);
        assertThat(found(BARE.with(List.of(low, high)), "build.touch")).isEmpty();
        assertThat(found(BARE.with(List.of(low, high.at(low.seat()))), "build.touch"))
                .hasSize(1);
    }

    private static Thing former(String form, double across, double many) {
        return Thing.of(ThingKind.FORMER, form, new Values(Map.of("form", form, "across", across)))
                .stocked(many);
    }

    private static List<Finding> fits(Plan plan, Thing... owned) {
        Worktop top = Workup.worktop(plan, Workup.of(plan, Tiers.BENCH), new Stock(List.of(owned), null));
        return top.findings().stream()
                .map(f -> f.finding())
                .filter(f -> f.rule().equals("fit.former"))
                .toList();
    }

    /** Ten half shells need ten half balls at once; with four it takes three rounds; of a cupboard without any nothing is said. */
    @Test
    void formersNeededAtOnceAreSetAgainstThoseOwned() {
        OwnPiece shells = offered("shell").sized(40, 40).many(5);
        Plan plan = BARE.with(List.of(shells));
        assertThat(fits(plan)).isEmpty();
        assertThat(fits(plan, former("ball", 42, 10))).isEmpty();
        List<Finding> few = fits(plan, former("ball", 42, 4), former("cup", 40, 20));
        assertThat(few)
                .singleElement()
                .satisfies(f -> assertThat(f.what().toString()).contains("10", "4", "3 rounds"));
        List<Finding> none = fits(plan, former("ball", 60, 20));
        assertThat(none)
                .singleElement()
                .satisfies(f -> assertThat(f.what().toString()).contains("none owned"));
        for (Finding finding : List.of(few.get(0), none.get(0))) {
            for (Mend mend : finding.mends()) {
                @SuppressWarnings("unchecked")
                List<Thing> wanted = (List<Thing>) mend.changes().get(0).value();
                Table t = plan.made();
                Plan bought = plan.on(new Table(
                        t.humidity(), t.celsius(), t.base(), t.ticked(), t.made(), t.yields(), wanted, t.joints()));
                assertThat(wanted.get(wanted.size() - 1).stock()).isEqualTo(finding == few.get(0) ? 6 : 10);
                assertThat(fits(bought, former("ball", 42, finding == few.get(0) ? 4 : 0)))
                        .isEmpty();
            }
        }
    }

    /** A plaque that follows its side dries on the tier's own round, or on the next larger one owned. */
    @Test
    void aCurveTakesTheNextOwned() {
        Plan plan = BARE.with(List.of(offered("plaque")));
        double across = plan.tiers().get(0).side().foot().mm() / Math.PI;
        assertThat(fits(plan, former("round", across, 1))).isEmpty();
        List<Finding> found =
                fits(plan, former("round", across * 1.3, 1), former("round", across * 2, 1), former("round", 90, 1));
        List<Change> changes = new ArrayList<>(found.get(0).mends().get(0).changes());
        assertThat(changes.get(0).value()).isEqualTo(across * 1.3);
        assertThat(fits(Pressed.on(plan, found.get(0).mends().get(0)), former("round", across * 1.3, 1)))
                .isEmpty();
    }
}

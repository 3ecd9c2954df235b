package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static sectorum.workup.Tiers.border;
import static sectorum.workup.Tiers.division;
import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Kept;
import sectorum.bench.Bench;
import sectorum.bench.Hand;
import sectorum.bench.Round;
import sectorum.divide.Front;
import sectorum.divide.Press;
import sectorum.divide.Way;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Tape;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.Over;
import sectorum.plan.StretchSpec;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.surface.Reading;
import sectorum.tier.Rules;

/** Every rule appears, is mended by its presses, and goes; docs/findings.md lists them all. */
class FindingsTest {
    private static final Bench BENCH = new Bench(new Tape(1), Hand.RIGHT, List.of(new Round("board of 18", 180)));
    private static final Map<String, Tiers> SHOWN = new TreeMap<>();

    /** Findings that the hand must settle: nothing in the plan mends them. */
    private static final List<String> BY_HAND = List.of("side.taper");

    private static void shown(String rule, Tiers tier) {
        SHOWN.put(rule, tier);
    }

    private static Tiers five(Dressing dressing) {
        return round().taped(Reading.of(Reading.What.FOOT, 731))
                .divisions(division(5))
                .dressings(dressing);
    }

    static {
        ZoneSpec crossed =
                new ZoneSpec(new ZoneSpec.Height(ZoneSpec.Edge.FOOT, 90), new ZoneSpec.Height(ZoneSpec.Edge.TOP, 90));
        shown("side.taper", round().taped(Reading.of(Reading.What.FOOT, 731), Reading.of(Reading.What.TOP, 700)));
        shown("side.level", round().taped(Reading.of(Reading.What.HEIGHT, 118), Reading.of(Reading.What.HEIGHT, 123)));
        shown("zone.crossed", round().dressings(Tiers.swag("swags", crossed, false)));
        shown("hang.no-section", round().dressings(worn("garland", "").along(new StretchSpec(3, 20))));
        shown("ruffles.sheet", round().dressings(worn("ruffles", "height=250")));
        shown("ruffles.bare", round().dressings(worn("ruffles", "height=10 pitch=30")));
        shown("ruffles.out-of-zone", round().dressings(worn("ruffles", "height=150")));
        shown("cover.crowded", round().dressings(worn("cover", "by=own own=6")));
        shown("cover.thin", round().dressings(worn("cover", "by=own own=0.06")));
        shown("cover.out-of-zone", round().dressings(worn("cover", "size=140")));
        shown("cover.many", round().dressings(worn("cover", "size=2 by=own own=3")));
        shown("coat.closes", round().dressings(worn("mat", "repeat=58 put=back")));
        shown("piping.out-of-zone", round().dressings(worn("piping", "rows=100")));
        shown("piping.nozzle", round().dressings(worn("piping", "size=40 nozzle=2")));
        shown("panels.stand-off", round().dressings(worn("panels", "width=80")));
        shown("panels.lap", round().dressings(worn("panels", "width=30 lap=28")));
        shown("panels.window", round().dressings(worn("panels", "window=oval windowHigh=117")));
        shown("combed.last", round().dressings(worn("combed", "comb=58")));
        shown("combed.film", round().dressings(worn("combed", "film=0")));
        shown("combed.tab", round().dressings(worn("combed", "tab=5")));
        shown("stencilled.mismatch", round().dressings(worn("stencilled", "repeat=58")));
        shown("stencilled.out-of-zone", round().dressings(worn("stencilled", "high=150")));
        shown("stencilled.tab", round().dressings(worn("stencilled", "tab=5")));
        shown("frames.wide", round().dressings(worn("frames", "across=100")));
        shown("frames.out-of-zone", round().dressings(worn("frames", "across=150")));
        shown("frames.rounds", round().dressings(worn("frames", "across=40 apart=10 rounds=9")));
        shown("frames.none", round().dressings(worn("frames", "shape=art")));
        shown("runs.closes", round().dressings(worn("runs", "each=1 second=4 third=3")));
        shown("runs.tight", round().dressings(worn("runs", "each=20 nozzle=8")));
        shown("wraps.no-room", round().dressings(worn("wraps", "layers=4 step=60")));
        shown("wraps.front", round().dressings(worn("wraps", "").along(new StretchSpec(5, 120))));
        shown("collar.tab", round().dressings(worn("collar", "tab=5")));
        shown("collar.alone", round().dressings(worn("collar", "drawn=once")));
        shown("collar.eased", round().dressings(worn("collar", "repeat=290")));
        shown("marbled.one-colour", round().dressings(worn("marbled", "veins=4")));
        shown("marbled.tab", round().dressings(worn("marbled", "tab=5")));
        shown("fall.narrow", round().dressings(worn("fall", "upper=5 small=20")));
        shown("fall.out-of-zone", round().dressings(worn("fall", "large=120")));
        shown("gathered.thin", round().dressings(worn("gathered", "icing=1")));
        shown("gathered.out-of-zone", round().dressings(worn("gathered", "size=200")));
        shown("cluster.full", round().dressings(worn("cluster", "cover=0.9 kind=ball sizes=2")));
        shown("cluster.out-of-zone", round().dressings(worn("cluster", "largest=100")));
        shown("tiles.many", round().dressings(worn("tiles", "wide=5 deep=5")));
        shown("tiles.slivers", round().dressings(worn("tiles", "least=0")));
        shown("ribbon.wide", round().dressings(worn("ribbon", "wide=20 thick=12")));
        Dressing discs = worn("cover", "size=20");
        shown(
                "finish.shuns",
                round().dressings(discs, worn("finish", "kind=steam").over(new Over("cover", null))));
        shown("finish.nothing", round().dressings(worn("finish", "").over(new Over("cover", null))));
        shown("finish.last", round().dressings(worn("finish", "kind=steam"), discs));
        shown("finish.heavy", round().dressings(worn("finish", "per=5")));
        shown("strew.heap", round().dressings(worn("strew", "grams=60")));
        shown("zone.overlap", round().dressings(worn("swag", ""), worn("garland", "")));
        shown("border.crossed", round().borders(border("rope", ZoneSpec.Edge.FOOT, 40, 20, false)));
        shown(
                "border.overlap",
                round().borders(
                                border("rope", ZoneSpec.Edge.FOOT, 0, 20, false),
                                border("band", ZoneSpec.Edge.FOOT, 10, 30, false)));
        shown("divide.follow", round().divisions(division(11), following(2, 4)));
        shown("divide.locked", round().divisions(locked(11, 3, 740)));
        shown("divide.count", round().outline("square").divisions(division(3)));
        shown("divide.uneven", round().divisions(locked(11, 3, 215)));
        shown("divide.way", round().divisions(marked(11, Way.FOLD, null)));
        shown("hang.out-of-zone", five(worn("swag", "drop=115")));
        shown("hang.overhang", five(worn("swag", "drop=80")));
        shown("hang.loop", five(worn("swag", "drop=70")));
        shown("hang.flat", five(worn("swag", "drop=10")));
        shown("hang.board", five(worn("swag", "drop=40")));
        shown("swag.strings-touch", five(worn("swag", "drop=30 strings=3 growth=1 made=piped")));
        shown("crescent.hump", five(worn("crescent", "drop=30 depth=40")));
        shown("drape.no-room", five(worn("drape", "drop=30 width=42 strips=4")));
        shown("drape.gapes", five(worn("drape", "drop=48 width=20 step=20 strips=2")));
        shown("drape.stretch", five(worn("drape", "drop=48 material=fondant")));
        shown("drape.steep-end", five(worn("drape", "drop=48 ends=upright width=30")));
        shown("jabot.on-board", five(worn("jabot", "length=130")));
        shown("jabot.narrow", five(worn("jabot", "join=30")));
        shown("jabot.crowds", five(worn("jabot", "pleats=8 rod=12")));
        shown("pennant.none", five(worn("pennant", "square=140 drop=20")));
        shown("pennant.one-more", five(worn("pennant", "drop=48 square=24 gap=4")));
        shown("garland.crowded", five(worn("garland", "size=12 pitch=4")));
        shown("pearls.tight", five(worn("pearls", "diameter=6 pitch=4")));
        shown("pearls.out-of-zone", five(worn("pearls", "rows=5")));
        shown("border.out-of-zone", five(worn("border", "size=30")));
        shown("border.loose", five(worn("border", "size=8 pitch=20")));
        shown("channel.close", five(worn("channel", "each=20 wide=9")));
        shown("divide.demand", five(worn("weave", "each=1")));
        shown("quilt.cut-diamonds", thirteen(worn("quilting", "each=1 fit=angle")));
        shown("honeycomb.none", round().divisions(division(4)).dressings(worn("honeycomb", "each=1")));
        shown("honeycomb.gap", thirteen(worn("honeycomb", "made=cut gap=45")));
        shown("quilt.pearl-over-edge", thirteen(worn("quilting", "each=1 fit=angle angle=0.7 diameter=20")));
        shown("weave.tuck", twelve(worn("weave", "each=1 stake=20 tuck=11")));
        shown("squares.shape", thirteen(worn("squares", "each=1 rows=5")));
        shown("dots.touch", thirteen(worn("dots", "set=all each=1 diameter=40 rows=12")));
        shown("dots.crowded", thirteen(worn("dots", "set=strewn diameter=12 patch=40 inPatch=30")));
        shown("folded.shape", five(worn("folded", "round=4 up=0")));
        shown("rings.overlap", thirteen(worn("rings", "across=80")));
        shown("rings.out-of-zone", five(worn("rings", "across=130")));
        shown("rings.middle", thirteen(worn("rings", "across=40 rings=8 apart=6")));
        shown("mat.mismatch", five(worn("mat", "repeat=52")));
        shown("mat.stretched", five(worn("mat", "repeat=260 put=shared")));
        shown("levels.thin", five(worn("levels", "stripes=60")));
        shown("levels.comb", five(worn("levels", "stripes=6 comb=11")));
        shown("uprights.thin", thirteen(worn("uprights", "each=20")));
        shown("uprights.tab", five(worn("uprights", "tab=5")));
        shown("weave.stake-wide", twelve(worn("weave", "each=1 stake=80")));
        shown("weave.slow", round().divisions(division(40)).dressings(worn("weave", "each=1 weaver=4")));
        shown("ropes.tight", five(worn("ropes", "lay=6")));
        shown("ropes.pitch", five(worn("ropes", "strand=18 pitch=55")));
        shown("ropes.inset", five(worn("ropes", "inset=round across=116")));
        shown("ropes.panel", five(worn("ropes", "panel=8")));
        shown("colours.meet", five(Tiers.coloured(worn("channel", "made=strips each=1"), "plum", "cream")));
    }

    private static Tiers thirteen(Dressing dressing) {
        return five(dressing).divisions(division(13));
    }

    private static Tiers twelve(Dressing dressing) {
        return five(dressing).divisions(division(12));
    }

    private static DivisionSpec following(int into, int every) {
        return new DivisionSpec(
                "again",
                8,
                null,
                Front.SECTION,
                null,
                true,
                List.of(),
                null,
                new DivisionSpec.Follow("marks", into, every),
                null,
                null);
    }

    private static DivisionSpec marked(int n, Way way, Press press) {
        return new DivisionSpec("marks", n, 60.0, Front.SECTION, null, true, List.of(), null, null, way, press);
    }

    private static DivisionSpec locked(int n, int mark, double s) {
        return DivisionSpec.of("marks", n, 60.0, Front.SECTION, null, List.of(new DivisionSpec.Lock(mark, s)));
    }

    static List<String> rules() {
        return List.copyOf(SHOWN.keySet());
    }

    private static List<Mending.Met> met(Tier tier, String rule) {
        return new Mending(tier, BENCH)
                .met()
                .filter(m -> m.finding().rule().equals(rule))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("rules")
    void appearsWithNumbersIsMendedAndGoes(String rule) {
        Tier tier = SHOWN.get(rule).tier();
        List<Mending.Met> found = met(tier, rule);
        assertThat(found).isNotEmpty();
        Mending.Met first = found.get(0);
        assertThat(first.finding().what().quantities()).isNotEmpty();
        assertThat(first.finding().mends().isEmpty()).isEqualTo(BY_HAND.contains(rule));
        for (Mend mend : first.finding().mends()) {
            Tier mended = new Mending(tier, BENCH).pressed(first, mend);
            assertThat(met(mended, rule)).as(mend.label().toString()).hasSizeLessThan(found.size());
        }
    }

    @Test
    void everyRuleIsShown() {
        List<String> known = Rules.all().stream().map(Rule::id).collect(Collectors.toCollection(ArrayList::new));
        assertThat(known).doesNotHaveDuplicates();
        List<String> shown = new ArrayList<>(SHOWN.keySet());
        shown.addAll(FitsTest.rules());
        shown.addAll(SurfacesTest.rules());
        shown.addAll(ArtRulesTest.rules());
        shown.addAll(CutFigureTest.rules());
        shown.addAll(AheadRulesTest.rules());
        shown.add("fit.former");
        shown.add("fit.recipe");
        shown.addAll(BuildTest.shown().keySet());
        shown.addAll(DayRulesTest.shown().keySet());
        assertThat(known).containsExactlyInAnyOrderElementsOf(shown);
    }

    @Test
    void aTierOfUsualDressingsIsQuietAfterLyingOnTop() {
        assertThat(new Mending(five(worn("swag", "")).tier(), BENCH)
                        .met()
                        .filter(m -> m.finding().level() == Level.STOP))
                .isEmpty();
    }

    @Test
    void theListInTheDocsIsThisOne() {
        StringBuilder list = new StringBuilder("""
                # Findings

                Every rule by which a plan is judged, made from the code by `scripts/describe`. Each finding names its numbers and
                offers what mends it, pressed once and undone like any edit; `FindingsTest` shows every one appear, be mended and
                go. A note is good to know, a look wants a glance, a stop should not be worked as it stands.

                | rule | level | appears when |
                |---|---|---|
                """);
        Rules.all()
                .forEach(r -> list.append("| `")
                        .append(r.id())
                        .append("` | ")
                        .append(r.level().name().toLowerCase(java.util.Locale.ROOT))
                        .append(" | ")
                        .append(r.about())
                        .append(" |\n"));
        Kept.check("docs/findings.md", list.toString());
    }
}

package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static sectorum.workup.Tables.material;
import static sectorum.workup.Tables.thing;
import static sectorum.workup.Tiers.division;
import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.Bed;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.make.Batch;
import sectorum.make.CutLine;
import sectorum.make.Shopping;
import sectorum.make.Worktop;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.plan.Coat;
import sectorum.plan.Dressing;
import sectorum.plan.Table;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.technique.Catalogue;
import sectorum.technique.Making;
import sectorum.tier.StackWorkup;

/** From plans to the table: sums close, nothing is negative, and what is taken was there. */
class WorktopTest {
    private static final List<Batch.Form> SHEETS = List.of(Batch.Form.ROLLED, Batch.Form.SHEET);
    private static final double EXACT = 1e-9;

    /** Every technique on a round and on a square, with an empty cupboard and a full one. */
    static Stream<Tables> tables() {
        List<Tables> all = new ArrayList<>();
        Thing[] full = {
            material("fondant", "white", 800, 1000, 6.5),
            material("gum", "", 100, 0, null),
            thing(ThingKind.SHEET, "of=mat width=400 length=600"),
            thing(ThingKind.MACHINE, "width=145"),
            thing(ThingKind.PEARL, "across=4").stocked(20),
        };
        Thing[] odd = {
            material("fondant", "white", 1, 0, 0.0),
            thing(ThingKind.SHEET, "of=mat width=50 length=50"),
            thing(ThingKind.SHEET, "of=acetate width=50 length=50"),
            thing(ThingKind.BOARD, "across=3"),
            new Thing(
                    null,
                    ThingKind.MACHINE,
                    "Two points",
                    "",
                    thing(ThingKind.MACHINE, "width=50").sizes(),
                    "0=3 9=0.4",
                    1,
                    0,
                    0.0,
                    ""),
        };
        for (String id : Catalogue.all().stream().map(t -> t.id()).toList()) {
            for (String outline : List.of("round", "square")) {
                Dressing two = Tiers.coloured(worn(id, ""), "cream", "vein");
                Tables tables = Tables.of(round().outline(outline)
                        .divisions(division(12))
                        .dressings(worn(id, ""), Tiers.named("again", two)));
                all.add(tables);
                all.add(tables.stocked(odd).hour(0));
                all.add(tables.stocked(full).hour(20).made(Tables.room(0.75, 22)));
            }
        }
        return all.stream();
    }

    /** Batches inside a tier: filling and grip, syrup, cement. */
    private static final int INSIDE = 3;

    private static double sum(Worktop top, ToDoubleFunction<Batch> of) {
        return top.batches().stream().mapToDouble(of).sum();
    }

    @ParameterizedTest
    @MethodSource("tables")
    void massesCloseAndNothingIsNegative(Tables tables) {
        Worktop top = tables.top();
        StackWorkup worked = Workup.of(tables.plan(), Tiers.BENCH);
        double pieces = worked.tiers().stream()
                        .flatMap(t -> t.dressings().stream())
                        .mapToDouble(w -> w.making().grams())
                        .sum()
                + worked.pieces(tables.plan()).stream()
                        .mapToDouble(p ->
                                p.count() * AheadCatalogue.make(p, Bed.USUAL).grams())
                        .sum();
        double covered =
                sum(top, b -> b.coverings().stream().mapToDouble(c -> c.stays()).sum());
        double inside =
                sum(top, b -> b.filled().stream().mapToDouble(f -> f.grams()).sum());
        assertThat(sum(top, b -> b.parts().net())).isCloseTo(pieces + covered + inside, within(1e-6));
        for (Batch b : top.batches()) {
            Batch.Parts p = b.parts();
            assertThat(p.kneaded())
                    .isCloseTo(p.net() + p.spare() + p.offCuts() + p.rounding() - p.credit(), within(EXACT));
            assertThat(List.of(p.net(), p.spare(), p.offCuts(), p.credit(), p.rounding()))
                    .allSatisfy(part -> assertThat(part).isNotNegative());
            assertThat(p.kneaded()).isGreaterThanOrEqualTo(-EXACT);
            assertThat(p.offCuts() == 0 || SHEETS.contains(b.form()) || b.form() == Batch.Form.COVER)
                    .isTrue();
            assertThat(b.mixed().stream().mapToDouble(Batch.Mixed::grams).sum()).isCloseTo(p.kneaded(), within(1e-6));
            assertThat(b.shares().stream().mapToDouble(Batch.Share::grams).sum())
                    .isCloseTo(p.kneaded(), within(1e-6));
            assertThat(b.lines().stream().mapToDouble(l -> l.count() * l.each()).sum() + b.loose())
                    .isLessThanOrEqualTo(p.net() + 1e-6);
        }
        assertThat(top.jobs().stream().mapToDouble(Worktop.Part::kneaded).sum())
                .isCloseTo(top.total().kneaded(), within(1e-6));
        for (Shopping.Buy buy : top.shopping()) {
            assertThat(buy.need()).isCloseTo(buy.have() + buy.missing(), within(1e-6));
            assertThat(buy.packs() * buy.pack()).isGreaterThanOrEqualTo(buy.packs() > 0 ? buy.missing() - EXACT : 0);
        }
        tables.stock()
                .things()
                .forEach(thing -> assertThat(top.takings().stream()
                                .filter(t -> t.thing() == thing.id())
                                .mapToDouble(Shopping.Taking::amount)
                                .sum())
                        .isLessThanOrEqualTo(thing.stock() + EXACT));
    }

    @ParameterizedTest
    @MethodSource("tables")
    void everyPieceOfTheCutListIsThereOnceWithWholeSpares(Tables tables) {
        Worktop top = tables.top();
        List<CutLine> lines =
                top.batches().stream().flatMap(b -> b.lines().stream()).toList();
        assertThat(lines.stream().map(CutLine::id)).doesNotHaveDuplicates();
        assertThat(lines.stream().mapToInt(CutLine::count).sum())
                .isEqualTo(top.total().pieces());
        for (Batch b : top.batches()) {
            int onSheets = b.nested() == null
                    ? 0
                    : b.nested().sheets().stream()
                            .mapToInt(s -> s.copies() * s.laid().size())
                            .sum();
            boolean nested = SHEETS.contains(b.form()) && b.nested() != null;
            int all = b.lines().stream().mapToInt(l -> l.count() + l.spare()).sum();
            assertThat(onSheets).isEqualTo(nested ? all : 0);
        }
    }

    @Test
    void splittingADressingInTwoChangesNoNetTotal() {
        Dressing whole = worn("squares", "each=2 rows=4 laid=runs");
        double h = 117;
        Tables one = Tables.of(round().divisions(division(12)).dressings(zoned(whole, "squares", 0, h)));
        Dressing half = worn("squares", "each=2 rows=2 laid=runs");
        Tables two = Tables.of(round().divisions(division(12))
                .dressings(zoned(half, "lower", 0, h / 2), zoned(half, "upper", h / 2, h)));
        assertThat(two.top().total().net()).isCloseTo(one.top().total().net(), within(1e-6));
        assertThat(two.top().total().pieces()).isEqualTo(one.top().total().pieces());
    }

    private static Dressing zoned(Dressing d, String id, double from, double to) {
        ZoneSpec zone = new ZoneSpec(
                new ZoneSpec.Height(ZoneSpec.Edge.FOOT, from), new ZoneSpec.Height(ZoneSpec.Edge.FOOT, to));
        return new Dressing(
                id, d.technique(), d.surface(), d.division(), zone, false, false, d.colours(), d.settings());
    }

    @Test
    void trimmingsOfTheCoveringAreCreditedToPiecesOfTheSamePasteAndColour() {
        Tables tables = Tables.of(
                round().divisions(division(5)).dressings(Tiers.coloured(worn("drape", "material=fondant"), "cream")));
        Tier t = tables.tiers().get(0);
        Worktop plain = tables.top();
        Batch drape = rolled(plain);
        assertThat(drape.parts().credit()).isZero();
        Worktop same = tables.pressed(
                        new sectorum.make.Fits.Fit(t.id(), "", "", null),
                        new sectorum.finding.Mend(
                                sectorum.measure.Phrase.of(""),
                                List.of(new sectorum.finding.Change(
                                        sectorum.finding.Change.Target.TIER,
                                        "coats",
                                        List.of(
                                                new Coat("ganache", 5),
                                                new Coat("fondant", 3.5, null, "cream", null, null))))))
                .top();
        assertThat(rolled(same).parts().credit()).isPositive();
        assertThat(rolled(same).parts().kneaded()).isLessThan(drape.parts().kneaded());
    }

    private static Batch rolled(Worktop top) {
        return top.batches().stream()
                .filter(b -> b.form() == Batch.Form.ROLLED)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aCountedYieldWinsOverTheNest() {
        Tables tables = Tables.of(round().divisions(division(12)).dressings(worn("pennant", "")));
        Batch before = rolled(tables.top());
        CutLine line = before.lines().get(0);
        Batch after = rolled(tables.made(Tables.yielding(Map.of(line.id(), 4))).top());
        assertThat(after.lines().get(0).yield()).isEqualTo(4);
        assertThat(after.rolls()).isGreaterThan(before.rolls());
        assertThat(after.nested()).isNull();
    }

    @ParameterizedTest(name = "{0} at {1} humid: {2} g/kg")
    @CsvSource({"fondant, 0.5, 0", "fondant, 0.7, 3.5", "half, 0.9, 3.5", "gum, 0.9, 0"})
    void powderByPurposeAndWeather(String material, double humidity, double perKg) {
        Worktop top = Tables.of(round().divisions(division(5)).dressings(worn("crescent", "material=" + material)))
                .made(Tables.room(humidity, 20))
                .top();
        Batch batch = rolled(top);
        double powder = batch.mixed().stream()
                .filter(Batch.Mixed::powder)
                .mapToDouble(Batch.Mixed::grams)
                .sum();
        assertThat(powder).isCloseTo(batch.parts().kneaded() * perKg / 1000, within(1e-9));
    }

    @Test
    void whatATechniqueStiffensHasItsPowderInDryWeatherToo() {
        Worktop top = Tables.of(round().divisions(division(5)).dressings(worn("drape", "stiff=yes")))
                .top();
        assertThat(rolled(top).mixed())
                .anyMatch(m ->
                        m.powder() && Math.abs(m.grams() - rolled(top).parts().kneaded() * 0.0035) < 1e-9);
    }

    @Test
    void halfAndHalfIsMixedByMassAndMarbleByShare() {
        Worktop top = Tables.of(round().divisions(division(5))
                        .dressings(Tiers.coloured(worn("crescent", "material=half"), "vein")))
                .top();
        Batch batch = rolled(top);
        assertThat(batch.mixed()).hasSize(4);
        double cream = batch.mixed().stream()
                .filter(m -> m.tint().id().equals("cream"))
                .mapToDouble(Batch.Mixed::grams)
                .sum();
        assertThat(cream).isCloseTo(batch.parts().kneaded() * 3 / 4, within(1e-9));
        assertThat(batch.mixed())
                .anyMatch(m -> m.material() == Material.GUM)
                .anyMatch(m -> m.material() == Material.FONDANT);
    }

    @Test
    void whatIsThereIsTakenFirstAndTheRestBoughtInPacks() {
        Tables tables = Tables.of(round().divisions(division(5)).dressings(worn("drape", "material=fondant")))
                .stocked(material("fondant", "white", 300, 1000, 7.0), material("ganache", "", 0, 0, 0.0));
        Worktop top = tables.top();
        Shopping.Buy white = top.shopping().stream()
                .filter(b -> b.name().equals("fondant"))
                .findFirst()
                .orElseThrow();
        assertThat(white.have()).isEqualTo(300);
        assertThat(white.packs()).isEqualTo((int) Math.ceil(white.missing() / 1000));
        assertThat(white.price()).isEqualTo(white.packs() * 7.0);
        assertThat(top.takings()).first().satisfies(t -> assertThat(t.amount()).isEqualTo(300));
        // Nothing costs nothing where nothing is its price; an unknown price is not nothing.
        assertThat(top.total().unpriced()).isEqualTo(INSIDE);
        assertThat(tables.stocked(material("fondant", "white", 300, 1000, null))
                        .top()
                        .total()
                        .unpriced())
                .isGreaterThan(INSIDE);
    }

    @Test
    void oneTubOfWhiteIsBoughtForAllItsColours() {
        Worktop top = Tables.of(round().divisions(division(12))
                        .dressings(Tiers.coloured(worn("squares", "laid=chequers material=fondant"), "plum", "cream")))
                .stocked(material("fondant", "white", 0, 2500, 14.5))
                .top();
        List<Shopping.Buy> fondant =
                top.shopping().stream().filter(b -> b.name().equals("fondant")).toList();
        assertThat(fondant).hasSize(1);
        assertThat(fondant.get(0).packs()).isEqualTo(1);
        assertThat(fondant.get(0).coloured())
                .extracting(Shopping.Colouring::colour)
                .contains("Plum", "Cream");
    }

    @Test
    void aBatchThatIsMadeNeedsNothingMoreButCostsTheSame() {
        Tables tables = Tables.of(round().divisions(division(5)).dressings(worn("drape", "material=fondant")))
                .stocked(material("fondant", "white", 5000, 1000, 7.0), material("ganache", "", 5000, 0, 0.01));
        Worktop before = tables.top();
        List<Table.Made> made = before.batches().stream()
                .map(b -> new Table.Made(b.id(), List.of()))
                .toList();
        Worktop after = tables.made(new Table(null, null, null, List.of(), made, Map.of(), List.of(), Map.of()))
                .top();
        assertThat(after.shopping()).isEmpty();
        assertThat(after.takings()).isEmpty();
        assertThat(after.total().materials()).isCloseTo(before.total().materials(), within(1e-9));
    }

    @Test
    void theBoardIsCoveredAndColouredAndJointsAreChosen() {
        Table.Base base = new Table.Base(330, Material.FONDANT, 3, "plum");
        Table table = new Table(
                null, null, base, List.of(), List.of(), Map.of(), List.of(), Map.of("tier-0/drape", Adhesive.EXTRACT));
        Worktop top = Tables.of(round().divisions(division(5)).dressings(worn("drape", "")))
                .made(table)
                .top();
        assertThat(top.batches())
                .anySatisfy(b -> assertThat(b.coverings())
                        .anyMatch(c -> c.tier().isEmpty()
                                && Math.abs(c.stays() - Math.PI / 4 * 330 * 330 * 3 / 1000 * 1.35) < 1e-6));
        Worktop.Part part = top.jobs().get(top.jobs().size() - 1);
        assertThat(part.joint()).isEqualTo(Adhesive.EXTRACT.words());
        assertThat(part.schools()).extracting(Worktop.School::adhesive).contains(Adhesive.ROYAL);
    }

    @Test
    void everyContactOfFacesTurnsADesignOver() {
        Worktop top = Tables.of(round().divisions(division(12))
                        .dressings(worn("ropes", ""), worn("swag", ""), worn("uprights", "")))
                .top();
        Map<String, Boolean> mirrored = new java.util.HashMap<>();
        top.jobs().forEach(j -> mirrored.put(j.dressing(), j.mirrored()));
        assertThat(mirrored)
                .containsEntry("ropes", false)
                .containsEntry("swag", false)
                .containsEntry("uprights", true);
        Making.Turn turn = new Making.Turn(sectorum.measure.Phrase.of("over"));
        assertThat(new Making(
                                List.of(),
                                List.of(),
                                "",
                                "",
                                List.of(),
                                List.of(),
                                0,
                                false,
                                List.of(turn, turn),
                                List.of(),
                                List.of(),
                                List.of())
                        .isMirrored())
                .isFalse();
    }

    @Test
    void lightColoursAreRolledBeforeDarkAndPiecesThatDryLongestFirst() {
        Worktop top = Tables.of(round().divisions(division(12))
                        .dressings(
                                Tiers.coloured(
                                        worn("squares", "each=1 laid=chequers material=fondant"), "plum", "cream"),
                                worn("crescent", "material=gum")))
                .top();
        List<Batch> rolled = top.batches().stream()
                .filter(b -> b.form() == Batch.Form.ROLLED)
                .toList();
        assertThat(rolled.get(0).material()).isEqualTo(Material.GUM);
        List<String> fondant = rolled.stream()
                .filter(b -> b.material() == Material.FONDANT)
                .map(b -> b.tint().id())
                .toList();
        assertThat(fondant).startsWith("cream");
    }
}

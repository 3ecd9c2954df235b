package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.art.Motif;
import sectorum.art.Rings;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.material.Material;
import sectorum.surface.Side;

/** Art placed, used and cut; the badge is 30 × 40, a disc of 24 with a hole of 10 on it. */
class ArtTest {
    private static final Side SIDE = Places.round(628.3, 110);
    private static final double DISC = Flat.area(Flat.circle(24, 48));
    private static final double HOLE = Flat.area(Flat.circle(10, 24));

    private static Dressed worn(String settings, int colours) {
        Division marks = Division.of(SIDE.outline(), 8, Front.SECTION);
        return Catalogue.of("art")
                .dress(
                        Places.set(settings),
                        new DressingContext(SIDE, marks, SIDE.whole(), colours, Places.BENCH).drawn(Places.ART));
    }

    /** Row by row: how many contacts turn it over, and so whether it is drawn mirrored (craft 7). */
    @ParameterizedTest(name = "{0}: {1} contacts")
    @CsvSource({
        "SCRIBED, 0",
        "RUBBED, 1",
        "STENCILLED, 0",
        "PIPED, 0",
        "FLOODED, 0",
        "PAINTED, 1",
        "LAID, 0",
        "SET, 0",
        "INLAID, 0",
        "INSET, 0"
    })
    void mirroredByItsContacts(ArtUse use, int contacts) {
        Dressed dressed = worn("use=" + use.name().toLowerCase(java.util.Locale.ROOT), 2);
        assertThat(use.contacts).isEqualTo(contacts);
        assertThat(dressed.making().turns()).hasSize(contacts);
        assertThat(dressed.drawings().all().get(0).title().toString().contains("mirrored"))
                .isEqualTo(contacts % 2 == 1);
    }

    /** At any use and size it is as high as told, its middle where it is told, at the front or in every section. */
    @ParameterizedTest
    @EnumSource(ArtUse.class)
    void itIsPlacedAtItsSize(ArtUse use) {
        String settings = "high=40 up=60 border=2 use=" + use.name().toLowerCase(java.util.Locale.ROOT);
        Dressed front = worn(settings, 2);
        Dressed each = worn(settings + " where=sections every=2", 2);
        double rim = use == ArtUse.INSET ? 4 : 0;
        assertThat(Places.figure(front, "high")).isCloseTo(40 + rim, within(0.1));
        assertThat(Places.figure(front, "wide")).isCloseTo(30 + rim, within(0.1));
        assertThat(Places.figure(front, "How often")).isEqualTo(1);
        assertThat(Places.figure(each, "How often")).isEqualTo(4);
        assertThat(front.layout().placements()).allSatisfy(p -> {
            assertThat(p.s()).isCloseTo(SIDE.period() / 2, within(1e-3));
            assertThat(p.z()).isEqualTo(60);
        });
        assertThat(each.layout().placements())
                .hasSize(4 * front.layout().placements().size());
        assertThat(each.making().grams()).isCloseTo(4 * front.making().grams(), within(2e-3));
        assertThat(Places.rules(each)).isSubsetOf("art.islands");
    }

    /** Chosen sections: every so many, from so many to the right of the front on. */
    @ParameterizedTest
    @CsvSource({"1, 0, 8, 0", "2, 1, 4, 1", "4, 3, 2, 3", "8, 2, 1, 2", "20, 0, 1, 0"})
    void inChosenSections(int every, int first, int many, int section) {
        Dressed dressed = worn("use=laid high=20 where=sections every=" + every + " first=" + first, 1);
        assertThat(Places.figure(dressed, "How often")).isEqualTo(many);
        double s = dressed.layout().placements().get(0).s();
        double front = SIDE.period() / 2 + section * SIDE.period() / 8;
        assertThat(s).isCloseTo(front >= SIDE.period() ? front - SIDE.period() : front, within(1e-6));
    }

    /** Half-angle w/2R; seen wide 2R·sin(w/2R), at most 2R (craft 3H). */
    @ParameterizedTest
    @CsvSource({"40, 29.8875", "100, 73.2539"})
    void whatIsSeenFromTheFront(double high, double seen) {
        Dressed dressed = worn("use=scribed high=" + high, 1);
        double radius = 628.3 / (2 * Math.PI);
        double wide = 0.75 * high;
        assertThat(Places.figure(dressed, "seen from the front"))
                .isCloseTo(2 * radius * Math.sin(wide / 2 / radius), within(2e-3))
                .isCloseTo(seen, within(0.01));
    }

    /** Laid on one another they are whole; set in, the one under has a void for all that lies in it. */
    @Test
    void layersAreCutByColour() {
        Dressed laid = worn("use=laid high=40 thick=2", 2);
        assertThat(laid.making().cuts()).extracting(Making.Cut::colour).containsExactly(0, 1);
        double sheet = Material.FONDANT.sheet(1, 2);
        assertThat(laid.making().cuts().get(0).each()).isCloseTo(1200 * sheet, within(2e-3));
        assertThat(laid.making().cuts().get(1).each()).isCloseTo((DISC - HOLE) * sheet, within(2e-3));
        Dressed set = worn("use=set high=40 thick=2", 2);
        assertThat(set.making().grams()).isCloseTo(1200 * sheet, within(1e-3));
        Dressed lapped = worn("use=set high=40 thick=2 allowance=1", 2);
        assertThat(lapped.making().grams()).isGreaterThan(set.making().grams());
    }

    /** The whole, its parts apart, and each part on a card of its own; a stencil and a prick sheet where they are wanted. */
    @ParameterizedTest
    @CsvSource({
        "laid, art art-apart art-part-1 art-part-2",
        "scribed, art prick-sheet",
        "stencilled, art stencil",
        "piped, art",
        "rubbed, art"
    })
    void everyUseHasItsTemplates(String use, String names) {
        assertThat(worn("use=" + use, 2).drawings().all())
                .extracting(d -> d.name())
                .containsExactly(names.split(" "));
    }

    /** An inset panel has the border all round; its cord is its outline and a lap. */
    @Test
    void anInsetPanelHasAnEqualBorderAndItsCord() {
        Dressed dressed = worn("use=inset high=40 border=5", 2);
        double round = 2 * (30 + 40) + 2 * Math.PI * 5;
        assertThat(Places.figure(dressed, "Cord")).isCloseTo(round + 10, within(0.2));
        double area = 1200 + 5 * 2 * 70 + Math.PI * 25;
        assertThat(dressed.making().cuts().get(0).each()).isCloseTo(Material.FONDANT.sheet(area, 2), within(0.05));
    }

    /** An island falls out until bridges hold it; what goes through is the opening's area. */
    @Test
    void aStencilsIslandsAreFoundAndHeld() {
        Dressed open = worn("use=stencilled high=40", 2);
        assertThat(Places.rules(open)).containsExactly("art.islands");
        assertThat(Places.rules(worn("use=stencilled high=40 bridge=2", 2))).isEmpty();
        List<Motif> alone =
                List.of(Motif.of("o", "O", List.of(Places.ART.get(0).parts().get(1))));
        Division marks = Division.of(SIDE.outline(), 8, Front.SECTION);
        DressingContext place = new DressingContext(SIDE, marks, SIDE.whole(), 1, Places.BENCH).drawn(alone);
        assertThat(Places.rules(Catalogue.of("art").dress(Places.set("use=stencilled bridge=2"), place)))
                .isEmpty();
    }

    @Test
    void floodedAndPaintedAreTheirAreas() {
        Dressed flooded = worn("use=flooded high=40 depth=3 passes=2 nozzle=1", 2);
        double line = 2 * 70 + Flat.length(Flat.circle(24, 48), true) + Flat.length(Flat.circle(10, 24), true);
        double icing = Material.ROYAL.sheet(1200 + DISC - HOLE, 3) + Material.ROYAL.line(line, 1);
        assertThat(flooded.making().grams()).isCloseTo(icing, within(2e-3));
        assertThat(flooded.making().steps()).filteredOn(s -> s.pause() != null).hasSize(2);
        Dressed painted = worn("use=painted high=40", 2);
        assertThat(painted.making().grams()).isCloseTo((1200 + DISC - HOLE) / 10_000 * 1.3, within(1e-3));
    }

    static Stream<Arguments> outlines() {
        return Seeds.outlines().flatMap(o -> Stream.of(Arguments.of(o, 1), Arguments.of(o, 4)));
    }

    /** On every outline what is placed stays in its zone, and is not turned about by the hand that works. */
    @ParameterizedTest
    @MethodSource("outlines")
    void itStaysInItsZone(Seeds.Named named, int every) {
        java.util.Random random = new java.util.Random(7);
        Side side = Places.side(named, random);
        DressingContext place = Places.on(Catalogue.of("art"), side, Places.count(named, random), 2);
        Dressed dressed = Dressed.of(Catalogue.of("art"), Places.set("use=laid where=sections every=" + every), place);
        for (Layout.Placement p : dressed.layout().placements()) {
            List<Double> xz = dressed.layout().shapes().get(p.shape()).xz();
            for (int i = 1; i < xz.size(); i += 2) {
                assertThat(p.z() + xz.get(i))
                        .isBetween(place.zone().foot() - 1e-6, place.zone().top() + 1e-6);
            }
        }
        Dressed left = Dressed.of(
                Catalogue.of("art"), Places.set("use=laid where=sections every=" + every), Places.leftHanded(place));
        assertThat(left.layout()).isEqualTo(dressed.layout());
    }

    @Test
    void turnedAndMirroredItKeepsItsMiddle() {
        List<Motif> flag = List.of(Motif.of(
                "flag",
                "Flag",
                List.of(Motif.Region.of("#112233", Rings.of(List.of(0.0, 0.0, 20.0, 0.0, 0.0, 10.0))))));
        Division marks = Division.of(SIDE.outline(), 8, Front.SECTION);
        DressingContext place = new DressingContext(SIDE, marks, SIDE.whole(), 1, Places.BENCH).drawn(flag);
        Dressed turned = Catalogue.of("art").dress(Places.set("use=laid high=10 turn=1.5707963267948966"), place);
        assertThat(Places.figure(turned, "wide")).isCloseTo(10, within(1e-3));
        assertThat(Places.figure(turned, "high")).isCloseTo(20, within(1e-3));
        Dressed mirrored = Catalogue.of("art").dress(Places.set("use=laid high=10 way=mirrored"), place);
        assertThat(mirrored.layout().shapes().get(0).xz().get(0)).isCloseTo(10, within(1e-3));
    }

    @Test
    void artThatIsGoneIsToldAndNothingIsLost() {
        Dressed gone = worn("motif=lost", 1);
        assertThat(Places.rules(gone)).containsExactly("art.none");
        assertThat(gone.findings().get(0).mends()).hasSize(1);
        assertThat(gone.layout().placements()).isEmpty();
    }

    /** Of 50,000 points few are drawn, none further off than a six-hundredth of its height; what is cut keeps them all. */
    @Test
    void fineArtIsDrawnLighterThanItIsCut() {
        List<Double> wavy = new java.util.ArrayList<>();
        int n = 50_000;
        for (int i = 0; i < n; i++) {
            double t = 2 * Math.PI * i / n;
            double r = 40 + 2 * Math.sin(60 * t);
            wavy.add(r * Math.cos(t));
            wavy.add(r * Math.sin(t));
        }
        List<Motif> fine = List.of(Motif.of("fine", "Fine", List.of(Motif.Region.of("#112233", Rings.of(wavy)))));
        Division marks = Division.of(SIDE.outline(), 8, Front.SECTION);
        DressingContext place = new DressingContext(SIDE, marks, SIDE.whole(), 1, Places.BENCH).drawn(fine);
        Dressed dressed = Catalogue.of("art").dress(Places.set("use=laid high=84"), place);
        List<Double> drawn = dressed.layout().shapes().get(0).xz();
        assertThat(drawn.size() / 2).isBetween(200, 4000);
        assertThat(dressed.making().cuts().get(0).outline().size() / 2).isGreaterThan(40_000);
        assertThat(Flat.area(drawn)).isCloseTo(Flat.area(wavy), within(0.14 * 2 * Math.PI * 40));
    }
}

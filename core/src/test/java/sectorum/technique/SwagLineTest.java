package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.measure.Refused;
import sectorum.measure.Tape;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.side.Reading;
import sectorum.side.Side;
import sectorum.side.Zone;

class SwagLineTest {
    private final SwagLine swag = new SwagLine();

    private static Place place(double p, double h, int n) {
        Side side = Side.of(OutlineKind.ROUND, Values.NONE, h, 0, List.of(Reading.of(Reading.What.FOOT, p)));
        return new Place(side, Division.of(side.outline(), n, Front.SECTION), new Zone(0, h - 10), new Tape(1));
    }

    private static Values drop(Object mm) {
        return new Values(Map.of("drop", mm));
    }

    @Test
    void drawsSomethingGoodAtOnce() {
        Dressed dressed = swag.dress(Values.NONE, place(731, 118, 5));
        assertThat(dressed.findings()).isEmpty();
        assertThat(dressed.layout().shapes()).hasSize(1);
        assertThat(dressed.layout().placements()).hasSize(5);
        assertThat(dressed.figures().stream().filter(Figure::lead)).hasSize(3);
        assertThat(dressed.figures().get(0).quantity().value()).isCloseTo(146.2, within(1e-9));
    }

    @ParameterizedTest(name = "{2} sections, drop {0}: {1}")
    @CsvSource({
        "110, swag.out-of-side,  5, STOP",
        "70,  swag.loop,         5, LOOK",
        "80,  swag.overhang,     5, LOOK",
        "10,  swag.flat,         5, LOOK",
    })
    void everyFindingAppearsIsMendedAndGoes(double mm, String rule, int n, Level level) {
        Place place = place(731, 118, n);
        Finding found = swag.dress(drop(mm), place).findings().stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst()
                .orElseThrow();
        assertThat(found.level()).isEqualTo(level);
        assertThat(found.mends()).isNotEmpty();
        Change change = found.mends().get(0).changes().get(0);
        assertThat(change.target()).isEqualTo(Change.Target.SETTING);
        assertThat(swag.dress(drop(change.value()), place).findings()).isEmpty();
    }

    @Test
    void fewerSectionsMendALoopToo() {
        Place place = place(731, 118, 9);
        Finding loop = swag.dress(drop(45), place).findings().get(0);
        Change fewer = loop.mends().get(1).changes().get(0);
        assertThat(fewer.target()).isEqualTo(Change.Target.DIVISION);
        int n = (Integer) fewer.value();
        assertThat(swag.dress(drop(45), place(731, 118, n)).findings()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("sectorum.Seeds#outlines")
    void hangsFromMarkToMarkInsideItsZoneOnEveryOutline(Seeds.Named named) {
        Random random = new Random(named.name().hashCode());
        Side side = sideOf(named, random);
        int n = named.outline().cornersRule() ? named.outline().corners().size() * 2 : 3 + random.nextInt(12);
        Division division = Division.of(side.outline(), n, Front.SECTION);
        Place place = new Place(side, division, swag.usualZone(side), new Tape(1));
        Dressed dressed = swag.dress(Values.NONE, place);
        assertThat(dressed.layout().placements()).hasSize(n);
        double total = 0;
        for (Layout.Placement p : dressed.layout().placements()) {
            Layout.Shape shape = dressed.layout().shapes().get(p.shape());
            List<Double> xz = shape.xz();
            for (int i = 1; i < xz.size(); i += 2) {
                assertThat(p.z() + xz.get(i))
                        .isBetween(place.zone().foot() - 1e-9, place.zone().top() + 1e-9);
            }
            total += xz.get(xz.size() - 2);
        }
        assertThat(total)
                .as("swags close at the seam")
                .isCloseTo(side.around(place.zone().top()), within(1e-6));
        assertThat(dressed.handles().get(0).grips()).hasSize(n);
    }

    private static Side sideOf(Seeds.Named named, Random random) {
        double p = named.outline().perimeter();
        Side round = Side.of(
                OutlineKind.ROUND,
                Values.NONE,
                Seeds.between(random, 60, 200),
                0,
                List.of(Reading.of(Reading.What.FOOT, p), Reading.of(Reading.What.TOP, p * 0.97)));
        return new Side(named.outline(), round.foot(), round.top(), round.height(), List.of());
    }

    @Test
    void settingsOutOfTheirRangeAreRefusedByName() {
        Place place = place(731, 118, 5);
        assertThatThrownBy(() -> swag.dress(drop(-3), place))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("-3 mm");
        assertThatThrownBy(() -> swag.dress(drop("deep"), place)).hasMessageContaining("deep");
        assertThatThrownBy(() -> swag.dress(new Values(Map.of("curve", "zigzag")), place))
                .hasMessageContaining("zigzag");
        assertThatThrownBy(() -> Catalogue.of("glitter"))
                .hasMessageContaining("glitter")
                .hasMessageContaining("swag");
    }

    @Test
    void scallopIsDrawnAtTrueSize() {
        var drawing = swag.dress(drop(48), place(731, 118, 5)).drawings().get(0);
        assertThat(drawing.height()).isCloseTo(48 + 24, within(1e-9));
        assertThat(drawing.width()).isCloseTo(146.2 + 12, within(1e-9));
    }
}

package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.finding.Finding;
import sectorum.measure.Field;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.surface.Side;

/** What holds for any technique on any side; a new one is tested by being in the catalogue. */
class EveryTechniqueTest {
    static List<Technique> all() {
        return Places.ofTheSide();
    }

    static Stream<Arguments> everywhere() {
        return Seeds.outlines().flatMap(o -> all().stream().map(t -> Arguments.of(t, o)));
    }

    private static DressingContext place(Technique technique, Seeds.Named named, Random random) {
        Side side = Places.side(named, random);
        return Places.on(technique, side, Places.count(named, random), 1 + random.nextInt(3));
    }

    @ParameterizedTest
    @MethodSource("all")
    void drawsSomethingGoodAtOnceAndSaysAllThatIsNeeded(Technique technique) {
        Dressed dressed = Dressed.of(technique, Values.NONE, Places.taped(technique, 5));
        // Long strips do stretch, and weaving is slow, whoever chose them.
        assertThat(Places.rules(dressed)).isSubsetOf("drape.stretch", "weave.slow");
        assertThat(dressed.layout().placements()).isNotEmpty();
        assertThat(dressed.figures().stream().filter(Figure::lead)).hasSize(3);
        // A finish is moved by the edges of its zone alone.
        assertThat(dressed.handles().isEmpty()).isEqualTo(technique.finishes());
        assertThat(dressed.handles())
                .allSatisfy(h -> assertThat(h.grips().size()).isIn(1, 5));
        assertThat(dressed.making().steps()).isNotEmpty();
        assertThat(dressed.making().minutes()).isPositive();
        assertThat(dressed.making().adhesive()).isNotBlank();
        assertThat(technique.name()).matches("[A-Z][a-z ]+");
    }

    @ParameterizedTest
    @MethodSource("all")
    void fieldsAreItsSettingNamesAndHandlesMoveFieldsInTheirRange(Technique technique) {
        DressingContext place = Places.taped(technique, 7);
        List<Field> fields = technique.fields(Values.NONE, place);
        Set<String> names = fields.stream().map(Field::name).collect(Collectors.toCollection(TreeSet::new));
        if (technique.finishes()) {
            technique.fields(Values.NONE, Places.overNothing(place)).forEach(f -> names.add(f.name()));
        }
        assertThat(names).isEqualTo(technique.settingNames());
        for (Handle handle : technique.dress(Values.NONE, place).handles()) {
            Field field = fields.stream()
                    .filter(f -> f.name().equals(handle.field()))
                    .findFirst()
                    .orElseThrow();
            assertThat(handle.least()).isGreaterThanOrEqualTo(field.min());
            assertThat(handle.most()).isBetween(handle.least(), field.max());
            assertThat(handle.perMm()).isNotZero();
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void everySettingOutOfItsRangeIsRefusedByName(Technique technique) {
        DressingContext place = Places.taped(technique, 5);
        for (Field field : technique.fields(Values.NONE, place)) {
            if (field.name().equals("motif")) {
                // Art that is gone from the plan is told, not refused.
                continue;
            }
            boolean words = field.kind() == Quantity.Kind.TEXT;
            for (Object bad : words
                    ? List.<Object>of("no-such-choice", 7.0)
                    : List.<Object>of(field.max() + 1, field.min() - 1, "deep")) {
                assertThatThrownBy(() -> technique.dress(new Values(Map.of(field.name(), bad)), place))
                        .as(field.name() + " " + bad)
                        .isInstanceOfSatisfying(
                                Refused.class, r -> assertThat(r.field()).isEqualTo(field.name()));
            }
        }
    }

    @ParameterizedTest(name = "{0} on {1}")
    @MethodSource("everywhere")
    void piecesStayInTheirZoneOnTheSideAndCloseTheirCounts(Technique technique, Seeds.Named named) {
        DressingContext place = place(technique, named, new Random(named.name().hashCode()));
        Dressed dressed = Dressed.of(technique, Values.NONE, place);
        Layout layout = dressed.layout();
        Map<Integer, Integer> drawn = new TreeMap<>();
        for (Layout.Placement p : layout.placements()) {
            Layout.Shape shape = layout.shapes().get(p.shape());
            assertThat(p.s()).isBetween(0.0, place.division().around());
            assertThat(p.colour()).isBetween(0, place.colours() - 1);
            List<Double> xz = shape.xz();
            for (int i = 0; i < xz.size(); i += 2) {
                double z = p.z() + xz.get(i) * Math.sin(p.turn()) + xz.get(i + 1) * Math.cos(p.turn());
                double over = technique.rises() ? 200 : 0.2;
                assertThat(z).isBetween(place.zone().foot() - 0.2, place.zone().top() + over);
            }
            if (shape.role() == Layout.Role.PIECE && shape.closed()) {
                drawn.merge(p.colour(), 1, Integer::sum);
            }
        }
        Map<Integer, Integer> listed = new TreeMap<>();
        dressed.making().cuts().forEach(c -> listed.merge(c.colour(), c.count(), Integer::sum));
        dressed.making().wanted().forEach(w -> listed.merge(w.colour(), w.count(), Integer::sum));
        // What is kept in reserve has no place, and no colour of its own.
        listed.remove(Making.UNCOLOURED);
        assertThat(listed).as("cut list by colour").isEqualTo(drawn);
    }

    @ParameterizedTest(name = "{0} on {1}")
    @MethodSource("everywhere")
    void countsTimesSizesAreTheTotals(Technique technique, Seeds.Named named) {
        DressingContext place =
                place(technique, named, new Random(31 + named.name().hashCode()));
        Making making = Dressed.of(technique, Values.NONE, place).making();
        Map<Double, Double> byThickness = new TreeMap<>();
        for (Making.Cut cut : making.cuts()) {
            assertThat(cut.spare()).isBetween(0, cut.count() / 5 + 1);
            if (!cut.outline().isEmpty()) {
                double grams = cut.count() * cut.each();
                // A round weighs as a round, not as the polygon that it is drawn as.
                assertThat(cut.each())
                        .isCloseTo(
                                cut.material().sheet(Flat.area(cut.outline()), cut.thickness()), withinPercentage(0.5));
                byThickness.merge(cut.thickness(), grams, Double::sum);
            }
        }
        byThickness.forEach((thickness, grams) -> assertThat(making.used().stream()
                        .filter(u -> u.thickness() == thickness)
                        .mapToDouble(Making.Used::grams)
                        .sum())
                .isCloseTo(grams, within(1e-9)));
        assertThat(making.used())
                .allSatisfy(u -> assertThat(u.grams()).isPositive().isFinite());
    }

    @ParameterizedTest(name = "{0} on {1}")
    @MethodSource("everywhere")
    void aMirroredHandGivesTheMirroredLayout(Technique technique, Seeds.Named named) {
        DressingContext place =
                place(technique, named, new Random(5 + named.name().hashCode()));
        Dressed right = Dressed.of(technique, Values.NONE, place);
        Dressed left = Dressed.of(technique, Values.NONE, Places.leftHanded(place));
        // Letters stay letters, whichever hand sets them.
        int mirror = technique.isHanded() ? -1 : 1;
        assertThat(points(left.layout(), 1, place)).isEqualTo(points(right.layout(), mirror, place));
        assertThat(left.making().grams()).isCloseTo(right.making().grams(), within(1e-9));
        for (int h = 0; h < left.handles().size(); h++) {
            List<Handle.Grip> grips = left.handles().get(h).grips();
            for (int k = 0; k < place.division().count() && grips.size() > 1; k++) {
                double s = grips.get(k).s();
                assertThat(sectorum.outline.Along.of(s, place.division().around())
                                .distance(place.division().middle(k)))
                        .isLessThanOrEqualTo(place.division().sizes().get(0) * 1.01);
            }
        }
    }

    /** Where every piece is, of which colour, to a hundredth of a millimetre, on the seam once. */
    private static Set<String> points(Layout layout, int mirror, DressingContext place) {
        double around = place.division().around();
        Set<String> points = new TreeSet<>();
        for (Layout.Placement p : layout.placements()) {
            double s = mirror * p.s();
            s -= Math.floor(s / around + 1e-7) * around;
            points.add(Math.round(s * 100) + " " + Math.round(p.z() * 100) + " " + p.colour() + " "
                    + Math.round(mirror * p.turn() * 1000) + 0);
        }
        return points;
    }

    @ParameterizedTest
    @MethodSource("all")
    void rulesAreNamedOnceAndFindingsAreAmongThem(Technique technique) {
        Set<String> named =
                technique.rules().stream().map(sectorum.finding.Rule::id).collect(Collectors.toSet());
        assertThat(named).hasSize(technique.rules().size());
        for (Random random : Seeds.randoms(40).toList()) {
            DressingContext place = Places.on(
                    technique,
                    Places.round(Seeds.between(random, 200, 1400), Seeds.between(random, 20, 200)),
                    1 + random.nextInt(30),
                    1 + random.nextInt(4));
            Values values = Values.NONE;
            for (Field field : technique.fields(Values.NONE, place)) {
                if (field.kind() == Quantity.Kind.LENGTH && random.nextBoolean()) {
                    values = values.with(field.name(), Seeds.between(random, field.min(), Math.min(field.max(), 90)));
                } else if (field.kind() == Quantity.Kind.TEXT) {
                    int chosen = random.nextInt(field.choices().size());
                    values = values.with(
                            field.name(), field.choices().get(chosen).name());
                } else if (field.kind() == Quantity.Kind.COUNT) {
                    values = values.with(
                            field.name(), field.min() + random.nextInt((int) (field.max() - field.min()) + 1));
                }
            }
            Dressed dressed = Dressed.of(technique, values, place);
            assertThat(dressed.findings().stream().map(Finding::rule)).isSubsetOf(named);
            assertThat(dressed.making().minutes()).isFinite();
            dressed.layout()
                    .placements()
                    .forEach(p -> assertThat(p.s() + p.z() + p.turn()).isFinite());
        }
    }
}

package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.drawing.Box;
import sectorum.material.Material;
import sectorum.surface.Side;

/** Piped frames, and runs that lean. */
class FramesTest {
    private static final Side SIDE = Places.round(731, 118);

    private static Dressed worn(String technique, String settings, int sections, int colours) {
        Division marks = Division.of(SIDE.outline(), sections, Front.SECTION);
        return Catalogue.of(technique)
                .dress(
                        Places.set(settings),
                        new DressingContext(SIDE, marks, SIDE.whole(), colours, Places.BENCH).drawn(Places.ART));
    }

    /** Every shape is as high as told, inside its circle, and its rounds lie inside one another. */
    @ParameterizedTest
    @EnumSource(FrameShape.class)
    void everyShapeIsAsLargeAsTold(FrameShape shape) {
        Box box = Box.of(shape.outline(40));
        assertThat(Math.max(box.height(), box.width())).isBetween(38.0, 41.0);
        assertThat(Flat.within(shape.outline(30), shape.outline(40))).isTrue();
        List<FrameShape.Pose> poses = FrameShape.along(shape.outline(40), 3);
        double whole = Flat.length(shape.outline(40), true);
        assertThat(poses).hasSize((int) Math.rint(whole / 3));
        Dressed dressed = worn("frames", "shape=" + shape.name().toLowerCase(java.util.Locale.ROOT), 12, 1);
        assertThat(Places.rules(dressed)).isEmpty();
        assertThat(Places.figure(dressed, "frames")).isEqualTo(12);
    }

    /** Lines by their length, the outermost by its own nozzle; every other section has half of it. */
    @ParameterizedTest
    @CsvSource({"1, every, 10", "3, every, 10", "2, other, 5"})
    void aFrameWeighsByItsLines(int rounds, String which, int frames) {
        Dressed dressed = worn(
                "frames",
                "shape=square across=40 apart=5 nozzle=3 second=2 rounds=" + rounds + " which=" + which,
                10,
                1);
        double outer = 160 * Math.PI * 9 / 4;
        double inner = 0;
        for (int j = 1; j < rounds; j++) {
            inner += 4 * (40 - 10 * j) * Math.PI;
        }
        assertThat(dressed.making().grams())
                .isCloseTo(frames * (outer + inner) / 1000 * Material.ROYAL.density(), within(1e-6));
        assertThat(Places.figure(dressed, "frames")).isEqualTo(frames);
    }

    /** Round the outline of art: 30 × 40, each round as much further in all round, as many as leave something. */
    @ParameterizedTest
    @CsvSource({"3, 5, 3, 0", "9, 5, 3, 1"})
    void aFrameHasTheOutlineOfArt(int rounds, double apart, int fit, int found) {
        Dressed dressed =
                worn("frames", "shape=art across=40 nozzle=2 second=2 rounds=" + rounds + " apart=" + apart, 8, 1);
        assertThat(Places.figure(dressed, "Rounds")).isEqualTo(fit);
        assertThat(Places.rules(dressed)).hasSize(found).allMatch("frames.rounds"::equals);
        double line = 140 + 100 + 60;
        assertThat(dressed.making().grams())
                .isCloseTo(8 * line * Math.PI / 1000 * Material.ROYAL.density(), within(0.01));
    }

    @Test
    void whatIsFloodedIsItsAreaAndDriesBeforeItIsFramed() {
        Dressed dressed = worn("frames", "shape=square across=40 rounds=1 inside=flooded depth=2", 10, 2);
        assertThat(dressed.making().cuts())
                .filteredOn(c -> c.colour() == 1)
                .singleElement()
                .satisfies(c -> assertThat(c.each()).isCloseTo(Material.ROYAL.sheet(1600, 2), within(1e-9)));
        assertThat(dressed.making().steps())
                .anyMatch(s -> s.pause() != null && s.pause().least() == 60);
    }

    /** Beads close round the frame at even distances, and every one is on its line. */
    @Test
    void beadsRunRoundAFrame() {
        Dressed dressed = worn("frames", "shape=ring across=40 edge=beads nozzle=4 rounds=1", 8, 1);
        int on = (int) Places.figure(dressed, "On each frame");
        assertThat(on).isEqualTo((int) Math.rint(Math.PI * 40 / 4));
        assertThat(dressed.layout().pieces()).isEqualTo(8 * on);
        double middle = dressed.layout().placements().stream()
                .mapToDouble(Layout.Placement::z)
                .average()
                .orElseThrow();
        assertThat(middle).isCloseTo(59, within(0.01));
    }

    /** H/sin α long, H/tan α along; colours and nozzles in turn (craft 3B). */
    @ParameterizedTest(name = "{0} a section at {1}°: apart {2}")
    @CsvSource({"2, 45, 30.458", "4, 60, 15.229"})
    void runsLeanAsLongAsTheirAngleMakesThem(int each, double degrees, double apart) {
        Dressed dressed = worn("runs", "each=" + each + " nozzle=5 angle=" + Math.toRadians(degrees), 12, 2);
        double sin = Math.sin(Math.toRadians(degrees));
        assertThat(Places.figure(dressed, "runs")).isEqualTo(12 * each);
        assertThat(Places.figure(dressed, "apart")).isCloseTo(apart, within(5e-4));
        assertThat(Places.figure(dressed, "Each long")).isCloseTo(118 / sin, within(1e-9));
        assertThat(dressed.making().grams())
                .isCloseTo(12 * each * 118 / sin * Math.PI * 25 / 4 / 1000 * 0.9, within(12 * each * 0.3));
        double drawn = 0;
        for (Layout.Placement p : dressed.layout().placements()) {
            drawn += Places.width(dressed.layout().shapes().get(p.shape()));
        }
        assertThat(drawn).isCloseTo(12 * each * 118 / sin, within(1e-6));
    }

    /** Every run has one nozzle; in turns of three over two colours they close on multiples of six. */
    @ParameterizedTest
    @CsvSource({"12, 1, 2, 0", "12, 1, 1, 0", "10, 1, 1, 1", "8, 3, 2, 0", "8, 1, 2, 1"})
    void turnsOfNozzlesAndColoursClose(int sections, int each, int colours, int found) {
        Dressed dressed = worn("runs", "nozzle=5 second=4 third=3 each=" + each, sections, colours);
        assertThat(Places.rules(dressed)).hasSize(found).allMatch("runs.closes"::equals);
        List<Double> wide = new ArrayList<>();
        dressed.layout().shapes().forEach(s -> wide.add(s.wide()));
        assertThat(wide).contains(5.0, 4.0, 3.0);
        assertThat(dressed.making().tools()).extracting(Making.Tool::size).contains(5.0, 4.0, 3.0);
    }
}

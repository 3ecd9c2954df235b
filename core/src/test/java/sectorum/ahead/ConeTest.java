package sectorum.ahead;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.material.Material;
import sectorum.plan.OwnPiece;

/** Cones, arcs, spheres and lines: formulas against sums along what they mean. */
class ConeTest {
    /** Handbook: cone, base radius 40, slant 85: sector 169.412°. */
    @Test
    void aConeOf40By85IsASectorOf169Point412Degrees() {
        assertThat(Math.toDegrees(Cone.angle(40, 85))).isCloseTo(169.412, within(5e-4));
    }

    /** The sector's area is the cone's side, summed in rings. */
    @ParameterizedTest
    @CsvSource({"40, 85", "10, 30", "25, 25", "3, 100"})
    void theSectorIsTheConesSide(double radius, double slant) {
        double side = 0;
        int rings = 2000;
        for (int i = 0; i < rings; i++) {
            side += 2 * Math.PI * radius * (i + 0.5) / rings * slant / rings;
        }
        assertThat(Cone.angle(radius, slant) / 2 * slant * slant).isCloseTo(side, within(side * 1e-9));
    }

    @ParameterizedTest
    @CsvSource({"100, 30", "100, 50", "100, 80", "60, 10"})
    void anArchIsAsLongAsItsArc(double span, double rise) {
        double r = Arch.radius(span, rise);
        double from = Math.atan2(r - rise, span / 2);
        double sum = 0;
        int parts = 20_000;
        for (int i = 0; i < parts; i++) {
            double a = from + (Math.PI - 2 * from) * i / parts;
            double b = from + (Math.PI - 2 * from) * (i + 1) / parts;
            sum += r * Math.hypot(Math.cos(b) - Math.cos(a), Math.sin(b) - Math.sin(a));
        }
        assertThat(Arch.arc(span, rise)).isCloseTo(sum, within(1e-3));
        // It begins in one foot and its middle is at the rise.
        assertThat(rise - r + r * Math.sin(from)).isCloseTo(0, within(1e-9));
        assertThat(r * Math.cos(from)).isCloseTo(span / 2, within(1e-9));
    }

    /** Each coat of a half sphere is 2πr² × thickness, summed in rings of its skin; halves count twice. */
    @ParameterizedTest
    @CsvSource({"60, 1.5, 2", "30, 1, 3", "80, 2, 1"})
    void halfSpheresWeighTheirSkin(double across, double coat, int coats) {
        double r = across / 2;
        double skin = 0;
        int rings = 4000;
        for (int i = 0; i < rings; i++) {
            double a = Math.PI / 2 * (i + 0.5) / rings;
            skin += 2 * Math.PI * r * Math.cos(a) * r * (Math.PI / 2 / rings);
        }
        OwnPiece ball = new HalfSpheres()
                .offers(Bed.USUAL)
                .get(0)
                .sized(across, across)
                .thick(coat)
                .set("coats", (double) coats);
        MadeAhead made = AheadCatalogue.make(ball, Bed.USUAL);
        double grams = 2 * coats * skin * coat / 1000 * Material.CHOCOLATE.density();
        assertThat(made.grams()).isCloseTo(grams, within(grams * 1e-6));
        assertThat(made.components().get(0).each()).isEqualTo(2);
        assertThat(made.findings()).hasSize(coats < 2 ? 1 : 0);
    }

    /** Handbook: strand 3, lay 15: take-up 0.18101. */
    @Test
    void aStrandOf3InALayOf15TakesUp0Point18101() {
        assertThat(Rolled.takeUp(3, 15)).isCloseTo(0.18101, within(5e-6));
    }

    /** A flat panel of 55 on a radius of 100 stands off 3.712 (handbook). */
    @Test
    void aFlatPieceOf55OnARadiusOf100StandsOff3Point712() {
        assertThat(FigureRules.standsOff(100, 55)).isCloseTo(3.712, within(5e-4));
    }
}

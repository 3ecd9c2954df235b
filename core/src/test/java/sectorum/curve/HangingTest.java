package sectorum.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import sectorum.Seeds;
import sectorum.drawing.Point;
import sectorum.measure.Refused;

class HangingTest {
    @Test
    void parabolaIsNoLongerThanCatenaryThanArc() {
        Seeds.randoms(400).forEach(random -> {
            double c = Seeds.between(random, 5, 500);
            double d = Seeds.between(random, 0.0005, 0.5) * c;
            double parabola = Hanging.of(School.PARABOLA, c, d).length();
            double catenary = Hanging.of(School.CATENARY, c, d).length();
            double arc = Hanging.of(School.ARC, c, d).length();
            assertThat(parabola).as("c %s d %s", c, d).isLessThanOrEqualTo(catenary + 1e-9 * c);
            assertThat(catenary).isLessThanOrEqualTo(arc + 1e-9 * c);
            assertThat(parabola).isGreaterThan(c);
        });
    }

    @ParameterizedTest
    @EnumSource(School.class)
    void lengthSlopeAndDropAgreeWithItsPoints(School school) {
        Random random = new Random(11);
        for (int i = 0; i < 40; i++) {
            double c = Seeds.between(random, 20, 300);
            double d = Seeds.between(random, 0.01, 0.8) * c;
            Hanging curve = Hanging.of(school, c, d);
            List<Double> p = curve.points(20_000);
            double length = 0;
            double lowest = 0;
            for (int j = 2; j < p.size(); j += 2) {
                length += Math.hypot(p.get(j) - p.get(j - 2), p.get(j + 1) - p.get(j - 1));
                lowest = Math.min(lowest, p.get(j + 1));
            }
            assertThat(length).isCloseTo(curve.length(), within(1e-5 * c));
            assertThat(lowest).isCloseTo(-d, within(1e-9 * c));
            assertThat(Math.atan2(p.get(1) - p.get(3), p.get(2) - p.get(0))).isCloseTo(curve.endSlope(), within(1e-2));
            assertThat(p.get(0)).isCloseTo(0, within(1e-9));
            assertThat(p.get(p.size() - 2)).isCloseTo(c, within(1e-9));
            assertThat(p.get(p.size() - 1)).isCloseTo(0, within(1e-9));
        }
    }

    @ParameterizedTest
    @EnumSource(School.class)
    void mirroredTwiceIsTheSame(School school) {
        Hanging curve = Hanging.of(school, 146.2, 48);
        for (double u = 0; u <= 1; u += 0.01) {
            Point once = curve.at(1 - u);
            Point here = curve.at(u);
            assertThat(146.2 - once.x()).isCloseTo(here.x(), within(1e-9));
            assertThat(once.y()).isCloseTo(here.y(), within(1e-9));
        }
    }

    @ParameterizedTest
    @EnumSource(School.class)
    void noDropIsStraight(School school) {
        Hanging straight = Hanging.of(school, 60, 0);
        assertThat(straight.length()).isEqualTo(60);
        assertThat(straight.endSlope()).isZero();
        assertThat(straight.drop()).isZero();
        assertThat(straight.at(0.5)).isEqualTo(new Point(30, 0));
        assertThat(Hanging.of(school, 60, 1e-6).length()).isCloseTo(60, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"0, 10", "-5, 10", "60, -1", "NaN, 10", "60, NaN", "Infinity, 4"})
    void refusesWhatDoesNotHang(double width, double drop) {
        assertThatThrownBy(() -> Hanging.of(School.ARC, width, drop)).isInstanceOf(Refused.class);
    }

    @Test
    void anArcPastHalfItsWidthOverhangs() {
        Hanging deep = Hanging.of(School.ARC, 60, 50);
        assertThat(deep.endSlope()).isGreaterThan(Math.PI / 2);
        assertThat(deep.points(96).get(20)).as("left of its own mark").isLessThan(0);
    }
}

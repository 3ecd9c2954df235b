package sectorum.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.measure.Refused;

class CutJobTest {
    private static String polyline(String layer, boolean closed, double... xy) {
        StringBuilder out = new StringBuilder(
                "0\r\nPOLYLINE\r\n8\r\n" + layer + "\r\n66\r\n1\r\n70\r\n" + (closed ? 1 : 0) + "\r\n");
        for (int i = 0; i < xy.length; i += 2) {
            out.append("0\r\nVERTEX\r\n8\r\n")
                    .append(layer)
                    .append("\r\n10\r\n")
                    .append(xy[i])
                    .append("\r\n20\r\n")
                    .append(xy[i + 1])
                    .append("\r\n");
        }
        return out + "0\r\nSEQEND\r\n";
    }

    private static final String HEAD =
            "0\r\nSECTION\r\n2\r\nHEADER\r\n9\r\n$EXTMAX\r\n10\r\n200\r\n20\r\n100\r\n0\r\nENDSEC\r\n0\r\nSECTION\r\n2\r\nENTITIES\r\n";
    private static final String FILE = HEAD
            + polyline("CUT", true, 100, 0, 140, 0, 140, 40, 100, 40)
            + polyline("CUT", false, 10, 10, 50, 10)
            + polyline("MARK", false, 0, 90, 90, 90)
            + "0\r\nENDSEC\r\n0\r\nEOF\r\n";

    @Test
    void penBeforeKnifeAndTheNearestNext() {
        CutPath path = CutPath.ofDxf(FILE);
        assertThat(path.width()).isEqualTo(200);
        assertThat(path.strokes()).extracting(CutPath.Stroke::cut).containsExactly(false, true, true);
        assertThat(path.strokes().get(1).xy())
                .containsExactly(100.0, 0.0, 140.0, 0.0, 140.0, 40.0, 100.0, 40.0, 100.0, 0.0);
        assertThat(path.length()).isCloseTo(90 + 160 + 40, within(1e-9));
    }

    @Test
    void timeIsThatOfEveryMoveAndTheHeadIsWhereItSays() {
        CutJob job = new CutJob(CutPath.ofDxf(FILE));
        double lifts = 90 / 160.0 + Math.hypot(100 - 90, 90) / 160 + Math.hypot(90, 10) / 160;
        assertThat(job.seconds()).isCloseTo(90 / 90.0 + 200 / 40.0 + 12 + lifts, within(1e-9));
        assertThat(job.at(0).does()).isEqualTo(CutJob.Does.TRAVELS);
        CutJob.Head drawing = job.at(90 / 160.0 + 0.5);
        assertThat(drawing.does()).isEqualTo(CutJob.Does.DRAWS);
        assertThat(drawing.x()).isCloseTo(45, within(1e-9));
        assertThat(job.at(90 / 160.0 + 1 + 3).does()).isEqualTo(CutJob.Does.CHANGES);
        assertThat(job.at(job.seconds()).does()).isEqualTo(CutJob.Does.DONE);
        assertThat(job.at(job.seconds() + 99).share()).isEqualTo(1);
    }

    /** What tore is cut again from where its stroke began, and nothing before it. */
    @Test
    void aStrokeIsBegunAgainWhereItBegan() {
        CutJob job = new CutJob(CutPath.ofDxf(FILE));
        double torn = job.begins(1) + 15;
        assertThat(job.at(torn).stroke()).isEqualTo(1);
        assertThat(job.begins(job.at(torn).stroke())).isLessThan(torn);
        assertThat(job.begins(99)).isEqualTo(job.seconds());
        double last = -1;
        for (double s = 0; s <= job.seconds(); s += 0.05) {
            assertThat(job.at(s).stroke()).isGreaterThanOrEqualTo((int) last);
            last = job.at(s).stroke();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "0\r\nEOF\r\n", "{\"no\": \"dxf\"}"})
    void whatHoldsNoLineIsRefused(String text) {
        assertThatThrownBy(() -> CutPath.ofDxf(text))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("no line");
    }

    @Test
    void aNumberThatIsNoneIsRefused() {
        String odd = HEAD + "0\r\nPOLYLINE\r\n8\r\nCUT\r\n0\r\nVERTEX\r\n10\r\ntwelve\r\n";
        assertThatThrownBy(() -> CutPath.ofDxf(odd)).isInstanceOf(Refused.class).hasMessageContaining("twelve");
    }
}

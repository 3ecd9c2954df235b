package sectorum.server.documents;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** Tables and drawings for programs of others: nothing in them is run, nothing in them is lost. */
class TablesTest {
    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+49", "-x", "@home", "=cmd|' /C calc'!A0"})
    void whatASpreadsheetWouldRunIsMadeWordsAndComesBack(String hostile) {
        String csv = CsvTable.write(List.of("name"), List.of(List.of(hostile)));
        assertThat(csv.lines().skip(1).findFirst().orElseThrow().replace("\"", ""))
                .startsWith("'");
        assertThat(CsvTable.plain("'" + hostile)).isEqualTo(hostile);
    }

    @ParameterizedTest(name = "{0} stays")
    @ValueSource(strings = {"plain words", "a-b", "'x", "7 1/2", "O'Dell"})
    void harmlessWordsStayAsTheyAre(String words) {
        assertThat(CsvTable.write(List.of("name"), List.of(List.of(words)))).contains(words);
        assertThat(CsvTable.plain(words)).isEqualTo(words);
    }

    @Test
    void numbersStayNumbersEvenBelowNothing() {
        assertThat(CsvTable.write(List.of("a", "b"), List.of(List.of(-3.5, 4)))).endsWith("-3.5,4\r\n");
        assertThat(CsvTable.plain("'")).isEqualTo("'");
        assertThat(CsvTable.plain("")).isEmpty();
    }

    private static String dxf(Ink... inks) {
        Drawing drawing = new Drawing("d", Phrase.of("A {}", Quantity.text("drawing")), 100, 80, List.of(inks));
        return DxfWriter.write(drawing, LengthUnit.CM);
    }

    @Test
    void aClosedLineIsClosedAndAnOpenOneIsNot() {
        String closed = dxf(new Ink.Line(Ink.Pen.CUT, List.of(0.0, 0.0, 10.0, 0.0, 10.0, 10.0, 0.0, 0.0)));
        assertThat(closed).contains("POLYLINE\r\n8\r\nCUT\r\n66\r\n1\r\n70\r\n1\r\n");
        assertThat(closed.split("VERTEX", -1)).hasSize(4);
        String open = dxf(Ink.Line.of(Ink.Pen.GUIDE, 0, 0, 10, 10));
        assertThat(open).contains("POLYLINE\r\n8\r\nGUIDE\r\n66\r\n1\r\n70\r\n0\r\n");
        assertThat(open.split("VERTEX", -1)).hasSize(3);
    }

    @Test
    void upIsUpAndWordsAreInPlainLetters() {
        Phrase said = Phrase.of("{} at 45°", Quantity.length(25));
        String text = dxf(new Ink.Words(10, 20, 4, Ink.Anchor.MIDDLE, said));
        assertThat(text).contains("20\r\n60\r\n40\r\n4\r\n1\r\n2.5 cm at 45\\U+00B0\r\n72\r\n1\r\n");
        assertThat(dxf()).contains("$EXTMAX\r\n10\r\n100\r\n20\r\n80\r\n").endsWith("EOF\r\n");
    }
}

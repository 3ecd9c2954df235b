package sectorum.server.documents;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * Reads tables as spreadsheets save them: any of the usual separators, a decimal comma, columns in any order. Where a line
 * cannot be read none is, and every such line is told.
 *
 * @param what it is a table of, in words
 * @param columns all that there may be
 * @param needed those that must be there
 */
public record CsvRows(String what, List<String> columns, List<String> needed) {
    private static final int LARGEST = 20_000_000;
    private static final int MOST_TOLD = 12;
    /** With so many lines wrong it is another table: the rest is not looked at. */
    private static final int MOST_WRONG = 100;

    private static final Pattern NUMBER = Pattern.compile("[-+]?[0-9]{1,12}([.,][0-9]{1,12})?");

    /** A line of a table. */
    public record Row(CSVRecord line) {
        /** What stands in a column, without spaces around it; empty where there is no such column. */
        public String cell(String column) {
            return line.isMapped(column) && line.isSet(column) ? CsvTable.plain(line.get(column)) : "";
        }

        /** A number, or what is usual where nothing stands. */
        public double number(String column, double usual) {
            String given = cell(column);
            return given.isEmpty() ? usual : CsvRows.number(column, given);
        }

        /** A number; absent: nothing stands there. */
        @Absent
        public Double number(String column) {
            String given = cell(column);
            return given.isEmpty() ? null : (Double) CsvRows.number(column, given);
        }
    }

    /** A number as it is typed, with a point or a comma. */
    public static double number(String column, String given) {
        String plain = given.replace(" ", "").replace("\u00A0", "");
        // Only digits: what a programming language takes for a number besides is no amount.
        if (!NUMBER.matcher(plain).matches()) {
            throw new Refused(column, Phrase.of("\"{}\" is no number. Type one such as 12.5.", Quantity.text(given)));
        }
        return Double.parseDouble(plain.replace(',', '.'));
    }

    /**
     * @throws Refused naming every line that cannot be read
     */
    public <T> List<T> read(String text, Function<Row, T> row) {
        List<T> things = new ArrayList<>();
        List<String> wrong = new ArrayList<>();
        char separator = separator(text);
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreHeaderCase(true)
                .setAllowMissingColumnNames(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text.replace("\uFEFF", "")), format)) {
            head(parser.getHeaderNames());
            for (CSVRecord line : parser) {
                try {
                    things.add(row.apply(new Row(line)));
                } catch (Refused refused) {
                    wrong.add(
                            "line " + (line.getRecordNumber() + 1) + ", " + refused.field() + ": " + refused.phrase());
                    if (wrong.size() == MOST_WRONG) {
                        break;
                    }
                }
            }
        } catch (Refused own) {
            throw own;
        } catch (IOException | IllegalArgumentException | IllegalStateException | UncheckedIOException e) {
            throw new Refused(
                    "file",
                    Phrase.of(
                            "This is no table of {}: {}. Save one from here to see how it looks.",
                            Quantity.text(what),
                            Quantity.text(why(e))));
        }
        if (!wrong.isEmpty()) {
            String told = String.join(" · ", wrong.subList(0, Math.min(MOST_TOLD, wrong.size())));
            throw new Refused(
                    "file",
                    Phrase.of(
                            wrong.size() < MOST_WRONG
                                    ? "{} lines cannot be read, so none was kept. {}"
                                    : "The first {} bad lines were enough: none was kept. {}",
                            Quantity.count(wrong.size()),
                            Quantity.text(told)));
        }
        return things;
    }

    /** What the reader of tables says of a table, without the words of its maker. */
    private static String why(Exception e) {
        String said = String.valueOf(e.getMessage());
        return said.contains("duplicate")
                ? "a column is named twice"
                : said.contains("quote") || said.contains("EOF") || said.contains("encapsulated")
                        ? "a quote is opened and never closed"
                        : "its lines and columns cannot be told apart";
    }

    private static char separator(String text) {
        String head = text.lines().findFirst().orElse("");
        return head.contains(";") && !head.contains(",") ? ';' : head.contains("\t") ? '\t' : ',';
    }

    private void head(List<String> names) {
        List<String> given = names.stream().map(n -> n.toLowerCase(Locale.ROOT)).toList();
        for (String column : needed) {
            if (!given.contains(column)) {
                throw new Refused(
                        "file",
                        Phrase.of(
                                "The table has no column \"{}\"; it has: {}. The first line names the columns.",
                                Quantity.text(column),
                                Quantity.text(String.join(", ", names))));
            }
        }
        for (String name : given) {
            if (!name.isEmpty() && !columns.contains(name)) {
                throw new Refused(
                        "file",
                        Phrase.of(
                                "The column \"{}\" is not known. Known are: {}.",
                                Quantity.text(name),
                                Quantity.text(String.join(", ", columns))));
            }
        }
    }

    /** By the signs at its head, else as UTF-8; what is neither is refused, for else signs would be lost in silence. */
    public static String words(@Absent byte[] csv) {
        if (csv == null || csv.length == 0 || csv.length > LARGEST) {
            throw new Refused(
                    "file",
                    Phrase.of(
                            "A table of {} bytes is outside {} to {}. Save one from here to see how it looks.",
                            Quantity.count(csv == null ? 0 : csv.length),
                            Quantity.count(1),
                            Quantity.count(LARGEST)));
        }
        boolean wide = csv.length >= 2
                && ((csv[0] == (byte) 0xFF && csv[1] == (byte) 0xFE)
                        || (csv[0] == (byte) 0xFE && csv[1] == (byte) 0xFF));
        try {
            return (wide ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8)
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(csv))
                    .toString();
        } catch (CharacterCodingException odd) {
            throw new Refused(
                    "file",
                    Phrase.of(
                            "The {} bytes of this table are not UTF-8: letters with accents would be lost. Save it as \"CSV"
                                    + " UTF-8\" and choose it again.",
                            Quantity.count(csv.length)));
        }
    }
}

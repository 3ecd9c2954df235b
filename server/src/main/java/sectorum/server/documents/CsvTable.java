package sectorum.server.documents;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Tables that any spreadsheet opens, in which no cell is taken for a formula. */
public final class CsvTable {
    /** A spreadsheet takes what begins with one of these for a formula and runs it. */
    private static final String HOSTILE = "=+-@\uFF1D\uFF0B\uFF0D\uFF20\t\r\n";

    private CsvTable() {}

    public static String write(List<String> columns, List<? extends List<?>> rows) {
        StringBuilder out = new StringBuilder();
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader(columns.toArray(String[]::new))
                .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            for (List<?> row : rows) {
                printer.printRecord(row.stream().map(CsvTable::safe).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException("A table in memory cannot be written", e);
        }
        return out.toString();
    }

    private static Object safe(Object cell) {
        if (cell instanceof Number) {
            return cell;
        }
        String words = String.valueOf(cell);
        // Words that begin with the mark itself get another one, so that taking marks away gives back what was there.
        boolean marked = words.startsWith("'");
        return !words.isEmpty() && (marked || HOSTILE.indexOf(words.charAt(0)) >= 0) ? "'" + words : words;
    }

    /** The cell as it was before it was made safe. */
    public static String plain(String cell) {
        boolean marked = cell.length() > 1
                && cell.charAt(0) == '\''
                && (cell.charAt(1) == '\'' || HOSTILE.indexOf(cell.charAt(1)) >= 0);
        return (marked ? cell.substring(1) : cell).strip();
    }
}

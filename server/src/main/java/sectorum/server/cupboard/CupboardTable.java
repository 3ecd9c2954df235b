package sectorum.server.cupboard;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.server.documents.CsvTable;

/** The cupboard as a table: a line a thing, a column for each size of any kind. Lengths are millimetres. */
public final class CupboardTable {
    private static final List<String> FIRST = List.of("id", "kind", "name", "colour");
    private static final List<String> LAST = List.of("dial", "stock", "pack", "price", "notes");
    private static final int MOST_TOLD = 12;
    /** With so many lines wrong it is another table: the rest is not looked at. */
    private static final int MOST_WRONG = 100;

    private static final Pattern NUMBER = Pattern.compile("[-+]?[0-9]{1,12}([.,][0-9]{1,12})?");

    private CupboardTable() {}

    private static List<String> sizes() {
        Set<String> names = new LinkedHashSet<>();
        Arrays.stream(ThingKind.values()).forEach(k -> k.fields().forEach(f -> names.add(f.name())));
        return List.copyOf(names);
    }

    private static List<String> columns() {
        List<String> columns = new ArrayList<>(FIRST);
        columns.addAll(sizes());
        columns.addAll(LAST);
        return columns;
    }

    public static String write(List<Thing> things) {
        List<List<Object>> rows = new ArrayList<>();
        for (Thing t : things) {
            List<Object> row = new ArrayList<>(
                    List.of(t.id() == null ? "" : t.id(), t.kind().key(), t.name(), t.colour()));
            for (String size : sizes()) {
                Object value = t.sizes().get(size);
                row.add(value == null ? "" : value);
            }
            row.addAll(List.of(t.dial(), t.stock(), t.pack(), t.price() == null ? "" : t.price(), t.notes()));
            rows.add(row);
        }
        return CsvTable.write(columns(), rows);
    }

    /**
     * The things of a table. Columns may stand in any order and may be left out but for kind and name; a decimal comma is
     * read, too.
     *
     * @throws Refused naming every line that cannot be read; then nothing of the table is kept
     */
    public static List<Thing> read(String text) {
        List<Thing> things = new ArrayList<>();
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
                    things.add(thing(line));
                } catch (Refused refused) {
                    wrong.add(
                            "line " + (line.getRecordNumber() + 1) + ", " + refused.field() + ": " + refused.phrase());
                    if (wrong.size() == MOST_WRONG) {
                        break;
                    }
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("A text in memory cannot be read", e);
        } catch (Refused own) {
            throw own;
        } catch (IllegalArgumentException | IllegalStateException | UncheckedIOException e) {
            throw new Refused(
                    "file",
                    Phrase.of(
                            "This is no table of a cupboard: {}. Save one from here to see how it looks.",
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

    private static void head(List<String> names) {
        List<String> given = names.stream().map(n -> n.toLowerCase(Locale.ROOT)).toList();
        for (String needed : List.of("kind", "name")) {
            if (!given.contains(needed)) {
                throw new Refused(
                        "file",
                        Phrase.of(
                                "The table has no column \"{}\"; it has: {}. The first line names the columns.",
                                Quantity.text(needed),
                                Quantity.text(String.join(", ", names))));
            }
        }
        for (String name : given) {
            if (!name.isEmpty() && !columns().contains(name)) {
                throw new Refused(
                        "file",
                        Phrase.of(
                                "The column \"{}\" is not known. Known are: {}.",
                                Quantity.text(name),
                                Quantity.text(String.join(", ", columns()))));
            }
        }
    }

    private static Thing thing(CSVRecord line) {
        ThingKind kind = kind(cell(line, "kind"));
        Map<String, Object> sizes = new TreeMap<>();
        for (String size : sizes()) {
            String given = cell(line, size);
            if (!given.isEmpty()) {
                Field field = kind.fields().stream()
                        .filter(f -> f.name().equals(size))
                        .findFirst()
                        .orElse(null);
                sizes.put(size, field != null && field.choices().isEmpty() ? (Object) number(size, given) : given);
            }
        }
        return new Thing(
                id(cell(line, "id")),
                kind,
                cell(line, "name"),
                cell(line, "colour"),
                new Values(sizes),
                cell(line, "dial"),
                amount(line, "stock", 1),
                amount(line, "pack", 0),
                cell(line, "price").isEmpty() ? null : number("price", cell(line, "price")),
                cell(line, "notes"));
    }

    private static double amount(CSVRecord line, String column, double usual) {
        String given = cell(line, column);
        return given.isEmpty() ? usual : number(column, given);
    }

    @Absent
    private static Long id(String given) {
        return given.isEmpty() ? null : Long.valueOf((long) number("id", given));
    }

    private static String cell(CSVRecord line, String column) {
        return line.isMapped(column) && line.isSet(column) ? CsvTable.plain(line.get(column)) : "";
    }

    private static double number(String column, String given) {
        String plain = given.replace(" ", "").replace("\u00A0", "");
        // Only digits: what a programming language takes for a number besides is no amount.
        if (!NUMBER.matcher(plain).matches()) {
            throw new Refused(column, Phrase.of("\"{}\" is no number. Type one such as 12.5.", Quantity.text(given)));
        }
        return Double.parseDouble(plain.replace(',', '.'));
    }

    private static ThingKind kind(String given) {
        return Arrays.stream(ThingKind.values())
                .filter(k -> k.key().equalsIgnoreCase(given))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "kind",
                        Phrase.of(
                                "\"{}\" is no kind of thing. Known are: {}.",
                                Quantity.text(given),
                                Quantity.text(String.join(
                                        ", ",
                                        Arrays.stream(ThingKind.values())
                                                .map(ThingKind::key)
                                                .toList())))));
    }
}

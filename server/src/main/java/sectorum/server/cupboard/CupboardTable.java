package sectorum.server.cupboard;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.server.documents.CsvRows;
import sectorum.server.documents.CsvTable;

/** The cupboard as a table: a line a thing, a column for each size of any kind. Lengths are millimetres. */
public final class CupboardTable {
    private static final List<String> FIRST = List.of("id", "kind", "name", "colour");
    private static final List<String> LAST = List.of("dial", "stock", "pack", "price", "notes");

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
        return new CsvRows("a cupboard", columns(), List.of("kind", "name")).read(text, CupboardTable::thing);
    }

    private static Thing thing(CsvRows.Row line) {
        ThingKind kind = kind(line.cell("kind"));
        Map<String, Object> sizes = new TreeMap<>();
        for (String size : sizes()) {
            String given = line.cell(size);
            if (!given.isEmpty()) {
                Field field = kind.fields().stream()
                        .filter(f -> f.name().equals(size))
                        .findFirst()
                        .orElse(null);
                sizes.put(
                        size,
                        field != null && field.choices().isEmpty() ? (Object) CsvRows.number(size, given) : given);
            }
        }
        return new Thing(
                id(line.cell("id")),
                kind,
                line.cell("name"),
                line.cell("colour"),
                new Values(sizes),
                line.cell("dial"),
                line.number("stock", 1),
                line.number("pack", 0),
                line.number("price"),
                line.cell("notes"));
    }

    @Absent
    private static Long id(String given) {
        return given.isEmpty() ? null : Long.valueOf((long) CsvRows.number("id", given));
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

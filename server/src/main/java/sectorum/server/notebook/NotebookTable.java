package sectorum.server.notebook;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import sectorum.bench.RateKind;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.notebook.WorkRecord;
import sectorum.server.documents.CsvRows;
import sectorum.server.documents.CsvTable;

/** The notebook as a table: a line a record. Minutes, hours, grams, shares of one, °C and mm as the columns say. */
public final class NotebookTable {
    /** A column: its name, and what stands in it. */
    private record Column(String name, Function<WorkRecord, Object> of) {}

    private static final List<Column> COLUMNS = List.of(
            new Column("job", WorkRecord::job),
            new Column("at", WorkRecord::at),
            new Column("subject", WorkRecord::subject),
            new Column("name", WorkRecord::name),
            new Column("who", WorkRecord::who),
            new Column("material", r -> r.paste() == null ? null : r.paste().key()),
            new Column("plain minutes", r -> r.time() == null ? null : r.time().plain()),
            new Column("minutes", r -> r.time() == null ? null : r.time().minutes()),
            new Column(
                    "pieces made", r -> r.pieces() == null ? null : r.pieces().made()),
            new Column(
                    "pieces broken", r -> r.pieces() == null ? null : r.pieces().broken()),
            new Column(
                    "pieces spare", r -> r.pieces() == null ? null : r.pieces().spare()),
            new Column(
                    "plain grams", r -> r.weight() == null ? null : r.weight().plain()),
            new Column("grams", r -> r.weight() == null ? null : r.weight().grams()),
            new Column("by length", r -> r.weight() == null ? null : r.weight().line() ? "yes" : "no"),
            new Column(
                    "plain hours to hard",
                    r -> r.drying() == null ? null : r.drying().plain()),
            new Column(
                    "hours to handled",
                    r -> r.drying() == null ? null : r.drying().handled()),
            new Column(
                    "hours to hard", r -> r.drying() == null ? null : r.drying().hard()),
            new Column(
                    "minutes to chill",
                    r -> r.cooling() == null ? null : r.cooling().chilled()),
            new Column(
                    "minutes to soften",
                    r -> r.cooling() == null ? null : r.cooling().soft()),
            new Column(
                    "plain pieces on a patch",
                    r -> r.patch() == null ? null : r.patch().plain()),
            new Column(
                    "pieces on a patch",
                    r -> r.patch() == null ? null : r.patch().counted()),
            new Column("humidity", WorkRecord::humidity),
            new Column("celsius", WorkRecord::celsius),
            new Column("mark mm", WorkRecord::markMm),
            new Column("note", WorkRecord::note),
            new Column(
                    "aside",
                    r -> r.aside().stream().map(a -> a.kind() + ": " + a.why()).collect(Collectors.joining(" | "))),
            new Column("waiting", r -> r.waiting().stream().map(RateKind::name).collect(Collectors.joining(" "))));

    private NotebookTable() {}

    public static String write(List<WorkRecord> records) {
        List<List<Object>> rows = new ArrayList<>();
        for (WorkRecord record : records) {
            List<Object> row = new ArrayList<>();
            for (Column column : COLUMNS) {
                Object cell = column.of().apply(record);
                row.add(cell == null ? "" : cell);
            }
            rows.add(row);
        }
        return CsvTable.write(names(), rows);
    }

    private static List<String> names() {
        return COLUMNS.stream().map(Column::name).toList();
    }

    /**
     * The records of a table, new ones all of them.
     *
     * @throws Refused naming every line that cannot be read; then nothing of the table is kept
     */
    public static List<WorkRecord> read(String text) {
        return new CsvRows("a notebook", names(), List.of("job", "at", "subject")).read(text, NotebookTable::record);
    }

    private static WorkRecord record(CsvRows.Row row) {
        String subject = row.cell("subject");
        String name = row.cell("name");
        return new WorkRecord(
                null,
                null,
                row.cell("job"),
                moment(row.cell("at")),
                subject,
                name.isEmpty() ? subject : name,
                "",
                row.cell("who"),
                material(row.cell("material")),
                both(row, "plain minutes", "minutes")
                        ? new WorkRecord.TimeTaken(row.number("plain minutes"), row.number("minutes"))
                        : null,
                pieces(row),
                both(row, "plain grams", "grams")
                        ? new WorkRecord.WeightUsed(
                                row.number("plain grams"),
                                row.number("grams"),
                                row.cell("by length").equalsIgnoreCase("yes"))
                        : null,
                drying(row),
                row.number("minutes to chill") == null && row.number("minutes to soften") == null
                        ? null
                        : new WorkRecord.CoolingSeen(row.number("minutes to chill"), row.number("minutes to soften")),
                both(row, "plain pieces on a patch", "pieces on a patch")
                        ? new WorkRecord.PatchCovered(
                                row.number("plain pieces on a patch"), whole(row, "pieces on a patch"))
                        : null,
                row.number("humidity"),
                row.number("celsius"),
                row.cell("note"),
                List.of(),
                row.number("mark mm"),
                aside(row.cell("aside")),
                waiting(row.cell("waiting")));
    }

    /** A day alone means its morning. */
    private static String moment(String given) {
        return given.matches("\\d{4}-\\d{2}-\\d{2}") ? given + "T09:00" : given;
    }

    /** Two that belong together: one without the other says nothing. */
    private static boolean both(CsvRows.Row row, String plain, String seen) {
        boolean one = row.cell(plain).isEmpty();
        boolean other = row.cell(seen).isEmpty();
        if (one != other) {
            throw new Refused(
                    one ? plain : seen,
                    Phrase.of(
                            "\"{}\" stands without \"{}\". Fill both, or neither.",
                            Quantity.text(one ? seen : plain),
                            Quantity.text(one ? plain : seen)));
        }
        return !one;
    }

    @Absent
    private static WorkRecord.PiecesMade pieces(CsvRows.Row row) {
        if (!both(row, "pieces made", "pieces broken")) {
            return null;
        }
        Integer spare = row.cell("pieces spare").isEmpty() ? null : (Integer) whole(row, "pieces spare");
        return new WorkRecord.PiecesMade(whole(row, "pieces made"), whole(row, "pieces broken"), spare);
    }

    @Absent
    private static WorkRecord.DryingSeen drying(CsvRows.Row row) {
        Double plain = row.number("plain hours to hard");
        Double handled = row.number("hours to handled");
        Double hard = row.number("hours to hard");
        if (plain == null && handled == null && hard == null) {
            return null;
        }
        if (plain == null) {
            throw new Refused(
                    "plain hours to hard",
                    Phrase.of(
                            "{} is empty beside hours that were seen. Fill it.",
                            Quantity.text("\"plain hours to hard\"")));
        }
        return new WorkRecord.DryingSeen(plain, handled, hard);
    }

    private static int whole(CsvRows.Row row, String column) {
        double given = row.number(column, 0);
        if (given != Math.rint(given) || Math.abs(given) > 1e9) {
            throw new Refused(column, Phrase.of("{} is no whole number. Count them.", Quantity.plain(given)));
        }
        return (int) given;
    }

    @Absent
    private static Material material(String given) {
        if (given.isEmpty()) {
            return null;
        }
        return Arrays.stream(Material.values())
                .filter(m -> m.key().equalsIgnoreCase(given) || m.words().equalsIgnoreCase(given))
                .findFirst()
                .orElseThrow(() -> unknown(
                        "material",
                        given,
                        Arrays.stream(Material.values()).map(Material::key).toList()));
    }

    private static RateKind kind(String column, String given) {
        return Arrays.stream(RateKind.values())
                .filter(k -> k.name().equalsIgnoreCase(given.strip()))
                .findFirst()
                .orElseThrow(() -> unknown(
                        column,
                        given,
                        Arrays.stream(RateKind.values()).map(RateKind::name).toList()));
    }

    private static Refused unknown(String column, String given, List<String> known) {
        return new Refused(
                column,
                Phrase.of(
                        "\"{}\" is not known. Known are: {}.",
                        Quantity.text(given),
                        Quantity.text(String.join(", ", known))));
    }

    private static List<WorkRecord.PutAside> aside(String given) {
        List<WorkRecord.PutAside> all = new ArrayList<>();
        for (String each : given.isEmpty() ? new String[0] : given.split(" \\| ")) {
            int cut = each.indexOf(": ");
            all.add(new WorkRecord.PutAside(
                    kind("aside", cut < 0 ? each : each.substring(0, cut)), cut < 0 ? "" : each.substring(cut + 2)));
        }
        return all;
    }

    private static Set<RateKind> waiting(String given) {
        Set<RateKind> all = new LinkedHashSet<>();
        for (String each : given.isEmpty() ? new String[0] : given.split("\\s+")) {
            all.add(kind("waiting", each));
        }
        return all;
    }
}

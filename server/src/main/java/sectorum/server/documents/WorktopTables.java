package sectorum.server.documents;

import java.util.ArrayList;
import java.util.List;
import sectorum.make.Batch;
import sectorum.make.CutLine;
import sectorum.make.Shopping;
import sectorum.make.Worktop;
import sectorum.measure.LengthUnit;
import sectorum.measure.Numbers;

/** The worktop's lists as tables for a spreadsheet; lengths are millimetres, masses grams. */
public final class WorktopTables {
    private WorktopTables() {}

    /** @param unit in which lengths in the words are shown */
    public static String cuts(Worktop worktop, LengthUnit unit) {
        List<List<Object>> rows = new ArrayList<>();
        for (Batch batch : worktop.batches()) {
            for (CutLine line : batch.lines()) {
                rows.add(List.of(
                        batch.material().words(),
                        batch.tint().name(),
                        number(batch.thickness()),
                        line.job(),
                        line.what().say(unit),
                        number(line.width()),
                        number(line.height()),
                        line.count(),
                        line.spare(),
                        number(line.each())));
            }
        }
        List<String> columns = List.of(
                "paste", "colour", "thickness", "for", "piece", "width", "height", "count", "spare", "grams each");
        return CsvTable.write(columns, rows);
    }

    public static String shopping(Worktop worktop) {
        List<List<Object>> rows = new ArrayList<>();
        for (Shopping.Buy buy : worktop.shopping()) {
            rows.add(List.of(
                    buy.kind().key(),
                    buy.name(),
                    buy.colour(),
                    number(buy.need()),
                    number(buy.have()),
                    number(buy.missing()),
                    buy.packs(),
                    number(buy.pack()),
                    buy.price() == null ? "" : number(buy.price())));
        }
        return CsvTable.write(
                List.of("kind", "what", "colour", "need", "have", "missing", "packs", "pack", "price"), rows);
    }

    private static Object number(double value) {
        return new java.math.BigDecimal(Numbers.plain(value, 2));
    }
}

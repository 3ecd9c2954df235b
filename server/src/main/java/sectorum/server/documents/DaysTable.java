package sectorum.server.documents;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import sectorum.tasks.Days;

/** The days as a table for a spreadsheet; moments are local. */
public final class DaysTable {
    private DaysTable() {}

    public static String write(Days days) {
        List<List<Object>> rows = new ArrayList<>();
        for (Days.Item item : days.items()) {
            Days.Shelved lying = item.lying();
            rows.add(List.of(
                    item.plan(),
                    item.name(),
                    item.state().name().toLowerCase(Locale.ROOT),
                    item.work().get(0).from(),
                    item.work().get(item.work().size() - 1).to(),
                    item.minutes(),
                    item.pairs(),
                    lying == null ? "" : lying.storage().words(),
                    lying == null ? "" : lying.low(),
                    lying == null ? "" : lying.until(),
                    item.slack(),
                    item.critical() ? "yes" : "",
                    item.by()));
        }
        return CsvTable.write(
                List.of(
                        "plan",
                        "task",
                        "state",
                        "begins",
                        "ends",
                        "minutes",
                        "pairs of hands",
                        "rests",
                        "ready at the earliest",
                        "ready",
                        "slack minutes",
                        "tightest way",
                        "held by"),
                rows);
    }
}

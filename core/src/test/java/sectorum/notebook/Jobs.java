package sectorum.notebook;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import sectorum.bench.RateKind;
import sectorum.material.Material;
import sectorum.measure.Absent;

/** Records as tests need them. */
final class Jobs {
    private static final LocalDateTime FIRST = LocalDateTime.parse("2026-01-05T09:00");

    private Jobs() {}

    static String day(int k) {
        return FIRST.plusDays(k).toString();
    }

    static WorkRecord of(
            long id,
            String subject,
            @Absent Material paste,
            @Absent WorkRecord.TimeTaken time,
            @Absent WorkRecord.PiecesMade pieces,
            @Absent WorkRecord.WeightUsed weight,
            @Absent WorkRecord.DryingSeen drying,
            @Absent WorkRecord.CoolingSeen cooling) {
        return new WorkRecord(
                id,
                null,
                "Job " + id,
                day((int) id),
                subject,
                "Work " + id,
                "",
                "",
                paste,
                time,
                pieces,
                weight,
                drying,
                cooling,
                null,
                null,
                null,
                "",
                List.of(),
                null,
                List.of(),
                Set.of());
    }

    /** Minutes alone, ten by the table. */
    static WorkRecord timed(long id, String subject, String who, double ratio) {
        WorkRecord.TimeTaken time = new WorkRecord.TimeTaken(10, 10 * ratio);
        WorkRecord r = of(id, subject, null, time, null, null, null, null);
        return new WorkRecord(
                r.id(), null, r.job(), r.at(), subject, r.name(), "", who, null, time, null, null, null, null, null,
                null, null, "", List.of(), null, List.of(), Set.of());
    }

    static WorkRecord broken(long id, String subject, Material paste, int made, int broken) {
        return of(id, subject, paste, null, new WorkRecord.PiecesMade(made, broken, null), null, null, null);
    }

    static WorkRecord waiting(WorkRecord record, RateKind... kinds) {
        return record.decided(record.aside(), Set.of(kinds));
    }
}

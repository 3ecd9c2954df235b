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
            String who,
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
                who,
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
        return of(id, subject, who, null, new WorkRecord.TimeTaken(10, 10 * ratio), null, null, null, null);
    }

    static WorkRecord broken(long id, String subject, Material paste, int made, int broken) {
        return of(id, subject, "", paste, null, new WorkRecord.PiecesMade(made, broken, null), null, null, null);
    }

    static WorkRecord waiting(WorkRecord record, RateKind... kinds) {
        return record.decided(record.aside(), Set.of(kinds));
    }
}

package sectorum.server.plans;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import sectorum.measure.Absent;
import sectorum.workup.Progress;

interface PlanRepository extends JpaRepository<PlanRow, Long> {
    /** What a list needs of a plan, without its document. */
    record Line(
            long id,
            String name,
            @Absent LocalDateTime readyBy,
            int revision,
            Instant savedAt,
            String client,
            String place,
            Progress.Stage stage,
            @Absent String stack,
            @Absent Instant archivedAt) {}

    @Query("select new sectorum.server.plans.PlanRepository$Line(p.id, p.name, p.readyBy, p.revision, p.savedAt,"
            + " p.client, p.place, p.stage, p.stack, p.archivedAt)"
            + " from PlanRow p where p.workshopId = :workshop and p.deletedAt is null"
            + " order by case when p.readyBy is null then 1 else 0 end, p.readyBy, p.id")
    List<Line> lines(long workshop);

    @Query("select p from PlanRow p where p.id = :id and p.workshopId = :workshop and p.deletedAt is null")
    Optional<PlanRow> live(long workshop, long id);

    long countByWorkshopId(long workshopId);

    @Query("select p from PlanRow p where p.id = :id and p.workshopId = :workshop")
    Optional<PlanRow> any(long workshop, long id);
}

package sectorum.server.plans;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
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

    /** What a plan is called, and for whom. */
    record Named(long id, String name, String client) {}

    @Query("select new sectorum.server.plans.PlanRepository$Line(p.id, p.name, p.readyBy, p.revision, p.savedAt,"
            + " p.client, p.place, p.stage, p.stack, p.archivedAt)"
            + " from PlanRow p where p.workshopId = :workshop and p.deletedAt is null"
            + " order by case when p.readyBy is null then 1 else 0 end, p.readyBy, p.id")
    List<Line> lines(long workshop);

    /** Those whose name or client holds these letters; the soonest first. */
    @Query("select new sectorum.server.plans.PlanRepository$Named(p.id, p.name, p.client) from PlanRow p"
            + " where p.workshopId = :workshop and p.deletedAt is null"
            + " and (locate(:words, p.name) > 0 or locate(:words, concat(p.name, ' ', p.client)) > 0)"
            + " order by case when p.readyBy is null then 1 else 0 end, p.readyBy, p.id")
    List<Named> called(long workshop, String words, Limit most);

    @Query("select p from PlanRow p where p.id = :id and p.workshopId = :workshop and p.deletedAt is null")
    Optional<PlanRow> live(long workshop, long id);

    @Query("select count(p) > 0 from PlanRow p where p.id = :id and p.workshopId = :workshop and p.deletedAt is null")
    boolean isThere(long workshop, long id);

    long countByWorkshopId(long workshopId);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from PlanRow p where p.id = :id and p.workshopId = :workshop and p.deletedAt is null")
    Optional<PlanRow> held(long workshop, long id);

    // Putting away, deleting and bringing back say nothing of the design: the revision, which is the document's, stays.

    @Modifying
    @Query(
            "update PlanRow p set p.archivedAt = :at where p.id = :id and p.workshopId = :workshop and p.deletedAt is null")
    int archive(long workshop, long id, @Absent Instant at);

    @Modifying
    @Query(
            "update PlanRow p set p.deletedAt = :at where p.id = :id and p.workshopId = :workshop and p.deletedAt is null")
    int delete(long workshop, long id, Instant at);

    @Modifying
    @Query("update PlanRow p set p.deletedAt = null where p.id = :id and p.workshopId = :workshop")
    int restore(long workshop, long id);

    /** What a list of deleted plans shows. */
    record Gone(long id, String name, String client, Instant deletedAt) {}

    @Query("select new sectorum.server.plans.PlanRepository$Gone(p.id, p.name, p.client, p.deletedAt)"
            + " from PlanRow p where p.workshopId = :workshop and p.deletedAt is not null order by p.deletedAt desc")
    List<Gone> deleted(long workshop);

    @Modifying
    @Query("delete from PlanRow p where p.workshopId = :workshop and p.deletedAt < :before")
    void forget(long workshop, Instant before);
}

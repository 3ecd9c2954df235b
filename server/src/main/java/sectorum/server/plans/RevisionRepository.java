package sectorum.server.plans;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import sectorum.measure.Absent;

interface RevisionRepository extends JpaRepository<RevisionRow, RevisionRow.Key> {
    @Modifying
    @Query("delete from RevisionRow r where r.key.planId = :plan and r.key.revision in :revisions")
    void forget(long plan, Collection<Integer> revisions);

    /** A save without its document. */
    record Line(
            int revision,
            Instant savedAt,
            @Absent Long person,
            @Absent String name) {}

    @Query("select new sectorum.server.plans.RevisionRepository$Line(r.key.revision, r.savedAt, r.personId, r.name)"
            + " from RevisionRow r where r.key.planId = :plan order by r.key.revision desc")
    List<Line> lines(long plan);

    @Modifying
    @Query("update RevisionRow r set r.name = :name where r.key.planId = :plan and r.key.revision = :revision")
    int call(long plan, int revision, @Absent String name);
}

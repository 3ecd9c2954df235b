package sectorum.server.turntable;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LineRepository extends JpaRepository<LineRow, Long> {
    List<LineRow> findByPlanIdAndIdGreaterThanOrderById(long planId, long after, Limit limit);

    @Query("select l.line from LineRow l where l.planId = :plan and l.line in :lines")
    Set<String> known(long plan, Collection<String> lines);

    long countByPlanId(long planId);

    /** How far a plan is. */
    record Far(long plan, int revision, long place) {}

    @Query("select new sectorum.server.turntable.LineRepository$Far(p.id, p.revision, coalesce(max(l.id), 0))"
            + " from PlanRow p left join LineRow l on l.planId = p.id where p.id in :plans group by p.id, p.revision")
    List<Far> far(Collection<Long> plans);
}

package sectorum.server.plans;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RevisionRepository extends JpaRepository<RevisionRow, RevisionRow.Key> {
    @Modifying
    @Query("delete from RevisionRow r where r.key.planId = :plan and r.key.revision <= :upTo")
    void forget(long plan, int upTo);

    long countByKeyPlanId(long planId);

    List<RevisionRow> findByKeyPlanIdOrderByKeyRevisionDesc(long planId);
}

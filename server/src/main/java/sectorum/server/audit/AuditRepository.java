package sectorum.server.audit;

import java.time.Instant;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AuditRepository extends JpaRepository<AuditRow, Long> {
    List<AuditRow> findByWorkshopIdAndIdLessThanOrderByIdDesc(long workshopId, long before, Limit limit);

    @Modifying
    @Query("delete from AuditRow a where a.workshopId = :workshop and a.at < :before")
    void forget(long workshop, Instant before);
}

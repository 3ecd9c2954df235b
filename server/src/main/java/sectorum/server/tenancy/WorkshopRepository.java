package sectorum.server.tenancy;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface WorkshopRepository extends JpaRepository<WorkshopRow, Long> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select w from WorkshopRow w where w.id = :id")
    Optional<WorkshopRow> held(long id);
}

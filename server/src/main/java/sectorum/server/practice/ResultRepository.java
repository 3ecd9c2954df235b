package sectorum.server.practice;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface ResultRepository extends JpaRepository<ResultRow, Long> {
    List<ResultRow> findByWorkshopIdAndPersonIdOrderByIdDesc(long workshopId, long personId, Limit limit);
}

package sectorum.server.art;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MotifRepository extends JpaRepository<MotifRow, Long> {
    List<MotifRow> findByWorkshopIdOrderByNameAscIdAsc(long workshopId);

    long countByWorkshopId(long workshopId);

    @Modifying
    @Query("delete from MotifRow m where m.id = :id and m.workshopId = :workshop")
    void takeOut(long id, long workshop);
}

package sectorum.server.recipes;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SwatchRepository extends JpaRepository<SwatchRow, Long> {
    List<SwatchRow> findByWorkshopIdOrderByColourAscIdAsc(long workshopId);

    long countByWorkshopId(long workshopId);

    @Modifying
    @Query("delete from SwatchRow s where s.id = :id and s.workshopId = :workshop")
    void takeOut(long id, long workshop);
}

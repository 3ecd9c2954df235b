package sectorum.server.cupboard;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ItemRepository extends JpaRepository<ItemRow, Long> {
    List<ItemRow> findByWorkshopIdOrderByKindAscAcrossMmAscIdAsc(long workshopId);

    List<ItemRow> findByWorkshopIdAndKindOrderByAcrossMm(long workshopId, Kind kind);

    Optional<ItemRow> findByIdAndWorkshopId(long id, long workshopId);
}

package sectorum.server.cupboard;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ItemRepository extends JpaRepository<ItemRow, Long> {
    List<ItemRow> findByWorkshopIdOrderById(long workshopId);

    Optional<ItemRow> findByIdAndWorkshopId(long id, long workshopId);

    long countByWorkshopId(long workshopId);
}

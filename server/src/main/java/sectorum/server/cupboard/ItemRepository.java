package sectorum.server.cupboard;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ItemRepository extends JpaRepository<ItemRow, Long> {
    List<ItemRow> findByWorkshopIdOrderById(long workshopId);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select i from ItemRow i where i.id = :id and i.workshopId = :workshop")
    Optional<ItemRow> held(long id, long workshop);

    @Modifying
    @Query("delete from ItemRow i where i.id = :id and i.workshopId = :workshop")
    void takeOut(long id, long workshop);

    long countByWorkshopId(long workshopId);
}

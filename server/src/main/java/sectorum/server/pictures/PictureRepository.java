package sectorum.server.pictures;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PictureRepository extends JpaRepository<PictureRow, Long> {
    @Query("select new sectorum.server.pictures.Picture(p.id, p.caption, p.width, p.height) from PictureRow p"
            + " where p.workshopId = :workshop and p.planId = :plan order by p.id")
    List<Picture> of(long workshop, long plan);

    Optional<PictureRow> findByIdAndWorkshopId(long id, long workshopId);
}

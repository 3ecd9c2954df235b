package sectorum.server.recipes;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface RecipeRepository extends JpaRepository<RecipeRow, Long> {
    List<RecipeRow> findByWorkshopIdOrderById(long workshopId);
}

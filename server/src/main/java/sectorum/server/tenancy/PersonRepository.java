package sectorum.server.tenancy;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonRepository extends JpaRepository<PersonRow, Long> {
    Optional<PersonRow> findFirstByOrderById();
}

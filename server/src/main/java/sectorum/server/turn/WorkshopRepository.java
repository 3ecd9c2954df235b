package sectorum.server.turn;

import org.springframework.data.jpa.repository.JpaRepository;

interface WorkshopRepository extends JpaRepository<WorkshopRow, Long> {}

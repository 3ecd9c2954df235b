package sectorum.server.tenancy;

import org.springframework.data.jpa.repository.JpaRepository;

interface WorkshopRepository extends JpaRepository<WorkshopRow, Long> {}

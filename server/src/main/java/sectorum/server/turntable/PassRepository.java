package sectorum.server.turntable;

import java.time.Instant;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PassRepository extends JpaRepository<PassRow, String> {
    @Query("select p from PassRow p where p.hash = :hash and p.used = :used and p.untilAt > :now")
    Optional<PassRow> valid(String hash, boolean used, Instant now);

    /** Gives back 1 to one caller only, however many come at once. */
    @Modifying
    @Query("delete from PassRow p where p.hash = :hash and p.used = false")
    int take(String hash);

    @Modifying
    @Query("delete from PassRow p where p.untilAt <= :now")
    void forget(Instant now);
}

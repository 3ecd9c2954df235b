package sectorum.server.shares;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ShareRepository extends JpaRepository<ShareRow, Long> {
    @Query("select s from ShareRow s where s.hash = :hash and s.once = false and s.untilAt > :now")
    Optional<ShareRow> valid(String hash, Instant now);

    /** Held, so that a link for one use is used by one. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from ShareRow s where s.hash = :hash and s.untilAt > :now")
    Optional<ShareRow> held(String hash, Instant now);

    @Query(
            "select s from ShareRow s where s.workshopId = :workshop and s.planId = :plan and s.untilAt > :now order by s.id")
    List<ShareRow> of(long workshop, long plan, Instant now);

    @Modifying
    @Query("delete from ShareRow s where s.workshopId = :workshop and s.planId = :plan and s.id = :id")
    int withdraw(long workshop, long plan, long id);

    @Modifying
    @Query("delete from ShareRow s where s.untilAt <= :now")
    void forget(Instant now);
}

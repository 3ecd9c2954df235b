package sectorum.server.people;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface CodeRepository extends JpaRepository<CodeRow, Long> {
    @Query("select c from CodeRow c where c.hash = :hash and c.kind = :kind and c.untilAt > :now")
    Optional<CodeRow> valid(String hash, CodeRow.Kind kind, Instant now);

    @Query(
            "select c from CodeRow c where c.workshopId = :workshop and c.kind = :kind and c.untilAt > :now order by c.id")
    List<CodeRow> open(long workshop, CodeRow.Kind kind, Instant now);

    /** Gives back 1 to one caller only, however many come at once. */
    @Modifying
    @Query("delete from CodeRow c where c.id = :id")
    int take(long id);

    @Modifying
    @Query("delete from CodeRow c where c.id = :id and c.workshopId = :workshop")
    int withdraw(long workshop, long id);

    @Modifying
    @Query("delete from CodeRow c where c.personId = :person")
    void ofPerson(long person);

    @Modifying
    @Query("delete from CodeRow c where c.untilAt <= :now")
    void forget(Instant now);
}

package sectorum.server.tenancy;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PersonRepository extends JpaRepository<PersonRow, Long> {
    @Query("select p from PersonRow p where p.signIn = :name")
    Optional<PersonRow> signingIn(String name);

    @Query("select p from PersonRow p where p.workshopId = :workshop and p.leftAt is null order by p.id")
    List<PersonRow> of(long workshop);

    @Query("select p from PersonRow p where p.id = :id and p.workshopId = :workshop and p.leftAt is null")
    Optional<PersonRow> present(long workshop, long id);

    @Query(
            "select p from PersonRow p where p.password is null and p.leftAt is null and p.role = OWNER order by p.id limit 1")
    Optional<PersonRow> unclaimed();

    @Query("select count(p) > 0 from PersonRow p where p.password is not null")
    boolean anyClaimed();
}

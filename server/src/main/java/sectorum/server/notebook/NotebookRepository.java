package sectorum.server.notebook;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface NotebookRepository extends JpaRepository<NotebookRow, Long> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select n from NotebookRow n where n.workshopId = :workshop")
    Optional<NotebookRow> held(long workshop);

    /** A plan whose journal went on, or whose pieces may have been weighed, since it was read last. */
    interface Due {
        long getPlan();

        int getRevision();

        long getPlace();
    }

    @Query(nativeQuery = true, value = """
            select p.id plan, p.revision revision, coalesce(l.place, 0) place
            from plan p
            left join (select plan_id, max(id) place from journal_line group by plan_id) l on l.plan_id = p.id
            left join notebook_mark m on m.plan_id = p.id
            where p.workshop_id = :workshop and p.deleted_at is null
              and (coalesce(l.place, 0) > coalesce(m.place, 0)
                or ((m.plan_id is not null or p.weighed) and p.revision > coalesce(m.revision, -1)))
            order by p.id desc limit :most""")
    List<Due> due(long workshop, int most);

    @Modifying
    @Query(nativeQuery = true, value = """
            insert into notebook_mark (plan_id, place, revision) values (:plan, :place, :revision)
            on duplicate key update place = :place, revision = :revision""")
    void mark(long plan, long place, int revision);
}

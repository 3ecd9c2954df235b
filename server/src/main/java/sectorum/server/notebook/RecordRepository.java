package sectorum.server.notebook;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RecordRepository extends JpaRepository<RecordRow, Long> {
    Optional<RecordRow> findByIdAndWorkshopId(long id, long workshopId);

    List<RecordRow> findByIdInAndWorkshopId(Collection<Long> ids, long workshopId);

    List<RecordRow> findByWorkshopIdAndPlanIdOrderByBegunAscIdAsc(long workshopId, long planId);

    List<RecordRow> findByWorkshopIdAndPlanIdIsNullAndJobOrderByBegunAscIdAsc(long workshopId, String job, Limit limit);

    List<RecordRow> findByWorkshopIdAndIdGreaterThanOrderById(long workshopId, long after, Limit limit);

    long countByWorkshopId(long workshopId);

    /** The newest of each subject: what counts for rates, and enough behind it to see what drifts. */
    @Query(nativeQuery = true, value = """
            select r.id from (select id, row_number() over (partition by subject order by begun desc, id desc) n
              from work_record where workshop_id = :workshop) r where r.n <= :most""")
    List<Long> newest(long workshop, int most);

    /** A job and what it took in all. */
    interface Job {
        Long getPlan();

        String getJob();

        String getBegun();

        long getRecords();

        double getPlain();

        double getMinutes();

        long getWaiting();
    }

    @Query(nativeQuery = true, value = """
            select plan_id plan, max(job) job, max(begun) begun, count(*) records,
              sum(plain_minutes) plain, sum(minutes) minutes, sum(waiting) waiting
            from work_record where workshop_id = :workshop
              and (:words = '' or locate(:words, job) > 0)
            group by plan_id, if(plan_id is null, job, '')
            order by max(begun) desc, max(id) desc limit :most offset :skipped""")
    List<Job> jobs(long workshop, String words, int most, int skipped);
}

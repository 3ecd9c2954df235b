package sectorum.server.practice;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.measure.Absent;
import sectorum.practice.Exercise;
import sectorum.practice.Judgement;
import sectorum.server.tenancy.PersonRow;
import sectorum.server.tenancy.Tenancy;

/** Keeps what a person rehearsed. */
@Service
public class Practice {
    /** So many are looked back on. */
    private static final int LOOKED = 400;
    /** Of each drill so many are shown. */
    private static final int SHOWN = 12;
    /** A hand's σ is the mean of its last so many. */
    private static final int HANDS = 5;

    private final ResultRepository rows;
    private final Tenancy tenancy;
    private final Clock clock;

    Practice(ResultRepository rows, Tenancy tenancy, Clock clock) {
        this.rows = rows;
        this.tenancy = tenancy;
        this.clock = clock;
    }

    /**
     * How far somebody is in one drill.
     *
     * @param last whether the last ones were right, the oldest first
     */
    public record DrillProgress(Exercise.Drill drill, String words, long done, long right, List<Boolean> last) {}

    /**
     * How far somebody is.
     *
     * @param markMm σ of this hand, mm, from the last rehearsals; absent: there are none
     * @param hands rehearsals behind it
     */
    public record PracticeProgress(
            String person,
            List<DrillProgress> drills,
            @Absent Double markMm,
            int hands) {}

    @Transactional
    public void keep(Exercise exercise, Judgement judged) {
        PersonRow person = tenancy.person();
        Instant now = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
        rows.save(new ResultRow(person.workshopId(), person.id(), exercise, judged, now));
    }

    @Transactional
    public PracticeProgress progress() {
        PersonRow person = tenancy.person();
        List<ResultRow> all =
                rows.findByWorkshopIdAndPersonIdOrderByIdDesc(person.workshopId(), person.id(), Limit.of(LOOKED));
        List<DrillProgress> drills = new ArrayList<>();
        for (Exercise.Drill drill : Exercise.Drill.values()) {
            List<ResultRow> mine = all.stream().filter(r -> r.drill() == drill).toList();
            List<Boolean> last = new ArrayList<>(
                    mine.stream().limit(SHOWN).map(ResultRow::isRight).toList());
            java.util.Collections.reverse(last);
            drills.add(new DrillProgress(
                    drill,
                    drill.words(),
                    mine.size(),
                    mine.stream().filter(ResultRow::isRight).count(),
                    last));
        }
        List<Double> hands = all.stream()
                .map(ResultRow::markMm)
                .filter(Objects::nonNull)
                .limit(HANDS)
                .toList();
        Double mm = hands.isEmpty()
                ? null
                : (Double) hands.stream().mapToDouble(d -> d).average().orElse(0);
        return new PracticeProgress(person.name(), drills, mm, hands.size());
    }
}

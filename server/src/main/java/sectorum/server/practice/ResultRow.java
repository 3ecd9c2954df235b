package sectorum.server.practice;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import sectorum.practice.Exercise;
import sectorum.practice.Judgement;

/** One exercise that somebody did. */
@Entity
@Table(name = "practice_result")
@SuppressWarnings("UnusedVariable") // columns that only queries read
class ResultRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "workshop_id")
    private long workshopId;

    @Column(name = "person_id")
    private long personId;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(16)")
    private Exercise.Drill drill;

    private long seed;

    @Column(name = "was_right")
    private boolean right;

    private double score;

    @Column(name = "mark_mm")
    private Double markMm;

    @Column(name = "done_at")
    private Instant doneAt;

    protected ResultRow() {}

    ResultRow(long workshopId, long personId, Exercise exercise, Judgement judged, Instant doneAt) {
        this.workshopId = workshopId;
        this.personId = personId;
        this.drill = exercise.drill();
        this.seed = exercise.seed();
        this.right = judged.right();
        this.score = judged.score();
        this.markMm = judged.markMm();
        this.doneAt = doneAt;
    }

    Exercise.Drill drill() {
        return drill;
    }

    boolean isRight() {
        return right;
    }

    Double markMm() {
        return markMm;
    }
}

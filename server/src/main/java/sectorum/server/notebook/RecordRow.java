package sectorum.server.notebook;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import sectorum.notebook.WorkRecord;

/** A record as it is kept: the document, and beside it what is searched, summed and sorted. */
@Entity
@Table(name = "work_record")
@SuppressWarnings("UnusedVariable") // columns that only queries read
class RecordRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "workshop_id")
    private long workshopId;

    @Column(name = "plan_id")
    private Long planId;

    private String task;

    private String job;

    private String subject;

    private String begun;

    private String who;

    @Column(name = "plain_minutes")
    private double plainMinutes;

    private double minutes;

    private boolean waiting;

    private boolean edited;

    @Column(columnDefinition = "text")
    private String document;

    protected RecordRow() {}

    RecordRow(long workshopId) {
        this.workshopId = workshopId;
    }

    /** @param byHand whether somebody wrote or mended it: then the journal does not write over it */
    void hold(WorkRecord record, String text, boolean byHand) {
        planId = record.plan();
        task = record.task().isEmpty() || record.plan() == null ? null : record.task();
        job = record.job();
        subject = record.subject();
        begun = record.at().substring(0, 16);
        who = record.who();
        plainMinutes = record.time() == null ? 0 : record.time().plain();
        minutes = record.time() == null ? 0 : record.time().minutes();
        waiting = !record.waiting().isEmpty();
        edited = byHand;
        document = text;
    }

    long id() {
        return id;
    }

    String task() {
        return task;
    }

    boolean isEdited() {
        return edited;
    }

    String document() {
        return document;
    }
}

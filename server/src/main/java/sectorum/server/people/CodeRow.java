package sectorum.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import sectorum.measure.Absent;
import sectorum.server.tenancy.Role;

/** A code that lets somebody in once. */
@Entity
@Table(name = "access_code")
class CodeRow {
    /** What a code is for. */
    enum Kind {
        INVITE,
        RESET
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(columnDefinition = "char(64)")
    private String hash;

    @Column(name = "workshop_id")
    private long workshopId;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(8)")
    private Kind kind;

    private String name;

    @Absent
    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(12)")
    private Role role;

    @Absent
    @Column(name = "person_id")
    private Long personId;

    @Column(name = "until_at")
    private Instant untilAt;

    protected CodeRow() {}

    /** Invites somebody to be this. */
    CodeRow(String hash, long workshopId, String name, Role role, Instant untilAt) {
        this.hash = hash;
        this.workshopId = workshopId;
        this.kind = Kind.INVITE;
        this.name = name;
        this.role = role;
        this.untilAt = untilAt;
    }

    /** Lets a person set a password. */
    CodeRow(String hash, long workshopId, String name, long person, Instant untilAt) {
        this(hash, workshopId, name, null, untilAt);
        this.kind = Kind.RESET;
        this.personId = person;
    }

    long id() {
        return id;
    }

    long workshopId() {
        return workshopId;
    }

    String name() {
        return name;
    }

    @Absent
    Role role() {
        return role;
    }

    @Absent
    Long person() {
        return personId;
    }

    Instant untilAt() {
        return untilAt;
    }
}

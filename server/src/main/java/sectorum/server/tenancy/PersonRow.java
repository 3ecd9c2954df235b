package sectorum.server.tenancy;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import sectorum.bench.Course;
import sectorum.bench.Hand;
import sectorum.measure.Absent;
import sectorum.measure.LengthUnit;

/** One of a workshop's people, with how that person likes to see things. */
@Entity
@Table(name = "person")
public class PersonRow {
    private static final double USUAL_TAPE_MM = 1;
    private static final double USUAL_HAND_MM = 0.7;

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "workshop_id")
    private long workshopId;

    private String name;

    @Enumerated(EnumType.STRING)
    @Column(name = "length_unit", columnDefinition = "varchar(8)")
    private LengthUnit lengthUnit;

    @Column(name = "tape_mm")
    private double tapeMm;

    @Column(name = "hand_mm")
    private double handMm;

    @Enumerated(EnumType.STRING)
    @Column(name = "hand", columnDefinition = "varchar(8)")
    private Hand hand;

    @Enumerated(EnumType.STRING)
    @Column(name = "course", columnDefinition = "varchar(12)")
    private Course course;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(12)")
    private Role role;

    @Absent
    @Column(name = "sign_in")
    private String signIn;

    @Absent
    private String password;

    @Absent
    @Column(name = "joined_at")
    private Instant joinedAt;

    @Absent
    @Column(name = "left_at")
    private Instant leftAt;

    protected PersonRow() {}

    /** Somebody new, who sees sizes as is usual until told otherwise. */
    public PersonRow(long workshopId, String name, Role role, @Absent Instant joinedAt) {
        this.workshopId = workshopId;
        this.name = name;
        this.role = role;
        this.joinedAt = joinedAt;
        prefer(new Preferences(LengthUnit.CM, USUAL_TAPE_MM, USUAL_HAND_MM, Hand.RIGHT, Course.ALTERNATE));
    }

    public long id() {
        return id;
    }

    public long workshopId() {
        return workshopId;
    }

    public String name() {
        return name;
    }

    public Preferences preferences() {
        return new Preferences(lengthUnit, tapeMm, handMm, hand, course);
    }

    public Role role() {
        return role;
    }

    /** The name that is typed to sign in; none: whoever it is has not made one yet, or has left. */
    public @Absent String signIn() {
        return signIn;
    }

    /** What the password hashes to; none: there is none yet. */
    public @Absent String password() {
        return password;
    }

    public @Absent Instant joinedAt() {
        return joinedAt;
    }

    public boolean hasLeft() {
        return leftAt != null;
    }

    public void call(String name) {
        this.name = name;
    }

    public void become(Role role) {
        this.role = role;
    }

    /** From now on this name and password sign in. */
    public void signsIn(String signIn, String password, Instant now) {
        this.signIn = signIn;
        this.password = password;
        if (joinedAt == null) {
            joinedAt = now;
        }
    }

    /** Gone, but still named where something was done. */
    public void leave(Instant now) {
        leftAt = now;
        signIn = null;
        password = null;
    }

    public Who who() {
        return new Who(workshopId, id, role);
    }

    public void prefer(Preferences preferences) {
        lengthUnit = preferences.unit();
        tapeMm = preferences.tapeMm();
        handMm = preferences.handMm();
        hand = preferences.hand();
        course = preferences.course();
    }
}

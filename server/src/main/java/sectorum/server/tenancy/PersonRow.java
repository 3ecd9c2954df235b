package sectorum.server.tenancy;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import sectorum.bench.Course;
import sectorum.bench.Hand;
import sectorum.measure.LengthUnit;

/** One of a workshop's people, with how that person likes to see things. */
@Entity
@Table(name = "person")
public class PersonRow {
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

    protected PersonRow() {}

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

    void prefer(Preferences preferences) {
        lengthUnit = preferences.unit();
        tapeMm = preferences.tapeMm();
        handMm = preferences.handMm();
        hand = preferences.hand();
        course = preferences.course();
    }
}

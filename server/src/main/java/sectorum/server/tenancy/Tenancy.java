package sectorum.server.tenancy;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The one place that knows whose workshop and person it is: for now the only workshop there is, and its only person. */
@Service
public class Tenancy {
    private final WorkshopRepository workshops;
    private final PersonRepository people;

    Tenancy(WorkshopRepository workshops, PersonRepository people) {
        this.workshops = workshops;
        this.people = people;
    }

    /** Id of the workshop; nothing stored is read or written without it. */
    @Transactional
    public long workshop() {
        return person().workshopId();
    }

    /** The same, held until the transaction is over: what must fit together in it is changed one after the other. */
    @Transactional
    public long held() {
        return workshops.held(workshop()).map(WorkshopRow::id).orElseThrow();
    }

    /** The person at the bench. */
    @Transactional
    public PersonRow person() {
        return people.findFirstByOrderById()
                .orElseThrow(() -> new IllegalStateException("The database has no person; its migrations make one"));
    }

    /** The workshop's and the person's names, for the head of a page. */
    public record Names(String workshop, String person) {}

    @Transactional
    public Names names() {
        PersonRow person = person();
        return new Names(row().name(), person.name());
    }

    /** What holds for the whole workshop. */
    @Transactional
    public WorkshopSettings settings() {
        return row().settings();
    }

    @Transactional
    public WorkshopSettings settle(WorkshopSettings settings) {
        WorkshopRow row = row();
        row.settle(settings);
        return workshops.save(row).settings();
    }

    private WorkshopRow row() {
        return workshops
                .findById(workshop())
                .orElseThrow(() -> new IllegalStateException("The database has no workshop; its migrations make one"));
    }

    @Transactional
    public Preferences prefer(Preferences preferences) {
        PersonRow person = person();
        person.prefer(preferences);
        return people.save(person).preferences();
    }
}

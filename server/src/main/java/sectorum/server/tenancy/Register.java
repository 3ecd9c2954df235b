package sectorum.server.tenancy;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import sectorum.measure.Absent;

/** Who there is in which workshop: asked before anybody is signed in, and by an owner. */
@Service
public class Register {
    private final WorkshopRepository workshops;
    private final PersonRepository people;

    Register(WorkshopRepository workshops, PersonRepository people) {
        this.workshops = workshops;
        this.people = people;
    }

    /** Whoever has not left. */
    public Optional<PersonRow> person(long id) {
        return people.findById(id).filter(p -> !p.hasLeft());
    }

    /** One of a workshop's people. */
    public Optional<PersonRow> person(long workshop, long id) {
        return people.present(workshop, id);
    }

    public Optional<PersonRow> signingIn(String name) {
        return people.signingIn(name);
    }

    /** A workshop's people, in the order in which they came. */
    public List<PersonRow> people(long workshop) {
        return people.of(workshop);
    }

    /** The first owner who has no password yet: whoever is at this machine is that person. */
    public Optional<PersonRow> unclaimed() {
        return people.unclaimed();
    }

    public boolean isAnyClaimed() {
        return people.anyClaimed();
    }

    /** A workshop, held until the transaction is over. */
    public WorkshopRow held(long workshop) {
        return workshops.held(workshop).orElseThrow();
    }

    public WorkshopRow workshop(long id) {
        return workshops.findById(id).orElseThrow();
    }

    public List<WorkshopRow> workshops() {
        return workshops.findAll();
    }

    public PersonRow keep(PersonRow person) {
        return people.saveAndFlush(person);
    }

    public WorkshopRow keep(WorkshopRow workshop) {
        return workshops.saveAndFlush(workshop);
    }

    /** The name of somebody, whether still here or not; none for nobody. */
    public @Absent String name(@Absent Long person) {
        return person == null
                ? null
                : people.findById(person).map(PersonRow::name).orElse(null);
    }
}

package sectorum.server.people;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.audit.Audit;
import sectorum.server.tenancy.PersonRow;
import sectorum.server.tenancy.Register;
import sectorum.server.tenancy.Role;
import sectorum.server.tenancy.Tenancy;

/** A workshop's people, as its owner sees and changes them. */
@Service
public class People {
    public static final Duration INVITED = Duration.ofDays(7);
    static final Duration RESET = Duration.ofHours(24);
    /** More than an atelier has; each may be asked for at once. */
    static final int MOST = 60;

    private final Register register;
    private final CodeRepository codes;
    private final Sessions sessions;
    private final Tenancy tenancy;
    private final Audit audit;
    private final Clock clock;

    People(Register register, CodeRepository codes, Sessions sessions, Tenancy tenancy, Audit audit, Clock clock) {
        this.register = register;
        this.codes = codes;
        this.sessions = sessions;
        this.tenancy = tenancy;
        this.audit = audit;
        this.clock = clock;
    }

    /**
     * One of the people.
     *
     * @param signIn absent: has not made an account yet
     * @param me whether it is the one who asks
     */
    public record Person(
            long id,
            String name,
            Role role,
            @Absent String signIn,
            @Absent Instant joined,
            boolean me) {}

    /** An invitation that waits. */
    public record Invitation(long id, String name, Role role, Instant until) {}

    /** A code as it is shown once. */
    public record Code(String code, Instant until) {}

    /** All of a workshop's people, and who is invited. */
    public record Crew(List<Person> people, List<Invitation> invitations) {}

    @Transactional
    public Crew crew() {
        long me = Tenancy.who().person();
        codes.forget(now());
        return new Crew(
                register.people(tenancy.workshop()).stream()
                        .map(p -> new Person(p.id(), p.name(), p.role(), p.signIn(), p.joinedAt(), p.id() == me))
                        .toList(),
                codes.open(tenancy.workshop(), CodeRow.Kind.INVITE, now()).stream()
                        .map(c -> new Invitation(c.id(), c.name(), c.role(), c.untilAt()))
                        .toList());
    }

    /** A code that lets one person in, as this. @param name who it is for, to tell invitations apart */
    @Transactional
    public Code invite(@Absent String name, @Absent Role role) {
        Given.in("role", role);
        String called = SignIn.named("name", name);
        long workshop = tenancy.held();
        if (!tenancyClaimed()) {
            throw new Refused(
                    "name",
                    Phrase.of(
                            "Nobody else is let in while you sign in without a password. Make one of your own first."));
        }
        int many = register.people(workshop).size()
                + codes.open(workshop, CodeRow.Kind.INVITE, now()).size();
        if (many >= MOST) {
            throw new Refused(
                    "name",
                    Phrase.of(
                            "There are {} people and invitations; a workshop has up to {}. Take one out first.",
                            Quantity.count(many),
                            Quantity.count(MOST)));
        }
        String code = Secrets.code();
        Instant until = now().plus(INVITED);
        codes.save(new CodeRow(Secrets.hash(Secrets.typed(code)), workshop, called, role, until));
        audit.tell(Audit.Kind.PEOPLE, "Invited " + called + " as " + SignIn.words(role));
        return new Code(code, until);
    }

    private boolean tenancyClaimed() {
        return tenancy.person().password() != null;
    }

    @Transactional
    public void withdraw(long invitation) {
        if (codes.withdraw(tenancy.workshop(), invitation) == 1) {
            audit.tell(Audit.Kind.PEOPLE, "Withdrew an invitation");
        }
    }

    @Transactional
    public void become(long id, @Absent Role role) {
        Given.in("role", role);
        PersonRow person = other(id, role);
        if (person.role() != role) {
            audit.tell(
                    Audit.Kind.PEOPLE,
                    "Made " + person.name() + " " + SignIn.words(role) + ", before " + SignIn.words(person.role()));
            person.become(role);
            register.keep(person);
        }
    }

    /** Takes somebody out: signed out everywhere at once, and still named where they did something. */
    @Transactional
    public void remove(long id) {
        PersonRow person = other(id, null);
        person.leave(now());
        register.keep(person);
        codes.ofPerson(id);
        sessions.endAll(id, null);
        audit.tell(Audit.Kind.PEOPLE, "Took out " + person.name());
    }

    /** A code with which somebody sets a new password. */
    @Transactional
    public Code reset(long id) {
        PersonRow person = present(id);
        String code = Secrets.code();
        Instant until = now().plus(RESET);
        codes.ofPerson(id);
        codes.save(
                new CodeRow(Secrets.hash(Secrets.typed(code)), person.workshopId(), person.name(), person.id(), until));
        audit.tell(Audit.Kind.PEOPLE, "Made a code for " + person.name() + " to set a new password");
        return new Code(code, until);
    }

    /** Somebody whose place is changed; one owner has to be left. @param role absent: goes */
    private PersonRow other(long id, @Absent Role role) {
        register.held(tenancy.workshop());
        PersonRow person = present(id);
        boolean owners = register.people(tenancy.workshop()).stream()
                .anyMatch(p -> p.id() != id && p.role() == Role.OWNER && p.password() != null);
        if (person.role() == Role.OWNER && role != Role.OWNER && !owners) {
            throw new Refused(
                    "role",
                    Phrase.of(
                            "{} is the only owner who can sign in. Make somebody else an owner first.",
                            Quantity.text(person.name())));
        }
        return person;
    }

    private PersonRow present(long id) {
        return register.person(tenancy.workshop(), id)
                .orElseThrow(() -> new Denied(Denied.Why.GONE, "Nobody of this workshop has the number " + id + "."));
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}

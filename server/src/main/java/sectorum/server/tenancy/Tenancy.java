package sectorum.server.tenancy;

import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The one place that knows whose workshop and person it is: those of whoever signed in. */
@Service
public class Tenancy {
    private final WorkshopRepository workshops;
    private final PersonRepository people;

    Tenancy(WorkshopRepository workshops, PersonRepository people) {
        this.workshops = workshops;
        this.people = people;
    }

    /** Whoever asks; none where nobody signed in. */
    public static Optional<Who> asking() {
        Authentication known = SecurityContextHolder.getContext().getAuthentication();
        return known != null && known.getPrincipal() instanceof Who who ? Optional.of(who) : Optional.empty();
    }

    public static Who who() {
        return asking().orElseThrow(() -> new IllegalStateException("Nobody is signed in, so no workshop is meant"));
    }

    /** Does something as somebody, as at the start of the service, before anybody asks. */
    public static <T> T as(Who who, Supplier<T> work) {
        SecurityContext before = SecurityContextHolder.getContext();
        SecurityContext mine = SecurityContextHolder.createEmptyContext();
        mine.setAuthentication(known(who));
        SecurityContextHolder.setContext(mine);
        try {
            return work.get();
        } finally {
            SecurityContextHolder.setContext(before);
        }
    }

    public static Authentication known(Who who) {
        return UsernamePasswordAuthenticationToken.authenticated(
                who,
                null,
                AuthorityUtils.createAuthorityList("ROLE_" + who.role().name()));
    }

    /** Id of the workshop; nothing stored is read or written without it. */
    public long workshop() {
        return who().workshop();
    }

    /** The same, held until the transaction is over: what must fit together in it is changed one after the other. */
    @Transactional
    public long held() {
        return workshops.held(workshop()).map(WorkshopRow::id).orElseThrow();
    }

    /** The person at the bench. */
    @Transactional
    public PersonRow person() {
        return people.findById(who().person()).orElseThrow(() -> new IllegalStateException("This person is gone"));
    }

    /**
     * The workshop's and the person's names, for the head of a page.
     *
     * @param demo whether the workshop is made up, to look at
     * @param claimed whether this person signs in with a password; without one whoever is at this machine is this person
     */
    public record Names(String workshop, String person, Role role, boolean demo, boolean claimed) {}

    @Transactional
    public Names names() {
        PersonRow person = person();
        WorkshopRow row = row();
        // A link is nobody's name.
        String name = who().plan() == null ? person.name() : "With a link";
        return new Names(row.name(), name, who().role(), row.isDemo(), person.password() != null);
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

    public WorkshopRow row() {
        return workshops.findById(workshop()).orElseThrow(() -> new IllegalStateException("This workshop is gone"));
    }

    @Transactional
    public Preferences prefer(Preferences preferences) {
        PersonRow person = person();
        person.prefer(preferences);
        return people.save(person).preferences();
    }
}

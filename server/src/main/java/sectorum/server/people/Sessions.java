package sectorum.server.people;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;
import sectorum.measure.Absent;

/** Where somebody is signed in. */
@Component
public class Sessions {
    public static final String PERSON = "person";
    public static final String DEVICE = "device";
    private static final int SHOWN = 16;

    private final FindByIndexNameSessionRepository<? extends Session> all;

    Sessions(FindByIndexNameSessionRepository<? extends Session> all) {
        this.all = all;
    }

    /**
     * A browser that is signed in.
     *
     * @param id of this entry; not what the browser shows
     * @param here whether it is the one that asks
     */
    public record SignedIn(String id, String device, Instant since, Instant seen, boolean here) {}

    /** The newest use first. */
    public List<SignedIn> of(long person, String here) {
        return find(person).stream()
                .map(s -> new SignedIn(
                        shown(s),
                        s.getAttributeOrDefault(DEVICE, "A browser"),
                        s.getCreationTime(),
                        s.getLastAccessedTime(),
                        s.getId().equals(here)))
                .sorted(Comparator.comparing(SignedIn::seen).reversed())
                .toList();
    }

    public void end(long person, String shown) {
        find(person).stream().filter(s -> shown(s).equals(shown)).forEach(s -> all.deleteById(s.getId()));
    }

    /** @param but stays; absent: none does */
    public void endAll(long person, @Absent String but) {
        find(person).stream().filter(s -> !s.getId().equals(but)).forEach(s -> all.deleteById(s.getId()));
    }

    private List<? extends Session> find(long person) {
        return List.copyOf(all.findByPrincipalName(String.valueOf(person)).values());
    }

    private static String shown(Session session) {
        return Secrets.hash(session.getId()).substring(0, SHOWN);
    }
}

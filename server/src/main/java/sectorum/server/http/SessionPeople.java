package sectorum.server.http;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;
import sectorum.server.people.Sessions;
import sectorum.server.shares.Shares;
import sectorum.server.tenancy.PersonRow;
import sectorum.server.tenancy.Register;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.Who;

/**
 * Who asks: the person of the session, as that person stands now, so that a changed role and a removal hold from the next request
 * on; else whoever holds a link to one plan. A session carries a number and no rights.
 */
@Component
class SessionPeople implements SecurityContextRepository {
    /** What a browser shows that opened a link to a plan. */
    static final String LINK_COOKIE = "sectorum-link";

    private static final Pattern SECRET = Pattern.compile("[A-Za-z0-9_-]{20,64}");

    private final Register register;
    private final Shares shares;

    SessionPeople(Register register, Shares shares) {
        this.register = register;
        this.shares = shares;
    }

    /** The secret of the link that this browser opened. */
    static Optional<String> link(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? Optional.empty()
                : Arrays.stream(cookies)
                        .filter(c -> c.getName().equals(LINK_COOKIE))
                        .map(Cookie::getValue)
                        .filter(v -> SECRET.matcher(v).matches())
                        .findFirst();
    }

    private Optional<Who> who(HttpServletRequest request) {
        return person(request).map(PersonRow::who).or(() -> link(request).flatMap(shares::turntable));
    }

    /** Whoever is signed in. */
    Optional<PersonRow> person(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        Object person = session == null ? null : session.getAttribute(Sessions.PERSON);
        return person instanceof String id && id.matches("\\d{1,18}")
                ? register.person(Long.parseLong(id))
                : Optional.empty();
    }

    @Override
    public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
        return new DeferredSecurityContext() {
            private SecurityContext found;

            @Override
            public SecurityContext get() {
                if (found == null) {
                    found = SecurityContextHolder.createEmptyContext();
                    who(request).ifPresent(who -> found.setAuthentication(Tenancy.known(who)));
                }
                return found;
            }

            @Override
            public boolean isGenerated() {
                return get().getAuthentication() == null;
            }
        };
    }

    @Override
    @SuppressWarnings("deprecation") // asked for by the interface
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        return loadDeferredContext(holder.getRequest()).get();
    }

    /** The session says who it is; nothing else is kept. */
    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
        // Nothing to keep.
    }

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return request.getRequestedSessionId() != null;
    }
}

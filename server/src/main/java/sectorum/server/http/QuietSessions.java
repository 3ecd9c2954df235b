package sectorum.server.http;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import sectorum.measure.Absent;

/**
 * Sessions that are not written anew for each request only because they were used: every write is a wait for the disk, and that
 * somebody is here is known well enough to some minutes.
 */
class QuietSessions implements SessionRepository<QuietSessions.Quiet> {
    private static final Duration TOLD_EVERY = Duration.ofMinutes(5);

    private final SessionRepository<Session> kept;

    @SuppressWarnings("unchecked") // the kind of session is the store's own affair
    QuietSessions(JdbcIndexedSessionRepository kept) {
        this.kept = (SessionRepository<Session>) (SessionRepository<?>) kept;
    }

    @Override
    public Quiet createSession() {
        Quiet made = new Quiet(kept.createSession());
        made.changed = true;
        return made;
    }

    @Override
    public void save(Quiet session) {
        if (session.changed) {
            kept.save(session.inner);
            session.changed = false;
        }
    }

    @Override
    @Absent
    public Quiet findById(String id) {
        Session found = kept.findById(id);
        return found == null ? null : new Quiet(found);
    }

    @Override
    public void deleteById(String id) {
        kept.deleteById(id);
    }

    /** A session that knows whether there is anything to write. */
    static final class Quiet implements Session {
        private final Session inner;
        private boolean changed;

        Quiet(Session inner) {
            this.inner = inner;
        }

        @Override
        public String getId() {
            return inner.getId();
        }

        @Override
        public String changeSessionId() {
            changed = true;
            return inner.changeSessionId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return inner.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return inner.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            changed = true;
            inner.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            changed = true;
            inner.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return inner.getCreationTime();
        }

        @Override
        public void setLastAccessedTime(Instant at) {
            if (changed || Duration.between(inner.getLastAccessedTime(), at).compareTo(TOLD_EVERY) > 0) {
                changed = true;
                inner.setLastAccessedTime(at);
            }
        }

        @Override
        public Instant getLastAccessedTime() {
            return inner.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            changed = true;
            inner.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return inner.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return inner.isExpired();
        }
    }
}

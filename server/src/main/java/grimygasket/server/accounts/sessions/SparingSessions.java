package grimygasket.server.accounts.sessions;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;

/**
 * Sessions whose last use is noted once a minute, not at every request: who only reads writes nothing.
 *
 * @param <S> the sessions as they are kept
 */
final class SparingSessions<S extends Session> implements SessionRepository<SparingSessions.Sparing<S>> {
    private static final Duration NOTED_EVERY = Duration.ofMinutes(1);

    private final SessionRepository<S> sessions;

    SparingSessions(SessionRepository<S> sessions) {
        this.sessions = sessions;
    }

    @Override
    public Sparing<S> createSession() {
        return new Sparing<>(sessions.createSession());
    }

    @Override
    public void save(Sparing<S> session) {
        sessions.save(session.kept);
    }

    @Override
    public Sparing<S> findById(String id) {
        var found = sessions.findById(id);
        return found == null ? null : new Sparing<>(found);
    }

    @Override
    public void deleteById(String id) {
        sessions.deleteById(id);
    }

    /** A session that changes only when there is something to keep. */
    record Sparing<S extends Session>(S kept) implements Session {
        @Override
        public void setLastAccessedTime(Instant now) {
            if (Duration.between(kept.getLastAccessedTime(), now).compareTo(NOTED_EVERY) >= 0) {
                kept.setLastAccessedTime(now);
            }
        }

        @Override
        public String getId() {
            return kept.getId();
        }

        @Override
        public String changeSessionId() {
            return kept.changeSessionId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return kept.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return kept.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            kept.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            kept.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return kept.getCreationTime();
        }

        @Override
        public Instant getLastAccessedTime() {
            return kept.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            kept.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return kept.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return kept.isExpired();
        }
    }
}

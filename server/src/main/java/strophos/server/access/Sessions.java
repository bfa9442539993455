package strophos.server.access;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;

/**
 * What a session costs a request: one read. That it was used is written down once a minute, anything else at once. As a request ends the
 * framework reads the session it has just saved once more, only to see whether it is still there: that one it is given from here.
 */
class Sessions<S extends Session> implements SessionRepository<Sessions.SessionInUse<S>> {

    /** A session lives for days after its last use: so exactly it is known when that was. */
    private static final Duration USED_TO_THE = Duration.ofMinutes(1);

    private final SessionRepository<S> stored;
    private final ThreadLocal<SessionInUse<S>> saved = new ThreadLocal<>();

    Sessions(SessionRepository<S> stored) {
        this.stored = stored;
    }

    /** A request knows nothing of the one that its thread answered before: that one's session may have ended. */
    void beginRequest() {
        saved.remove();
    }

    @Override
    public SessionInUse<S> createSession() {
        return new SessionInUse<>(stored.createSession(), true);
    }

    @Override
    public void save(SessionInUse<S> session) {
        if (session.isChanged) {
            stored.save(session.stored);
            session.isChanged = false;
        }
        saved.set(session);
    }

    @Override
    public SessionInUse<S> findById(String id) {
        SessionInUse<S> known = saved.get();
        saved.remove();
        if (known != null && known.getId().equals(id)) {
            return known;
        }
        S found = stored.findById(id);
        return found == null ? null : new SessionInUse<>(found, false);
    }

    @Override
    public void deleteById(String id) {
        saved.remove();
        stored.deleteById(id);
    }

    /** A session that knows whether there is anything to write. */
    static final class SessionInUse<S extends Session> implements Session {
        private final S stored;
        private boolean isChanged;

        SessionInUse(S stored, boolean isChanged) {
            this.stored = stored;
            this.isChanged = isChanged;
        }

        @Override
        public void setLastAccessedTime(Instant at) {
            isChanged |= Duration.between(stored.getLastAccessedTime(), at).compareTo(USED_TO_THE) >= 0;
            if (isChanged) {
                stored.setLastAccessedTime(at);
            }
        }

        @Override
        public String changeSessionId() {
            isChanged = true;
            return stored.changeSessionId();
        }

        @Override
        public void setAttribute(String name, Object value) {
            isChanged = true;
            stored.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            isChanged = true;
            stored.removeAttribute(name);
        }

        @Override
        public void setMaxInactiveInterval(Duration longest) {
            isChanged = true;
            stored.setMaxInactiveInterval(longest);
        }

        @Override
        public String getId() {
            return stored.getId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return stored.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return stored.getAttributeNames();
        }

        @Override
        public Instant getCreationTime() {
            return stored.getCreationTime();
        }

        @Override
        public Instant getLastAccessedTime() {
            return stored.getLastAccessedTime();
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return stored.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return stored.isExpired();
        }
    }
}

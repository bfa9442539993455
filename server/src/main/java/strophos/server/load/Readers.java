package strophos.server.load;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** Whose bodies are being read, and how many may be at once. */
final class Readers {

    /** Of those who are not signed in, together. */
    static final int ANONYMOUS = 20;

    /** Of one session: the browser's own six connections. */
    static final int OF_A_SESSION = 6;

    /** Of all together: half of the container's threads. */
    static final int ALL = 100;

    private static final String NOBODY = "";

    private final Map<String, Integer> reading = new HashMap<>();
    private int all;

    /** Takes a place; false when none is free. Whoever got one gives it back with {@link #leave}. */
    synchronized boolean enter(Optional<String> session) {
        int most = session.isPresent() ? OF_A_SESSION : ANONYMOUS;
        if (all >= ALL || reading.getOrDefault(session.orElse(NOBODY), 0) >= most) {
            return false;
        }
        all++;
        reading.merge(session.orElse(NOBODY), 1, Integer::sum);
        return true;
    }

    synchronized void leave(Optional<String> session) {
        all--;
        reading.computeIfPresent(session.orElse(NOBODY), (who, count) -> count == 1 ? null : count - 1);
    }
}

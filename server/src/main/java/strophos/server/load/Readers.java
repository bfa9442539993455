package strophos.server.load;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Whose bodies are being read, and how many may be at once. */
final class Readers {

    /** Of those who are not signed in, together. */
    static final int ANONYMOUS = 20;

    /** Of those from one address, so that one of them never takes all of it. */
    static final int ANONYMOUS_FROM_AN_ADDRESS = 12;

    /** Of one session: the browser's own six connections. */
    static final int OF_A_SESSION = 6;

    /** Of all together: half of the container's threads. */
    static final int ALL = 100;

    private static final String NOBODY = "nobody";

    private final Map<String, Integer> reading = new HashMap<>();
    private int all;

    /**
     * Takes a place; false when none is free. Whoever got one gives it back with {@link #leave}.
     *
     * @param session of somebody who is signed in
     */
    synchronized boolean enter(Optional<String> session, String address) {
        boolean isFree = session.map(s -> count(s) < OF_A_SESSION)
                .orElseGet(() -> count(NOBODY) < ANONYMOUS && count(address) < ANONYMOUS_FROM_AN_ADDRESS);
        if (all >= ALL || !isFree) {
            return false;
        }
        all++;
        places(session, address).forEach(place -> reading.merge(place, 1, Integer::sum));
        return true;
    }

    synchronized void leave(Optional<String> session, String address) {
        all--;
        places(session, address)
                .forEach(place -> reading.computeIfPresent(place, (p, count) -> count == 1 ? null : count - 1));
    }

    private int count(String place) {
        return reading.getOrDefault(place, 0);
    }

    private static List<String> places(Optional<String> session, String address) {
        return session.map(List::of).orElseGet(() -> List.of(NOBODY, address));
    }
}

package strophos.server.library;

import java.time.Instant;

/**
 * One version of something a yard made, as it is kept.
 *
 * @param body of its kind's form
 * @param by the name of who made this version
 */
record OwnItem<T>(String id, int version, T body, boolean isPutAway, String by, Instant at) {

    /** What a yard makes. */
    enum Kind {
        EXERCISE,
        PROGRESSION,
        ASIDE
    }
}

package strophos.server.access;

import java.time.Duration;
import java.time.Instant;

/**
 * How long whoever guesses waits: wrong passwords slow down, and never lock. What counts is the name from one place (an address, or a
 * browser in which this person signed in before): the first few tries are free, then the wait after each failure doubles up to a
 * minute. Many failures of the name from anywhere leave one free try a place. Many from one address make every further name wait
 * there, a little; a known browser is not touched by either, so nobody can shut out whoever belongs here.
 *
 * <p>The numbers are common practice, no source.
 */
final class Throttle {

    static final Duration WINDOW = Duration.ofMinutes(15);

    private static final int FREE = 5;
    private static final int FREE_UNDER_ATTACK = 1;
    private static final int NAME_UNDER_ATTACK = 20;
    private static final int ADDRESS_UNDER_ATTACK = 50;
    private static final Duration FROM_A_GUESSING_ADDRESS = Duration.ofSeconds(2);
    private static final Duration LONGEST = Duration.ofMinutes(1);

    private Throttle() {}

    /**
     * Failures within {@link #WINDOW}.
     *
     * @param count how many
     * @param last when the last one was; any time when there was none
     */
    record Failures(int count, Instant last) {}

    /**
     * From when on the next try is looked at; a time that has passed: now.
     *
     * @param here of this name from this place
     * @param ofName of this name from anywhere
     * @param ofAddress from this address, of whatever name
     * @param isKnown the place is a browser in which this person signed in before
     */
    static Instant next(Failures here, Failures ofName, Failures ofAddress, boolean isKnown) {
        boolean isUnderAttack =
                !isKnown && (ofName.count() >= NAME_UNDER_ATTACK || ofAddress.count() >= ADDRESS_UNDER_ATTACK);
        Instant next = here.last().plus(wait(here.count() - (isUnderAttack ? FREE_UNDER_ATTACK : FREE)));
        boolean isGuessing = !isKnown && ofAddress.count() >= ADDRESS_UNDER_ATTACK;
        Instant address = isGuessing ? ofAddress.last().plus(FROM_A_GUESSING_ADDRESS) : Instant.MIN;
        return next.isAfter(address) ? next : address;
    }

    /** None before the free tries are used, then 2, 4, 8 … seconds. */
    private static Duration wait(int beyondFree) {
        if (beyondFree < 0) {
            return Duration.ZERO;
        }
        long seconds = 2L << Math.min(beyondFree, 10);
        return Duration.ofSeconds(Math.min(seconds, LONGEST.toSeconds()));
    }
}

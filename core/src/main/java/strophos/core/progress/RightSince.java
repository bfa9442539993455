package strophos.core.progress;

import java.util.Optional;

/**
 * Who was right when a coach overruled the advice, by what the record advised on the same rung the next time it was decided on. Rough:
 * what would have come of the other way nobody knows. Common practice, no source.
 */
public enum RightSince {
    /** The next advice is what the coach chose; after moving on, that the rung holds. */
    COACH,
    /** The next advice is still what it was; after moving on, that the rung is taken up again. */
    ADVICE,
    /** The next advice is something else. */
    NEITHER,
    /** Nothing was decided on the rung since. */
    NOT_YET;

    /** @param after advised on the same rung, the next time it was decided on */
    public static RightSince of(Decision chosen, Decision advised, Optional<Decision> after) {
        if (chosen == advised) {
            throw new IllegalArgumentException("The advice (%s) was followed, not overruled.".formatted(advised));
        }
        if (after.isEmpty()) {
            return NOT_YET;
        }
        Decision next = after.get();
        if (next == chosen) {
            return COACH;
        }
        boolean isTakenUpAgain = chosen == Decision.MOVE_ON && next == Decision.REOPEN;
        return next == advised || isTakenUpAgain ? ADVICE : NEITHER;
    }
}

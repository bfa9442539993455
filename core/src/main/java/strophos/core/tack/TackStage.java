package strophos.core.tack;

import java.time.LocalDate;
import java.util.Optional;

/** Where a piece of tack stands on a day. */
public enum TackStage {
    IN_USE,
    /** Until what must hold first holds. */
    LATER,
    PUT_AWAY;

    /**
     * @param since the first day of its use; empty while it waits
     * @param until the first day without it; empty while nobody has put it away
     */
    public static TackStage on(LocalDate day, Optional<LocalDate> since, Optional<LocalDate> until) {
        if (until.filter(u -> !day.isBefore(u)).isPresent()) {
            return PUT_AWAY;
        }
        return since.filter(s -> !day.isBefore(s)).isPresent() ? IN_USE : LATER;
    }
}

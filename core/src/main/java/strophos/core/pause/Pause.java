package strophos.core.pause;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * A time in which a horse was paused.
 *
 * @param from the day the first sign was seen
 * @param fromMs when it was seen, milliseconds since 1970 UTC
 * @param knownAtMs when it came to be known
 * @param clearedMs when it was cleared; empty while it goes on
 */
public record Pause(
        LocalDate from, long fromMs, long knownAtMs, Optional<LocalDate> clearedOn, OptionalLong clearedMs) {

    /** Whether what was ridden then was ridden on a paused horse. */
    public boolean covers(long ms) {
        return ms > fromMs && (clearedMs.isEmpty() || ms < clearedMs.getAsLong());
    }

    Pause until(Occurrence.Answer cleared) {
        return new Pause(from, fromMs, knownAtMs, Optional.of(cleared.day()), OptionalLong.of(cleared.knownAtMs()));
    }
}

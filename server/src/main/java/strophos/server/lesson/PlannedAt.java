package strophos.server.lesson;

import java.time.Duration;
import java.time.Instant;

/** When a lesson is held, as somebody says it. */
final class PlannedAt {

    /** Nobody plans farther ahead, or writes down what is longer ago. Common practice, no source. */
    private static final Duration FARTHEST = Duration.ofDays(3660);

    private PlannedAt() {}

    /**
     * The time that was said; now where none was. A lesson that was begun without a network carries its device's clock, which may say
     * anything. It is not refused, or all that was ridden in it would be: it counts as held when it came in.
     *
     * @param said null: it is held now
     */
    static Instant of(Instant said, Instant now) {
        boolean isSaid = said != null && Duration.between(now, said).abs().compareTo(FARTHEST) <= 0;
        return isSaid ? said : now;
    }
}

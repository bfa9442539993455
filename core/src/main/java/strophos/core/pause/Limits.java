package strophos.core.pause;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.exchange.Gait;

/**
 * What a horse was cleared for. While limits last there are no fences.
 *
 * @param fastest the fastest gait: walk, trot or canter
 * @param minutes ridden a day at the most, in [5, 180]; empty when nobody said
 * @param until the last day they hold; empty until another answer
 */
public record Limits(Gait fastest, OptionalInt minutes, Optional<LocalDate> until) {

    public static final int FEWEST_MINUTES = 5;
    public static final int MOST_MINUTES = 180;

    public Limits {
        Objects.requireNonNull(minutes, "minutes");
        Objects.requireNonNull(until, "until");
        if (fastest != Gait.WALK && fastest != Gait.TROT && fastest != Gait.CANTER) {
            throw new IllegalArgumentException(
                    "The fastest gait (%s) must be walk, trot or canter.".formatted(fastest));
        }
        if (minutes.isPresent() && (minutes.getAsInt() < FEWEST_MINUTES || minutes.getAsInt() > MOST_MINUTES)) {
            throw new IllegalArgumentException("The minutes a day (%d) must lie in [%d, %d]."
                    .formatted(minutes.getAsInt(), FEWEST_MINUTES, MOST_MINUTES));
        }
    }

    /** Halt, walk and rein-back are never faster than walk. */
    public boolean allows(Gait gait) {
        return switch (gait) {
            case TROT -> fastest != Gait.WALK;
            case CANTER -> fastest == Gait.CANTER;
            default -> true;
        };
    }

    boolean holdsOn(LocalDate day) {
        return until.isEmpty() || !day.isAfter(until.get());
    }
}

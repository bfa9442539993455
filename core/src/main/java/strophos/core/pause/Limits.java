package strophos.core.pause;

import java.time.LocalDate;
import java.util.List;
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

    /** From the slowest on. */
    private static final List<Gait> GAITS = List.of(Gait.WALK, Gait.TROT, Gait.CANTER);

    /** Never faster than walk. */
    private static final List<Gait> CALM = List.of(Gait.HALT, Gait.WALK, Gait.REIN_BACK);

    public static final int FEWEST_MINUTES = 5;
    public static final int MOST_MINUTES = 180;

    public Limits {
        Objects.requireNonNull(minutes, "minutes");
        Objects.requireNonNull(until, "until");
        if (!GAITS.contains(fastest)) {
            throw new IllegalArgumentException(
                    "The fastest gait (%s) must be walk, trot or canter.".formatted(fastest));
        }
        if (minutes.isPresent() && (minutes.getAsInt() < FEWEST_MINUTES || minutes.getAsInt() > MOST_MINUTES)) {
            throw new IllegalArgumentException("The minutes a day (%d) must lie in [%d, %d]."
                    .formatted(minutes.getAsInt(), FEWEST_MINUTES, MOST_MINUTES));
        }
    }

    /** Halt, walk and rein-back are never faster than walk; a gait that is not listed counts as the fastest. */
    public boolean allows(Gait gait) {
        if (CALM.contains(gait)) {
            return true;
        }
        return GAITS.contains(gait) ? fastest.compareTo(gait) >= 0 : fastest.equals(Gait.CANTER);
    }

    boolean holdsOn(LocalDate day) {
        return until.isEmpty() || !day.isAfter(until.get());
    }
}

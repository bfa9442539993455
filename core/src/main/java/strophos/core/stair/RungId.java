package strophos.core.stair;

import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;

/** An exercise at one gait and place. */
public record RungId(String exercise, Gait gait, Place place) {

    /**
     * The rung written so, also one that no catalogue has any more.
     *
     * @throws IllegalArgumentException for what is not written as {@link #toString} writes
     */
    public static RungId of(String written) {
        String[] parts = written.split("\\.", -1);
        if (parts.length != 3 || parts[0].isEmpty()) {
            throw new IllegalArgumentException("A rung (%s) is written exercise.gait.place.".formatted(written));
        }
        return new RungId(
                parts[0],
                Gait.of(parts[1].toUpperCase(java.util.Locale.ROOT)),
                Place.of(parts[2].toUpperCase(java.util.Locale.ROOT)));
    }

    /** As stored and sent: {@code inside-bend.walk.rail}. */
    @Override
    public String toString() {
        return exercise + "." + gait.word().toLowerCase(java.util.Locale.ROOT) + "."
                + place.word().toLowerCase(java.util.Locale.ROOT);
    }
}

package strophos.core.stair;

import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;

/** An exercise at one gait and place. */
public record RungId(String exercise, Gait gait, Place place) {

    /** As stored and sent: {@code inside-bend.walk.rail}. */
    @Override
    public String toString() {
        return exercise + "." + gait.word().toLowerCase(java.util.Locale.ROOT) + "."
                + place.word().toLowerCase(java.util.Locale.ROOT);
    }
}

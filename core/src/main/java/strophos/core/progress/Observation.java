package strophos.core.progress;

import java.time.Duration;
import java.util.Optional;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Side;

/** What was seen on a rung beside its asks. */
public sealed interface Observation {

    String entry();

    Side side();

    /** Whether a sensor told it, and nobody who looked. */
    default boolean isMeasured() {
        return false;
    }

    /** A stretch that was tried to be kept, by how much it was. */
    record Hold(String entry, Side side, HoldUnit unit, double amount) implements Observation {}

    /** A named fault of the horse's or rider's way of going. */
    record Fault(String entry, Side side, String name) implements Observation {}

    /** Contact of both reins inside the pair's band for a part of the time measured. */
    record InBand(String entry, Side side, Duration inside, Duration measured) implements Observation {
        @Override
        public boolean isMeasured() {
            return true;
        }
    }

    /** After a mistake it was soft and attentive again after this time; empty where it was not as the stretch ended. */
    record Recovery(String entry, Side side, Optional<Duration> after) implements Observation {
        @Override
        public boolean isMeasured() {
            return true;
        }
    }

    /** It was frightened here. */
    record Fright(String entry, Side side) implements Observation {}
}

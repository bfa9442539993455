package strophos.core.progress;

import java.time.Duration;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Side;

/** What was seen on a rung beside its asks. */
public sealed interface Observation {

    String entry();

    Side side();

    /** A stretch that was tried to be kept, by how much it was. */
    record Hold(String entry, Side side, HoldUnit unit, double amount) implements Observation {}

    /** A named fault of the horse's or rider's way of going. */
    record Fault(String entry, Side side, String name) implements Observation {}

    /** Contact inside the pair's band for a part of the time measured. */
    record InBand(String entry, Side side, Duration inside, Duration measured) implements Observation {}

    /** After a mistake it was soft and attentive again after this time. */
    record Recovery(String entry, Side side, Duration after) implements Observation {}

    /** It was frightened here. */
    record Fright(String entry, Side side) implements Observation {}
}

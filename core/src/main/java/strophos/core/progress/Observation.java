package strophos.core.progress;

import java.time.Duration;
import java.util.Optional;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Side;
import strophos.core.footfall.LandingOrder;

/** What was seen on a rung beside its asks. */
public sealed interface Observation {

    String entry();

    Side side();

    /** A stretch that was tried to be kept, by how much it was. */
    record Hold(String entry, Side side, HoldUnit unit, double amount) implements Observation {}

    /** A named fault of the horse's or rider's way of going. */
    record Fault(String entry, Side side, String name) implements Observation {}

    /** Contact of both reins inside the pair's band for a part of the time measured. */
    record InBand(String entry, Side side, Duration inside, Duration measured) implements Observation {}

    /** After a mistake it was soft and attentive again after this time; empty where it was not as the stretch ended. */
    record Recovery(String entry, Side side, Optional<Duration> after) implements Observation {}

    /**
     * How far the fore foot of one side landed behind its hind foot in some strides, marked on a clip.
     *
     * @param side that the rung worked then; {@code feet} whose landings these are
     * @param share of the stride; {@code low} and {@code high} end its 95 % interval
     */
    record Beats(String entry, Side side, Side feet, double share, double low, double high) implements Observation {
        /** Whether it is told apart from four clear beats: the whole interval lies to one side of them. */
        boolean isOtherwise() {
            return high < LandingOrder.FOUR_FROM || low > LandingOrder.FOUR_BELOW;
        }
    }

    /** It was frightened here. */
    record Fright(String entry, Side side) implements Observation {}
}

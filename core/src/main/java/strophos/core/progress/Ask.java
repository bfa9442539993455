package strophos.core.progress;

import java.util.Objects;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;

/**
 * One exchange as the rules see it.
 *
 * @param entry id of its entry in the log
 * @param atMs when it was touched in, milliseconds since 1970 UTC
 */
public record Ask(String entry, long atMs, Side side, Mounted mounted, Strength strength, Response response) {
    public Ask {
        Objects.requireNonNull(entry, "entry");
        Objects.requireNonNull(side, "side");
        Objects.requireNonNull(mounted, "mounted");
        Objects.requireNonNull(strength, "strength");
        Objects.requireNonNull(response, "response");
    }

    /** A success is a YES at or below this strength. */
    public boolean succeedsAt(Strength most) {
        return response == Response.YES && strength.compareTo(most) <= 0;
    }

    /** On the way at least. */
    public boolean isTry() {
        return response == Response.YES || response == Response.TRY;
    }
}

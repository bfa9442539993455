package strophos.core.progress;

import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;

/**
 * One exchange as the rules see it. One that was counted afterwards, in a tally, has neither an order nor an answer of its own: it
 * feeds rates, never streaks or timing.
 *
 * @param entry id of its entry in the log
 * @param atMs when it was touched in, milliseconds since 1970 UTC
 * @param response of one in a tally: YES where it was good, else NONE
 */
public record Ask(
        String entry, long atMs, Side side, Mounted mounted, Strength strength, Response response, boolean isTallied) {

    /** One touched in by itself. */
    public Ask(String entry, long atMs, Side side, Mounted mounted, Strength strength, Response response) {
        this(entry, atMs, side, mounted, strength, response, false);
    }

    /**
     * The asks of a tally. Nobody knows their order, so the good ones are spread evenly: however many of the last asks a rule looks at, it
     * sees about the share that was counted.
     */
    public static List<Ask> tallied(
            String entry, long atMs, Side side, Mounted mounted, Strength strength, int good, int others) {
        int all = good + others;
        return IntStream.range(0, all)
                .mapToObj(i -> (i + 1) * good / all > i * good / all ? Response.YES : Response.NONE)
                .map(response -> new Ask(entry, atMs, side, mounted, strength, response, true))
                .toList();
    }

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

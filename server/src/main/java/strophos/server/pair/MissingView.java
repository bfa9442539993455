package strophos.server.pair;

import strophos.core.exchange.Rein;
import strophos.core.progress.Missing;
import strophos.server.contract.CanBeNull;

/**
 * What a rung still lacks, as sent; the sentence stands in the language files under {@code kind}.
 *
 * @param more how many; null for certainty
 * @param window of how many; null where it has no meaning
 */
public record MissingView(
        Kind kind,
        Rein rein,
        @CanBeNull Integer more,
        @CanBeNull Integer window,
        @CanBeNull Double lowerEnd,
        @CanBeNull Double asked) {

    /** Which sentence. */
    public enum Kind {
        ASKS,
        SUCCESSES,
        CERTAINTY,
        LESSONS
    }

    public static MissingView of(Missing missing) {
        if (missing instanceof Missing.Asks m) {
            return new MissingView(Kind.ASKS, m.rein(), m.more(), m.window(), null, null);
        } else if (missing instanceof Missing.Successes m) {
            return new MissingView(Kind.SUCCESSES, m.rein(), m.more(), m.window(), null, null);
        } else if (missing instanceof Missing.Certainty m) {
            return new MissingView(Kind.CERTAINTY, m.rein(), null, null, m.lowerEnd(), m.asked());
        }
        Missing.Lessons m = (Missing.Lessons) missing;
        return new MissingView(Kind.LESSONS, m.rein(), m.more(), null, null, null);
    }
}

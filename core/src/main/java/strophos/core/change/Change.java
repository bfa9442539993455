package strophos.core.change;

import strophos.core.stats.Newcombe;

/** What is said of a change. */
public enum Change {
    BETTER,
    WORSE,
    /** It lies still: that needs more lessons than to see something move. */
    STANDS_STILL,
    /** Chance would bring as much. */
    NOT_SHOWN,
    /** Too few to say. */
    TOO_FEW;

    /** What a difference says, the later less the earlier: nothing as long as its interval holds nought. */
    static Change of(Newcombe.Difference gain) {
        if (gain.interval().low() > 0) {
            return BETTER;
        }
        return gain.interval().high() < 0 ? WORSE : NOT_SHOWN;
    }
}

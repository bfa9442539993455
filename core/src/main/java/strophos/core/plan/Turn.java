package strophos.core.plan;

import strophos.core.exchange.Rein;

/** A stretch on one rein without a change. */
public record Turn(Rein rein, int seconds) {
    public Turn {
        if (rein == Rein.NONE || seconds <= 0) {
            throw new IllegalArgumentException(
                    "A turn goes on one rein (%s) for more than 0 seconds (%d).".formatted(rein, seconds));
        }
    }
}

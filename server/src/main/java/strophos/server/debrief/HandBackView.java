package strophos.server.debrief;

import strophos.core.change.HandBack;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.stats.Newcombe;
import strophos.server.contract.CanBeNull;

/**
 * The same task under the pair's own rider, under another, and handed back.
 *
 * @param by who rode it in between
 * @param gain after less before, as shares; null where too few were asked
 */
record HandBackView(
        Side side,
        YesOf before,
        Mounted by,
        YesOf other,
        YesOf after,
        @CanBeNull GainView gain) {

    /** With its 95 % interval. */
    record GainView(double estimate, double low, double high) {

        static GainView of(Newcombe.Difference g) {
            return new GainView(g.estimate(), g.interval().low(), g.interval().high());
        }
    }

    static HandBackView of(HandBack h) {
        return new HandBackView(
                h.side(),
                YesOf.of(h.before()),
                h.by(),
                YesOf.of(h.other()),
                YesOf.of(h.after()),
                h.gain().map(GainView::of).orElse(null));
    }
}

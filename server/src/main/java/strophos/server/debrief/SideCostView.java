package strophos.server.debrief;

import java.util.List;
import strophos.core.change.SideCost;
import strophos.core.exchange.Side;
import strophos.core.record.Soak;
import strophos.server.contract.CanBeNull;

/**
 * What the answers to one side cost, as far as it was noted.
 *
 * @param firstAt how often each strength came first, 1 to 4
 * @param missed releases of {@code released} that were noted
 * @param corrected errors of {@code errors} that were noted
 * @param soakS the middle time from a correction to the next ask; null without one
 * @param soaks how many that was read from
 */
record SideCostView(
        Side side,
        List<Integer> firstAt,
        int missed,
        int released,
        int corrected,
        int errors,
        @CanBeNull Long soakS,
        int soaks) {

    static SideCostView of(SideCost c) {
        return new SideCostView(
                c.side(),
                c.firstAt(),
                c.missed().successes(),
                c.missed().total(),
                c.corrected().successes(),
                c.corrected().total(),
                c.soak().map(s -> s.median().toSeconds()).orElse(null),
                c.soak().map(Soak::corrections).orElse(0));
    }
}

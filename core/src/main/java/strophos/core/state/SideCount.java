package strophos.core.state;

import java.util.List;
import strophos.core.exchange.Side;
import strophos.core.progress.Missing;
import strophos.core.progress.RungEvidence;
import strophos.core.stats.Proportion;

/**
 * One side of a rung against its criterion: the numbers of {@link RungEvidence.OfSide} without the entries they were counted
 * from.
 *
 * @param counted what counts among what was looked at
 * @param tallied how many of the asks looked at were counted in tallies
 * @param window how many are looked at when there are enough
 * @param needed how many of them must count
 * @param held lessons (or days) running in which it held
 * @param toHold lessons (or days) running in which it must hold
 * @param missing what is still lacking; empty when met
 */
public record SideCount(
        Side side,
        Proportion counted,
        int tallied,
        int window,
        int needed,
        int held,
        int toHold,
        List<Missing> missing) {

    public SideCount {
        missing = List.copyOf(missing);
    }

    static SideCount of(RungEvidence.OfSide e) {
        return new SideCount(
                e.side(), e.counted(), e.tallied(), e.window(), e.needed(), e.held(), e.toHold(), e.missing());
    }
}

package strophos.core.state;

import java.util.List;
import strophos.core.exchange.Rein;
import strophos.core.progress.Missing;
import strophos.core.progress.RungEvidence;
import strophos.core.stats.Proportion;

/**
 * One rein of a rung against its criterion: the numbers of {@link RungEvidence.OfRein} without the entries they were counted
 * from.
 *
 * @param counted what counts among what was looked at
 * @param window how many are looked at when there are enough
 * @param needed how many of them must count
 * @param held lessons (or days) running in which it held
 * @param toHold lessons (or days) running in which it must hold
 * @param missing what is still lacking; empty when met
 */
public record ReinCount(
        Rein rein, Proportion counted, int window, int needed, int held, int toHold, List<Missing> missing) {

    public ReinCount {
        missing = List.copyOf(missing);
    }

    static ReinCount of(RungEvidence.OfRein e) {
        return new ReinCount(e.rein(), e.counted(), e.window(), e.needed(), e.held(), e.toHold(), e.missing());
    }
}

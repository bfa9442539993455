package strophos.core.stop;

import java.time.Duration;
import java.util.List;
import strophos.core.judgement.Evidence;

/** The numbers of stopping. */
public sealed interface StopEvidence extends Evidence {

    @Override
    default List<String> entries() {
        return List.of();
    }

    /** Time worked and the most allowed, or the least asked. */
    record OfTime(Duration worked, Duration limit) implements StopEvidence {}

    /** °F + % humidity, and the line. */
    record OfHeat(double heat, double line) implements StopEvidence {}

    /** Signs by name; empty when there are none. */
    record OfSigns(List<String> signs) implements StopEvidence {
        public OfSigns {
            signs = List.copyOf(signs);
        }
    }

    /** WRONG in a row since the step back. */
    record OfWrong(int running) implements StopEvidence {}
}

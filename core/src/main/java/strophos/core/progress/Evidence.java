package strophos.core.progress;

import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Rein;
import strophos.core.stats.Interval;
import strophos.core.stats.Proportion;

/** The numbers a rule used. */
public sealed interface Evidence {

    /**
     * One rein against the rate criterion.
     *
     * @param window successes among the last asks
     * @param interval 95 % Wilson interval of the window
     * @param lessonsHeld lessons running, up to the last, at whose end the rate held
     * @param missing what is still lacking; empty when met
     */
    record OfRein(Rein rein, Proportion window, Interval interval, int lessonsHeld, List<Missing> missing)
            implements Evidence {
        public OfRein {
            missing = List.copyOf(missing);
        }
    }

    /** Asks at the strongest level and the mean strength (1 to 4) of the last asks. */
    record OfForce(Proportion strongest, double meanStrength) implements Evidence {}

    /** Answers at least on the way (YES or TRY) among the asks of the lesson. */
    record OfTries(Proportion tries) implements Evidence {}

    /** The two reins compared; {@code p} is Fisher's exact two-sided value. */
    record OfDifference(Proportion left, Proportion right, double p, Optional<Rein> worse) implements Evidence {}
}

package strophos.core.progress;

import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Side;
import strophos.core.judgement.Evidence;
import strophos.core.stats.Interval;
import strophos.core.stats.Proportion;

/** The numbers of the rules about a rung. */
public sealed interface RungEvidence extends Evidence {

    /**
     * One side against the rung's criterion.
     *
     * @param counted what counts for it among what was looked at: asks, stretches, lessons, seconds
     * @param tallied how many of the asks looked at were counted in tallies, and not touched in one by one
     * @param window how many are looked at when there are enough
     * @param needed how many of them must count
     * @param interval 95 % Wilson interval of {@code counted}
     * @param held lessons (or days) running, up to the last, at whose end it held
     * @param toHold lessons (or days) running in which it must hold
     * @param missing what is still lacking; empty when met
     */
    record OfSide(
            Side side,
            Proportion counted,
            int tallied,
            int window,
            int needed,
            Interval interval,
            int held,
            int toHold,
            List<Missing> missing,
            List<String> entries)
            implements RungEvidence {
        public OfSide {
            missing = List.copyOf(missing);
            entries = List.copyOf(entries);
        }
    }

    /** Asks at the strongest level and the mean strength (1 to 4) of the last asks. */
    record OfForce(Proportion strongest, double meanStrength, List<String> entries) implements RungEvidence {}

    /** Answers at least on the way (YES or TRY) among the asks of the lesson. */
    record OfTries(Proportion tries, List<String> entries) implements RungEvidence {}

    /** The two sides compared; {@code p} is Fisher's exact two-sided value. */
    record OfDifference(Proportion left, Proportion right, double p, Optional<Side> worse, List<String> entries)
            implements RungEvidence {}

    /** So many of a thing that is counted over lessons or days, and how many make the rule speak. */
    record OfTimes(Subject what, int times, int needed, List<String> entries) implements RungEvidence {}

    /** Successes on one side on one day. */
    record OfDay(java.time.LocalDate day, Side side, Proportion successes, List<String> entries)
            implements RungEvidence {}

    /** Signs of pain or unsoundness, by name. */
    record OfSigns(List<String> signs) implements RungEvidence {
        public OfSigns {
            signs = List.copyOf(signs);
        }

        @Override
        public List<String> entries() {
            return List.of();
        }
    }

    /** What {@link OfTimes} counts. */
    enum Subject {
        STEP_BACKS,
        FRIGHTS,
        LESSONS_WITHOUT_ERROR
    }

    /** Ids of these asks. */
    static List<String> idsOf(List<Ask> asks) {
        return asks.stream().map(Ask::entry).toList();
    }
}

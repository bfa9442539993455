package strophos.core.change;

import java.util.List;
import strophos.core.judgement.Evidence;
import strophos.core.stats.Interval;
import strophos.core.stats.Newcombe;
import strophos.core.stats.Proportion;

/** The numbers of a change. */
public sealed interface ChangeEvidence extends Evidence {

    /** The slope of the rate, in percentage points a lesson, with its 95 % interval, over so many lessons. */
    record OfSlope(double points, Interval interval, int lessons) implements ChangeEvidence {
        @Override
        public List<String> entries() {
            return List.of();
        }
    }

    /**
     * The first third of an exercise against its last.
     *
     * @param leftOut asks left out at the end: the run that ended the exercise, and the ask before it
     * @param p Fisher's exact two-sided value
     */
    record OfThirds(
            Proportion first, Proportion last, Newcombe.Difference gain, double p, int leftOut, List<String> entries)
            implements ChangeEvidence {
        public OfThirds {
            entries = List.copyOf(entries);
        }
    }
}

package strophos.core.cause;

import java.util.List;
import strophos.core.judgement.Evidence;
import strophos.core.stats.Proportion;

/** The numbers of a probe. */
public sealed interface ProbeEvidence extends Evidence {

    /** One day: mean scores before and after, and the one-sided permutation value of the gain. */
    record OfDay(double before, double after, double p, List<String> entries) implements ProbeEvidence {
        public OfDay {
            entries = List.copyOf(entries);
        }
    }

    /** On so many of the last days the second measure was higher. */
    record OfDays(Proportion helped) implements ProbeEvidence {
        @Override
        public List<String> entries() {
            return List.of();
        }
    }

    /** Mean gain with the exercise between and without, and the one-sided permutation value of the difference. */
    record OfControl(double gain, double controlGain, int days, int controlDays, double p) implements ProbeEvidence {
        @Override
        public List<String> entries() {
            return List.of();
        }
    }
}

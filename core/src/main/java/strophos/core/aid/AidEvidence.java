package strophos.core.aid;

import java.time.Duration;
import java.util.List;
import strophos.core.judgement.Evidence;
import strophos.core.stats.Interval;
import strophos.core.stats.Proportion;

/** The numbers about aids. */
public sealed interface AidEvidence extends Evidence {

    /** So many of so many, with the 95 % Wilson interval and the moments that count against the rider. */
    record OfShare(Proportion share, Interval interval, List<String> entries) implements AidEvidence {
        public OfShare {
            entries = List.copyOf(entries);
        }
    }

    /** One delay. */
    record OfDelay(Duration delay, List<String> entries) implements AidEvidence {
        public OfDelay {
            entries = List.copyOf(entries);
        }
    }

    /** One correction after so many strides of the error. */
    record OfStrides(int strides, List<String> entries) implements AidEvidence {
        public OfStrides {
            entries = List.copyOf(entries);
        }
    }
}

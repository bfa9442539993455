package strophos.core.load;

import java.time.LocalDate;
import java.util.List;
import strophos.core.judgement.Evidence;

/** The numbers of load. */
public sealed interface LoadEvidence extends Evidence {

    @Override
    default List<String> entries() {
        return List.of();
    }

    /** The week's load and the week's before. */
    record OfWeeks(double now, double before) implements LoadEvidence {}

    /** Acute over chronic. */
    record OfRatio(double ratio) implements LoadEvidence {}

    /** These days were alike. */
    record OfDays(String kind, List<LocalDate> days) implements LoadEvidence {
        public OfDays {
            days = List.copyOf(days);
        }
    }
}

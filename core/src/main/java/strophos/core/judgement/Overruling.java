package strophos.core.judgement;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import strophos.core.stats.Interval;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * How often one rule's advice was overruled. A rule that is overruled often is wrong for this yard, or not understood.
 *
 * @param overruled choices that differed from the advice, of all that were made on it
 * @param interval 95 % Wilson interval
 */
public record Overruling(String book, String ruleId, Proportion overruled, Interval interval) {

    /** What was chosen longer ago says little of how a yard decides now. Common practice, no source. */
    public static final Duration LOOKED_BACK = Duration.ofDays(365);

    /** So many of the latest decisions say it to within two or three points (Wilson, 95 %); more would only take time. */
    public static final int DECISIONS = 2000;

    public static Overruling of(String book, String ruleId, Proportion overruled) {
        return new Overruling(book, ruleId, overruled, Wilson.of(overruled));
    }

    /** The most overruled first. */
    public static List<Overruling> report(List<Overruling> lines) {
        return lines.stream()
                .sorted(Comparator.<Overruling>comparingDouble(
                                l -> -l.overruled().share())
                        .thenComparing(Overruling::book)
                        .thenComparing(Overruling::ruleId))
                .toList();
    }
}

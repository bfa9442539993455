package strophos.core.judgement;

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

package strophos.core.judgement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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

    /** One choice a coach made. */
    public record Choice(String book, String ruleId, String advised, String chosen) {}

    /** A line for each rule of each book version, the most overruled first. */
    public static List<Overruling> report(List<Choice> choices) {
        Map<List<String>, int[]> counts = new LinkedHashMap<>();
        for (Choice c : choices) {
            int[] count = counts.computeIfAbsent(List.of(c.book(), c.ruleId()), k -> new int[2]);
            count[0] += c.advised().equals(c.chosen()) ? 0 : 1;
            count[1]++;
        }
        List<Overruling> lines = new ArrayList<>();
        counts.forEach((key, count) -> {
            Proportion overruled = new Proportion(count[0], count[1]);
            lines.add(new Overruling(key.get(0), key.get(1), overruled, Wilson.of(overruled)));
        });
        lines.sort(Comparator.<Overruling>comparingDouble(l -> -l.overruled().share())
                .thenComparing(Overruling::book)
                .thenComparing(Overruling::ruleId));
        return lines;
    }
}

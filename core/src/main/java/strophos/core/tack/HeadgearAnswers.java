package strophos.core.tack;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import strophos.core.stair.RungId;
import strophos.core.stats.Proportion;

/**
 * What a pair answered in one headgear, on those rungs only that were asked in another one too: so that an easy exercise in one
 * and a hard one in the other are not laid beside each other. Days, riders' forms and months differ all the same; it shows, and
 * proves nothing.
 *
 * @param headgear as tack names it
 * @param lessons in which it was worn and one of these rungs asked
 * @param counted good answers of all
 * @param strength the mean strength of these asks, in [1, 4]
 */
public record HeadgearAnswers(String headgear, int lessons, Proportion counted, double strength) {

    /** Asks of one lesson on one rung, by the pair's own rider; at least one. */
    public record OfLesson(String lesson, String headgear, RungId rung, int yes, int asks, int strengths) {}

    /** Each headgear that shares a rung with another, by name; empty while there is nothing to lay beside each other. */
    public static List<HeadgearAnswers> beside(Collection<OfLesson> asked) {
        Map<RungId, Set<String>> wornOn = new HashMap<>();
        asked.forEach(
                a -> wornOn.computeIfAbsent(a.rung(), r -> new HashSet<>()).add(a.headgear()));
        Map<String, List<OfLesson>> shared = asked.stream()
                .filter(a -> wornOn.get(a.rung()).size() > 1)
                .collect(Collectors.groupingBy(OfLesson::headgear, TreeMap::new, Collectors.toList()));
        return shared.entrySet().stream()
                .map(e -> together(e.getKey(), e.getValue()))
                .toList();
    }

    private static HeadgearAnswers together(String headgear, List<OfLesson> asked) {
        int asks = asked.stream().mapToInt(OfLesson::asks).sum();
        return new HeadgearAnswers(
                headgear,
                (int) asked.stream().map(OfLesson::lesson).distinct().count(),
                new Proportion(asked.stream().mapToInt(OfLesson::yes).sum(), asks),
                asked.stream().mapToInt(OfLesson::strengths).sum() / (double) asks);
    }
}

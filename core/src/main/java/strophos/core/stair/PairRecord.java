package strophos.core.stair;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import strophos.core.exchange.Mounted;
import strophos.core.progress.Ask;
import strophos.core.progress.RungFacts;

/** All asks of a pair in coached lessons, in order: what the stair and the rules read. Sorted by rung once. */
public final class PairRecord {

    private final List<Ridden> asks;
    private final Map<RungId, RungFacts> byRung = new HashMap<>();

    /** One ask and where it was made. */
    public record Ridden(String lesson, RungId rung, Ask ask) {}

    /** @param asks lesson by lesson, each in the order ridden */
    public PairRecord(List<Ridden> asks) {
        this.asks = List.copyOf(asks);
        Map<RungId, Map<String, List<Ask>>> sorted = new HashMap<>();
        for (Ridden r : asks) {
            sorted.computeIfAbsent(r.rung(), rung -> new LinkedHashMap<>())
                    .computeIfAbsent(r.lesson(), lesson -> new ArrayList<>())
                    .add(r.ask());
        }
        sorted.forEach((rung, byLesson) -> byRung.put(
                rung,
                new RungFacts(byLesson.entrySet().stream()
                        .map(e -> new RungFacts.LessonAsks(e.getKey(), e.getValue()))
                        .toList())));
    }

    public List<Ridden> asks() {
        return asks;
    }

    /** What the rules may know of this rung. */
    public RungFacts factsOf(RungId rung) {
        return byRung.getOrDefault(rung, new RungFacts(List.of()));
    }

    /** The rungs the pair's own rider was asked on. */
    public Set<RungId> asked() {
        return asks.stream()
                .filter(r -> r.ask().mounted() == Mounted.RIDER)
                .map(Ridden::rung)
                .collect(Collectors.toUnmodifiableSet());
    }
}

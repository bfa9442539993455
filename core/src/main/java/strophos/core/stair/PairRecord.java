package strophos.core.stair;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import strophos.core.exchange.Mounted;
import strophos.core.progress.Ask;
import strophos.core.progress.RungFacts;

/** All asks of a pair in coached lessons, in order: what the stair and the rules read. */
public record PairRecord(List<Ridden> asks) {

    /** One ask and where it was made. */
    public record Ridden(String lesson, RungId rung, Ask ask) {}

    public PairRecord {
        asks = List.copyOf(asks);
    }

    /** What the rules may know of this rung. */
    public RungFacts factsOf(RungId rung) {
        Map<String, List<Ask>> byLesson = new LinkedHashMap<>();
        asks.stream()
                .filter(r -> r.rung().equals(rung))
                .forEach(r -> byLesson.computeIfAbsent(r.lesson(), l -> new ArrayList<>())
                        .add(r.ask()));
        return new RungFacts(byLesson.entrySet().stream()
                .map(e -> new RungFacts.LessonAsks(e.getKey(), e.getValue()))
                .toList());
    }

    /** The rungs the pair's own rider was asked on. */
    public Set<RungId> asked() {
        return asks.stream()
                .filter(r -> r.ask().mounted() == Mounted.RIDER)
                .map(Ridden::rung)
                .collect(Collectors.toUnmodifiableSet());
    }
}

package strophos.core.stair;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import strophos.core.exchange.Mounted;
import strophos.core.progress.Ask;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungFacts;

/** All asks of a pair in coached lessons, in order: what the stair and the rules read. Sorted by rung once. */
public final class PairRecord {

    private final List<Ridden> asks;
    private final Map<RungId, RungFacts> byRung = new HashMap<>();

    /** One ask, and where and on which day of the yard it was made. */
    public record Ridden(String lesson, LocalDate day, RungId rung, Ask ask) {}

    private record Sitting(String lesson, LocalDate day) {}

    /** @param asks lesson by lesson, each in the order ridden */
    public PairRecord(List<Ridden> asks) {
        this.asks = List.copyOf(asks);
        Map<RungId, Map<Sitting, List<Ask>>> sorted = new HashMap<>();
        for (Ridden r : asks) {
            sorted.computeIfAbsent(r.rung(), rung -> new LinkedHashMap<>())
                    .computeIfAbsent(new Sitting(r.lesson(), r.day()), lesson -> new ArrayList<>())
                    .add(r.ask());
        }
        sorted.forEach((rung, byLesson) -> byRung.put(
                rung,
                new RungFacts(byLesson.entrySet().stream()
                        .map(e ->
                                new LessonFacts(e.getKey().lesson(), e.getKey().day(), e.getValue()))
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

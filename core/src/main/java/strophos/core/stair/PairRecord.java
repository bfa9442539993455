package strophos.core.stair;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
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

    private record Sitting(String lesson, LocalDate day, List<Ask> asks) {}

    /** @param asks lesson by lesson, each in the order ridden */
    public PairRecord(List<Ridden> asks) {
        this.asks = List.copyOf(asks);
        Map<RungId, List<Sitting>> sorted = new HashMap<>();
        Sitting now = null;
        Ridden before = null;
        for (Ridden r : asks) {
            // asks of one sitting lie together: looking up the rung once is enough
            if (now == null || !r.rung().equals(before.rung()) || !r.lesson().equals(before.lesson())) {
                now = sitting(sorted.computeIfAbsent(r.rung(), rung -> new ArrayList<>()), r);
            }
            now.asks().add(r.ask());
            before = r;
        }
        sorted.forEach((rung, sittings) -> byRung.put(
                rung,
                new RungFacts(sittings.stream()
                        .map(s -> new LessonFacts(s.lesson(), s.day(), s.asks()))
                        .toList())));
    }

    /** That of the ask's lesson: the last one, since lessons come one after the other. */
    private static Sitting sitting(List<Sitting> sittings, Ridden r) {
        Sitting last = sittings.isEmpty() ? null : sittings.get(sittings.size() - 1);
        if (last != null && last.lesson().equals(r.lesson())) {
            return last;
        }
        Sitting next = new Sitting(r.lesson(), r.day(), new ArrayList<>());
        sittings.add(next);
        return next;
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

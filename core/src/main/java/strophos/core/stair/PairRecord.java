package strophos.core.stair;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import strophos.core.exchange.Mounted;
import strophos.core.progress.Ask;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.Observed;
import strophos.core.progress.RungFacts;

/** All asks of a pair in coached lessons, in order, and what was observed beside them: what the stair and the rules read. */
public final class PairRecord {

    private final List<Ridden> asks;
    private final List<Noticed> noticed;
    private final Map<RungId, RungFacts> byRung = new HashMap<>();

    /** One ask, and where and on which day of the yard it was made. */
    public record Ridden(String lesson, LocalDate day, RungId rung, Ask ask) {}

    /** What was observed on a rung beside the asks, in which lesson and on which day of the yard. */
    public record Noticed(String lesson, LocalDate day, RungId rung, Observed observed) {}

    private record Sitting(String lesson, LocalDate day, List<Ask> asks, List<Observed> observed) {
        Sitting(String lesson, LocalDate day) {
            this(lesson, day, new ArrayList<>(), new ArrayList<>());
        }
    }

    /** @param asks lesson by lesson, each in the order ridden */
    public PairRecord(List<Ridden> asks) {
        this(asks, List.of());
    }

    /**
     * @param asks lesson by lesson, each in the order ridden
     * @param noticed in order; on a rung that was not asked in its lesson it stands after the asks of its day
     */
    public PairRecord(List<Ridden> asks, List<Noticed> noticed) {
        this.asks = List.copyOf(asks);
        this.noticed = List.copyOf(noticed);
        Map<RungId, List<Sitting>> sorted = new HashMap<>();
        Sitting now = null;
        Ridden before = null;
        for (Ridden r : asks) {
            // asks of one sitting lie together: looking up the rung once is enough
            if (now == null || !r.rung().equals(before.rung()) || !r.lesson().equals(before.lesson())) {
                now = sitting(sorted.computeIfAbsent(r.rung(), rung -> new ArrayList<>()), r.lesson(), r.day());
            }
            now.asks().add(r.ask());
            before = r;
        }
        for (Noticed n : noticed) {
            sitting(sorted.computeIfAbsent(n.rung(), rung -> new ArrayList<>()), n.lesson(), n.day())
                    .observed()
                    .add(n.observed());
        }
        sorted.forEach((rung, sittings) -> byRung.put(
                rung,
                new RungFacts(sittings.stream()
                        .map(s -> new LessonFacts(s.lesson(), s.day(), s.asks(), s.observed()))
                        .toList())));
    }

    /** That of the lesson; a new one stands behind all of its day. */
    private static Sitting sitting(List<Sitting> sittings, String lesson, LocalDate day) {
        int after = sittings.size();
        while (after > 0 && !sittings.get(after - 1).day().isBefore(day)) {
            after--;
            if (sittings.get(after).lesson().equals(lesson)) {
                return sittings.get(after);
            }
        }
        while (after < sittings.size() && !sittings.get(after).day().isAfter(day)) {
            after++;
        }
        Sitting next = new Sitting(lesson, day);
        sittings.add(after, next);
        return next;
    }

    /** Without one of its lessons. */
    public PairRecord without(String lesson) {
        return new PairRecord(
                asks.stream().filter(r -> !r.lesson().equals(lesson)).toList(),
                noticed.stream().filter(n -> !n.lesson().equals(lesson)).toList());
    }

    /** Only what was ridden on these rungs. */
    public PairRecord on(Predicate<RungId> rungs) {
        return new PairRecord(
                asks.stream().filter(r -> rungs.test(r.rung())).toList(),
                noticed.stream().filter(n -> rungs.test(n.rung())).toList());
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

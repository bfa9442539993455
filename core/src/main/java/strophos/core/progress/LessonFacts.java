package strophos.core.progress;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;

/**
 * What one lesson gave on a rung.
 *
 * @param day the yard's
 * @param asks in order
 * @param observed in order
 */
public record LessonFacts(String lesson, LocalDate day, List<Ask> asks, List<Observation> observed) {
    public LessonFacts {
        asks = List.copyOf(asks);
        observed = List.copyOf(observed);
    }

    public LessonFacts(String lesson, LocalDate day, List<Ask> asks) {
        this(lesson, day, asks, List.of());
    }

    List<Ask> on(Side side) {
        return asks.stream().filter(a -> a.side() == side).toList();
    }

    /** What was observed of this kind on the side, in order. */
    <T extends Observation> List<T> observed(Class<T> kind, Side side) {
        return all(kind).filter(o -> o.side() == side).toList();
    }

    <T extends Observation> Stream<T> all(Class<T> kind) {
        return observed.stream().filter(kind::isInstance).map(kind::cast);
    }

    boolean isEmpty() {
        return asks.isEmpty() && observed.isEmpty();
    }

    /** Only what was asked under the pair's own rider; who rode when a thing was observed is its segment's affair. */
    LessonFacts underOwnRider() {
        if (asks.stream().allMatch(a -> a.mounted() == Mounted.RIDER)) {
            return this;
        }
        return new LessonFacts(
                lesson,
                day,
                asks.stream().filter(a -> a.mounted() == Mounted.RIDER).toList(),
                observed);
    }

    /** Without what was counted in tallies. */
    LessonFacts touched() {
        return new LessonFacts(
                lesson, day, asks.stream().filter(a -> !a.isTallied()).toList(), observed);
    }

    /** Without the faults that are recorded on this rung but not judged yet. */
    LessonFacts without(Set<String> notJudgedYet) {
        if (notJudgedYet.isEmpty() || observed.isEmpty()) {
            return this;
        }
        return new LessonFacts(
                lesson,
                day,
                asks,
                observed.stream()
                        .filter(o -> !(o instanceof Observation.Fault f && notJudgedYet.contains(f.name())))
                        .toList());
    }
}

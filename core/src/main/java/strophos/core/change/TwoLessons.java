package strophos.core.change;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.stair.RungId;
import strophos.core.state.LessonCount;
import strophos.core.stats.Newcombe;
import strophos.core.stats.Proportion;

/**
 * One side of a rung in two lessons, under the pair's own rider.
 *
 * @param gain later less earlier, with its 95 % interval; empty where either has fewer than {@value HandBack#FEWEST} asks
 */
public record TwoLessons(
        RungId rung, Side side, Proportion earlier, Proportion later, Optional<Newcombe.Difference> gain) {

    /** What the gain says; too few where there is none. */
    public Change change() {
        return gain.map(Change::of).orElse(Change.TOO_FEW);
    }

    /** Of all that was asked in either, in the order of the later lesson, left first. */
    public static List<TwoLessons> of(
            Collection<LessonCount> earlier, Collection<LessonCount> later, Function<RungId, WorkedSide> works) {
        return Stream.concat(later.stream(), earlier.stream())
                .filter(TwoLessons::isOwn)
                .map(c -> c.key().rung())
                .distinct()
                .flatMap(rung -> works.apply(rung).sides().stream()
                        .map(side -> of(
                                rung,
                                side,
                                yes(earlier, rung, side, works.apply(rung)),
                                yes(later, rung, side, works.apply(rung)))))
                .filter(two -> two.earlier().total() + two.later().total() > 0)
                .toList();
    }

    private static TwoLessons of(RungId rung, Side side, Proportion earlier, Proportion later) {
        boolean isEnough = earlier.total() >= HandBack.FEWEST && later.total() >= HandBack.FEWEST;
        return new TwoLessons(
                rung, side, earlier, later, isEnough ? Optional.of(Newcombe.of(later, earlier)) : Optional.empty());
    }

    private static boolean isOwn(LessonCount count) {
        return count.key().mounted() == Mounted.RIDER && count.asks() > 0;
    }

    private static Proportion yes(Collection<LessonCount> counts, RungId rung, Side side, WorkedSide works) {
        List<LessonCount> here = counts.stream()
                .filter(c -> isOwn(c) && c.key().rung().equals(rung))
                .filter(c -> works.on(c.key().rein(), c.key().side()) == side)
                .toList();
        return new Proportion(
                here.stream().mapToInt(LessonCount::yes).sum(),
                here.stream().mapToInt(LessonCount::asks).sum());
    }
}

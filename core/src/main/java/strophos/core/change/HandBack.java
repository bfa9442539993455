package strophos.core.change;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Predicate;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Ask;
import strophos.core.record.Answers;
import strophos.core.record.Ride;
import strophos.core.stair.RungId;
import strophos.core.stats.Newcombe;
import strophos.core.stats.Proportion;

/**
 * The same task under the pair's own rider, under somebody else, and handed back: laid beside each other and never added up, since what
 * the horse gives another rider is the horse's and not the pair's (rules 3).
 *
 * @param before own asks until the other first rode it
 * @param by who rode it in between
 * @param other asks of whoever that was
 * @param after own asks from then on
 * @param gain after less before, with its 95 % interval; empty where either has fewer than {@value #FEWEST}
 */
public record HandBack(
        Side side,
        Proportion before,
        Mounted by,
        Proportion other,
        Proportion after,
        Optional<Newcombe.Difference> gain) {

    /** Fewer asks than this are not laid beside each other, as in a probe (rules 2). */
    public static final int FEWEST = 4;

    /** Of each side of this rung that both the pair's own rider and somebody else were asked on, left first. */
    public static List<HandBack> of(Ride ride, RungId rung, WorkedSide works) {
        if (ride.segments().stream()
                .noneMatch(s -> s.mounted() != Mounted.RIDER && s.rung().equals(rung))) {
            return List.of();
        }
        List<AskInTurn> all = Answers.of(ride).stream()
                .flatMap(a -> ride.segments().stream()
                        .filter(s -> s.id().equals(a.segment()) && s.rung().equals(rung))
                        .flatMap(s -> a.read(works.on(s.rein(), s.side()), s.mounted()).stream()
                                .map(ask -> new AskInTurn(ask, s.atMs()))))
                .toList();
        return works.sides().stream()
                .flatMap(side -> of(
                        side, all.stream().filter(a -> a.ask().side() == side).toList())
                        .stream())
                .toList();
    }

    /** @param fromMs when its turn began: a tally is written at the end of its turn */
    private record AskInTurn(Ask ask, long fromMs) {

        boolean isOwn() {
            return ask.mounted() == Mounted.RIDER;
        }
    }

    private static Optional<HandBack> of(Side side, Collection<AskInTurn> asks) {
        OptionalLong handed = asks.stream()
                .filter(a -> !a.isOwn())
                .mapToLong(AskInTurn::fromMs)
                .min();
        if (handed.isEmpty()) {
            return Optional.empty();
        }
        Mounted by = asks.stream()
                .filter(a -> !a.isOwn())
                .map(a -> a.ask().mounted())
                .findFirst()
                .orElseThrow();
        Proportion before = yes(asks, a -> a.isOwn() && a.fromMs() < handed.getAsLong());
        Proportion after = yes(asks, a -> a.isOwn() && a.fromMs() > handed.getAsLong());
        if (before.total() + after.total() == 0) {
            return Optional.empty();
        }
        return Optional.of(new HandBack(
                side,
                before,
                by,
                yes(asks, a -> a.ask().mounted() == by),
                after,
                before.total() < FEWEST || after.total() < FEWEST
                        ? Optional.empty()
                        : Optional.of(Newcombe.of(after, before))));
    }

    private static Proportion yes(Collection<AskInTurn> asks, Predicate<AskInTurn> which) {
        List<Ask> these = asks.stream().filter(which).map(AskInTurn::ask).toList();
        return new Proportion(
                (int) these.stream().filter(a -> a.response() == Response.YES).count(), these.size());
    }
}

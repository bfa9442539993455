package strophos.core.change;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Release;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.record.Counts;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.core.record.Soak;
import strophos.core.stair.RungId;
import strophos.core.stats.Proportion;

/**
 * What the answers to one side of a rung cost in a lesson under the pair's own rider, as far as it was noted: counts of touches. How
 * soon an answer came is not among them: one touch says when it was noted, not when it was asked (rules 6).
 *
 * @param firstAt how often each strength came first, 1 to 4, where it was noted
 * @param missed of the asks whose release was noted: those after which the rider did not let go
 * @param corrected of the errors noted: those that were corrected
 * @param soak how long the horse was left to think after a correction; empty without one that an ask followed
 */
public record SideCost(Side side, List<Integer> firstAt, Proportion missed, Proportion corrected, Optional<Soak> soak) {

    public SideCost {
        firstAt = List.copyOf(firstAt);
    }

    /** Of each side of this rung, left first; of one that nothing was noted of, noughts. */
    public static List<SideCost> of(Ride ride, RungId rung, WorkedSide works) {
        return works.sides().stream().map(side -> of(ride, rung, works, side)).toList();
    }

    private static SideCost of(Ride ride, RungId rung, WorkedSide works, Side side) {
        Set<String> segments = ride.segments().stream()
                .filter(s -> s.mounted() == Mounted.RIDER && s.rung().equals(rung))
                .filter(s -> works.on(s.rein(), s.side()) == side)
                .map(Ride.Segment::id)
                .collect(Collectors.toSet());
        List<Ride.Exchange> asks = ride.exchanges().stream()
                .filter(x -> segments.contains(x.segment()))
                .toList();
        Set<String> ids = asks.stream().map(Ride.Exchange::id).collect(Collectors.toSet());
        List<Release> releases = ride.marks().stream()
                .flatMap(m -> Counts.release(m.said(), r -> r).stream())
                .filter(r -> ids.contains(r.exchange()))
                .map(Payload.Released::release)
                .toList();
        List<Boolean> errors = ride.marks().stream()
                .flatMap(m -> Counts.consistency(m.said(), c -> c).stream())
                .filter(c -> segments.contains(c.segment()))
                .map(Payload.Correction::made)
                .toList();
        return new SideCost(
                side,
                IntStream.rangeClosed(1, Strength.values().length)
                        .mapToObj(level -> (int) asks.stream()
                                .filter(x -> x.said()
                                        .first()
                                        .filter(f -> f.level() == level)
                                        .isPresent())
                                .count())
                        .toList(),
                new Proportion(
                        (int) releases.stream().filter(r -> r == Release.MISSED).count(), releases.size()),
                new Proportion((int) errors.stream().filter(made -> made).count(), errors.size()),
                Soak.of(ride, segments));
    }
}

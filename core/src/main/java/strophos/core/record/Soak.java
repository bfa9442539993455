package strophos.core.record;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.LongStream;

/**
 * How long the horse was left to think after a correction: from each error that was corrected to the next ask, the middle one of
 * all. Read from the touches, so it is about right to a second or two; a correction that no ask follows does not count.
 *
 * @param median the middle time; of an even number the mean of the two in the middle
 * @param corrections how many it was read from, at least 1
 */
public record Soak(Duration median, int corrections) {

    /** Of a whole ride; empty where no correction was followed by an ask. */
    public static Optional<Soak> of(Ride ride) {
        return of(ride, s -> true);
    }

    /** Of the corrections in these segments; the ask that follows may be in another. */
    public static Optional<Soak> of(Ride ride, Set<String> segments) {
        return of(ride, segments::contains);
    }

    private static Optional<Soak> of(Ride ride, Predicate<String> isMeant) {
        List<Long> asks =
                ride.exchanges().stream().map(Ride.Exchange::atMs).sorted().toList();
        long[] soaks = ride.marks().stream()
                .filter(m -> Counts.consistency(m.said(), c -> c.made() && isMeant.test(c.segment()))
                        .orElse(false))
                .map(m -> next(asks, m.atMs()))
                .flatMapToLong(OptionalLong::stream)
                .sorted()
                .toArray();
        if (soaks.length == 0) {
            return Optional.empty();
        }
        long median = (soaks[(soaks.length - 1) / 2] + soaks[soaks.length / 2]) / 2;
        return Optional.of(new Soak(Duration.ofMillis(median), soaks.length));
    }

    /** From this moment to the first ask after it. */
    private static OptionalLong next(List<Long> asks, long atMs) {
        LongStream after = asks.stream().mapToLong(a -> a - atMs).filter(wait -> wait > 0);
        return after.findFirst();
    }
}

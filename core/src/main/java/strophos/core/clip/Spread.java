package strophos.core.clip;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * So many times of one kind, in milliseconds.
 *
 * @param middleMs the middle one; of an even number, the lower of the two in the middle
 */
public record Spread(int count, int leastMs, int middleMs, int mostMs) {

    /** Of those that are known; empty where none is. */
    static Optional<Spread> of(Stream<OptionalInt> times) {
        int[] sorted = times.flatMapToInt(OptionalInt::stream).sorted().toArray();
        if (sorted.length == 0) {
            return Optional.empty();
        }
        return Optional.of(
                new Spread(sorted.length, sorted[0], sorted[(sorted.length - 1) / 2], sorted[sorted.length - 1]));
    }
}

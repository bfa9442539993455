package strophos.core.stats;

import java.util.Arrays;
import java.util.Optional;

/**
 * By how much one mean is above another; their variances need not be alike.
 *
 * @param value mean of the second less mean of the first
 * @param interval 95 %, by Welch's approximation (Welch 1947)
 */
public record MeanDifference(double value, Interval interval) {

    /** Empty with fewer than two on either side, and where all of both are the same. */
    public static Optional<MeanDifference> between(double[] first, double[] second) {
        if (first.length < 2 || second.length < 2) {
            return Optional.empty();
        }
        double a = Mean.variance(first) / first.length;
        double b = Mean.variance(second) / second.length;
        if (a + b == 0) {
            return Optional.empty();
        }
        double freedom = (a + b) * (a + b) / (a * a / (first.length - 1) + b * b / (second.length - 1));
        double half = Mean.half(freedom, a + b);
        double difference = Arrays.stream(second).average().orElseThrow()
                - Arrays.stream(first).average().orElseThrow();
        return Optional.of(new MeanDifference(difference, new Interval(difference - half, difference + half)));
    }
}

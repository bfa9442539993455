package strophos.core.stats;

import java.util.Arrays;
import java.util.Optional;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * The mean of measurements that are independent of each other.
 *
 * @param interval 95 %, by Student's distribution (Student 1908)
 * @param n at least 2
 */
public record Mean(double value, Interval interval, int n) {

    private static final double HALF_OF_95 = 0.975;

    /** Empty of fewer than two. */
    public static Optional<Mean> of(double[] measured) {
        if (measured.length < 2) {
            return Optional.empty();
        }
        double mean = Arrays.stream(measured).average().orElseThrow();
        double half = half(measured.length - 1, variance(measured) / measured.length);
        return Optional.of(new Mean(mean, new Interval(mean - half, mean + half), measured.length));
    }

    /** Of one, n − 1 below. */
    static double variance(double[] measured) {
        double mean = Arrays.stream(measured).average().orElseThrow();
        return Arrays.stream(measured).map(m -> (m - mean) * (m - mean)).sum() / (measured.length - 1);
    }

    static double half(double freedom, double variance) {
        return new TDistribution(freedom).inverseCumulativeProbability(HALF_OF_95) * Math.sqrt(variance);
    }
}

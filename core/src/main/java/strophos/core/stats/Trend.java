package strophos.core.stats;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * A trend over ordered values: Mann–Kendall's test ([9], [10]) and Theil–Sen's slope with its interval ([11]).
 *
 * <p>Positions are the values' x; a slope is per unit of x. Normal approximation with ties and continuity; from about
 * eight values on it is close.
 */
public final class Trend {

    private static final NormalDistribution NORMAL = new NormalDistribution();

    private Trend() {}

    /**
     * Mann–Kendall.
     *
     * @param s pairs that rise less pairs that fall
     * @param p two-sided, in (0, 1]; 1 when all values are the same
     */
    public record Kendall(long s, double variance, double p) {}

    /** @param interval 95 % for the slope; its ends are slopes of two of the points */
    public record Slope(double estimate, Interval interval) {}

    /** @param values in order, at least 2 */
    public static Kendall mannKendall(double[] values) {
        requireTwo(values.length);
        long s = 0;
        for (int i = 0; i < values.length; i++) {
            for (int j = i + 1; j < values.length; j++) {
                s += (long) Math.signum(values[j] - values[i]);
            }
        }
        double variance = variance(values);
        if (variance == 0) {
            return new Kendall(s, 0, 1);
        }
        double z = s == 0 ? 0 : (s - Math.signum(s)) / Math.sqrt(variance);
        return new Kendall(s, variance, Math.min(1, 2 * NORMAL.cumulativeProbability(-Math.abs(z))));
    }

    /** n (n − 1)(2n + 5) / 18, less the same of each group of ties. */
    private static double variance(double[] values) {
        Map<Double, Integer> ties = new HashMap<>();
        for (double v : values) {
            ties.merge(v, 1, Integer::sum);
        }
        double sum = part(values.length);
        for (int t : ties.values()) {
            sum -= part(t);
        }
        return sum / 18;
    }

    private static double part(double n) {
        return n * (n - 1) * (2 * n + 5);
    }

    /**
     * The median of the slopes between all pairs of points.
     *
     * @param x as many as {@code y}, at least 2, not all the same; pairs with the same x are passed over
     */
    public static Slope theilSen(double[] x, double[] y) {
        requireTwo(Math.min(x.length, y.length));
        if (x.length != y.length) {
            throw new IllegalArgumentException("Points need as many x (%d) as y (%d).".formatted(x.length, y.length));
        }
        double[] slopes = slopes(x, y);
        if (slopes.length == 0) {
            throw new IllegalArgumentException("All points stand at the same x; there is no slope.");
        }
        double half = Wilson.Z_95 * Math.sqrt(variance(y));
        int low = (int) Math.max(0, Math.round((slopes.length - half) / 2) - 1);
        int high = (int) Math.min(slopes.length - 1L, Math.round((slopes.length + half) / 2));
        return new Slope(median(slopes), new Interval(slopes[low], slopes[high]));
    }

    private static double[] slopes(double[] x, double[] y) {
        double[] slopes = new double[x.length * (x.length - 1) / 2];
        int n = 0;
        for (int i = 0; i < x.length; i++) {
            for (int j = i + 1; j < x.length; j++) {
                if (x[i] != x[j]) {
                    slopes[n++] = (y[j] - y[i]) / (x[j] - x[i]);
                }
            }
        }
        double[] found = Arrays.copyOf(slopes, n);
        Arrays.sort(found);
        return found;
    }

    private static double median(double[] sorted) {
        int n = sorted.length;
        return n % 2 == 1 ? sorted[n / 2] : (sorted[n / 2 - 1] + sorted[n / 2]) / 2;
    }

    private static void requireTwo(int n) {
        if (n < 2) {
            throw new IllegalArgumentException("A trend needs at least 2 values, not %d.".formatted(n));
        }
    }
}

package strophos.core.contact;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.distribution.continuous.TDistribution;
import strophos.core.stats.Interval;

/**
 * How much heavier one stretch was than another. Samples lie close and are alike, so that counting each would promise far too much: means
 * of whole blocks of {@link #BLOCK_S} are compared by Welch's interval [4], as if the blocks were independent.
 *
 * @param differenceKg mean of the later less mean of the earlier
 * @param interval 95 %
 * @param earlier blocks of the earlier stretch; {@code later} of the later one
 */
public record BlockMeans(double differenceKg, Interval interval, int earlier, int later) {

    /** Some five to eight strides: longer than what makes neighbouring strides alike (common practice, no source). */
    public static final double BLOCK_S = 5;

    /** A mean of fewer blocks has no interval that is worth it. */
    public static final int LEAST_BLOCKS = 4;

    /** A block of which less was measured is left out. */
    private static final double LEAST_SHARE = 0.5;

    private static final double HALF_OF_95 = 0.975;

    /**
     * How heavy a rein was by blocks.
     *
     * @param kg mean of the blocks
     * @param interval 95 %, as if the blocks were independent
     */
    public record Mean(double kg, Interval interval, int blocks) {}

    private record Moments(int n, double mean, double variance) {

        static Moments of(double[] blocks) {
            double mean = Arrays.stream(blocks).average().orElse(0);
            double squares =
                    Arrays.stream(blocks).map(b -> (b - mean) * (b - mean)).sum();
            return new Moments(blocks.length, mean, blocks.length < 2 ? 0 : squares / (blocks.length - 1));
        }
    }

    /**
     * Of blocks of both ({@link #blocks}).
     *
     * @return empty with fewer than {@link #LEAST_BLOCKS} blocks on either side, and where all blocks are the same
     */
    public static Optional<BlockMeans> between(double[] earlier, double[] later) {
        Moments a = Moments.of(earlier);
        Moments b = Moments.of(later);
        if (a.n() < LEAST_BLOCKS || b.n() < LEAST_BLOCKS || a.variance() + b.variance() == 0) {
            return Optional.empty();
        }
        double va = a.variance() / a.n();
        double vb = b.variance() / b.n();
        double df = (va + vb) * (va + vb) / (va * va / (a.n() - 1) + vb * vb / (b.n() - 1));
        double half = half(df, va + vb);
        double difference = b.mean() - a.mean();
        return Optional.of(
                new BlockMeans(difference, new Interval(difference - half, difference + half), a.n(), b.n()));
    }

    /** Of one stretch, by Student's interval; empty with fewer than {@link #LEAST_BLOCKS} blocks. */
    public static Optional<Mean> mean(double[] blocks) {
        Moments of = Moments.of(blocks);
        if (of.n() < LEAST_BLOCKS) {
            return Optional.empty();
        }
        double half = half(of.n() - 1, of.variance() / of.n());
        return Optional.of(new Mean(of.mean(), new Interval(of.mean() - half, of.mean() + half), of.n()));
    }

    /** What a rein mostly carried: the median of all blocks; empty with fewer than {@link #LEAST_BLOCKS}. */
    public static OptionalDouble mostly(double[] blocks) {
        double[] sorted = Arrays.stream(blocks).sorted().toArray();
        int middle = sorted.length / 2;
        if (sorted.length < LEAST_BLOCKS) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2);
    }

    private static double half(double df, double variance) {
        return new TDistribution(df).inverseCumulativeProbability(HALF_OF_95) * Math.sqrt(variance);
    }

    /** The mean level of each block of which enough was measured, in kilograms; what is left at the end is no block. */
    public static double[] blocks(short[] level, double rateHz) {
        int block = (int) Math.ceil(BLOCK_S * rateHz);
        double[] means = new double[level.length / block];
        int n = 0;
        for (int from = 0; from + block <= level.length; from += block) {
            long sum = 0;
            int measured = 0;
            for (int i = from; i < from + block; i++) {
                if (level[i] != ReinSeries.GAP) {
                    sum += level[i];
                    measured++;
                }
            }
            if (measured >= LEAST_SHARE * block) {
                means[n++] = sum / (double) measured / ReinSeries.HUNDREDTHS;
            }
        }
        return Arrays.copyOf(means, n);
    }
}

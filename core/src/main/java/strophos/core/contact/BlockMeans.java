package strophos.core.contact;

import java.util.Optional;
import org.hipparchus.distribution.continuous.TDistribution;
import strophos.core.exchange.Side;
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

    private record Moments(int n, double mean, double variance) {}

    /**
     * Of the level of one rein.
     *
     * @return empty with fewer than {@link #LEAST_BLOCKS} blocks on either side, and where all blocks are the same
     */
    public static Optional<BlockMeans> between(ReinSeries earlier, ReinSeries later, Side side, double strideS) {
        Moments a = blocks(earlier, side, strideS);
        Moments b = blocks(later, side, strideS);
        if (a.n() < LEAST_BLOCKS || b.n() < LEAST_BLOCKS || a.variance() + b.variance() == 0) {
            return Optional.empty();
        }
        double va = a.variance() / a.n();
        double vb = b.variance() / b.n();
        double df = (va + vb) * (va + vb) / (va * va / (a.n() - 1) + vb * vb / (b.n() - 1));
        double half = new TDistribution(df).inverseCumulativeProbability(HALF_OF_95) * Math.sqrt(va + vb);
        double difference = b.mean() - a.mean();
        return Optional.of(
                new BlockMeans(difference, new Interval(difference - half, difference + half), a.n(), b.n()));
    }

    private static Moments blocks(ReinSeries series, Side side, double strideS) {
        short[] level = Level.of(series, side, strideS);
        int block = (int) Math.ceil(BLOCK_S * series.rateHz());
        int n = 0;
        double mean = 0;
        double squares = 0;
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
                n++;
                double kg = sum / (double) measured / ReinSeries.HUNDREDTHS;
                double off = kg - mean;
                mean += off / n;
                squares += off * (kg - mean);
            }
        }
        return new Moments(n, mean, n < 2 ? 0 : squares / (n - 1));
    }
}

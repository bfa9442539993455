package strophos.core.contact;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import strophos.core.stats.Interval;
import strophos.core.stats.Mean;
import strophos.core.stats.MeanDifference;

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

    /**
     * Of blocks of both ({@link #blocks}).
     *
     * @return empty with fewer than {@link #LEAST_BLOCKS} blocks on either side, and where all blocks are the same
     */
    public static Optional<BlockMeans> between(double[] earlier, double[] later) {
        return earlier.length < LEAST_BLOCKS || later.length < LEAST_BLOCKS
                ? Optional.empty()
                : MeanDifference.between(earlier, later)
                        .map(d -> new BlockMeans(d.value(), d.interval(), earlier.length, later.length));
    }

    /** Of one stretch, by Student's interval; empty with fewer than {@link #LEAST_BLOCKS} blocks. */
    public static Optional<Mean> mean(double[] blocks) {
        return blocks.length < LEAST_BLOCKS ? Optional.empty() : Mean.of(blocks);
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

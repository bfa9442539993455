package strophos.core.stats;

import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import org.hipparchus.util.CombinatoricsUtils;

/** Permutation test of the difference of two means ([3]): exact when it can be, seeded when it cannot. */
public final class Permutation {

    /** Up to so many ways of drawing the first group, all are looked at. */
    static final long EXACT_UP_TO = 20_000;

    static final int DRAWS = 20_000;

    /** Means that differ by less are the same. */
    private static final double TIE = 1e-9;

    private Permutation() {}

    /** Whether all ways were looked at, or some drawn. */
    public enum Way {
        EXACT,
        DRAWN
    }

    /** @param p one-sided, in (0, 1]: how often a difference of means at least this large comes by chance */
    public record Result(double difference, double p, Way way) {}

    /**
     * Is {@code after} higher than {@code before} by more than chance?
     *
     * @param before at least one score
     * @param after at least one score
     * @param seed of the draws; the same seed gives the same answer
     */
    public static Result isHigher(double[] before, double[] after, long seed) {
        if (before.length == 0 || after.length == 0) {
            throw new IllegalArgumentException(
                    "Both groups need a score (before %d, after %d).".formatted(before.length, after.length));
        }
        double[] all = DoubleStream.concat(DoubleStream.of(after), DoubleStream.of(before))
                .toArray();
        double observed = difference(all, after.length);
        boolean isExact = CombinatoricsUtils.binomialCoefficientDouble(all.length, after.length) <= EXACT_UP_TO;
        double p = isExact ? exact(all, after.length, observed) : drawn(all, after.length, observed, seed);
        return new Result(observed, p, isExact ? Way.EXACT : Way.DRAWN);
    }

    /** Mean of the first {@code n} less the mean of the others. */
    private static double difference(double[] all, int n) {
        double first = 0;
        double rest = 0;
        for (int i = 0; i < all.length; i++) {
            if (i < n) {
                first += all[i];
            } else {
                rest += all[i];
            }
        }
        return first / n - rest / (all.length - n);
    }

    private static double exact(double[] all, int n, double observed) {
        double total = DoubleStream.of(all).sum();
        long count = 0;
        long asLarge = 0;
        var subsets = CombinatoricsUtils.combinationsIterator(all.length, n);
        while (subsets.hasNext()) {
            double sum = 0;
            for (int i : subsets.next()) {
                sum += all[i];
            }
            count++;
            asLarge += sum / n - (total - sum) / (all.length - n) >= observed - TIE ? 1 : 0;
        }
        return (double) asLarge / count;
    }

    /** The observed one counts as a draw, so that p is never 0 ([7]). */
    private static double drawn(double[] all, int n, double observed, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double[] shuffled = all.clone();
        int asLarge = 1;
        for (int draw = 0; draw < DRAWS; draw++) {
            for (int i = 0; i < n; i++) {
                int j = i + random.nextInt(shuffled.length - i);
                double swap = shuffled[i];
                shuffled[i] = shuffled[j];
                shuffled[j] = swap;
            }
            asLarge += difference(shuffled, n) >= observed - TIE ? 1 : 0;
        }
        return (double) asLarge / (DRAWS + 1);
    }
}

package strophos.core.contact;

import strophos.core.exchange.Side;

/**
 * How often each hundredth of a kilogram was read, from which quantiles follow without sorting. Exact: samples are hundredths.
 */
final class KgCounts {

    /** A hundredth that binary cannot write is the hundredth all the same. */
    private static final double ROUNDING = 1e-6;

    private final int least;
    private final int[] counts;
    private final int total;

    private KgCounts(int least, int[] counts, int total) {
        this.least = least;
        this.counts = counts;
        this.total = total;
    }

    /** Of all that are no gap. */
    static KgCounts of(short[] samples) {
        int least = Integer.MAX_VALUE;
        int most = Integer.MIN_VALUE;
        for (short s : samples) {
            if (s != ReinSeries.GAP) {
                least = Math.min(least, s);
                most = Math.max(most, s);
            }
        }
        int[] counts = new int[Math.max(0, most - least + 1)];
        int total = 0;
        for (short s : samples) {
            if (s != ReinSeries.GAP) {
                counts[s - least]++;
                total++;
            }
        }
        return new KgCounts(least, counts, total);
    }

    static KgCounts of(ReinSeries series, Side side) {
        return of(series.copy(side));
    }

    int total() {
        return total;
    }

    /** Readings of at least the lower and at most the higher, in kilograms. */
    int within(double lowKg, double highKg) {
        int from = (int) Math.max(least, Math.ceil(lowKg * ReinSeries.HUNDREDTHS - ROUNDING));
        int to = (int) Math.min(least + counts.length - 1.0, Math.floor(highKg * ReinSeries.HUNDREDTHS + ROUNDING));
        int n = 0;
        for (int i = from; i <= to; i++) {
            n += counts[i - least];
        }
        return n;
    }

    /** Readings below this, in kilograms. */
    int below(double kg) {
        return total - within(kg, ReinSeries.MOST_KG);
    }

    /**
     * With linear interpolation between the two nearest (type 7 of [3]), in kilograms.
     *
     * @param share in [0, 1]
     * @throws IllegalStateException when nothing was counted
     */
    double quantile(double share) {
        if (total == 0) {
            throw new IllegalStateException("There is no quantile of nothing.");
        }
        double place = share * (total - 1);
        int below = (int) Math.floor(place);
        double low = nth(below);
        double high = below + 1 < total ? nth(below + 1) : low;
        return (low + (place - below) * (high - low)) / ReinSeries.HUNDREDTHS;
    }

    /** In hundredths, the smallest first from 0. */
    private int nth(int n) {
        int seen = 0;
        for (int i = 0; i < counts.length; i++) {
            seen += counts[i];
            if (seen > n) {
                return i + least;
            }
        }
        throw new IllegalStateException("There are only %d samples, no %d.".formatted(total, n + 1));
    }
}

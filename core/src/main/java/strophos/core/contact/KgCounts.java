package strophos.core.contact;

/**
 * How often each hundredth of a kilogram was read, from which quantiles follow without sorting. Exact: samples are hundredths.
 */
final class KgCounts {

    private static final int LEAST = (int) (ReinSeries.LEAST_KG * ReinSeries.HUNDREDTHS);

    private final int[] counts = new int[(int) (ReinSeries.MOST_KG * ReinSeries.HUNDREDTHS) - LEAST + 1];
    private int total;

    /** Of all that are no gap. */
    static KgCounts of(short[] samples) {
        KgCounts counts = new KgCounts();
        for (short s : samples) {
            counts.add(s);
        }
        return counts;
    }

    void add(short sample) {
        if (sample != ReinSeries.GAP) {
            counts[sample - LEAST]++;
            total++;
        }
    }

    int total() {
        return total;
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
                return i + LEAST;
            }
        }
        throw new IllegalStateException("There are only %d samples, no %d.".formatted(total, n + 1));
    }
}

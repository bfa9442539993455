package strophos.core.contact;

import strophos.core.exchange.Side;

/**
 * How both reins together swing about their own mean of two seconds, in kilograms; 0 where one of them has a gap.
 *
 * @param kg a value a sample
 * @param isMeasured whether both reins were
 * @param measured so many were
 */
record Swing(double[] kg, boolean[] isMeasured, int measured) {

    /** Slower than any beat, quicker than getting heavy. */
    private static final double MEAN_OVER_S = 2;

    static Swing of(ReinSeries series) {
        int n = series.length();
        double[] sums = new double[n + 1];
        int[] counts = new int[n + 1];
        boolean[] isMeasured = new boolean[n];
        for (int i = 0; i < n; i++) {
            isMeasured[i] = !series.isGap(Side.LEFT, i) && !series.isGap(Side.RIGHT, i);
            sums[i + 1] = sums[i] + (isMeasured[i] ? both(series, i) : 0);
            counts[i + 1] = counts[i] + (isMeasured[i] ? 1 : 0);
        }
        int half = (int) Math.round(MEAN_OVER_S * series.rateHz() / 2);
        double[] kg = new double[n];
        for (int i = 0; i < n; i++) {
            if (isMeasured[i]) {
                int from = Math.max(0, i - half);
                int to = Math.min(n, i + half + 1);
                kg[i] = both(series, i) - (sums[to] - sums[from]) / (counts[to] - counts[from]);
            }
        }
        return new Swing(kg, isMeasured, counts[n]);
    }

    /** Over what was measured; 0 where nothing was. */
    double rootMeanSquareKg() {
        double sum = 0;
        for (double k : kg) {
            sum += k * k;
        }
        return measured == 0 ? 0 : Math.sqrt(sum / measured);
    }

    private static double both(ReinSeries series, int i) {
        return series.kg(Side.LEFT, i) + series.kg(Side.RIGHT, i);
    }
}

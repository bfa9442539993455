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
        short[] left = series.copy(Side.LEFT);
        short[] right = series.copy(Side.RIGHT);
        int n = left.length;
        int[] both = new int[n];
        boolean[] isMeasured = new boolean[n];
        int measured = 0;
        for (int i = 0; i < n; i++) {
            isMeasured[i] = left[i] != ReinSeries.GAP && right[i] != ReinSeries.GAP;
            both[i] = isMeasured[i] ? left[i] + right[i] : 0;
            measured += isMeasured[i] ? 1 : 0;
        }
        int half = (int) Math.round(MEAN_OVER_S * series.rateHz() / 2);
        double[] kg = new double[n];
        // of what lies within half the time before and after
        int sum = 0;
        int count = 0;
        int added = 0;
        int let = 0;
        for (int i = 0; i < n; i++) {
            for (; added < Math.min(n, i + half + 1); added++) {
                sum += both[added];
                count += isMeasured[added] ? 1 : 0;
            }
            for (; let < i - half; let++) {
                sum -= both[let];
                count -= isMeasured[let] ? 1 : 0;
            }
            if (isMeasured[i]) {
                kg[i] = (both[i] - sum / (double) count) / ReinSeries.HUNDREDTHS;
            }
        }
        return new Swing(kg, isMeasured, measured);
    }

    /** Means of so many samples each; measured where all of them were. */
    Swing thinned(int together) {
        if (together == 1) {
            return this;
        }
        int n = kg.length / together;
        double[] thin = new double[n];
        boolean[] isThere = new boolean[n];
        int there = 0;
        for (int i = 0; i < n; i++) {
            double sum = 0;
            boolean isAll = true;
            for (int k = i * together; k < (i + 1) * together; k++) {
                sum += kg[k];
                isAll &= isMeasured[k];
            }
            thin[i] = isAll ? sum / together : 0;
            isThere[i] = isAll;
            there += isAll ? 1 : 0;
        }
        return new Swing(thin, isThere, there);
    }

    /** Over what was measured; 0 where nothing was. */
    double rootMeanSquareKg() {
        double sum = 0;
        for (double k : kg) {
            sum += k * k;
        }
        return measured == 0 ? 0 : Math.sqrt(sum / measured);
    }
}

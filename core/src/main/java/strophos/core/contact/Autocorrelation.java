package strophos.core.contact;

import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/** How alike a swing is to itself some samples later; by the power spectrum, n log n. */
final class Autocorrelation {

    private Autocorrelation() {}

    /**
     * At each lag up to {@code mostLag}: 1 at 0, in [−1, 1] but for chance. Each lag is a mean over the pairs that were both measured, so
     * that gaps neither add nor take away.
     *
     * @param mostLag below the number of samples
     */
    static double[] of(Swing swing, int mostLag) {
        double[] products = sums(swing.kg(), mostLag);
        double[] pairs = pairs(swing, mostLag);
        double[] r = new double[mostLag + 1];
        double power = products[0] / pairs[0];
        for (int lag = 0; lag <= mostLag; lag++) {
            r[lag] = power <= 0 || pairs[lag] < 0.5 ? 0 : products[lag] / pairs[lag] / power;
        }
        return r;
    }

    /** At one lag, not divided by the power: enough to tell which of two is higher. */
    static double at(Swing swing, int lag) {
        double sum = 0;
        int pairs = 0;
        double[] kg = swing.kg();
        boolean[] isMeasured = swing.isMeasured();
        for (int i = 0; i + lag < kg.length; i++) {
            if (isMeasured[i] && isMeasured[i + lag]) {
                sum += kg[i] * kg[i + lag];
                pairs++;
            }
        }
        return pairs == 0 ? 0 : sum / pairs;
    }

    private static double[] pairs(Swing swing, int mostLag) {
        int n = swing.kg().length;
        if (swing.measured() == n) {
            double[] pairs = new double[mostLag + 1];
            for (int lag = 0; lag <= mostLag; lag++) {
                pairs[lag] = n - lag;
            }
            return pairs;
        }
        double[] mask = new double[n];
        for (int i = 0; i < n; i++) {
            mask[i] = swing.isMeasured()[i] ? 1 : 0;
        }
        return sums(mask, mostLag);
    }

    /** Sums of x[i] · x[i + lag]. */
    private static double[] sums(double[] x, int mostLag) {
        int size = Integer.highestOneBit(Math.max(1, x.length + mostLag)) << 1;
        double[][] data = new double[2][size];
        System.arraycopy(x, 0, data[0], 0, x.length);
        FastFourierTransformer.transformInPlace(data, DftNormalization.STANDARD, TransformType.FORWARD);
        for (int i = 0; i < size; i++) {
            data[0][i] = data[0][i] * data[0][i] + data[1][i] * data[1][i];
            data[1][i] = 0;
        }
        FastFourierTransformer.transformInPlace(data, DftNormalization.STANDARD, TransformType.INVERSE);
        double[] sums = new double[mostLag + 1];
        System.arraycopy(data[0], 0, sums, 0, mostLag + 1);
        return sums;
    }
}

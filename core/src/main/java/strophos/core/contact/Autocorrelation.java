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
        double[] mask = new double[swing.kg().length];
        for (int i = 0; i < mask.length; i++) {
            mask[i] = swing.isMeasured()[i] ? 1 : 0;
        }
        double[] pairs = sums(mask, mostLag);
        double[] r = new double[mostLag + 1];
        double power = products[0] / pairs[0];
        for (int lag = 0; lag <= mostLag; lag++) {
            r[lag] = power <= 0 || pairs[lag] < 0.5 ? 0 : products[lag] / pairs[lag] / power;
        }
        return r;
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

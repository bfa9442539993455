package strophos.core.contact;

/** How alike a swing is to itself some samples later. So few lags are looked at that adding up each is quicker than any transform. */
final class Autocorrelation {

    private Autocorrelation() {}

    /**
     * At each lag up to {@code mostLag}: 1 at 0, in [−1, 1] but for chance. Each lag is a mean over the pairs that were both measured, so
     * that gaps neither add nor take away.
     *
     * @param mostLag below the number of samples
     */
    static double[] of(Swing swing, int mostLag) {
        double[] r = new double[mostLag + 1];
        double power = at(swing, 0);
        for (int lag = 0; lag <= mostLag; lag++) {
            r[lag] = power <= 0 ? 0 : at(swing, lag) / power;
        }
        return r;
    }

    /** At one lag, not divided by the power: enough to tell which of two is higher. */
    static double at(Swing swing, int lag) {
        double[] kg = swing.kg();
        int n = kg.length - lag;
        // what was not measured swings by nothing, and adds nothing; four sums need not wait for each other
        double a = 0;
        double b = 0;
        double c = 0;
        double d = 0;
        int i = 0;
        for (; i + 3 < n; i += 4) {
            a += kg[i] * kg[i + lag];
            b += kg[i + 1] * kg[i + 1 + lag];
            c += kg[i + 2] * kg[i + 2 + lag];
            d += kg[i + 3] * kg[i + 3 + lag];
        }
        for (; i < n; i++) {
            a += kg[i] * kg[i + lag];
        }
        int pairs = swing.measured() == kg.length ? n : pairs(swing.isMeasured(), lag);
        return pairs <= 0 ? 0 : (a + b + c + d) / pairs;
    }

    private static int pairs(boolean[] isMeasured, int lag) {
        int pairs = 0;
        for (int i = 0; i + lag < isMeasured.length; i++) {
            pairs += isMeasured[i] && isMeasured[i + lag] ? 1 : 0;
        }
        return pairs;
    }
}

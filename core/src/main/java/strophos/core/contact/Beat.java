package strophos.core.contact;

/** Finds the beat of a swing: its period by autocorrelation, its evenness by the peaks. */
final class Beat {

    /** Nothing a horse does under a rider beats quicker or slower, in seconds from peak to peak (common practice, no source). */
    private static final double LEAST_PERIOD_S = 0.25;

    private static final double MOST_PERIOD_S = 1.3;

    /** So many samples a second are enough to find a beat by; it is measured with all of them. */
    private static final double ENOUGH_HZ = 25;

    /** Below this nothing comes back (set so that noise alone is told a rhythm in less than 1 of 100, docs/contact.md). */
    private static final double LEAST_CLARITY = 0.3;

    /** What swings by less than a sensor can tell does not swing, in kilograms (root of the mean square). */
    private static final double LEAST_SWING_KG = 0.05;

    /** A step is told from the stride, which is alike to itself too, when it is nearly as clear. */
    private static final double NEARLY = 0.7;

    /** From one peak to the next, as a share of the period: what is further off missed a peak, or found one too many. */
    private static final double NEAREST = 0.6;

    private static final double FURTHEST = 1.4;

    private Beat() {}

    /** @param swing of at least {@link Rhythm#LEAST_S} */
    static Rhythm find(Swing swing, double rateHz) {
        if (swing.rootMeanSquareKg() < LEAST_SWING_KG) {
            return new Rhythm.NoRegularRhythm();
        }
        int together = Math.max(1, (int) Math.floor(rateHz / ENOUGH_HZ));
        Swing coarse = swing.thinned(together);
        double coarseHz = rateHz / together;
        int most = (int) Math.ceil(MOST_PERIOD_S * coarseHz) + 1;
        double[] r = Autocorrelation.of(coarse, most + 1);
        int lag = firstClear(r, Math.max(1, (int) Math.floor(LEAST_PERIOD_S * coarseHz)), most);
        if (lag < 0) {
            return new Rhythm.NoRegularRhythm();
        }
        double about = together * (lag + vertex(r[lag - 1], r[lag], r[lag + 1]));
        double period = together == 1 ? about : refined(swing, about, together);
        Evenness even = Evenness.of(swing, period);
        return new Rhythm.Regular(60 * rateHz / period, even.unevenness(), even.peaks(), Math.min(1, r[lag]));
    }

    /** With all samples, about where the thinned ones found it. */
    private static double refined(Swing swing, double about, int together) {
        int from = Math.max(1, (int) Math.floor(about) - together);
        double[] r = new double[2 * together + 3];
        int best = 1;
        for (int i = 0; i < r.length; i++) {
            r[i] = Autocorrelation.at(swing, from + i);
            best = i > 0 && i < r.length - 1 && r[i] > r[best] ? i : best;
        }
        return from + best + vertex(r[best - 1], r[best], r[best + 1]);
    }

    /** The first lag that is nearly as clear as the clearest; below 0 when none is clear. */
    private static int firstClear(double[] r, int least, int most) {
        double clearest = LEAST_CLARITY;
        for (int lag = least; lag <= most; lag++) {
            if (isPeak(r, lag)) {
                clearest = Math.max(clearest, r[lag]);
            }
        }
        for (int lag = least; lag <= most; lag++) {
            if (isPeak(r, lag) && r[lag] >= LEAST_CLARITY && r[lag] >= NEARLY * clearest) {
                return lag;
            }
        }
        return -1;
    }

    private static boolean isPeak(double[] r, int lag) {
        return r[lag] > r[lag - 1] && r[lag] >= r[lag + 1];
    }

    /** Where between the neighbours the top of a parabola through three points lies, in (−1, 1). */
    static double vertex(double before, double top, double after) {
        double curve = before - 2 * top + after;
        return curve >= 0 ? 0 : Math.max(-0.5, Math.min(0.5, (before - after) / (2 * curve)));
    }

    /**
     * Of the times from peak to peak.
     *
     * @param unevenness standard deviation / mean; 0 with fewer than two intervals
     */
    private record Evenness(double unevenness, int peaks) {

        static Evenness of(Swing swing, double period) {
            double[] kg = smooth(swing.kg(), Math.max(1, (int) Math.round(period / 6)));
            int reach = Math.max(1, (int) Math.round(period * 0.4));
            int peaks = 0;
            double last = Double.NEGATIVE_INFINITY;
            int n = 0;
            double mean = 0;
            double squares = 0;
            for (int i = reach; i < kg.length - reach; i++) {
                if (!isHighest(kg, i, reach) || !swing.isMeasured()[i]) {
                    continue;
                }
                peaks++;
                double at = i + vertex(kg[i - 1], kg[i], kg[i + 1]);
                double apart = at - last;
                last = at;
                if (apart >= NEAREST * period && apart <= FURTHEST * period) {
                    n++;
                    double off = apart - mean;
                    mean += off / n;
                    squares += off * (apart - mean);
                }
            }
            return new Evenness(n < 2 ? 0 : Math.sqrt(squares / (n - 1)) / mean, peaks);
        }

        private static boolean isHighest(double[] kg, int i, int reach) {
            if (kg[i] <= 0) {
                return false;
            }
            for (int j = i - reach; j <= i + reach; j++) {
                if (kg[j] > kg[i] || (kg[j] == kg[i] && j < i)) {
                    return false;
                }
            }
            return true;
        }

        /** Mean over so many samples, centred. */
        private static double[] smooth(double[] kg, int over) {
            double[] sums = new double[kg.length + 1];
            for (int i = 0; i < kg.length; i++) {
                sums[i + 1] = sums[i] + kg[i];
            }
            double[] out = new double[kg.length];
            for (int i = 0; i < kg.length; i++) {
                int from = Math.max(0, i - over / 2);
                int to = Math.min(kg.length, i + over / 2 + 1);
                out[i] = (sums[to] - sums[from]) / (to - from);
            }
            return out;
        }
    }
}

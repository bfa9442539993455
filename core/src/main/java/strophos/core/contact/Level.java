package strophos.core.contact;

import strophos.core.exchange.Side;

/**
 * The moving maximum and minimum of one rein, each sample with those before it that lie within the window. By monotonic deque [1]: each
 * sample goes in once and out once.
 *
 * <p>Warm-up: until a whole window has passed the value is that of what there is. Gaps are passed over; where a whole window is a gap,
 * the value is one. A level stays up for a window after the peak that made it.
 */
public final class Level {

    /** One stride where nobody knows the tempo (calculations: one second). */
    public static final double STRIDE_S = 1;

    private Level() {}

    /**
     * Moving maximum.
     *
     * @param windowS one stride, above 0
     * @return hundredths of a kilogram or {@link ReinSeries#GAP}, as many as the series has samples
     */
    public static short[] of(ReinSeries series, Side side, double windowS) {
        return moving(series, side, windowS, 1);
    }

    /** Moving minimum, of the same kind. */
    public static short[] floor(ReinSeries series, Side side, double windowS) {
        return moving(series, side, windowS, -1);
    }

    /** In samples, at least one. */
    static int window(ReinSeries series, double windowS) {
        if (!(windowS > 0)) {
            throw new IllegalArgumentException("A window is longer than 0 s, not %s.".formatted(windowS));
        }
        return (int) Math.max(1, Math.round(windowS * series.rateHz()));
    }

    /** @param sign 1 for the maximum, -1 for the minimum */
    private static short[] moving(ReinSeries series, Side side, double windowS, int sign) {
        short[] samples = series.copy(side);
        int n = samples.length;
        int window = window(series, windowS);
        short[] out = new short[n];
        int[] deque = new int[n];
        int head = 0;
        int tail = 0;
        for (int i = 0; i < n; i++) {
            if (head < tail && deque[head] <= i - window) {
                head++;
            }
            short sample = samples[i];
            if (sample != ReinSeries.GAP) {
                int now = sign * sample;
                while (head < tail && sign * samples[deque[tail - 1]] <= now) {
                    tail--;
                }
                deque[tail++] = i;
            }
            out[i] = head < tail ? samples[deque[head]] : ReinSeries.GAP;
        }
        return out;
    }
}

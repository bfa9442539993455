package strophos.core.contact;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import strophos.core.exchange.Side;
import strophos.core.stats.Interval;
import strophos.core.stats.Trend;

/**
 * Whether a rein gets heavy within one stretch of one gait: how its level rises, and from when on it stays over the pair's limit.
 *
 * @param kgASecond Theil–Sen slope of the level
 * @param slope 95 % for it. Strides are not independent of each other, so it is rather too narrow; said beside it
 * @param overFromS first time from which the level stays over the limit for {@link #STAYS_S} longer than one peak would hold it there;
 *     empty when it never does
 */
public record GettingHeavy(double kgASecond, Interval slope, OptionalDouble overFromS) {

    /** So much longer than a single peak holds a level up (calculations: at least half a second). */
    public static final double STAYS_S = 0.5;

    /** A hand that gains less is not felt: 0.05 kg in ten seconds (common practice, no source). */
    public static final double LEAST_KG_S = 0.005;

    /** A shorter stretch has no slope, in seconds. */
    public static final double LEAST_S = 8;

    /** The slope is taken through so many points at most: the medians of as many pieces of equal length. */
    private static final int MOST_POINTS = 40;

    /**
     * Of one rein.
     *
     * @param stretch of one exercise and gait
     * @param strideS the window of the level
     * @param limitKg what this pair's rein should not stay over: mostly the upper edge of its band
     * @return empty where less than {@link #LEAST_S} was measured
     */
    public static Optional<GettingHeavy> of(ReinSeries stretch, Side side, double strideS, double limitKg) {
        return of(Level.of(stretch, side, strideS), stretch.rateHz(), strideS, limitKg);
    }

    /** The same of a level that is known. */
    static Optional<GettingHeavy> of(short[] level, double rateHz, double strideS, double limitKg) {
        Points points = Points.of(level, rateHz, strideS);
        if (ReinSeries.measured(level) / rateHz < LEAST_S || points.s().length < 3) {
            return Optional.empty();
        }
        Trend.Slope slope = Trend.theilSen(points.s(), points.kg());
        return Optional.of(
                new GettingHeavy(slope.estimate(), slope.interval(), overFrom(level, rateHz, strideS, limitKg)));
    }

    /** The whole interval of the slope is above 0, and it is more than {@link #LEAST_KG_S}. */
    public boolean isGrowing() {
        return slope.low() > 0 && kgASecond >= LEAST_KG_S;
    }

    private static OptionalDouble overFrom(short[] level, double rateHz, double strideS, double limitKg) {
        int needed = (int) Math.ceil((strideS + STAYS_S) * rateHz);
        int limit = ReinSeries.limit(limitKg);
        int over = 0;
        for (int i = 0; i < level.length; i++) {
            // a gap is below every limit
            over = level[i] > limit ? over + 1 : 0;
            if (over == needed) {
                return OptionalDouble.of((i - needed + 1) / rateHz);
            }
        }
        return OptionalDouble.empty();
    }

    private record Points(double[] s, double[] kg) {

        /** A level stands still for most of a stride: so many of a piece's readings tell its median. */
        private static final int READINGS = 15;

        /** Pieces of at least one stride. */
        static Points of(short[] level, double rateHz, double strideS) {
            int piece = Math.max((int) Math.ceil(strideS * rateHz), (level.length + MOST_POINTS - 1) / MOST_POINTS);
            double[] s = new double[level.length / piece];
            double[] kg = new double[s.length];
            int apart = Math.max(1, piece / READINGS);
            short[] some = new short[piece];
            int n = 0;
            for (int p = 0; p < s.length; p++) {
                int from = p * piece;
                int measured = 0;
                for (int i = from; i < from + piece; i += apart) {
                    if (level[i] != ReinSeries.GAP) {
                        some[measured++] = level[i];
                    }
                }
                if (measured > 0) {
                    Arrays.sort(some, 0, measured);
                    s[n] = (p + 0.5) * piece / rateHz;
                    kg[n++] = some[measured / 2] / (double) ReinSeries.HUNDREDTHS;
                }
            }
            return new Points(Arrays.copyOf(s, n), Arrays.copyOf(kg, n));
        }
    }
}

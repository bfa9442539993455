package strophos.core.contact;

import java.util.Optional;
import java.util.OptionalDouble;
import strophos.core.exchange.Side;

/**
 * One rein over a stretch of time.
 *
 * @param samples that were measured; at least 1
 * @param levelKg median of the level
 * @param highKg 95th percentile of the level
 * @param medianKg of the samples themselves
 * @param slackShare of samples below {@link #SLACK_KG}, in [0, 1]
 * @param inBandShare of the level's samples within the band, in [0, 1]; empty without a band
 * @param overAMinute how often a minute the level rises over the band; empty without a band
 */
public record ReinLevel(
        int samples,
        double levelKg,
        double highKg,
        double medianKg,
        double slackShare,
        OptionalDouble inBandShare,
        OptionalDouble overAMinute) {

    /** Below this a rein hangs, in kilograms (calculations: slack). */
    public static final double SLACK_KG = 0.2;

    /** Quantiles of less than this are chance, in seconds: ten strides or so (common practice, no source). */
    public static final double LEAST_S = 10;

    /**
     * Of this rein.
     *
     * @param strideS the window of the level
     * @param band the pair's own
     * @return empty where less than {@link #LEAST_S} was measured
     */
    public static Optional<ReinLevel> of(ReinSeries series, Side side, double strideS, Optional<Band> band) {
        return of(series.copy(side), Level.of(series, side, strideS), series.rateHz(), band);
    }

    /** The same of samples whose level is known. */
    static Optional<ReinLevel> of(short[] samples, short[] level, double rateHz, Optional<Band> band) {
        KgCounts levels = KgCounts.of(level);
        KgCounts raw = KgCounts.of(samples);
        int n = raw.total();
        double measuredS = n / rateHz;
        if (measuredS < LEAST_S) {
            return Optional.empty();
        }
        return Optional.of(new ReinLevel(
                n,
                levels.quantile(0.5),
                levels.quantile(0.95),
                raw.quantile(0.5),
                raw.below(SLACK_KG) / (double) n,
                band.map(b -> OptionalDouble.of(levels.within(b.lowKg(), b.highKg()) / (double) levels.total()))
                        .orElse(OptionalDouble.empty()),
                band.map(b -> OptionalDouble.of(rises(level, b.highKg()) * 60 / measuredS))
                        .orElse(OptionalDouble.empty())));
    }

    /** How often a level goes from at most this to more. */
    private static int rises(short[] level, double overKg) {
        int n = 0;
        boolean wasOver = false;
        int limit = ReinSeries.limit(overKg);
        for (short l : level) {
            if (l != ReinSeries.GAP) {
                boolean isOver = l > limit;
                n += isOver && !wasOver ? 1 : 0;
                wasOver = isOver;
            }
        }
        return n;
    }
}

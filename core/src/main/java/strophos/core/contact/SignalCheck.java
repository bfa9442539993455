package strophos.core.contact;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Side;
import strophos.core.stats.Trend;

/** Looks for what is wrong with a series before anything is read from it. Bounds: common practice, no source. */
public final class SignalCheck {

    /** Fewer samples missing are a radio's everyday, as a share. */
    static final double GAPS_FROM = 0.01;

    /** A single hole from this on is told of too, in seconds. */
    static final double LONG_GAP_S = 2;

    /** The highest reading is a ceiling when it stands so often in a row. */
    static final int CEILING_RUN = 4;

    /** And makes up so much of all. */
    static final double CEILING_FROM = 0.002;

    /** A ceiling is above what a hand usually holds, in kilograms. */
    static final double CEILING_KG = 2;

    /** The zero shows where a rein hangs: in the lowest reading of each piece of so many seconds. */
    static final double FLOOR_S = 30;

    /** Above this it did not hang: a hand that gets heavy is no wandering zero, in kilograms. */
    static final double HANGS_KG = 1;

    /** And it must hang in so large a share of all pieces. */
    static final double HANGS_FROM = 0.5;

    /** The zero wandered by so much in all, in kilograms. */
    static final double DRIFT_KG = 0.3;

    /** Below this the zero is off, in kilograms; where so large a share of all readings lies below. */
    static final double BELOW_KG = -0.15;

    static final double BELOW_FROM = 0.01;

    /** Samples that come unevenly by this share of their distance blur what is quick: the beat, and the size of an aid. */
    static final double JITTER_SHARE = 0.25;

    private SignalCheck() {}

    /**
     * Of both reins, and of how evenly the samples came.
     *
     * @param jitterMs standard deviation of the time from sample to sample before they were laid evenly, at least 0
     */
    public static List<SignalFault> of(ReinSeries series, double jitterMs) {
        List<SignalFault> faults = new ArrayList<>(of(series));
        if (jitterMs >= JITTER_SHARE * 1000 / series.rateHz()) {
            faults.add(new SignalFault.Jitter(jitterMs));
        }
        return List.copyOf(faults);
    }

    /** Of both reins; empty when all is well. */
    public static List<SignalFault> of(ReinSeries series) {
        List<SignalFault> faults = new ArrayList<>();
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            gaps(series, side).ifPresent(faults::add);
            Readings readings = Readings.of(series, side);
            if (readings.n() == 0) {
                continue;
            }
            if (readings.highest() < ReinLevel.SLACK_KG * ReinSeries.HUNDREDTHS) {
                faults.add(new SignalFault.Silent(side));
            }
            ceiling(readings, side).ifPresent(faults::add);
            drift(series, side).or(() -> belowZero(series, side)).ifPresent(faults::add);
        }
        return List.copyOf(faults);
    }

    private static Optional<SignalFault> gaps(ReinSeries series, Side side) {
        int gaps = 0;
        int missing = 0;
        int longest = 0;
        int run = 0;
        for (short sample : series.copy(side)) {
            if (sample == ReinSeries.GAP) {
                gaps += run == 0 ? 1 : 0;
                run++;
                missing++;
                longest = Math.max(longest, run);
            } else {
                run = 0;
            }
        }
        double share = series.length() == 0 ? 0 : missing / (double) series.length();
        double longestS = longest / series.rateHz();
        return share >= GAPS_FROM || longestS >= LONG_GAP_S
                ? Optional.of(new SignalFault.Gaps(side, gaps, longestS, share))
                : Optional.empty();
    }

    /**
     * @param highest in hundredths
     * @param atHighest samples that read it, and {@code run} the most of them in a row
     */
    private record Readings(int n, int highest, int atHighest, int run) {

        static Readings of(ReinSeries series, Side side) {
            int n = 0;
            int highest = Integer.MIN_VALUE;
            int at = 0;
            int run = 0;
            int longest = 0;
            for (short now : series.copy(side)) {
                if (now == ReinSeries.GAP) {
                    run = 0;
                    continue;
                }
                n++;
                if (now > highest) {
                    highest = now;
                    at = 0;
                    run = 0;
                    longest = 0;
                }
                if (now == highest) {
                    at++;
                    run++;
                    longest = Math.max(longest, run);
                } else {
                    run = 0;
                }
            }
            return new Readings(n, highest, at, longest);
        }
    }

    private static Optional<SignalFault> ceiling(Readings r, Side side) {
        boolean isCeiling = r.highest() >= CEILING_KG * ReinSeries.HUNDREDTHS
                && r.run() >= CEILING_RUN
                && r.atHighest() >= CEILING_FROM * r.n();
        return isCeiling
                ? Optional.of(new SignalFault.Ceiling(
                        side, r.highest() / (double) ReinSeries.HUNDREDTHS, r.atHighest() / (double) r.n()))
                : Optional.empty();
    }

    /** More than noise reads below nothing. */
    private static Optional<SignalFault> belowZero(ReinSeries series, Side side) {
        double low = KgCounts.of(series, side).quantile(BELOW_FROM);
        return low < BELOW_KG ? Optional.of(new SignalFault.BelowZero(side, low)) : Optional.empty();
    }

    /** The lowest reading of each half minute in which the rein hung, over time. */
    private static Optional<SignalFault> drift(ReinSeries series, Side side) {
        short[] samples = series.copy(side);
        int piece = (int) (FLOOR_S * series.rateHz());
        int pieces = series.length() / piece;
        double[] minutes = new double[pieces];
        double[] kg = new double[pieces];
        int n = 0;
        for (int p = 0; p < pieces; p++) {
            short last = Overview.edge(samples, p * piece, (p + 1) * piece, -1);
            if (last != ReinSeries.GAP && last <= HANGS_KG * ReinSeries.HUNDREDTHS) {
                minutes[n] = (p + 0.5) * FLOOR_S / 60;
                kg[n++] = last / (double) ReinSeries.HUNDREDTHS;
            }
        }
        if (n >= 4 && n >= HANGS_FROM * pieces) {
            Trend.Slope slope = Trend.theilSen(Arrays.copyOf(minutes, n), Arrays.copyOf(kg, n));
            boolean isSure = slope.interval().low() > 0 || slope.interval().high() < 0;
            if (isSure && Math.abs(slope.estimate()) * (minutes[n - 1] - minutes[0]) >= DRIFT_KG) {
                return Optional.of(new SignalFault.Drift(side, slope.estimate()));
            }
        }
        return Optional.empty();
    }
}

package strophos.core.footfall;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.TDistribution;
import strophos.core.exchange.Foot;
import strophos.core.exchange.Landing;
import strophos.core.exchange.Side;

/**
 * What the landings of some strides say.
 *
 * @param strideS mean time from a foot's landing to its next, above 0
 * @param left empty with fewer than {@link #LEAST_STRIDES} strides of that side; {@code right} the other
 */
public record Footfalls(double strideS, Optional<SideLag> left, Optional<SideLag> right) {

    /** Fewer of a side are too few. */
    public static final int LEAST_STRIDES = 4;

    /** A time between two landings that is longer than the middle one by this much missed a landing (set by trial). */
    private static final double MISSED = 1.5;

    /** A fore foot that lands later than this after the last hind foot of its side belongs to one that was missed, in strides (set by trial). */
    private static final double LATE = 1.1;

    private static final double MS = 1000;

    private static final double HALF_OF_95 = 0.975;

    /**
     * @param landings in any order
     * @param frameMs from one frame to the next: a landing is known to half of it
     * @return empty where no foot landed twice
     */
    public static Optional<Footfalls> of(List<Landing> landings, double frameMs) {
        Map<Foot, long[]> times = new EnumMap<>(Foot.class);
        for (Foot foot : Foot.values()) {
            times.put(
                    foot,
                    landings.stream()
                            .filter(l -> l.foot() == foot)
                            .mapToLong(Landing::ms)
                            .distinct()
                            .sorted()
                            .toArray());
        }
        double[] strides = strides(times);
        if (strides.length == 0) {
            return Optional.empty();
        }
        double strideMs = Arrays.stream(strides).average().orElseThrow();
        return Optional.of(new Footfalls(
                strideMs / MS,
                lag(Side.LEFT, times.get(Foot.LEFT_HIND), times.get(Foot.LEFT_FORE), strideMs, frameMs),
                lag(Side.RIGHT, times.get(Foot.RIGHT_HIND), times.get(Foot.RIGHT_FORE), strideMs, frameMs)));
    }

    /** Strides a minute. */
    public double tempo() {
        return 60 / strideS;
    }

    /** From each landing of a foot to its next, but where one was missed. */
    private static double[] strides(Map<Foot, long[]> times) {
        double[] all = times.values().stream()
                .flatMapToDouble(Footfalls::between)
                .sorted()
                .toArray();
        double most = all.length == 0 ? 0 : MISSED * all[all.length / 2];
        return Arrays.stream(all).filter(ms -> ms <= most).toArray();
    }

    private static DoubleStream between(long[] times) {
        return IntStream.range(1, times.length).mapToDouble(i -> times[i] - times[i - 1]);
    }

    private static Optional<SideLag> lag(Side side, long[] hind, long[] fore, double strideMs, double frameMs) {
        double[] angles = Arrays.stream(fore)
                .flatMap(at -> Arrays.stream(hind)
                        .filter(h -> h <= at && at < h + LATE * strideMs)
                        .map(h -> at - h)
                        .sorted()
                        .limit(1))
                .mapToDouble(ms -> 2 * Math.PI * ms / strideMs)
                .toArray();
        if (angles.length < LEAST_STRIDES) {
            return Optional.empty();
        }
        double mean = Math.atan2(
                Arrays.stream(angles).map(Math::sin).sum(),
                Arrays.stream(angles).map(Math::cos).sum());
        double share = mean / (2 * Math.PI) + (mean < 0 ? 1 : 0);
        // so few strides, and landings that are misread alike when strides are: Student rather than Gauss
        double errors = new TDistribution(angles.length - 1).inverseCumulativeProbability(HALF_OF_95);
        double half =
                errors * Math.max(ofFrames(frameMs, strideMs), ofStrides(angles, mean)) / Math.sqrt(angles.length);
        return Optional.of(new SideLag(side, share, share - half, share + half, angles.length, LandingOrder.of(share)));
    }

    /** What half a frame to either side, at both landings, leaves open of one lag. */
    private static double ofFrames(double frameMs, double strideMs) {
        return frameMs / (Math.sqrt(6) * strideMs);
    }

    /** How unlike one stride's lag is to the next. */
    private static double ofStrides(double[] angles, double mean) {
        double squares = Arrays.stream(angles)
                .map(a -> Math.IEEEremainder(a - mean, 2 * Math.PI) / (2 * Math.PI))
                .map(off -> off * off)
                .sum();
        return Math.sqrt(squares / (angles.length - 1));
    }
}

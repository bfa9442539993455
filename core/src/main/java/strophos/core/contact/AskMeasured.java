package strophos.core.contact;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.record.AidUse;
import strophos.core.record.Ride;

/**
 * What the hand did while something was asked. The moment of the aid is not known, only that of the touch ({@link AidSize#nearTouch}).
 *
 * @param atS of the touch, in seconds from the first sample
 * @param isDriving a driving aid was noted of it
 * @param riseKg by how much the hand took, in the rein that took more; below 0 where both gave
 */
public record AskMeasured(String exchange, Gait gait, double atS, boolean isDriving, double riseKg) {

    /** Fewer asks of a gait have no size that is worth it. */
    public static final int LEAST_ASKS = 5;

    /**
     * Asks of the pair's own rider, in order: those whose time of before lies in the same stretch of riding and was measured.
     *
     * @param startedMs when the first sample was taken
     */
    public static List<AskMeasured> of(Ride ride, ReinSeries series, long startedMs) {
        return ride.segments().stream()
                .filter(s -> s.mounted() == Mounted.RIDER)
                .flatMap(segment -> ride.exchanges().stream()
                        .filter(x -> x.segment().equals(segment.id()))
                        .flatMap(x -> of(segment, x, series, startedMs).stream()))
                .toList();
    }

    private static Optional<AskMeasured> of(
            Ride.Segment segment, Ride.Exchange ask, ReinSeries series, long startedMs) {
        double touchS = (ask.atMs() - startedMs) / 1000.0;
        double ownS = (ask.atMs() - segment.atMs()) / 1000.0;
        if (ownS < 2 * AidSize.BEFORE_TOUCH_S + AidSize.AFTER_TOUCH_S) {
            return Optional.empty();
        }
        Optional<AidSize> left = AidSize.nearTouch(series, Side.LEFT, touchS);
        Optional<AidSize> right = AidSize.nearTouch(series, Side.RIGHT, touchS);
        if (left.isEmpty() && right.isEmpty()) {
            return Optional.empty();
        }
        double riseKg = Math.max(
                left.map(AidSize::sizeKg).orElse(Double.NEGATIVE_INFINITY),
                right.map(AidSize::sizeKg).orElse(Double.NEGATIVE_INFINITY));
        return Optional.of(new AskMeasured(ask.id(), segment.gait(), touchS, AidUse.drives(ask.said()), riseKg));
    }

    /** The median size of the aids in a gait; empty with fewer than {@link #LEAST_ASKS}. */
    public static OptionalDouble medianKg(List<AskMeasured> asks, Gait gait) {
        double[] sizes = asks.stream()
                .filter(a -> a.gait().equals(gait))
                .mapToDouble(AskMeasured::riseKg)
                .sorted()
                .toArray();
        if (sizes.length < LEAST_ASKS) {
            return OptionalDouble.empty();
        }
        int middle = sizes.length / 2;
        return OptionalDouble.of(sizes.length % 2 == 1 ? sizes[middle] : (sizes[middle - 1] + sizes[middle]) / 2);
    }
}

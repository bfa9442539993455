package strophos.core.contact;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.record.AidUse;
import strophos.core.record.Ride;

/**
 * What the hand did while something was asked. The moment of the aid is not known, only that of the touch ({@link AidSize#nearTouch}).
 *
 * @param atS of the touch, in seconds from the first sample
 * @param isDriving a driving aid was noted of it
 * @param riseKg by how much the hand took, in the rein that took more; below 0 where both gave
 * @param release of a good answer for which the hand took {@link ReleaseDelay#NEAR_KG} or more: how long after the touch it still held, in
 *     the rein that held longer. The touch is about a second late: who holds on at it lets go late, who does not may have been late as well
 */
public record AskMeasured(
        String exchange, Gait gait, double atS, boolean isDriving, double riseKg, Optional<ReleaseDelay> release) {

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
        Optional<ReleaseDelay> release = ask.response() == Response.YES
                ? Stream.of(release(series, Side.LEFT, left, touchS), release(series, Side.RIGHT, right, touchS))
                        .flatMap(Optional::stream)
                        .max(Comparator.comparingDouble(AskMeasured::heldS))
                : Optional.empty();
        return Optional.of(
                new AskMeasured(ask.id(), segment.gait(), touchS, AidUse.drives(ask.said()), riseKg, release));
    }

    /** Of a rein that took; empty where it did not, and where what came after was not measured. */
    private static Optional<ReleaseDelay> release(ReinSeries series, Side side, Optional<AidSize> aid, double touchS) {
        return aid.filter(a -> a.sizeKg() >= ReleaseDelay.NEAR_KG)
                .map(a -> ReleaseDelay.of(series, side, a.beforeKg(), touchS, Level.STRIDE_S))
                .filter(r -> !(r instanceof ReleaseDelay.NotMeasured));
    }

    private static double heldS(ReleaseDelay release) {
        return release instanceof ReleaseDelay.LetGo letGo ? letGo.seconds() : ReleaseDelay.MOST_S;
    }

    /** Whether the hand still held as the answer was touched in; empty where {@code release} is. */
    public Optional<Boolean> isHeldOn() {
        return release.map(r -> heldS(r) > 0);
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

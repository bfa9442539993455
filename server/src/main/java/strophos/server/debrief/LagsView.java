package strophos.server.debrief;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import strophos.core.exchange.Gait;
import strophos.core.footfall.LagChange;
import strophos.server.contract.CanBeNull;

/** How the landings of the two feet of a side stood to each other, over the lessons whose clips were marked, gait by gait. */
record LagsView(List<LagsOfGait> gaits) {

    /**
     * At one gait.
     *
     * @param gait null for clips of which it is not known where in their lessons they lie
     * @param left how it moved; null with fewer than two; {@code right} the other side
     */
    record LagsOfGait(
            @CanBeNull Gait gait,
            List<LagPoint> points,
            @CanBeNull LagChangeView left,
            @CanBeNull LagChangeView right) {}

    /** Some strides of a lesson; a side is null with too few of them. */
    record LagPoint(
            UUID lesson,
            Instant at,
            double strideS,
            @CanBeNull ClipView.LagView left,
            @CanBeNull ClipView.LagView right) {}

    /** From the first to the last. */
    record LagChangeView(ClipView.LagView first, ClipView.LagView last, LagChange.Way way) {}
}

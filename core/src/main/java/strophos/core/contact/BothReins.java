package strophos.core.contact;

import java.util.Optional;
import java.util.OptionalDouble;
import strophos.core.exchange.Side;

/** Both reins over a stretch of time; each is empty where too little of it was measured. */
public record BothReins(Optional<ReinLevel> left, Optional<ReinLevel> right) {

    /** Of both. */
    public static BothReins of(ReinSeries series, double strideS, Optional<Band> band) {
        return new BothReins(
                ReinLevel.of(series, Side.LEFT, strideS, band), ReinLevel.of(series, Side.RIGHT, strideS, band));
    }

    /**
     * (right − left) / (right + left) of the levels, in [−1, 1]: above 0 the right rein carries more. Empty where a rein was not
     * measured, and where both hang slack.
     */
    public OptionalDouble asymmetry() {
        if (left.isEmpty() || right.isEmpty()) {
            return OptionalDouble.empty();
        }
        double l = Math.max(0, left.get().levelKg());
        double r = Math.max(0, right.get().levelKg());
        return l + r < 2 * ReinLevel.SLACK_KG ? OptionalDouble.empty() : OptionalDouble.of((r - l) / (r + l));
    }
}

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

    /** Unlike by less is a hand's everyday, as a share (common practice, no source). */
    public static final double ALIKE = 0.05;

    /** The rein that carries more; none where they are alike. Empty where it cannot be told. */
    public Optional<Side> heavier() {
        OptionalDouble unlike = asymmetry();
        if (unlike.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                Math.abs(unlike.getAsDouble()) < ALIKE ? Side.NONE : unlike.getAsDouble() > 0 ? Side.RIGHT : Side.LEFT);
    }

    /** By what share of the other the heavier rein carries more; empty where the other hangs slack, and where it cannot be told. */
    public OptionalDouble heavierBy() {
        if (asymmetry().isEmpty()) {
            return OptionalDouble.empty();
        }
        double l = left.orElseThrow().levelKg();
        double r = right.orElseThrow().levelKg();
        return Math.min(l, r) < ReinLevel.SLACK_KG
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.max(l, r) / Math.min(l, r) - 1);
    }
}

package strophos.core.contact;

import java.util.Optional;
import java.util.OptionalDouble;
import strophos.core.exchange.Side;

/**
 * How big a rein aid was: the highest the rein read within {@link #WITHIN_S} of the marked moment, less its level before. A light aid is
 * about 1 kg (common practice, no source). The moment comes from a clip or a second touch; one touch while riding is a second late.
 *
 * @param beforeKg level over the stride before the moment
 * @param sizeKg peak less {@code beforeKg}; below 0 where the rein was given
 */
public record AidSize(double beforeKg, double sizeKg) {

    /** An aid is over by then, in seconds. */
    public static final double WITHIN_S = 1.5;

    /** From so much on a rise of the stride's maximum after a driving aid is a hand that says no, in kilograms (rules: conflict). */
    public static final double CONFLICT_KG = 2;

    /**
     * Of one rein.
     *
     * @param atS seconds from the first sample
     * @param strideS the window of the level
     * @return empty where the rein was not measured before or after the moment
     */
    public static Optional<AidSize> of(ReinSeries series, Side side, double atS, double strideS) {
        OptionalDouble before = highest(series.part(Math.max(0, atS - strideS), Math.max(0, atS)), side);
        OptionalDouble after = highest(series.part(Math.max(0, atS), Math.max(0, atS + WITHIN_S)), side);
        return atS < 0 || before.isEmpty() || after.isEmpty()
                ? Optional.empty()
                : Optional.of(new AidSize(before.getAsDouble(), after.getAsDouble() - before.getAsDouble()));
    }

    /** One touch while riding is about a second late: the aid lies somewhere in so many seconds before it (common practice, no source). */
    public static final double BEFORE_TOUCH_S = 3;

    /** And a quick hand touches while the horse answers. */
    public static final double AFTER_TOUCH_S = 0.5;

    /**
     * Of an ask whose aid has no moment of its own, only the touch that told its answer: the highest from {@link #BEFORE_TOUCH_S} before it
     * until {@link #AFTER_TOUCH_S} after it, less the highest of as long a time before that. Both windows are alike, so that noise and
     * uneven beats lift both.
     *
     * @return empty where the rein was not measured in either
     */
    public static Optional<AidSize> nearTouch(ReinSeries series, Side side, double touchS) {
        double fromS = touchS - BEFORE_TOUCH_S;
        double longS = BEFORE_TOUCH_S + AFTER_TOUCH_S;
        if (fromS < longS) {
            return Optional.empty();
        }
        OptionalDouble before = highest(series.part(fromS - longS, fromS), side);
        OptionalDouble during = highest(series.part(fromS, fromS + longS), side);
        return before.isEmpty() || during.isEmpty()
                ? Optional.empty()
                : Optional.of(new AidSize(before.getAsDouble(), during.getAsDouble() - before.getAsDouble()));
    }

    /** A driving aid that met this rise in a rein was contradicted, unless it was a half-halt. */
    public boolean isConflict() {
        return sizeKg >= CONFLICT_KG;
    }

    /** Of what was measured. */
    static OptionalDouble highest(ReinSeries part, Side side) {
        int highest = Integer.MIN_VALUE;
        for (int i = 0; i < part.length(); i++) {
            if (!part.isGap(side, i)) {
                highest = Math.max(highest, part.at(side, i));
            }
        }
        return highest == Integer.MIN_VALUE
                ? OptionalDouble.empty()
                : OptionalDouble.of(highest / (double) ReinSeries.HUNDREDTHS);
    }
}

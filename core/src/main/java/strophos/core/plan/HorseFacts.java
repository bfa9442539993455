package strophos.core.plan;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import strophos.core.welfare.WeightShare;

/**
 * What the plan must know of the horse.
 *
 * @param ageYears empty when not known
 * @param isFirstYear in its first year of work
 * @param isFirstMonthBack in the first month after a break
 * @param allowedMinutes ridden minutes the way back from a break allows today; empty without one
 * @param lengthM poll to dock, in metres; empty when its height is not known
 * @param weightShare rider and tack of its weight; empty when a weight is not known
 */
public record HorseFacts(
        OptionalInt ageYears,
        boolean isFirstYear,
        boolean isFirstMonthBack,
        OptionalInt allowedMinutes,
        OptionalDouble lengthM,
        java.util.Optional<WeightShare> weightShare) {

    /** Under this age a horse works shorter. */
    public static final int YOUNG_UNDER_YEARS = 5;

    boolean isSpared() {
        return isFirstMonthBack || (ageYears.isPresent() && ageYears.getAsInt() < YOUNG_UNDER_YEARS);
    }
}

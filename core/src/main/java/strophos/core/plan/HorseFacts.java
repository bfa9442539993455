package strophos.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import strophos.core.judgement.Finding;
import strophos.core.load.DayOfOuting;
import strophos.core.welfare.PainChecklist;
import strophos.core.welfare.WeightShare;

/**
 * What the plan must know of the horse.
 *
 * @param ageYears empty when not known
 * @param isFirstYear in its first year of work
 * @param isFirstMonthBack in the first month after a break
 * @param allowedMinutes ridden minutes the way back from a break allows today; empty without one
 * @param lengthM poll to dock, in metres; empty when its height is not known
 * @param weightShare rider and tack of what it should weigh; empty when a weight is not known
 * @param weightReason why the coach lets this rider ride it all the same; empty when nobody did
 * @param painCount behaviours last counted under a rider; empty while nobody has counted
 * @param load what the rules of load say of its last weeks, met or not
 * @param outing what this day is for because of an outing; empty on all others
 */
public record HorseFacts(
        OptionalInt ageYears,
        boolean isFirstYear,
        boolean isFirstMonthBack,
        OptionalInt allowedMinutes,
        OptionalDouble lengthM,
        Optional<WeightShare> weightShare,
        Optional<String> weightReason,
        Optional<PainChecklist> painCount,
        List<Finding> load,
        Optional<DayOfOuting> outing) {

    /** Under this age a horse works shorter. */
    public static final int YOUNG_UNDER_YEARS = 5;

    /** Nobody has said anything of it. */
    public static final HorseFacts UNKNOWN = new HorseFacts(
            OptionalInt.empty(),
            false,
            false,
            OptionalInt.empty(),
            OptionalDouble.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            List.of(),
            Optional.empty());

    public HorseFacts {
        load = List.copyOf(load);
    }

    /** The same, with what the rules of load say, and what the day is for. */
    public HorseFacts with(List<Finding> said, Optional<DayOfOuting> away) {
        return new HorseFacts(
                ageYears,
                isFirstYear,
                isFirstMonthBack,
                allowedMinutes,
                lengthM,
                weightShare,
                weightReason,
                painCount,
                said,
                away);
    }

    /** Another horse is advised, and nobody has said why not. */
    boolean isTooHeavy() {
        return weightShare
                        .filter(w -> w.level() == WeightShare.Level.ANOTHER_HORSE)
                        .isPresent()
                && weightReason.isEmpty();
    }

    boolean isSpared() {
        return isFirstMonthBack || (ageYears.isPresent() && ageYears.getAsInt() < YOUNG_UNDER_YEARS);
    }
}

package strophos.core.homework;

import java.util.Optional;
import strophos.core.pause.HorseState;
import strophos.core.stair.RungId;

/** Why homework that runs is not practised now, the gravest first. */
public enum HomeworkStop {
    /** The horse is paused until somebody who may has looked. */
    HORSE_PAUSED,
    /** Behaviour or a fall ended the horse's day. */
    DAY_OVER,
    /** A fright or a sign of the rider's waits for the coach. */
    SIGN_OPEN,
    /** It asks for the coach, an assistant or a second person, or it is jumped: never alone. */
    NOT_ALONE,
    /** Faster than the horse was cleared for. */
    NOT_CLEARED;

    /**
     * What stops it; empty when it may be practised.
     *
     * @param rung of the step to practise
     * @param isAlone a rider may practise it alone
     */
    public static Optional<HomeworkStop> of(HomeworkState state, HorseState horse, RungId rung, boolean isAlone) {
        if (horse.isPaused()) {
            return Optional.of(HORSE_PAUSED);
        } else if (horse.isDayOver()) {
            return Optional.of(DAY_OVER);
        } else if (state.isPaused()) {
            return Optional.of(SIGN_OPEN);
        } else if (!isAlone) {
            return Optional.of(NOT_ALONE);
        }
        return horse.allows(rung.gait()) ? Optional.empty() : Optional.of(NOT_CLEARED);
    }
}

package strophos.core.nudge;

/**
 * Thresholds as resolved for one lesson, in seconds; sent to the device with the lesson.
 *
 * @param turnS longest turn on one rein
 * @param workS hard stop; a safety cap
 * @param goodStopS least work before a good place to stop is said
 * @param yesRunning YES in a row on each rein that reach the target
 * @param betterBy the last three answers on each rein are clearly better than its first three from this much on; mean of
 *     YES 1, TRY ½, else 0, in (0, 1]
 * @param quietS least time between two nudges
 */
public record NudgeRules(int turnS, int workS, int goodStopS, int yesRunning, double betterBy, int quietS) {

    public static final int GOOD_STOP_S = 600;
    public static final int YES_RUNNING = 3;
    public static final double BETTER_BY = 0.5;
    public static final int QUIET_S = 60;

    /** The defaults, with the turn and the work allowed for this horse. */
    public static NudgeRules with(int turnS, int workS) {
        return new NudgeRules(turnS, workS, GOOD_STOP_S, YES_RUNNING, BETTER_BY, QUIET_S);
    }
}

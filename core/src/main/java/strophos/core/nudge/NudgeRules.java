package strophos.core.nudge;

import strophos.core.judgement.Thresholds;
import strophos.core.school.Teaching;
import strophos.core.school.WhenStuck;
import strophos.core.stop.StopThresholds;

/**
 * Thresholds as resolved for one lesson, in seconds; sent to the device with the lesson.
 *
 * @param turnS longest turn on one rein
 * @param breathS longest work without a rest
 * @param workS hard stop; a safety cap
 * @param goodStopS least work before a good place to stop is said
 * @param yesRunning YES in a row on each rein that reach the target
 * @param betterBy the last three answers on each rein are clearly better than its first three from this much on; mean of
 *     YES 1, TRY ½, else 0, in (0, 1]
 * @param stuckWrong so many WRONG running after a step back are stuck
 * @param whenStuck what follows then, by the school
 * @param quietS least time between two nudges
 */
public record NudgeRules(
        int turnS,
        int breathS,
        int workS,
        int goodStopS,
        int yesRunning,
        double betterBy,
        int stuckWrong,
        WhenStuck whenStuck,
        int quietS) {

    /**
     * For one lesson.
     *
     * @param t of {@link StopThresholds#SET}
     */
    public static NudgeRules with(int turnS, int workS, Teaching teaching, Thresholds t) {
        return new NudgeRules(
                turnS,
                60 * t.whole("nudge.breathMinutes"),
                workS,
                60 * t.whole("good-place.minutes"),
                t.whole("good-place.yesRunning"),
                t.get("good-place.betterBy"),
                t.whole("stuck.wrongRunning"),
                teaching.whenStuck(),
                t.whole("nudge.quietS"));
    }
}

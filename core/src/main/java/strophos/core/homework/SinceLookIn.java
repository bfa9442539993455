package strophos.core.homework;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import strophos.core.judgement.Thresholds;

/**
 * What came in of an assignment since the coach looked in last, or since it was set: mostly enough to tell whether the coach is waited
 * for, without reading every report.
 *
 * @param isNewAid a brand-new aid that the coach never looked in on
 * @param lookedInOn the day of the last look-in; the day it was set when there was none
 * @param practices reports since then
 * @param hasQuestion one of them asks something
 * @param notYetRunning how many of the last of them said "not yet", one after the other; the second best is left out
 */
public record SinceLookIn(
        boolean isNewAid, LocalDate lookedInOn, int practices, boolean hasQuestion, int notYetRunning) {

    /**
     * Why the coach is waited for, where no stop sign waits and the horse is not paused. Empty where only all reports tell: after "not
     * yet" often enough running the step before is gone back to, and the coach is waited for where there is none.
     *
     * @param thresholds of {@link HomeworkThresholds#SET}
     */
    public Optional<HomeworkState.LookInReason> lookIn(LocalDate today, Thresholds thresholds) {
        if (hasQuestion) {
            return Optional.of(HomeworkState.LookInReason.QUESTION);
        }
        return notYetRunning >= thresholds.whole("stuck.reports")
                ? Optional.empty()
                : Optional.of(byTime(today, thresholds));
    }

    /** What time and the number of practices ask for, when nothing graver does. */
    HomeworkState.LookInReason byTime(LocalDate today, Thresholds thresholds) {
        long days = ChronoUnit.DAYS.between(lookedInOn, today);
        if (isNewAid && days >= thresholds.whole("look-in.newAidDays")) {
            return HomeworkState.LookInReason.NEW_AID;
        }
        return practices >= thresholds.whole("look-in.practices") || days >= thresholds.whole("look-in.days")
                ? HomeworkState.LookInReason.DUE
                : HomeworkState.LookInReason.NOT_YET_DUE;
    }
}

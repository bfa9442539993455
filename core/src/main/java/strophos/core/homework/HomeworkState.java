package strophos.core.homework;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import strophos.core.pause.StopSign;

/**
 * How an assignment stands on a day.
 *
 * @param step the step to practise
 * @param stepSince the day it began
 * @param isPaused a fright or a sign of the rider's waits for the coach's answer
 * @param isHorsePaused the horse is not ridden: nothing is practised until somebody who may has looked
 * @param stopSigns those that wait
 * @param easyRunning easy reports running on this step
 * @param notYetRunning reports "not yet" running on this step
 * @param isStuck so many of them that the step is too hard
 * @param daysToGo days until the gate may open, 0 when they have passed
 * @param isReady the last step's gate holds: for the coach to see at the next lesson
 * @param moves steps that opened or closed by themselves, in order
 * @param daysDone days practised of the days set since it was set
 * @param leftShare seconds done of seconds set on the left rein, on the days practised; in seconds
 * @param overDays days on which a rein got too much
 * @param sinceLookIn practices since the coach last looked in
 * @param lookIn whether the coach is waited for
 */
public record HomeworkState(
        int step,
        LocalDate stepSince,
        boolean isPaused,
        boolean isHorsePaused,
        Set<StopSign> stopSigns,
        int easyRunning,
        int notYetRunning,
        boolean isStuck,
        int daysToGo,
        boolean isReady,
        List<Move> moves,
        Done daysDone,
        Done leftSeconds,
        Done rightSeconds,
        List<LocalDate> overDays,
        int sinceLookIn,
        LookInReason lookIn) {

    /** So much done of so much set; more may be done than was set. */
    public record Done(int done, int set) {}

    /** A step that opened ({@code to} above {@code from}) or closed by itself. */
    public record Move(LocalDate day, int from, int to) {}

    /** Why the coach is waited for, the most urgent first. */
    public enum LookInReason {
        STOP_SIGN,
        QUESTION,
        /** Not yet, twice running. */
        STUCK,
        /** A brand-new aid: the next day. */
        NEW_AID,
        /** So many practices, or so many days, since the last time. */
        DUE,
        NOT_YET_DUE;

        /** Whether it waits for the coach. A quiet assignment without a single practice waits for the rider. */
        public boolean isForCoach(boolean isPractised) {
            return switch (this) {
                case NOT_YET_DUE -> false;
                case DUE -> isPractised;
                case STOP_SIGN, QUESTION, STUCK, NEW_AID -> true;
            };
        }
    }

    public HomeworkState {
        stopSigns = Set.copyOf(stopSigns);
        moves = List.copyOf(moves);
        overDays = List.copyOf(overDays);
    }

    /** What a rule would answer; the coach decides. A stop sign has no answer here: find out first. */
    public Optional<Verdict> advised(Assignment of) {
        if (isPaused || isHorsePaused) {
            return Optional.empty();
        }
        if (isStuck && step > 0) {
            return Optional.of(Verdict.BACK);
        }
        boolean isOpen = easyRunning >= of.gate(step).easyRunning()
                && daysToGo == 0
                && step < of.steps().size() - 1;
        return Optional.of(isOpen ? Verdict.NEXT : Verdict.CARRY_ON);
    }
}

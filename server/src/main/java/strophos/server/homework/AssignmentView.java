package strophos.server.homework;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.homework.DoseRange;
import strophos.core.homework.HomeworkState;
import strophos.core.homework.HomeworkStop;
import strophos.core.homework.Verdict;
import strophos.core.pause.StopSign;
import strophos.server.contract.CanBeNull;

/**
 * An assignment as it stands.
 *
 * @param step the step to practise; {@code steps} from the easiest
 * @param isPaused it is not practised now, for what {@code stop} says
 * @param stop null when it may be practised
 * @param goodShare where counts are asked for; null where none are
 * @param advised what the rule would answer; null while a stop sign waits
 * @param turns what is left for today, in turns for the timer; empty when today's dose is done
 * @param practices the latest, the last first
 * @param pausedPractices those ridden while the horse was paused
 */
public record AssignmentView(
        UUID id,
        UUID pair,
        String rider,
        String horse,
        List<StepView> steps,
        int step,
        LocalDate stepSince,
        boolean isPaused,
        @CanBeNull HomeworkStop stop,
        Set<StopSign> stopSigns,
        int easyRunning,
        int easyNeeded,
        int daysToGo,
        int minDays,
        @CanBeNull Double goodShare,
        boolean isReady,
        int daysAWeek,
        LocalDate setOn,
        Instant setAt,
        DoneAndSet days,
        DoneAndSet leftSeconds,
        DoneAndSet rightSeconds,
        List<LocalDate> overDays,
        HomeworkState.LookInReason lookIn,
        @CanBeNull Verdict advised,
        List<TurnView> turns,
        int doneTodayLeftS,
        int doneTodayRightS,
        List<Practice> practices,
        List<UUID> pausedPractices,
        List<LookIn> lookIns) {

    /** So much done of so much set. */
    public record DoneAndSet(int done, int set) {}

    /** A stretch on one rein. */
    public record TurnView(Rein rein, int seconds) {}

    /** One step, with what the rider reads. */
    public record StepView(
            String rung,
            String name,
            Gait gait,
            Place place,
            int amount,
            DoseRange.Unit unit,
            int secondsARein,
            String instruction,
            String feel,
            String goesWrong,
            List<String> stopIf,
            String secondBest,
            List<String> cautions) {}
}

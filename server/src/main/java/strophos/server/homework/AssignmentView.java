package strophos.server.homework;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Shot;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.DoseRange;
import strophos.core.homework.HomeworkState;
import strophos.core.homework.HomeworkStop;
import strophos.core.homework.Verdict;
import strophos.core.pause.StopSign;
import strophos.server.contract.CanBeNull;
import strophos.server.ground.ExerciseForHorse;
import strophos.server.library.Aside;

/**
 * An assignment as it stands. On the wire all fields stand beside one another.
 *
 * @param practices the latest, the last first
 * @param pausedPractices those ridden while the horse was paused
 */
public record AssignmentView(
        UUID id,
        @JsonUnwrapped Riders riders,
        @JsonUnwrapped Task task,
        @JsonUnwrapped Progress progress,
        @JsonUnwrapped Attention attention,
        @JsonUnwrapped Today today,
        List<Practice> practices,
        List<UUID> pausedPractices,
        List<LookIn> lookIns) {

    /** Whose it is. */
    public record Riders(UUID pair, String rider, String horse) {}

    /**
     * What was set.
     *
     * @param steps from the easiest
     * @param easyNeeded before the step after the one to practise opens; so are the two after it
     * @param goodShare where counts are asked for; null where none are
     * @param programme the name of the programme whose stages the steps are; null for other homework
     */
    public record Task(
            List<StepView> steps,
            int daysAWeek,
            LocalDate setOn,
            Instant setAt,
            int easyNeeded,
            int minDays,
            @CanBeNull Double goodShare,
            @CanBeNull String programme) {}

    /**
     * How far it is.
     *
     * @param step the step to practise
     */
    public record Progress(
            int step,
            LocalDate stepSince,
            int easyRunning,
            int daysToGo,
            boolean isReady,
            DoneAndSet days,
            DoneAndSet leftSeconds,
            DoneAndSet rightSeconds,
            List<LocalDate> overDays) {}

    /**
     * What it waits for.
     *
     * @param isPaused it is not practised now, for what {@code stop} says
     * @param stop null when it may be practised
     * @param advised what the rule would answer; null while a stop sign waits
     */
    public record Attention(
            boolean isPaused,
            @CanBeNull HomeworkStop stop,
            Set<StopSign> stopSigns,
            HomeworkState.LookInReason lookIn,
            @CanBeNull Verdict advised) {}

    /**
     * What is left for today.
     *
     * @param turns for the timer; empty when today's dose is done
     */
    public record Today(List<TurnView> turns, int doneTodayLeftS, int doneTodayRightS) {}

    /** So much done of so much set. */
    public record DoneAndSet(int done, int set) {}

    /** A stretch on one rein. */
    public record TurnView(Rein rein, int seconds) {}

    /**
     * One step, with what the rider reads.
     *
     * @param works neither: it has no rein, and its time is both halves of {@code secondsARein}
     * @param film what a video of it shows; empty for what has left the library
     * @param aside what the coach shows beside its exercise; null for nothing
     */
    public record StepView(
            String rung,
            String name,
            Gait gait,
            Place place,
            WorkedSide works,
            int amount,
            DoseRange.Unit unit,
            int secondsARein,
            String instruction,
            String feel,
            String goesWrong,
            List<Shot> film,
            List<String> stopIf,
            String secondBest,
            List<String> cautions,
            @CanBeNull Aside aside,
            @CanBeNull ExerciseForHorse ground) {}
}

package strophos.core.homework;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Set;
import strophos.core.pause.StopSign;
import strophos.core.stats.Proportion;

/** What happens to an assignment, on a day of the yard. */
public sealed interface HomeworkEvent {

    LocalDate day();

    /**
     * The rider practised and reports.
     *
     * @param left good repeats on the left rein of those counted; empty when none were counted
     * @param leftS seconds on the left rein
     * @param isSecondBest the second best was ridden: it keeps the step and does not open the gate
     */
    record Report(
            LocalDate day,
            Feel feel,
            int leftS,
            int rightS,
            Proportion left,
            Proportion right,
            Set<StopSign> stopSigns,
            boolean hasQuestion,
            boolean isSecondBest)
            implements HomeworkEvent {
        public Report {
            Objects.requireNonNull(feel, "feel");
            stopSigns = Set.copyOf(stopSigns);
            if (leftS < 0 || rightS < 0) {
                throw new IllegalArgumentException(
                        "Seconds on a rein must be at least 0 (left %d, right %d).".formatted(leftS, rightS));
            }
        }
    }

    /** A sign of the rider's, or a fright, from beside this homework: seen while riding, or reported with other homework. */
    record Stop(LocalDate day, StopSign sign) implements HomeworkEvent {}

    /** The coach answered such a sign beside this homework. */
    record Lift(LocalDate day) implements HomeworkEvent {}

    /** The horse was paused: nothing opens, and its days are not missed. */
    record HorsePause(LocalDate day) implements HomeworkEvent {}

    /** The horse was cleared. */
    record HorseClearance(LocalDate day) implements HomeworkEvent {}

    /** The coach looked in. */
    record Answer(LocalDate day, Verdict verdict) implements HomeworkEvent {}
}

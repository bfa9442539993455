package strophos.core.homework;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;

/**
 * Homework as it was set.
 *
 * @param steps from the easiest; never empty
 * @param first the step it begins on
 * @param gate of the steps that have none of their own
 * @param daysAWeek in [1, 7]
 * @param isBrandNew the aid was taught in this lesson: the coach looks in the next day
 */
public record Assignment(List<Step> steps, int first, Gate gate, int daysAWeek, LocalDate setOn, boolean isBrandNew) {

    public Assignment {
        steps = List.copyOf(steps);
        Objects.requireNonNull(gate, "gate");
        Objects.requireNonNull(setOn, "setOn");
        if (first < 0 || first >= steps.size()) {
            throw new IllegalArgumentException(
                    "The first step (%d) must be one of the %d steps.".formatted(first, steps.size()));
        }
        if (daysAWeek < 1 || daysAWeek > 7) {
            throw new IllegalArgumentException("Days a week (%d) must lie in [1, 7].".formatted(daysAWeek));
        }
    }

    /**
     * What opens the step after this one.
     *
     * @param step in [0, {@code steps().size()})
     */
    public Gate gate(int step) {
        return steps.get(step).gate().orElse(gate);
    }
}

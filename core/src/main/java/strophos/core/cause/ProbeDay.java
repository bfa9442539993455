package strophos.core.cause;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import strophos.core.progress.Ask;

/**
 * A rung measured twice in one lesson.
 *
 * @param between the exercise ridden between; empty on a control day, when the time passed without it: warming up helps too
 * @param before asks of the first measure, {@code after} of the second
 */
public record ProbeDay(LocalDate day, Optional<String> between, List<Ask> before, List<Ask> after) {
    public ProbeDay {
        before = List.copyOf(before);
        after = List.copyOf(after);
    }

    boolean isMeasured(int fewest) {
        return before.size() >= fewest && after.size() >= fewest;
    }

    /** How much higher the second measure is, in [−1, 1]. */
    double gain() {
        return ProbeScore.mean(after) - ProbeScore.mean(before);
    }
}

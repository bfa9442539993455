package strophos.core.progress;

import java.util.List;

/**
 * What the decision must know of a rung beside its record.
 *
 * @param isPassed the coach passed it before
 * @param isNextClosed passing it would open nothing: the next rung waits for something else
 * @param painSigns seen in the lesson, by name
 */
public record Standing(boolean isPassed, boolean isNextClosed, List<String> painSigns) {

    /** In work, with the next rung waiting for this one only. */
    public static final Standing IN_WORK = new Standing(false, false, List.of());

    public Standing {
        painSigns = List.copyOf(painSigns);
    }
}

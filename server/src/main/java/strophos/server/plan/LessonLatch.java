package strophos.server.plan;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import strophos.core.exchange.Side;

/**
 * The one fault or habit of the rider's that has a key of its own in this lesson.
 *
 * @param name as faults are named in the record
 * @param side of the body; none where it has no side
 */
public record LessonLatch(
        @NotNull @Pattern(regexp = "[a-z][a-z0-9-]{0,63}") String name,
        @NotNull Side side) {}

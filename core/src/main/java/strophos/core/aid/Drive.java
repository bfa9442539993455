package strophos.core.aid;

import java.time.Duration;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One driving aid and what the hand did after it.
 *
 * @param restrainedAfter from the driving aid until a restraining one; empty when none followed
 * @param riseKg rise of the stride maximum on the rein over its level before, where a sensor measured it
 * @param isHalfHalt marked as one: then driving and restraining belong together
 */
public record Drive(
        String entry,
        TimeSource source,
        Optional<Duration> restrainedAfter,
        OptionalDouble riseKg,
        boolean isHalfHalt) {}

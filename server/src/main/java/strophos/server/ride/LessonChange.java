package strophos.server.ride;

import java.time.Instant;
import java.util.Optional;

/**
 * What became of a lesson.
 *
 * @param isChanged something was written
 * @param isStopSign what says that the work must end is not what it was
 * @param from the moment from which the pair's states no longer hold; empty when they all do
 * @param isEnded it has ended: the pair's states can be made
 */
record LessonChange(boolean isChanged, boolean isStopSign, Optional<Instant> from, boolean isEnded) {}

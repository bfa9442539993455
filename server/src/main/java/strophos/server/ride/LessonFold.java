package strophos.server.ride;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import strophos.core.record.Observations.RungObservation;
import strophos.core.record.Ride;
import strophos.server.lesson.Lesson;

/**
 * A lesson, and what its log tells.
 *
 * @param measured what sensors and strides marked on clips tell of it, each on the side that was meant
 * @param receivedAt when an entry came in, by its id
 */
record LessonFold(Lesson lesson, Ride ride, List<RungObservation> measured, Function<String, Instant> receivedAt) {

    UUID id() {
        return lesson.id();
    }
}

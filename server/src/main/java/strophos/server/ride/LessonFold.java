package strophos.server.ride;

import java.time.Instant;
import java.util.UUID;
import java.util.function.Function;
import strophos.core.record.Ride;
import strophos.server.lesson.Lesson;

/**
 * A lesson, and what its log tells.
 *
 * @param receivedAt when an entry came in, by its id
 */
record LessonFold(Lesson lesson, Ride ride, Function<String, Instant> receivedAt) {

    UUID id() {
        return lesson.id();
    }
}

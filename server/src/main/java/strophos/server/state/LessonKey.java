package strophos.server.state;

import java.time.Instant;
import java.util.UUID;

/** A lesson's place among those of its pair: by when it began, then by id. */
public record LessonKey(Instant beganAt, UUID lesson) {

    /** Before every lesson: none that is believed began before 2000. */
    static final LessonKey FIRST = new LessonKey(Instant.EPOCH, new UUID(0, 0));

    /** After every lesson. */
    static final LessonKey LAST = new LessonKey(Instant.parse("9999-01-01T00:00:00Z"), new UUID(-1, -1));
}

package strophos.server.contact;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import strophos.server.lesson.Lesson;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** When a recording of a lesson can have begun. */
final class Times {

    /** A sensor's clock may be set to another zone, and a lesson may be entered the day after. */
    private static final Duration NEAR = Duration.ofDays(2);

    private Times() {}

    /** As the database keeps it. */
    static Instant toMillis(Instant at) {
        try {
            return at.truncatedTo(ChronoUnit.MILLIS);
        } catch (ArithmeticException e) {
            throw far(e.getMessage());
        }
    }

    /** A recording of another week belongs to another lesson. */
    static void refuseUnlessNear(Lesson lesson, Instant startedAt) {
        Instant begun = lesson.startedAt() == null ? lesson.plannedAt() : lesson.startedAt();
        if (startedAt.isBefore(begun.minus(NEAR)) || startedAt.isAfter(begun.plus(NEAR))) {
            throw far("within two days of " + begun);
        }
    }

    private static Problem far(String expected) {
        return Problem.refused(List.of(new Issue("recording_other_day", "startedAt", expected)));
    }
}

package strophos.server.debrief;

import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.clip.Clip;
import strophos.core.record.AfterRiding;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.problem.Problem;
import strophos.server.ride.RideLog;

/** Finds what the coach chose to show of a lesson. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
class ShownPages {

    private final LessonRepository lessons;
    private final RideLog log;

    ShownPages(LessonRepository lessons, RideLog log) {
        this.lessons = lessons;
        this.log = log;
    }

    /** A lesson of which something is shown. */
    record ShownPage(Lesson lesson, Ride ride, Payload.ForRider chosen) {

        /** Those on clips, where they are shown. */
        Stream<Clip.Comment> comments() {
            return chosen.clips().orElse(false)
                    ? Clip.of(ride).stream().flatMap(c -> c.comments().stream())
                    : Stream.empty();
        }
    }

    /** Whether anything of it is, of a lesson the viewer may see. */
    boolean isShown(UUID lesson) {
        return AfterRiding.of(log.ride(lessons.find(lesson).orElseThrow(Problem::notFound)))
                .forRider()
                .isPresent();
    }

    /** Of a lesson the viewer may see, and of which something is shown. */
    ShownPage find(UUID lesson) {
        Lesson found = lessons.find(lesson).orElseThrow(Problem::notFound);
        Ride ride = log.ride(found);
        return new ShownPage(found, ride, AfterRiding.of(ride).forRider().orElseThrow(Problem::notFound));
    }
}

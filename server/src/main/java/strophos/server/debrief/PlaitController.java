package strophos.server.debrief;

import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Catalogue;
import strophos.core.plait.Plait;
import strophos.core.record.Ride;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.LessonRepository;
import strophos.server.problem.Problem;
import strophos.server.ride.RideLog;

/** A lesson on one time line. */
@RestController
@RequestMapping("/api/v1/lessons/{id}/plait")
class PlaitController {

    private final LessonRepository lessons;
    private final RideLog log;
    private final Catalogue catalogue;

    PlaitController(LessonRepository lessons, RideLog log, Catalogue catalogue) {
        this.lessons = lessons;
        this.log = log;
        this.catalogue = catalogue;
    }

    /** @param plait null while nothing was ridden */
    record PlaitOfLesson(@CanBeNull PlaitView plait) {}

    @GetMapping
    @Needs(Action.SEE_DEBRIEF)
    @Transactional(readOnly = true)
    public PlaitOfLesson plait(@PathVariable UUID id) {
        Ride ride = log.ride(lessons.find(id).orElseThrow(Problem::notFound));
        return new PlaitOfLesson(Plait.of(ride)
                .map(p -> PlaitView.of(ride, p, catalogue::nameOf))
                .orElse(null));
    }
}

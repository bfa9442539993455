package strophos.server.debrief;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Catalogue;
import strophos.core.change.TwoLessons;
import strophos.core.exchange.Rein;
import strophos.core.exchange.WorkedSide;
import strophos.core.record.Ride;
import strophos.core.record.SoftAfter;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.state.LessonCount;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.ride.RideLog;
import strophos.server.roster.PairRepository;

/** A pair over months, and any two of its lessons beside each other. */
@RestController
@RequestMapping("/api/v1/pairs/{id}")
class HistoryController {

    private final PairHistory history;
    private final PairRepository pairs;
    private final LessonRepository lessons;
    private final RideLog log;
    private final Catalogue catalogue;

    HistoryController(
            PairHistory history, PairRepository pairs, LessonRepository lessons, RideLog log, Catalogue catalogue) {
        this.history = history;
        this.pairs = pairs;
        this.lessons = lessons;
        this.log = log;
        this.catalogue = catalogue;
    }

    @GetMapping("/history")
    @Needs(Action.SEE_DEBRIEF)
    HistoryView history(@PathVariable UUID id, @RequestParam(required = false) String rung) {
        return history.view(id, Optional.ofNullable(rung));
    }

    @GetMapping("/compared")
    @Needs(Action.SEE_DEBRIEF)
    @Transactional(readOnly = true)
    public ComparedView compared(
            @PathVariable UUID id,
            @RequestParam(required = false) UUID one,
            @RequestParam(required = false) UUID other) {
        pairs.find(id).orElseThrow(Problem::notFound);
        if (one == null || other == null) {
            throw Problem.refused(
                    List.of(new Issue("required", one == null ? "one" : "other", "a lesson that was ridden")));
        }
        List<Lesson> two = Stream.of(one, other)
                .map(lesson ->
                        lessons.find(lesson).filter(l -> l.pair().equals(id)).orElseThrow(Problem::notFound))
                .toList();
        if (one.equals(other) || two.stream().anyMatch(l -> l.startedAt() == null)) {
            throw Problem.refused(List.of(new Issue("invalid", "other", "two lessons that were ridden")));
        }
        List<Lesson> inOrder =
                two.stream().sorted(Comparator.comparing(Lesson::startedAt)).toList();
        Ride earlier = log.ride(inOrder.get(0));
        Ride later = log.ride(inOrder.get(1));
        return new ComparedView(
                sum(inOrder.get(0), earlier),
                sum(inOrder.get(1), later),
                TwoLessons.of(LessonCount.of(earlier), LessonCount.of(later), this::works).stream()
                        .map(this::beside)
                        .toList());
    }

    private static ComparedView.LessonSum sum(Lesson lesson, Ride ride) {
        Instant began = lesson.startedAt();
        return new ComparedView.LessonSum(
                lesson.id(),
                began,
                ride.reinMs().get(Rein.LEFT),
                ride.reinMs().get(Rein.RIGHT),
                SoftAfter.of(ride).map(s -> s.toSeconds()).orElse(null));
    }

    private WorkedSide works(RungId rung) {
        return catalogue.rung(rung).map(Rung::works).orElse(WorkedSide.INSIDE);
    }

    private ComparedView.RungBeside beside(TwoLessons two) {
        RungId rung = two.rung();
        return new ComparedView.RungBeside(
                rung.toString(),
                catalogue.nameOf(rung.exercise()),
                rung.gait(),
                rung.place(),
                works(rung),
                two.side(),
                YesOf.of(two.earlier()),
                YesOf.of(two.later()),
                two.gain().map(HandBackView.GainView::of).orElse(null),
                two.change());
    }
}

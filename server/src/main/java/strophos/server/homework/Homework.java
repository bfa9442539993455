package strophos.server.homework;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.core.homework.Assignment;
import strophos.core.homework.NearestAlone;
import strophos.core.pause.HorseState;
import strophos.core.plan.HorseFacts;
import strophos.core.stair.Rung;
import strophos.core.state.PairState;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.library.Programme;
import strophos.server.library.Programmes;
import strophos.server.pause.Pauses;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.PairRepository;
import strophos.server.state.PairStates;

/** Sets and ends homework. */
@Service
@Transactional
public class Homework {

    /** One main thing, seldom more than three. */
    static final int MOST_RUNNING = 3;

    static final int DEFAULT_DAYS = 5;

    private final HomeworkRepository homework;
    private final AssignmentMaker maker;
    private final LessonRepository lessons;
    private final PairRepository pairs;
    private final PairStates states;
    private final Pauses pauses;
    private final Catalogue catalogue;
    private final Programmes programmes;

    Homework(
            HomeworkRepository homework,
            AssignmentMaker maker,
            LessonRepository lessons,
            PairRepository pairs,
            PairStates states,
            Pauses pauses,
            Catalogue catalogue,
            Programmes programmes) {
        this.homework = homework;
        this.maker = maker;
        this.lessons = lessons;
        this.pairs = pairs;
        this.states = states;
        this.pauses = pauses;
        this.catalogue = catalogue;
        this.programmes = programmes;
    }

    /** Sets homework; one on the same rung takes the place of the one before. A repeated id changes nothing. */
    public void set(UUID lessonId, UUID id, String rungId, int daysAWeek, Instant at) {
        Lesson lesson = lessons.find(lessonId).orElseThrow(Problem::notFound);
        if (homework.find(id).isPresent()) {
            return;
        }
        Rung rung = catalogue
                .rung(rungId)
                .orElseThrow(
                        () -> Problem.refused(List.of(new Issue("unknown_id", "rung", "a rung of the catalogue"))));
        refuseUnlessAlone(lesson, rung, at);
        PairState state = states.now(lesson.pair());
        if (!isShown(rung, state)) {
            throw Problem.refused(List.of(new Issue("not_ridden", "rung", "a rung the pair has ridden with you")));
        }
        LocalDate day = HomeworkReader.day(at, lessons.zone());
        HorseFacts horse = maker.horse(lesson, day, pauses.state(lesson.horseId(), at));
        Assignment a = maker.assignment(rung, horse, state, daysAWeek, day);
        replace(new StoredAssignment(id, lesson.pair(), lessonId, rungId, null, a, at, null));
    }

    /** Ridden with the coach, or reached from what was; or of the coach's own making, who knows what the pair can do. */
    private boolean isShown(Rung rung, PairState state) {
        return programmes.isOwn(rung.id().exercise())
                || state.asked().contains(rung.id())
                || state.asked().stream()
                        .flatMap(r -> catalogue.rung(r).stream())
                        .anyMatch(r -> NearestAlone.of(r, catalogue::rung, maker::isForPractisingAlone)
                                        .filter(rung::equals)
                                        .isPresent()
                                || r.wayBack().equals(Optional.of(rung.id())));
    }

    /**
     * Sets the stages of a progression of one's own, each with its own gate; it takes the place of the same one. A repeated id changes
     * nothing.
     */
    public void setProgramme(UUID lessonId, UUID id, String progression, int daysAWeek, Instant at) {
        Lesson lesson = lessons.find(lessonId).orElseThrow(Problem::notFound);
        if (homework.find(id).isPresent()) {
            return;
        }
        Programme programme = programmes
                .find(progression)
                .orElseThrow(() ->
                        Problem.refused(List.of(new Issue("unknown_id", "progression", "a progression of your own"))));
        programme.stages().forEach(stage -> refuseUnlessAlone(lesson, stage, at));
        LocalDate day = HomeworkReader.day(at, lessons.zone());
        HorseFacts horse = maker.horse(lesson, day, pauses.state(lesson.horseId(), at));
        Assignment a = maker.programme(programme.stages(), horse, daysAWeek, day);
        replace(new StoredAssignment(
                id, lesson.pair(), lessonId, a.steps().get(0).rung().toString(), programme.name(), a, at, null));
    }

    /** Sets it in place of what runs for the same rung. */
    private void replace(StoredAssignment a) {
        List<StoredAssignment> running = homework.running(List.of(a.pair()), a.setAt()).stream()
                .map(RunningAssignment::stored)
                .toList();
        List<StoredAssignment> same =
                running.stream().filter(r -> r.rung().equals(a.rung())).toList();
        if (running.size() - same.size() >= MOST_RUNNING) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "too_many",
                    "Three pieces of homework are enough; end one of them first, then set this one.");
        }
        same.forEach(r -> homework.end(r.id(), a.setAt()));
        homework.add(a);
    }

    /** Never homework: what asks for anybody, what is jumped, and anything while the horse is paused or not cleared for it. */
    private void refuseUnlessAlone(Lesson lesson, Rung rung, Instant at) {
        if (!maker.isForPractisingAlone(rung)) {
            throw Problem.refused(List.of(new Issue(
                    "not_alone",
                    "rung",
                    "a rung that a rider may practise alone: no coach, no second person, no fence")));
        }
        HorseState horse = pauses.state(lesson.horseId(), at);
        if (horse.isPaused()) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "horse_paused",
                    "This horse is paused; nothing is set until it has been looked at and cleared.");
        }
        if (!horse.allows(rung.id().gait())) {
            throw Problem.refused(List.of(new Issue("not_cleared", "rung", "a gait this horse was cleared for")));
        }
    }

    /** Ends it; ended already, it stays so. */
    public void end(UUID id, Instant at) {
        StoredAssignment a = homework.find(id).orElseThrow(Problem::notFound);
        pairs.find(a.pair()).orElseThrow(Problem::notFound);
        homework.end(id, at);
    }
}

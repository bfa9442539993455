package strophos.server.homework;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.core.exchange.Mounted;
import strophos.core.homework.Assignment;
import strophos.core.homework.Ladder;
import strophos.core.plan.HorseFacts;
import strophos.core.progress.Decision;
import strophos.core.stair.PairRecord;
import strophos.core.stair.Rung;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.LessonRepository;
import strophos.server.pair.DecisionRepository;
import strophos.server.pair.FactsRepository;
import strophos.server.pair.HorseReader;
import strophos.server.pair.PairRepository;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** Proposes, sets and ends homework. */
@Service
@Transactional
public class Homework {

    /** One main thing, seldom more than three. */
    static final int MOST_RUNNING = 3;

    static final int DEFAULT_DAYS = 5;

    private final HomeworkRepository homework;
    private final HomeworkReader reader;
    private final AssignmentTeller teller;
    private final LessonRepository lessons;
    private final PairRepository pairs;
    private final FactsRepository facts;
    private final DecisionRepository decisions;
    private final Catalogue catalogue;

    Homework(
            HomeworkRepository homework,
            HomeworkReader reader,
            AssignmentTeller teller,
            LessonRepository lessons,
            PairRepository pairs,
            FactsRepository facts,
            DecisionRepository decisions,
            Catalogue catalogue) {
        this.homework = homework;
        this.reader = reader;
        this.teller = teller;
        this.lessons = lessons;
        this.pairs = pairs;
        this.facts = facts;
        this.decisions = decisions;
        this.catalogue = catalogue;
    }

    /**
     * What could be set for a rung.
     *
     * @param rung ridden in the lesson; after a step back its homework is the way back
     * @param decision the coach's, null while undecided
     */
    public record Draft(
            String rung,
            @CanBeNull Decision decision,
            List<AssignmentView.StepView> steps,
            int first,
            int daysAWeek,
            int easyNeeded,
            int minDays,
            @CanBeNull Double goodShare,
            boolean isBrandNew) {}

    /** What can be set after a lesson, and what runs. */
    public record HomeworkView(
            LessonRepository.Lesson lesson, List<Draft> drafts, List<AssignmentView> running, int mostRunning) {}

    public HomeworkView view(UUID lessonId, Instant now) {
        LessonRepository.Lesson lesson = lessons.find(lessonId).orElseThrow(Problem::notFound);
        PairRepository.Named pair = pairs.find(lesson.pair()).orElseThrow(Problem::notFound);
        ZoneId zone = lessons.zone();
        return new HomeworkView(
                lesson,
                drafts(lesson, HomeworkReader.day(now, zone)),
                reader.running(pair.id(), now).stream()
                        .map(s -> teller.view(s, pair, now, zone))
                        .toList(),
                MOST_RUNNING);
    }

    private List<Draft> drafts(LessonRepository.Lesson lesson, LocalDate day) {
        PairRecord record = pairs.record(lesson.pair());
        List<DecisionRepository.Made> made = decisions.ofPair(lesson.pair());
        Set<String> ridden = record.asks().stream()
                .filter(r ->
                        r.lesson().equals(lesson.id().toString()) && r.ask().mounted() == Mounted.RIDER)
                .map(r -> r.rung().toString())
                .collect(Collectors.toCollection(java.util.LinkedHashSet::new));
        List<Draft> drafts = new ArrayList<>();
        for (String id : ridden) {
            Optional<Decision> decision = made.stream()
                    .filter(m -> m.lesson().equals(lesson.id()) && m.rung().equals(id))
                    .reduce((a, b) -> b)
                    .map(DecisionRepository.Made::chosen);
            if (decision.filter(d -> d == Decision.GET_HELP).isEmpty()) {
                catalogue.rung(id).ifPresent(rung -> drafts.add(draft(lesson, rung, decision, record, day)));
            }
        }
        // what was decided on is what the lesson was about; what was only ridden on the way comes last
        drafts.sort(java.util.Comparator.comparing((Draft d) -> d.decision() == null));
        return drafts;
    }

    private Draft draft(
            LessonRepository.Lesson lesson,
            Rung ridden,
            Optional<Decision> decision,
            PairRecord record,
            LocalDate day) {
        Rung rung = decision.filter(d -> d == Decision.STEP_BACK)
                .flatMap(d -> ridden.wayBack())
                .flatMap(catalogue::rung)
                .orElse(ridden);
        Assignment a = assignment(rung, lesson.pair(), record, DEFAULT_DAYS, day);
        return new Draft(
                rung.id().toString(),
                decision.orElse(null),
                a.steps().stream().map(teller::step).toList(),
                a.first(),
                a.daysAWeek(),
                a.gate().easyRunning(),
                a.gate().minDays(),
                a.gate().goodShare().isPresent() ? a.gate().goodShare().getAsDouble() : null,
                a.isBrandNew());
    }

    private Assignment assignment(Rung rung, UUID pair, PairRecord record, int daysAWeek, LocalDate day) {
        HorseFacts horse = HorseReader.on(day, facts.of(pair).facts());
        Ladder ladder = Ladder.of(
                part(rung), rung.wayBack().flatMap(catalogue::rung).map(this::part), horse.isFirstMonthBack());
        long lessonsRidden = record.factsOf(rung.id()).lessons().size();
        return new Assignment(
                ladder.steps(), ladder.first(), exercise(rung).homework().gate(), daysAWeek, day, lessonsRidden <= 1);
    }

    private Ladder.Rung part(Rung rung) {
        return new Ladder.Rung(rung.id(), exercise(rung).homework().dose());
    }

    private Exercise exercise(Rung rung) {
        return catalogue.exercise(rung.id().exercise()).orElseThrow();
    }

    /** Sets homework; one on the same rung takes the place of the one before. A repeated id changes nothing. */
    public void set(UUID lessonId, UUID id, String rungId, int daysAWeek, Instant at) {
        LessonRepository.Lesson lesson = lessons.find(lessonId).orElseThrow(Problem::notFound);
        if (homework.find(id).isPresent()) {
            return;
        }
        Rung rung = catalogue
                .rung(rungId)
                .orElseThrow(
                        () -> Problem.refused(List.of(new Issue("unknown_id", "rung", "a rung of the catalogue"))));
        PairRecord record = pairs.record(lesson.pair());
        boolean isRidden = record.asked().contains(rung.id())
                || record.asked().stream()
                        .flatMap(r -> catalogue.rung(r).stream())
                        .anyMatch(r -> r.wayBack().equals(Optional.of(rung.id())));
        if (!isRidden) {
            throw Problem.refused(List.of(new Issue("not_ridden", "rung", "a rung the pair has ridden with you")));
        }
        List<StoredAssignment> running = homework.running(lesson.pair(), at);
        List<StoredAssignment> same =
                running.stream().filter(a -> a.rung().equals(rungId)).toList();
        if (running.size() - same.size() >= MOST_RUNNING) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "too_many",
                    "Three things are enough; end one of them first, then set this one.");
        }
        same.forEach(a -> homework.end(a.id(), at));
        Assignment a = assignment(rung, lesson.pair(), record, daysAWeek, HomeworkReader.day(at, lessons.zone()));
        homework.add(new StoredAssignment(id, lesson.pair(), lessonId, rungId, a, at, null));
    }

    /** Ends it; ended already, it stays so. */
    public void end(UUID id, Instant at) {
        StoredAssignment a = homework.find(id).orElseThrow(Problem::notFound);
        pairs.find(a.pair()).orElseThrow(Problem::notFound);
        homework.end(id, at);
    }
}

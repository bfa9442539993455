package strophos.server.homework;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.core.homework.Assignment;
import strophos.core.homework.Ladder;
import strophos.core.homework.NearestAlone;
import strophos.core.pause.HorseState;
import strophos.core.plan.HorseFacts;
import strophos.core.progress.Decision;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.state.PairState;
import strophos.core.state.RungRecord;
import strophos.server.contract.CanBeNull;
import strophos.server.horse.FactsRepository;
import strophos.server.horse.HorseReader;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.pause.Pauses;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.stair.DecisionRepository;
import strophos.server.stair.PastDecision;
import strophos.server.state.CountRepository;
import strophos.server.state.PairStates;

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
    private final PairStates states;
    private final CountRepository counts;
    private final Pauses pauses;
    private final Catalogue catalogue;

    Homework(
            HomeworkRepository homework,
            HomeworkReader reader,
            AssignmentTeller teller,
            LessonRepository lessons,
            PairRepository pairs,
            FactsRepository facts,
            DecisionRepository decisions,
            PairStates states,
            CountRepository counts,
            Pauses pauses,
            Catalogue catalogue) {
        this.homework = homework;
        this.reader = reader;
        this.teller = teller;
        this.lessons = lessons;
        this.pairs = pairs;
        this.facts = facts;
        this.decisions = decisions;
        this.states = states;
        this.counts = counts;
        this.pauses = pauses;
        this.catalogue = catalogue;
    }

    /**
     * What could be set for a rung.
     *
     * @param rung ridden in the lesson; after a step back its homework is the way back
     * @param insteadOf what was ridden and is never practised alone: this is the nearest that is; null otherwise
     * @param decision the coach's, null while undecided
     */
    public record Draft(
            String rung,
            @CanBeNull Decision decision,
            @CanBeNull String insteadOf,
            List<AssignmentView.StepView> steps,
            int first,
            int daysAWeek,
            int easyNeeded,
            int minDays,
            @CanBeNull Double goodShare,
            boolean isBrandNew) {}

    /**
     * What can be set after a lesson, and what runs.
     *
     * @param notAlone exercises of the lesson that are never practised alone and have no nearest that is
     */
    public record HomeworkView(
            Lesson lesson, List<Draft> drafts, List<String> notAlone, List<AssignmentView> running, int mostRunning) {}

    public HomeworkView view(UUID lessonId, Instant now) {
        Lesson lesson = lessons.find(lessonId).orElseThrow(Problem::notFound);
        Pair pair = pairs.find(lesson.pair()).orElseThrow(Problem::notFound);
        ZoneId zone = lessons.zone();
        HomeworkReader.StatesAndHorse stood = reader.stood(pair.id(), pair.horseId(), now);
        List<String> notAlone = new ArrayList<>();
        return new HomeworkView(
                lesson,
                drafts(lesson, HomeworkReader.day(now, zone), stood.horse(), notAlone),
                notAlone,
                stood.running().stream()
                        .map(s -> teller.view(s, pair, now, zone))
                        .toList(),
                MOST_RUNNING);
    }

    private List<Draft> drafts(Lesson lesson, LocalDate day, HorseState horse, List<String> notAlone) {
        if (horse.isPaused()) {
            return List.of();
        }
        PairState state = states.now(lesson.pair());
        HorseFacts facts = horse(lesson, day, horse);
        List<PastDecision> made = decisions.ofLesson(lesson.id());
        List<Draft> drafts = new ArrayList<>();
        for (RungId asked : counts.askedInOrder(lesson.id())) {
            String id = asked.toString();
            Optional<Decision> decision = made.stream()
                    .filter(m -> m.rung().equals(id))
                    .reduce((a, b) -> b)
                    .map(PastDecision::chosen);
            Optional<Rung> rung =
                    decision.filter(d -> d == Decision.GET_HELP).isPresent() ? Optional.empty() : catalogue.rung(id);
            if (rung.isPresent()) {
                Rung wanted = decision.filter(d -> d == Decision.STEP_BACK)
                        .flatMap(d -> rung.get().wayBack())
                        .flatMap(catalogue::rung)
                        .orElse(rung.get());
                Optional<Rung> alone = NearestAlone.of(
                        wanted, catalogue::rung, r -> isForPractisingAlone(r) && horse.allows(r.id().gait()));
                if (alone.isEmpty()) {
                    notAlone.add(exercise(wanted).name());
                } else if (drafts.stream()
                        .noneMatch(d -> d.rung().equals(alone.get().id().toString()))) {
                    String insteadOf =
                            alone.get().equals(wanted) ? null : exercise(wanted).name();
                    drafts.add(draft(facts, alone.get(), insteadOf, decision, state, day));
                }
            }
        }
        // what was decided on is what the lesson was about; what was only ridden on the way comes last
        drafts.sort(java.util.Comparator.comparing((Draft d) -> d.decision() == null));
        return drafts;
    }

    private Draft draft(
            HorseFacts horse,
            Rung rung,
            @CanBeNull String insteadOf,
            Optional<Decision> decision,
            PairState state,
            LocalDate day) {
        Assignment a = assignment(rung, horse, state, DEFAULT_DAYS, day);
        return new Draft(
                rung.id().toString(),
                decision.orElse(null),
                insteadOf,
                a.steps().stream().map(teller::step).toList(),
                a.first(),
                a.daysAWeek(),
                a.gate().easyRunning(),
                a.gate().minDays(),
                a.gate().goodShare().isPresent() ? a.gate().goodShare().getAsDouble() : null,
                a.isBrandNew());
    }

    private HorseFacts horse(Lesson lesson, LocalDate day, HorseState state) {
        return HorseReader.on(day, facts.of(lesson.pair()), pauses.afterRest(lesson.horseId(), state));
    }

    private Assignment assignment(Rung rung, HorseFacts horse, PairState pair, int daysAWeek, LocalDate day) {
        Ladder ladder = Ladder.of(
                part(rung),
                rung.wayBack()
                        .flatMap(catalogue::rung)
                        .filter(this::isForPractisingAlone)
                        .map(this::part),
                horse.isFirstMonthBack());
        int lessonsRidden = pair.find(rung.id()).map(RungRecord::lessons).orElse(0);
        return new Assignment(
                ladder.steps(), ladder.first(), exercise(rung).homeworkGate(), daysAWeek, day, lessonsRidden <= 1);
    }

    private Ladder.RungDose part(Rung rung) {
        return new Ladder.RungDose(rung.id(), exercise(rung).dose());
    }

    private boolean isForPractisingAlone(Rung rung) {
        return exercise(rung).isForPractisingAlone();
    }

    private Exercise exercise(Rung rung) {
        return catalogue.exercise(rung.id().exercise()).orElseThrow();
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
        boolean isRidden = state.asked().contains(rung.id())
                || state.asked().stream()
                        .flatMap(r -> catalogue.rung(r).stream())
                        .anyMatch(r -> NearestAlone.of(r, catalogue::rung, this::isForPractisingAlone)
                                        .filter(rung::equals)
                                        .isPresent()
                                || r.wayBack().equals(Optional.of(rung.id())));
        if (!isRidden) {
            throw Problem.refused(List.of(new Issue("not_ridden", "rung", "a rung the pair has ridden with you")));
        }
        List<StoredAssignment> running = homework.running(List.of(lesson.pair()), at).stream()
                .map(RunningAssignment::stored)
                .toList();
        List<StoredAssignment> same =
                running.stream().filter(a -> a.rung().equals(rungId)).toList();
        if (running.size() - same.size() >= MOST_RUNNING) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "too_many",
                    "Three pieces of homework are enough; end one of them first, then set this one.");
        }
        same.forEach(a -> homework.end(a.id(), at));
        LocalDate day = HomeworkReader.day(at, lessons.zone());
        HorseFacts horse = horse(lesson, day, pauses.state(lesson.horseId(), at));
        Assignment a = assignment(rung, horse, state, daysAWeek, day);
        homework.add(new StoredAssignment(id, lesson.pair(), lessonId, rungId, a, at, null));
    }

    /** Never homework: what asks for anybody, what is jumped, and anything while the horse is paused or not cleared for it. */
    private void refuseUnlessAlone(Lesson lesson, Rung rung, Instant at) {
        if (!isForPractisingAlone(rung)) {
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

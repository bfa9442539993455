package strophos.server.homework;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.core.homework.Assignment;
import strophos.core.homework.NearestAlone;
import strophos.core.pause.HorseState;
import strophos.core.plan.HorseFacts;
import strophos.core.progress.Decision;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.state.PairState;
import strophos.server.contract.CanBeNull;
import strophos.server.ground.GroundHorses;
import strophos.server.ground.HorseHere;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.lesson.LessonWith;
import strophos.server.library.Programmes;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.stair.DecisionRepository;
import strophos.server.stair.PastDecision;
import strophos.server.stair.StairReader;
import strophos.server.state.CountRepository;
import strophos.server.state.PairStates;

/** What could be set as homework after a lesson. */
@Service
@Transactional
public class HomeworkProposals {

    private final HomeworkReader reader;
    private final AssignmentTeller teller;
    private final GroundHorses horses;
    private final AssignmentMaker maker;
    private final LessonRepository lessons;
    private final PairRepository pairs;
    private final DecisionRepository decisions;
    private final PairStates states;
    private final CountRepository counts;
    private final StairReader stairs;
    private final Catalogue catalogue;
    private final Programmes programmes;

    HomeworkProposals(
            HomeworkReader reader,
            AssignmentTeller teller,
            GroundHorses horses,
            AssignmentMaker maker,
            LessonRepository lessons,
            PairRepository pairs,
            DecisionRepository decisions,
            PairStates states,
            CountRepository counts,
            StairReader stairs,
            Catalogue catalogue,
            Programmes programmes) {
        this.reader = reader;
        this.teller = teller;
        this.horses = horses;
        this.maker = maker;
        this.lessons = lessons;
        this.pairs = pairs;
        this.decisions = decisions;
        this.states = states;
        this.counts = counts;
        this.stairs = stairs;
        this.catalogue = catalogue;
        this.programmes = programmes;
    }

    /**
     * What could be set for a rung.
     *
     * @param rung ridden in the lesson, or being learnt where nothing was asked in one on video; after a step back its homework is the way back
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
     * @param isOnVideo the lesson is held on a video that the rider sent
     * @param notAlone exercises of the lesson that are never practised alone and have no nearest that is
     * @param own rungs of the coach's own making that a rider may practise alone, ridden or not
     * @param programmes whose stages are all such rungs
     */
    public record HomeworkView(
            Lesson lesson,
            boolean isOnVideo,
            List<Draft> drafts,
            List<String> notAlone,
            List<AssignmentView> running,
            int mostRunning,
            List<Choosable> own,
            List<Choosable> programmes) {}

    /** A rung of one's own, or a programme, by its name. */
    public record Choosable(String id, String name) {}

    public HomeworkView view(UUID lessonId, Instant now) {
        LessonWith found =
                lessons.find(lessonId, List.of(LessonRepository.ON_VIDEO)).orElseThrow(Problem::notFound);
        Lesson lesson = found.lesson();
        Pair pair = pairs.find(lesson.pair()).orElseThrow(Problem::notFound);
        ZoneId zone = lessons.zone();
        Optional<HorseHere> horse = Optional.of(horses.byPair(List.of(pair)).get(pair.id()));
        HomeworkReader.StatesAndHorse stood = reader.stood(pair.id(), pair.horseId(), now);
        List<String> notAlone = new ArrayList<>();
        return new HomeworkView(
                lesson,
                found.also().get(LessonRepository.ON_VIDEO),
                drafts(found, HomeworkReader.day(now, zone), stood.horse(), horse, notAlone),
                notAlone,
                stood.running().stream()
                        .map(s -> teller.view(s, pair, now, zone, horse))
                        .toList(),
                Homework.MOST_RUNNING,
                stood.horse().isPaused() ? List.of() : own(),
                stood.horse().isPaused() ? List.of() : programmes());
    }

    private List<Choosable> own() {
        return programmes.own().stream()
                .filter(maker::isForPractisingAlone)
                .map(r -> new Choosable(r.id().toString(), maker.exercise(r).name()))
                .toList();
    }

    private List<Choosable> programmes() {
        return programmes.all().stream()
                .filter(p -> p.stages().stream().allMatch(maker::isForPractisingAlone))
                .map(p -> new Choosable(p.id(), p.name()))
                .toList();
    }

    private List<Draft> drafts(
            LessonWith found, LocalDate day, HorseState horse, Optional<HorseHere> onGround, List<String> notAlone) {
        if (horse.isPaused()) {
            return List.of();
        }
        Lesson lesson = found.lesson();
        PairState state = states.now(lesson.pair());
        HorseFacts facts = maker.horse(lesson, day, horse);
        List<PastDecision> made = decisions.ofLesson(lesson.id());
        List<Draft> drafts = new ArrayList<>();
        List<RungId> about = counts.askedInOrder(lesson.id());
        if (about.isEmpty() && found.also().get(LessonRepository.ON_VIDEO)) {
            // a video is about what the pair is learning, until something is asked on it
            about = stairs.inWork(state, lesson.teaching())
                    .flatMap(s -> catalogue.rung(s.rung()))
                    .map(r -> List.of(r.id()))
                    .orElse(List.of());
        }
        for (RungId asked : about) {
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
                        wanted, catalogue::rung, r -> maker.isForPractisingAlone(r) && horse.allows(r.id().gait()));
                if (alone.isEmpty()) {
                    notAlone.add(maker.exercise(wanted).name());
                } else if (drafts.stream()
                        .noneMatch(d -> d.rung().equals(alone.get().id().toString()))) {
                    String insteadOf = alone.get().equals(wanted)
                            ? null
                            : maker.exercise(wanted).name();
                    drafts.add(draft(facts, alone.get(), insteadOf, decision, state, day, onGround));
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
            LocalDate day,
            Optional<HorseHere> onGround) {
        Assignment a = maker.assignment(rung, horse, state, Homework.DEFAULT_DAYS, day);
        return new Draft(
                rung.id().toString(),
                decision.orElse(null),
                insteadOf,
                a.steps().stream().map(s -> teller.step(s, onGround)).toList(),
                a.first(),
                a.daysAWeek(),
                a.gate().easyRunning(),
                a.gate().minDays(),
                a.gate().goodShare().isPresent() ? a.gate().goodShare().getAsDouble() : null,
                a.isBrandNew());
    }
}

package strophos.server.homework;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.core.homework.HomeworkEvent;
import strophos.core.homework.HomeworkFold;
import strophos.core.homework.HomeworkState;
import strophos.core.homework.HomeworkStop;
import strophos.core.judgement.Thresholds;
import strophos.core.pause.HorseState;
import strophos.core.pause.StopSign;
import strophos.core.stair.RungId;
import strophos.core.stats.Proportion;
import strophos.server.lesson.LessonRepository;
import strophos.server.pause.Pauses;
import strophos.server.roster.Pair;
import strophos.server.rules.YardRules;

/** Reads how a pair's homework stands at a moment. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class HomeworkReader {

    private final HomeworkRepository homework;
    private final LessonRepository lessons;
    private final YardRules rules;
    private final Pauses pauses;
    private final Catalogue catalogue;

    HomeworkReader(
            HomeworkRepository homework,
            LessonRepository lessons,
            YardRules rules,
            Pauses pauses,
            Catalogue catalogue) {
        this.homework = homework;
        this.lessons = lessons;
        this.rules = rules;
        this.pauses = pauses;
        this.catalogue = catalogue;
    }

    /**
     * An assignment with all that happened to it, and how it stands.
     *
     * @param stop why it is not practised now; empty when it may be
     * @param pausedPractices those ridden while the horse was paused: kept, and shown as such
     */
    record AssignmentState(
            StoredAssignment stored,
            HomeworkState state,
            Optional<HomeworkStop> stop,
            HorseState horse,
            List<Practice> practices,
            List<UUID> pausedPractices,
            List<LookIn> lookIns) {

        /** The rung of the step to practise. */
        RungId rungNow() {
            return stored.assignment().steps().get(state.step()).rung();
        }
    }

    /** What a plan wants to know of an assignment: its rungs, whether it is paused, and the reports, the latest last. */
    public record AssignmentRecord(
            Set<String> rungs, boolean isPaused, Set<StopSign> stopSigns, List<Practice> practices) {}

    /** What a plan must know of a pair's homework, and how its horse stands at the same moment. */
    public record OfPair(List<AssignmentRecord> assignments, HorseState horse) {}

    /** What the plan of this moment must know, of every running assignment. */
    public OfPair ofPair(UUID pair, UUID horse, Instant at) {
        StatesAndHorse stood = stood(pair, horse, at);
        return new OfPair(
                stood.running().stream()
                        .map(s -> new AssignmentRecord(
                                new HashSet<>(
                                        List.of(s.stored().rung(), s.rungNow().toString())),
                                s.state().isPaused(),
                                s.state().stopSigns(),
                                s.practices()))
                        .toList(),
                stood.horse());
    }

    /** What runs for a pair, and how its horse stands at the same moment, also where nothing runs. */
    record StatesAndHorse(List<AssignmentState> running, HorseState horse) {}

    StatesAndHorse stood(UUID pair, UUID horse, Instant at) {
        List<RunningAssignment> running = homework.running(List.of(pair), at);
        Instant since = running.stream()
                .map(r -> r.stored().setAt())
                .min(Comparator.naturalOrder())
                .orElse(at);
        Pauses.HorseRecord known = pauses.known(Map.of(horse, since), at).get(horse);
        return new StatesAndHorse(standing(pair, at, running, known), known.state());
    }

    /** What runs for these pairs now; the number of statements does not depend on theirs. */
    List<AssignmentState> running(Collection<Pair> pairs, Instant now) {
        return standing(
                pairs, now, homework.runningNow(pairs.stream().map(Pair::id).toList(), now));
    }

    /** How this one stands, also after it has ended. */
    AssignmentState standing(StoredAssignment stored, Pair pair, Instant at) {
        return standing(List.of(pair), at, homework.runningBeside(stored, at)).stream()
                .filter(s -> s.stored().id().equals(stored.id()))
                .findFirst()
                .orElseThrow();
    }

    private List<AssignmentState> standing(Collection<Pair> pairs, Instant at, List<RunningAssignment> running) {
        if (running.isEmpty()) {
            return List.of();
        }
        Map<UUID, List<RunningAssignment>> byPair =
                running.stream().collect(Collectors.groupingBy(k -> k.stored().pair()));
        Map<UUID, Instant> setSince = new HashMap<>();
        pairs.stream()
                .filter(p -> byPair.containsKey(p.id()))
                .forEach(p -> byPair.get(p.id())
                        .forEach(
                                k -> setSince.merge(p.horseId(), k.stored().setAt(), (a, b) -> a.isBefore(b) ? a : b)));
        Map<UUID, Pauses.HorseRecord> horses = pauses.known(setSince, at);
        return pairs.stream()
                .filter(p -> byPair.containsKey(p.id()))
                .flatMap(p -> standing(p.id(), at, byPair.get(p.id()), horses.get(p.horseId())).stream())
                .toList();
    }

    private List<AssignmentState> standing(
            UUID pair, Instant at, List<RunningAssignment> all, Pauses.HorseRecord horse) {
        ZoneId zone = lessons.zone();
        Thresholds thresholds = rules.homework();
        return all.stream()
                .map(kept -> {
                    HomeworkState state = HomeworkFold.on(
                            day(at, zone),
                            kept.stored().assignment(),
                            events(pair, kept, all, horse.history(), zone),
                            thresholds);
                    RungId rung =
                            kept.stored().assignment().steps().get(state.step()).rung();
                    return new AssignmentState(
                            kept.stored(),
                            state,
                            HomeworkStop.of(state, horse.state(), rung, isForPractisingAlone(rung)),
                            horse.state(),
                            practices(kept),
                            practices(kept).stream()
                                    .filter(p -> horse.history().covers(p.startedAt()))
                                    .map(Practice::id)
                                    .toList(),
                            kept.lookIns());
                })
                .toList();
    }

    private static List<Practice> practices(RunningAssignment of) {
        return of.reports().stream().map(ReceivedPractice::practice).toList();
    }

    /** Whether a rider may practise it alone. */
    boolean isForPractisingAlone(RungId rung) {
        return catalogue
                .exercise(rung.exercise())
                .filter(Exercise::isForPractisingAlone)
                .isPresent();
    }

    private record DatedEvent(long atMs, HomeworkEvent event) {}

    /**
     * In the order in which they were known here: a coach's answer lifts the stop signs that had come in, not one that was
     * still on its way. Signs of the rider's beside this homework stop it as well, and are lifted by whatever look-in came
     * after them.
     */
    private static List<HomeworkEvent> events(
            UUID pair, RunningAssignment of, List<RunningAssignment> all, Pauses.History history, ZoneId zone) {
        List<DatedEvent> dated = new ArrayList<>();
        Set<UUID> own = practices(of).stream().map(Practice::id).collect(Collectors.toSet());
        // the pause before the report that brought it
        history.pauses().stream()
                .filter(p -> p.clearedOn()
                        .filter(d -> d.isBefore(of.stored().assignment().setOn()))
                        .isEmpty())
                .forEach(p -> {
                    dated.add(new DatedEvent(p.knownAtMs(), new HomeworkEvent.HorsePause(p.from())));
                    p.clearedOn()
                            .ifPresent(d -> dated.add(
                                    new DatedEvent(p.clearedMs().orElseThrow(), new HomeworkEvent.HorseClearance(d))));
                });
        of.reports()
                .forEach(r -> dated.add(new DatedEvent(r.receivedAt().toEpochMilli(), reported(r.practice(), zone))));
        history.signs().stream()
                .filter(s ->
                        s.pair().equals(pair) && StopSign.STOPS_HOMEWORK.contains(s.sign()) && !own.contains(s.id()))
                .filter(s -> !s.receivedAt().isBefore(of.stored().setAt()))
                .forEach(s -> dated.add(new DatedEvent(
                        s.receivedAt().toEpochMilli(), new HomeworkEvent.Stop(day(s.at(), zone), s.sign()))));
        for (RunningAssignment kept : all) {
            for (LookIn l : kept.lookIns()) {
                LocalDate day = day(l.at(), zone);
                dated.add(new DatedEvent(
                        l.at().toEpochMilli(),
                        kept == of ? new HomeworkEvent.Answer(day, l.verdict()) : new HomeworkEvent.Lift(day)));
            }
        }
        return dated.stream()
                .sorted(Comparator.comparingLong(DatedEvent::atMs))
                .map(DatedEvent::event)
                .toList();
    }

    private static HomeworkEvent reported(Practice p, ZoneId zone) {
        Set<StopSign> stops = EnumSet.noneOf(StopSign.class);
        stops.addAll(p.stopSigns());
        return new HomeworkEvent.Report(
                day(p.startedAt(), zone),
                p.feel(),
                p.leftS(),
                p.rightS(),
                new Proportion(p.leftGood(), p.leftCounted()),
                new Proportion(p.rightGood(), p.rightCounted()),
                stops,
                p.question() != null,
                p.secondBest());
    }

    static LocalDate day(Instant at, ZoneId zone) {
        return LocalDate.ofInstant(at, zone);
    }
}

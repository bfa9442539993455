package strophos.server.debrief;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.Field;
import org.jooq.Record;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.catalogue.HeadgearText;
import strophos.catalogue.TackRoom;
import strophos.core.change.HandBack;
import strophos.core.change.RungChange;
import strophos.core.change.SideCost;
import strophos.core.exchange.Better;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.judgement.Thresholds;
import strophos.core.pause.SignKind;
import strophos.core.pause.StopSign;
import strophos.core.progress.Advice;
import strophos.core.progress.Decision;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungDecision;
import strophos.core.progress.RungFacts;
import strophos.core.progress.SideSummary;
import strophos.core.record.AfterRiding;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.core.record.Soak;
import strophos.core.record.SoftAfter;
import strophos.core.record.StopMoment;
import strophos.core.record.StopSigns;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.state.LessonCount;
import strophos.core.state.PairState;
import strophos.core.stop.StopBook;
import strophos.core.welfare.Heat;
import strophos.server.contract.CanBeNull;
import strophos.server.horse.FactsRepository;
import strophos.server.horse.HorseReader;
import strophos.server.intake.IntakeRepository;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.lesson.LessonWith;
import strophos.server.pause.Pauses;
import strophos.server.problem.Problem;
import strophos.server.ride.RideLog;
import strophos.server.rules.YardRules;
import strophos.server.stair.DecisionRepository;
import strophos.server.stair.PastDecision;
import strophos.server.stair.StairReader;
import strophos.server.state.LessonKey;
import strophos.server.state.PairStates;

/** Puts a lesson's debrief together from its log, the pair's record and the rules. */
@Service
@Transactional
public class Debrief {

    /** Of the horse and of the lesson before, read with the lesson. */
    private static final List<Field<?>> KNOWN_BESIDE = List.of(
            IntakeRepository.TURNOUT_DAYS,
            FactsRepository.BORN_YEAR,
            FactsRepository.BACK_SINCE,
            MarkedAskRepository.ASKS_BEFORE);

    private final LessonRepository lessons;
    private final DecisionRepository decisions;
    private final StairReader stairs;
    private final PairStates states;
    private final YardRules rules;
    private final SightingsReader seen;
    private final MarkedAskRepository asks;
    private final ProbeTeller probes;
    private final ClipTeller clips;
    private final RideLog log;
    private final Pauses pauses;
    private final Catalogue catalogue;
    private final TackRoom tack;
    private final Clock clock;

    Debrief(
            LessonRepository lessons,
            DecisionRepository decisions,
            StairReader stairs,
            PairStates states,
            YardRules rules,
            SightingsReader seen,
            MarkedAskRepository asks,
            ProbeTeller probes,
            ClipTeller clips,
            RideLog log,
            Pauses pauses,
            Catalogue catalogue,
            TackRoom tack,
            Clock clock) {
        this.lessons = lessons;
        this.decisions = decisions;
        this.stairs = stairs;
        this.states = states;
        this.rules = rules;
        this.seen = seen;
        this.asks = asks;
        this.probes = probes;
        this.clips = clips;
        this.log = log;
        this.pauses = pauses;
        this.catalogue = catalogue;
        this.tack = tack;
        this.clock = clock;
    }

    /** The debrief of this lesson. */
    public DebriefView view(UUID lessonId) {
        LessonWith found = lessons.find(lessonId, KNOWN_BESIDE).orElseThrow(Problem::notFound);
        Lesson lesson = found.lesson();
        Ride ride = log.ride(lesson);
        List<LessonCount> counts = LessonCount.of(ride);
        List<PastDecision> made = decisions.ofLesson(lessonId);
        Judging judging = judging(lesson, ride, ridden(counts, ride));
        Map<RungId, RungMarks> marks = RungMarks.of(ride);
        Map<RungId, List<LessonCount>> ridden = counts.stream()
                .filter(c -> c.asks() > 0)
                .collect(Collectors.groupingBy(c -> c.key().rung(), LinkedHashMap::new, Collectors.toList()));
        judging.facts().forEach((rung, facts) -> {
            if (isObserved(rung, facts, lessonId)) {
                ridden.putIfAbsent(rung, List.of());
            }
        });
        // what was praised or asked wrongly, or held where no criterion asks for it, is shown as well; nothing is
        // judged by it
        marks.forEach((rung, of) -> {
            if (of.isAnything()) {
                ridden.computeIfAbsent(
                        rung,
                        r -> counts.stream()
                                .filter(c -> c.key().rung().equals(r))
                                .toList());
            }
        });
        List<AskOfLesson> last = lastAsks(lesson);
        return new DebriefView(
                lesson,
                ride.reinMs().get(Rein.LEFT),
                ride.reinMs().get(Rein.RIGHT),
                ridden.entrySet().stream()
                        .map(e -> row(
                                lesson,
                                ride,
                                e.getKey(),
                                e.getValue(),
                                marks.getOrDefault(e.getKey(), RungMarks.NONE),
                                made,
                                judging))
                        .toList(),
                WeatherView.of(ride),
                ride.headgear().map(this::worn).orElse(null),
                softness(ride, found.also()),
                probes.probes(lesson, ride, last, lessons.zone()),
                probes.words(ride),
                ride.notes().stream()
                        .map(n -> new DebriefView.NoteItem(Instant.ofEpochMilli(n.atMs()), n.text()))
                        .toList(),
                voices(ride),
                after(lesson, ride, made, !ridden.isEmpty()),
                seen.of(
                        lesson,
                        ride,
                        found.also().get(IntakeRepository.TURNOUT_DAYS),
                        last.stream().map(AskOfLesson::marked).toList()),
                stops(lesson, ride, found.also()),
                ride.stopSigns().stream()
                        .map(s -> new DebriefView.StopOfLesson(s.sign(), s.side(), Instant.ofEpochMilli(s.atMs())))
                        .toList(),
                isRiddenWhilePaused(lesson, ride),
                clips.clips(ride, lesson.teaching()),
                ride.odd().size() + ride.loose().size());
    }

    private DebriefView.WornView worn(String headgear) {
        return new DebriefView.WornView(
                headgear, tack.headgear(headgear).map(HeadgearText::name).orElse(null));
    }

    /** Once it has ended. */
    private List<StopView> stops(Lesson lesson, Ride ride, Record known) {
        if (lesson.startedAt() == null || lesson.endedAt() == null) {
            return List.of();
        }
        LocalDate day = LocalDate.ofInstant(lesson.startedAt(), lessons.zone());
        Thresholds stopping = rules.stopping();
        return StopView.of(
                ride,
                new StopMoment.Setting(
                        HorseReader.isSpared(
                                day, known.get(FactsRepository.BORN_YEAR), known.get(FactsRepository.BACK_SINCE)),
                        lesson.teaching().school(),
                        StopBook.with(stopping),
                        Heat.of(stopping),
                        id -> catalogue.rung(id).flatMap(Rung::wayBack)));
    }

    private List<AskOfLesson> lastAsks(Lesson lesson) {
        return lesson.startedAt() == null
                ? List.of()
                : asks.lastAsks(
                        lesson.pair(),
                        new LessonKey(lesson.startedAt(), lesson.id()),
                        rules.sideBySide().lessons());
    }

    static List<DebriefView.VoiceItem> voices(Ride ride) {
        return ride.marks().stream()
                .filter(m -> m.said() instanceof Payload.Voice)
                .map(m -> {
                    Payload.Voice voice = (Payload.Voice) m.said();
                    return new DebriefView.VoiceItem(
                            Instant.ofEpochMilli(m.atMs()),
                            voice.sha256(),
                            voice.durationMs(),
                            voice.felt().orElse(false));
                })
                .toList();
    }

    /** The rider is asked while the ride is fresh, and before anything was decided by its numbers. */
    private AfterView after(Lesson lesson, Ride ride, List<PastDecision> made, boolean isRidden) {
        AfterRiding said = AfterRiding.of(ride);
        boolean isFresh = lesson.endedAt() != null
                && Duration.between(lesson.endedAt(), clock.instant()).compareTo(AfterRiding.FRESH) < 0;
        boolean isAsked = said.felt().isPresent() || voices(ride).stream().anyMatch(DebriefView.VoiceItem::felt);
        return AfterView.of(said, isRidden && isFresh && !isAsked && made.isEmpty());
    }

    /** The advice on a rung as it stands at the end of this lesson. */
    public Advice advice(Lesson lesson, Rung rung) {
        return advice(lesson, List.of(rung)).get(rung.id());
    }

    /** The advice on each of these rungs. */
    public Map<RungId, Advice> advice(Lesson lesson, Collection<Rung> rungs) {
        if (lesson.endedAt() == null) {
            throw new Problem(HttpStatus.CONFLICT, "not_ended", "The lesson is still running; end it, then decide.");
        }
        Judging judging =
                judging(lesson, log.ride(lesson), rungs.stream().map(Rung::id).collect(Collectors.toSet()));
        return rungs.stream().collect(Collectors.toMap(Rung::id, r -> advice(lesson, r, judging)));
    }

    private Advice advice(Lesson lesson, Rung rung, Judging by) {
        return by.decision()
                .advise(
                        by.facts().getOrDefault(rung.id(), RungFacts.none(rung.works())),
                        rung.criterion(),
                        stairs.standing(rung, by.before(), lesson.teaching(), by.painSigns()));
    }

    /**
     * What all rungs of a lesson are judged from.
     *
     * @param facts of rungs ridden in it, up to it
     * @param before how the pair stood when it began: the lesson's own decisions are what the advice is for
     */
    private record Judging(
            Map<RungId, RungFacts> facts, PairState before, List<String> painSigns, RungDecision decision) {}

    /** A lesson that was never begun counts for nothing, and nothing is judged by it. */
    private Judging judging(Lesson lesson, Ride ride, Set<RungId> rungs) {
        if (lesson.startedAt() == null) {
            return new Judging(Map.of(), states.now(lesson.pair()), painSigns(ride), rules.rungDecision());
        }
        LessonKey key = new LessonKey(lesson.startedAt(), lesson.id());
        return new Judging(
                states.factsUpTo(lesson.pair(), rungs, key),
                states.before(lesson.pair(), key),
                painSigns(ride),
                rules.rungDecision());
    }

    /** Also those that nothing was touched in on, where a sensor can tell of them. */
    private Set<RungId> ridden(List<LessonCount> counts, Ride ride) {
        return Stream.concat(
                        counts.stream()
                                .filter(c -> c.key().mounted() == Mounted.RIDER)
                                .map(c -> c.key().rung()),
                        ride.segments().stream()
                                .filter(s -> s.mounted() == Mounted.RIDER)
                                .map(Ride.Segment::rung)
                                .distinct()
                                .filter(r -> catalogue
                                        .rung(r)
                                        .flatMap(Rung::instrument)
                                        .isPresent()))
                .collect(Collectors.toSet());
    }

    /** What was seen of pain or unsoundness, in the look or while riding. */
    private static List<String> painSigns(Ride ride) {
        return ride.stopSigns().stream()
                .map(StopSigns.Sighting::sign)
                .filter(s -> s.kind() == SignKind.PAIN)
                .distinct()
                .map(StopSign::name)
                .toList();
    }

    /** Something was asked after the horse had been paused, whoever knew of it then. */
    private boolean isRiddenWhilePaused(Lesson lesson, Ride ride) {
        if (ride.exchanges().isEmpty()) {
            return false;
        }
        Map<UUID, Instant> since = Map.of(
                lesson.horseId(), Instant.ofEpochMilli(ride.exchanges().get(0).atMs()));
        if (pauses.heardOf(since, clock.instant()).isEmpty()) {
            return false;
        }
        Pauses.History history =
                pauses.known(since, clock.instant()).get(lesson.horseId()).history();
        return ride.exchanges().stream().anyMatch(x -> history.covers(Instant.ofEpochMilli(x.atMs())));
    }

    private boolean isObserved(RungId rung, RungFacts facts, UUID lesson) {
        return catalogue
                .rung(rung)
                .flatMap(Rung::criterion)
                .filter(c -> facts.isObservedIn(lesson.toString(), c))
                .isPresent();
    }

    private DebriefView.RungRow row(
            Lesson lesson,
            Ride ride,
            RungId id,
            List<LessonCount> counts,
            RungMarks marks,
            List<PastDecision> made,
            Judging judging) {
        Optional<Rung> rung = catalogue.rung(id);
        WorkedSide works = rung.map(Rung::works).orElse(WorkedSide.INSIDE);
        List<LessonCount> own =
                counts.stream().filter(c -> c.key().mounted() == Mounted.RIDER).toList();
        RungFacts facts = judging.facts().getOrDefault(id, RungFacts.none(works));
        boolean isWorked = own.stream().anyMatch(c -> c.asks() > 0) || isObserved(id, facts, lesson.id());
        boolean isJudged = lesson.endedAt() != null && lesson.startedAt() != null && isWorked;
        List<RungChange> changes = isJudged ? RungChange.of(facts, rules.thirds(), rules.plateau()) : List.of();
        Optional<PastDecision> decision = rung.flatMap(r -> StairReader.last(made, lesson.id(), r.id().toString()));
        return new DebriefView.RungRow(
                id.exercise(),
                catalogue.nameOf(id.exercise()),
                id.gait(),
                id.place(),
                rung.map(r -> r.id().toString()).orElse(null),
                rung.map(r -> stairs.state(r, judging.before(), lesson.teaching(), isWorked, made))
                        .orElse(null),
                works,
                isWorked ? day(facts) : null,
                sides(works, own),
                sides(
                        works,
                        counts.stream()
                                .filter(c -> c.key().mounted() != Mounted.RIDER)
                                .toList()),
                marks,
                changes.stream().map(ChangeView::of).toList(),
                decision.filter(d -> d.chosen() == Decision.MOVE_ON)
                        .map(d -> Better.MOVED_ON)
                        .or(() -> changes.stream()
                                .flatMap(c -> c.better().stream())
                                .min(Comparator.naturalOrder()))
                        .orElse(null),
                SideCost.of(ride, id, works).stream().map(SideCostView::of).toList(),
                HandBack.of(ride, id, works).stream().map(HandBackView::of).toList(),
                rung.filter(r -> isJudged).map(r -> advice(lesson, r, judging)).orElse(null),
                decision.orElse(null));
    }

    /** Which of the pair's days on a rung the last one is, as far as its record is kept. */
    @CanBeNull
    private static Integer day(RungFacts facts) {
        if (facts.lessons().size() >= RungFacts.LESSONS) {
            return null;
        }
        return (int) facts.lessons().stream().map(LessonFacts::day).distinct().count();
    }

    private DebriefView.SoftnessView softness(Ride ride, Record known) {
        Optional<Soak> soak = Soak.of(ride);
        return new DebriefView.SoftnessView(
                seconds(SoftAfter.of(ride)),
                seconds(MarkedAskRepository.softAfter(known.get(MarkedAskRepository.ASKS_BEFORE))),
                seconds(soak.map(Soak::median)),
                soak.map(Soak::corrections).orElse(0));
    }

    @CanBeNull
    private static Long seconds(Optional<Duration> of) {
        return of.map(Duration::toSeconds).orElse(null);
    }

    private static DebriefView.Sides sides(WorkedSide works, List<LessonCount> counts) {
        return new DebriefView.Sides(
                side(LessonCount.summary(Side.LEFT, works, counts)),
                side(LessonCount.summary(Side.RIGHT, works, counts)),
                side(LessonCount.summary(Side.NONE, works, counts)));
    }

    private static DebriefView.SideView side(SideSummary s) {
        return new DebriefView.SideView(
                s.counts(),
                s.tallied(),
                s.yes().successes(),
                s.yes().total(),
                s.interval().low(),
                s.interval().high(),
                s.meanStrength().isPresent() ? s.meanStrength().getAsDouble() : null);
    }
}

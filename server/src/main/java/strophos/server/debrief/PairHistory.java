package strophos.server.debrief;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.core.change.RungChange;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.feel.FeelAgreement;
import strophos.core.forecast.Forecast;
import strophos.core.forecast.History;
import strophos.core.homework.Feel;
import strophos.core.judgement.Thresholds;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungFacts;
import strophos.core.record.AfterRiding;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.core.record.SoftAfter;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.core.state.LessonCount;
import strophos.core.state.PairState;
import strophos.core.state.RungRecord;
import strophos.core.stats.Proportion;
import strophos.server.homework.HomePractice;
import strophos.server.homework.PracticeDays;
import strophos.server.lesson.LessonRepository;
import strophos.server.pair.TrendPoints;
import strophos.server.problem.Problem;
import strophos.server.ride.LastRides;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.rules.YardRules;
import strophos.server.stair.DecisionRepository;
import strophos.server.stair.StairReader;
import strophos.server.state.CountRepository;
import strophos.server.state.LessonKey;
import strophos.server.state.LessonsTogether;
import strophos.server.state.PairStates;

/** What months say of a pair: one rung, the sides, how soon it becomes soft, how well its rider feels. */
@Service
@Transactional
class PairHistory {

    /** So many of each are shown. */
    private static final int DECISIONS = 60;

    private static final int PRACTICES = 200;
    private static final int PROGRAMMES = 5;

    /** How soon it became soft, and what the rider felt, is read from so many lessons. */
    private static final int RIDES = 20;

    private static final List<Integer> DAYS_A_WEEK = List.of(5, 3, 1);

    private final PairRepository pairs;
    private final LessonRepository lessons;
    private final PairStates states;
    private final StairReader stairs;
    private final CountRepository counts;
    private final DecisionRepository decisions;
    private final PracticeDays practices;
    private final LastRides rides;
    private final YardRules rules;
    private final Catalogue catalogue;
    private final Clock clock;

    PairHistory(
            PairRepository pairs,
            LessonRepository lessons,
            PairStates states,
            StairReader stairs,
            CountRepository counts,
            DecisionRepository decisions,
            PracticeDays practices,
            LastRides rides,
            YardRules rules,
            Catalogue catalogue,
            Clock clock) {
        this.pairs = pairs;
        this.lessons = lessons;
        this.states = states;
        this.stairs = stairs;
        this.counts = counts;
        this.decisions = decisions;
        this.practices = practices;
        this.rides = rides;
        this.rules = rules;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** @param wanted the rung to show; empty: of those being learnt the one asked last */
    HistoryView view(UUID id, Optional<String> wanted) {
        Pair pair = pairs.find(id).orElseThrow(Problem::notFound);
        PairState state = states.now(id);
        List<StairReader.Step> steps = stairs.steps(state, pair.teaching());
        List<RungId> asked = state.rungs().values().stream()
                .filter(r -> r.asks() > 0)
                .sorted(Comparator.comparing(RungRecord::lastLesson)
                        .reversed()
                        .thenComparing(r -> r.rung().toString()))
                .map(RungRecord::rung)
                .toList();
        Optional<RungId> shown = wanted.flatMap(
                        w -> asked.stream().filter(r -> r.toString().equals(w)).findFirst())
                .or(() -> wanted.isPresent() ? Optional.empty() : first(asked, steps));
        if (wanted.isPresent() && shown.isEmpty()) {
            throw Problem.notFound();
        }
        List<Ride> last = rides.of(id, RIDES);
        List<FeelAgreement.Lesson> felt =
                last.stream().flatMap(r -> felt(r).stream()).toList();
        return new HistoryView(
                pair.id(),
                pair.rider(),
                pair.horse(),
                asked.stream().map(r -> name(r, steps)).toList(),
                shown.map(r -> rung(pair, r, steps)).orElse(null),
                last.stream().flatMap(r -> soft(r).stream()).toList(),
                FeelAgreement.of(felt).map(HistoryView.FeelView::of).orElse(null),
                felt.size(),
                FeelAgreement.FEWEST,
                practices.programmes(id, PROGRAMMES).stream()
                        .map(HistoryView.ProgrammeView::of)
                        .toList());
    }

    /** Of those asked last the first that is still being learnt, or the first of all. */
    private Optional<RungId> first(List<RungId> asked, List<StairReader.Step> steps) {
        return asked.stream()
                .filter(r -> name(r, steps).state() == RungState.IN_WORK)
                .findFirst()
                .or(() -> asked.stream().findFirst());
    }

    private HistoryView.RungName name(RungId id, List<StairReader.Step> steps) {
        return new HistoryView.RungName(
                id.toString(),
                catalogue.nameOf(id.exercise()),
                id.gait(),
                id.place(),
                steps.stream()
                        .filter(s -> s.rung().equals(id.toString()))
                        .findFirst()
                        .map(StairReader.Step::state)
                        .orElse(null));
    }

    private HistoryView.RungHistory rung(Pair pair, RungId id, List<StairReader.Step> steps) {
        Optional<Rung> rung = catalogue.rung(id);
        WorkedSide works = rung.map(Rung::works).orElse(WorkedSide.INSIDE);
        List<LessonsTogether> parts = rung.map(r -> counts.history(pair.id(), List.of(r), TrendPoints.MOST))
                .orElse(List.of());
        HistoryView.RungName name = name(id, steps);
        RungFacts facts = parts.isEmpty()
                ? RungFacts.none(works)
                : states.factsUpTo(
                                pair.id(),
                                Set.of(id),
                                new LessonKey(
                                        parts.get(parts.size() - 1).at(),
                                        parts.get(parts.size() - 1).last()))
                        .getOrDefault(id, RungFacts.none(works));
        List<HomePractice> home = practices.ofRung(pair.id(), id.toString(), PRACTICES);
        Set<LocalDate> days = Stream.concat(
                        facts.lessons().stream().map(LessonFacts::day),
                        home.stream().map(p -> day(p.at())))
                .collect(Collectors.toSet());
        return new HistoryView.RungHistory(
                name,
                works,
                TrendPoints.of(parts),
                decisions.ofRung(pair.id(), id.toString(), DECISIONS).stream()
                        .map(HistoryView.DecisionOnDay::of)
                        .toList(),
                home.stream().map(HistoryView.HomeworkDay::of).toList(),
                days.size(),
                days.stream().min(Comparator.naturalOrder()).orElse(null),
                RungChange.of(facts, rules.thirds(), rules.plateau()).stream()
                        .map(ChangeView::of)
                        .toList(),
                name.state() == RungState.PASSED ? null : forecast(pair, id, works, facts, home));
    }

    /** Of the side that takes longer. */
    private HistoryView.ForecastView forecast(
            Pair pair, RungId id, WorkedSide works, RungFacts facts, List<HomePractice> home) {
        Thresholds thresholds = rules.forecasting();
        List<History.PracticeDay> practised = home.stream()
                .map(p -> new History.PracticeDay(day(p.at()), p.feel() != Feel.NOT_YET))
                .toList();
        LocalDate today = LocalDate.ofInstant(clock.instant(), lessons.zone());
        // of a pair and rung the dates stay the same until something is added to its record
        long seed = pair.id().getLeastSignificantBits() ^ id.toString().hashCode();
        return works.sides().stream()
                .filter(side ->
                        facts.lessons().stream().anyMatch(l -> l.asks().stream().anyMatch(a -> a.side() == side)))
                .map(side -> Map.entry(
                        side, Forecast.of(History.of(facts, side, practised), today, DAYS_A_WEEK, thresholds, seed)))
                .max(Comparator.comparing(e -> likely(e.getValue())))
                .map(e ->
                        HistoryView.ForecastView.of(e.getKey(), e.getValue(), thresholds.whole("fit.practices"), today))
                .orElse(null);
    }

    private static LocalDate likely(Forecast f) {
        return f.ranges().get(0).likely().orElse(LocalDate.MAX);
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, lessons.zone());
    }

    private static Optional<HistoryView.SoftLesson> soft(Ride ride) {
        return ride.startedAtMs().isEmpty()
                ? Optional.empty()
                : Optional.of(new HistoryView.SoftLesson(
                        Instant.ofEpochMilli(ride.startedAtMs().getAsLong()),
                        SoftAfter.of(ride).map(d -> d.toSeconds()).orElse(null)));
    }

    /** Where the rider said which side was better, and enough was asked on both. */
    private Optional<FeelAgreement.Lesson> felt(Ride ride) {
        return AfterRiding.of(ride).felt().flatMap(Payload.RiderFelt::better).flatMap(better -> {
            List<LessonCount> own = LessonCount.of(ride).stream()
                    .filter(c -> c.key().mounted() == Mounted.RIDER)
                    .toList();
            return FeelAgreement.counted(yes(own, Side.LEFT), yes(own, Side.RIGHT))
                    .map(counted -> new FeelAgreement.Lesson(better, counted));
        });
    }

    private Proportion yes(List<LessonCount> counts, Side side) {
        List<LessonCount> here = counts.stream()
                .filter(c -> works(c).on(c.key().rein(), c.key().side()) == side)
                .toList();
        return new Proportion(
                here.stream().mapToInt(LessonCount::yes).sum(),
                here.stream().mapToInt(LessonCount::asks).sum());
    }

    private WorkedSide works(LessonCount count) {
        return catalogue.rung(count.key().rung()).map(Rung::works).orElse(WorkedSide.INSIDE);
    }
}

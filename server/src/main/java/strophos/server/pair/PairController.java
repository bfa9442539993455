package strophos.server.pair;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Strand;
import strophos.core.exchange.Side;
import strophos.core.progress.WorseSide;
import strophos.core.school.School;
import strophos.core.state.PairState;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.contract.Cursor;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.NewPair;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.stair.DecisionRepository;
import strophos.server.stair.PastDecision;
import strophos.server.stair.PastPlacing;
import strophos.server.stair.PlacingRepository;
import strophos.server.stair.StairReader;
import strophos.server.state.CountRepository;
import strophos.server.state.LessonKey;
import strophos.server.state.PairStates;

/** The list of pairs, one pair, and new ones. */
@RestController
@RequestMapping("/api/v1/pairs")
@Transactional
class PairController {

    /** So many pairs a page. */
    private static final int PAIRS = 25;

    /** So many lessons or decisions a page. */
    private static final int LINES = 8;

    /** So many of the coach's words on rungs. */
    private static final int PLACINGS = 40;

    private final PairRepository pairs;
    private final PairPageRepository pages;
    private final DecisionRepository decisions;
    private final StairReader stairs;
    private final PairStates states;
    private final CountRepository counts;
    private final PlacingRepository placed;
    private final Placings placings;
    private final Clock clock;

    PairController(
            PairRepository pairs,
            PairPageRepository pages,
            DecisionRepository decisions,
            StairReader stairs,
            PairStates states,
            CountRepository counts,
            PlacingRepository placed,
            Placings placings,
            Clock clock) {
        this.pairs = pairs;
        this.pages = pages;
        this.decisions = decisions;
        this.stairs = stairs;
        this.states = states;
        this.counts = counts;
        this.placed = placed;
        this.placings = placings;
        this.clock = clock;
    }

    /**
     * A pair in the list.
     *
     * @param inWork the rung in work that was ridden last; empty where none is
     */
    record PairItem(
            UUID id,
            UUID riderId,
            UUID horseId,
            String rider,
            String horse,
            School school,
            List<StairReader.Step> inWork,
            @CanBeNull Instant lastLessonAt,
            int lessons) {}

    /** @param next where the list goes on; null at its end */
    record PairList(List<PairItem> pairs, @CanBeNull String next) {}

    /** A pair as it is named where one is chosen. */
    record PairName(UUID id, UUID riderId, UUID horseId, String rider, String horse) {}

    record PairNames(List<PairName> pairs) {}

    /** Lessons, the latest first; {@code next} is where they go on, null at the end. */
    record LessonPage(List<LessonItem> lessons, @CanBeNull String next) {}

    /** Decisions, the latest first; {@code next} is where they go on, null at the end. */
    record DecisionPage(
            List<PastDecision> decisions, @CanBeNull String next) {}

    /** One pair, with the last of what the coach said it could do already; its trend is that of the strand it was asked most on, null before any ask. */
    record PairView(
            UUID id,
            UUID horseId,
            String rider,
            String horse,
            @CanBeNull String description,
            School school,
            @CanBeNull String goal,
            List<StairReader.Step> stair,
            @CanBeNull String trendStrand,
            List<TrendPoints.TrendPoint> trend,
            List<SideBehind> behind,
            List<LessonItem> lessons,
            @CanBeNull String nextLessons,
            List<PastDecision> decisions,
            @CanBeNull String nextDecisions,
            List<PastPlacing> placings,
            List<StairReader.SettingOnStair> settled,
            @CanBeNull StairReader.FirstOnStair first,
            Map<String, String> strandNames) {}

    /** The side of a strand that is behind, YES of its asks in the earlier and the later half of its last lessons, and whether that moves. */
    record SideBehind(
            String strand,
            Side side,
            int earlierYes,
            int earlierAsks,
            int latelyYes,
            int latelyAsks,
            WorseSide.Movement movement) {

        static SideBehind of(String strand, WorseSide worse) {
            return new SideBehind(
                    strand,
                    worse.side(),
                    worse.earlier().successes(),
                    worse.earlier().total(),
                    worse.lately().successes(),
                    worse.lately().total(),
                    worse.movement());
        }
    }

    record NewPairId(UUID id) {}

    @GetMapping
    @Needs(Action.SEE_PAIRS)
    PairList all(@RequestParam(required = false) String after) {
        List<PairWithLesson> page = pages.page(Cursor.of(after), PAIRS + 1);
        List<PairWithLesson> shown = page.subList(0, Math.min(PAIRS, page.size()));
        Map<UUID, PairState> now =
                states.now(shown.stream().map(l -> l.pair().id()).toList());
        return new PairList(
                shown.stream().map(l -> line(l, now.get(l.pair().id()))).toList(),
                page.size() > PAIRS ? cursor(shown.get(PAIRS - 1)).word() : null);
    }

    private static Cursor cursor(PairWithLesson l) {
        return new Cursor(
                l.lastLessonAt() == null ? Instant.EPOCH : l.lastLessonAt(),
                l.pair().horse(),
                l.pair().id());
    }

    private PairItem line(PairWithLesson of, PairState state) {
        Pair pair = of.pair();
        return new PairItem(
                pair.id(),
                pair.riderId(),
                pair.horseId(),
                pair.rider(),
                pair.horse(),
                pair.school(),
                stairs.inWork(state, pair.teaching()).stream().toList(),
                of.lastLessonAt(),
                state.lessons());
    }

    /** All pairs by horse, only named. */
    @GetMapping("/names")
    @Needs(Action.SEE_PAIRS)
    PairNames names() {
        return new PairNames(pairs.findVisible().stream()
                .map(p -> new PairName(p.id(), p.riderId(), p.horseId(), p.rider(), p.horse()))
                .toList());
    }

    @GetMapping("/{id}")
    @Needs(Action.SEE_PAIRS)
    PairView one(@PathVariable UUID id) {
        Pair pair = pairs.find(id).orElseThrow(Problem::notFound);
        PairState state = states.now(id);
        Optional<Strand> strand = stairs.mainStrand(state);
        LessonPage lessons = lessons(id, Optional.empty());
        DecisionPage made = decisions(id, Optional.empty());
        return new PairView(
                pair.id(),
                pair.horseId(),
                pair.rider(),
                pair.horse(),
                pair.description(),
                pair.school(),
                pair.goal(),
                stairs.steps(state, pair.teaching()),
                strand.map(Strand::id).orElse(null),
                strand.map(s -> TrendPoints.of(
                                counts.history(id, s.progression().rungs(), TrendPoints.MOST)))
                        .orElse(List.of()),
                behind(id, state),
                lessons.lessons(),
                lessons.next(),
                made.decisions(),
                made.next(),
                placed.ofPair(id, PLACINGS),
                stairs.settled(pair.teaching()),
                stairs.first(pair.teaching()).orElse(null),
                stairs.strandNames());
    }

    private List<SideBehind> behind(UUID pair, PairState state) {
        return counts.sides(pair, stairs.asked(state)).stream()
                .flatMap(s -> WorseSide.of(s.lessons()).map(w -> SideBehind.of(s.strand(), w)).stream())
                .toList();
    }

    @PostMapping("/{id}/placings")
    @Needs(Action.DECIDE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void place(@PathVariable UUID id, @Valid @RequestBody NewPlacing wanted) {
        placings.place(pairs.find(id).orElseThrow(Problem::notFound), wanted, clock.instant());
    }

    @GetMapping("/{id}/lessons")
    @Needs(Action.SEE_PAIRS)
    LessonPage moreLessons(@PathVariable UUID id, @RequestParam(required = false) String after) {
        pairs.find(id).orElseThrow(Problem::notFound);
        return lessons(id, Cursor.of(after).map(c -> new LessonKey(c.at(), c.id())));
    }

    private LessonPage lessons(UUID pair, Optional<LessonKey> before) {
        List<LessonItem> page = pages.lessons(pair, before, LINES + 1);
        List<LessonItem> shown = page.subList(0, Math.min(LINES, page.size()));
        return new LessonPage(
                shown,
                page.size() > LINES
                        ? new Cursor(
                                        shown.get(LINES - 1).startedAt(),
                                        "",
                                        shown.get(LINES - 1).id())
                                .word()
                        : null);
    }

    @GetMapping("/{id}/decisions")
    @Needs(Action.SEE_PAIRS)
    DecisionPage moreDecisions(@PathVariable UUID id, @RequestParam(required = false) String after) {
        pairs.find(id).orElseThrow(Problem::notFound);
        return decisions(id, Cursor.of(after));
    }

    private DecisionPage decisions(UUID pair, Optional<Cursor> behind) {
        List<PastDecision> page = decisions.ofPair(pair, behind, LINES + 1);
        List<PastDecision> shown = page.subList(0, Math.min(LINES, page.size()));
        return new DecisionPage(
                shown,
                page.size() > LINES
                        ? new Cursor(
                                        shown.get(LINES - 1).at(),
                                        "",
                                        shown.get(LINES - 1).id())
                                .word()
                        : null);
    }

    @PostMapping
    @Needs(Action.ADD_PAIR)
    @ResponseStatus(HttpStatus.CREATED)
    NewPairId add(@Valid @RequestBody NewPair pair) {
        List<Issue> unknown = new ArrayList<>();
        if (pair.riderId() != null && !pairs.isRider(pair.riderId())) {
            unknown.add(new Issue("unknown_id", "riderId", "a rider of this yard"));
        }
        if (pair.horseId() != null && !pairs.isHorse(pair.horseId())) {
            unknown.add(new Issue("unknown_id", "horseId", "a horse of this yard"));
        }
        if (pair.newRiderId() != null && pairs.isNoRider(pair.newRiderId())) {
            unknown.add(new Issue("unknown_id", "newRiderId", "an id that is nobody's yet"));
        }
        if (!unknown.isEmpty()) {
            throw Problem.refused(unknown);
        }
        if (pair.riderId() != null && pair.horseId() != null && pairs.isPair(pair.riderId(), pair.horseId())) {
            throw new Problem(HttpStatus.CONFLICT, "already_a_pair", "These two are a pair here already; open it.");
        }
        return new NewPairId(pairs.add(pair));
    }
}

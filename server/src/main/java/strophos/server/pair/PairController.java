package strophos.server.pair;

import jakarta.validation.Valid;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.school.School;
import strophos.core.stair.PairRecord;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** The list of pairs, one pair, and new ones. */
@RestController
@RequestMapping("/api/v1/pairs")
@Transactional
class PairController {

    private final PairRepository pairs;
    private final DecisionRepository decisions;
    private final StairReader stairs;

    PairController(PairRepository pairs, DecisionRepository decisions, StairReader stairs) {
        this.pairs = pairs;
        this.decisions = decisions;
        this.stairs = stairs;
    }

    /** A pair in the list. */
    record PairLine(
            UUID id,
            UUID riderId,
            UUID horseId,
            String rider,
            String horse,
            School school,
            List<StairReader.Step> inWork,
            @CanBeNull Instant lastLessonAt,
            int lessons) {}

    record PairList(List<PairLine> pairs) {}

    /** One pair; its trend is that of the strand it was asked most on, null before any ask. */
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
            List<Trend.Point> trend,
            List<PairRepository.LessonLine> lessons,
            List<DecisionRepository.Made> decisions) {}

    record Added(UUID id) {}

    @GetMapping
    @Needs(Action.SEE_PAIRS)
    PairList all() {
        // whoever was here last comes first; those without a lesson follow by horse
        return new PairList(pairs.findVisible().stream()
                .map(this::line)
                .sorted(Comparator.comparing(PairLine::lastLessonAt, Comparator.nullsLast(Comparator.reverseOrder())))
                .toList());
    }

    private PairLine line(PairRepository.Named pair) {
        List<StairReader.Step> steps = stairs.steps(pairs.record(pair.id()), decisions.ofPair(pair.id()));
        List<PairRepository.LessonLine> lessons = pairs.lessons(pair.id());
        return new PairLine(
                pair.id(),
                pair.riderId(),
                pair.horseId(),
                pair.rider(),
                pair.horse(),
                pair.school(),
                steps.stream()
                        .filter(s -> s.state() == strophos.core.stair.RungState.IN_WORK)
                        .toList(),
                lessons.isEmpty() ? null : lessons.get(0).startedAt(),
                lessons.size());
    }

    @GetMapping("/{id}")
    @Needs(Action.SEE_PAIRS)
    PairView one(@PathVariable UUID id) {
        PairRepository.Named pair = pairs.find(id).orElseThrow(Problem::notFound);
        PairRecord record = pairs.record(id);
        List<DecisionRepository.Made> made = decisions.ofPair(id);
        List<PairRepository.LessonLine> lessons = pairs.lessons(id);
        Optional<String> strand = stairs.mainStrand(record);
        return new PairView(
                pair.id(),
                pair.horseId(),
                pair.rider(),
                pair.horse(),
                pair.description(),
                pair.school(),
                pair.goal(),
                stairs.steps(record, made),
                strand.orElse(null),
                strand.map(name -> Trend.of(stairs.ofStrand(record, name), lessons))
                        .orElse(List.of()),
                lessons,
                made);
    }

    @PostMapping
    @Needs(Action.ADD_PAIR)
    @ResponseStatus(HttpStatus.CREATED)
    Added add(@Valid @RequestBody NewPair pair) {
        List<Issue> unknown = new ArrayList<>();
        if (pair.riderId() != null && !pairs.isRider(pair.riderId())) {
            unknown.add(new Issue("unknown_id", "riderId", "a rider of this yard"));
        }
        if (pair.horseId() != null && !pairs.isHorse(pair.horseId())) {
            unknown.add(new Issue("unknown_id", "horseId", "a horse of this yard"));
        }
        if (!unknown.isEmpty()) {
            throw Problem.refused(unknown);
        }
        if (pair.riderId() != null && pair.horseId() != null && pairs.isPair(pair.riderId(), pair.horseId())) {
            throw new Problem(HttpStatus.CONFLICT, "already_a_pair", "These two are a pair here already; open it.");
        }
        return new Added(pairs.add(pair));
    }
}

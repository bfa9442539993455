package strophos.server.tack;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.HeadgearText;
import strophos.catalogue.TackRoom;
import strophos.core.stats.Interval;
import strophos.core.stats.Wilson;
import strophos.core.tack.Headgear;
import strophos.core.tack.HeadgearAction;
import strophos.core.tack.HeadgearAnswers;
import strophos.core.tack.MilderFirst;
import strophos.core.tack.Pressure;
import strophos.core.tack.TackKind;
import strophos.core.tack.TackStage;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.LessonRepository;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;

/** The tack of a pair. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/tack")
@Transactional
class TackController {

    private final PairRepository pairs;
    private final LessonRepository lessons;
    private final TackRepository tack;
    private final TackRoom room;
    private final Clock clock;

    TackController(PairRepository pairs, LessonRepository lessons, TackRepository tack, TackRoom room, Clock clock) {
        this.pairs = pairs;
        this.lessons = lessons;
        this.tack = tack;
        this.room = room;
        this.clock = clock;
    }

    /** A piece, where it stands today, and as a lever where it is one. */
    record PieceView(
            UUID id,
            int version,
            TackStage stage,
            TackPiece piece,
            @CanBeNull LeverView lever) {}

    /**
     * A kind of headgear.
     *
     * @param brings what it has that the pair's present one has not; null where nothing, or nobody said what is worn
     * @param lever at its usual size; null where it is none
     */
    record HeadgearView(
            String id,
            String name,
            String acts,
            @CanBeNull String caution,
            HeadgearAction action,
            List<Pressure> presses,
            List<Pressure> mayPress,
            boolean isForExperts,
            @CanBeNull Brings brings,
            @CanBeNull LeverView lever) {}

    /** @param action {@code DIRECT} where it acts no otherwise than the one before */
    record Brings(List<Pressure> places, HeadgearAction action) {}

    record KindView(TackKind kind, String look, @CanBeNull String caution) {}

    /**
     * What was answered in one headgear, on rungs that were asked in another one too.
     *
     * @param share of good answers, with its interval of 95 %
     */
    record BesideView(
            String headgear, int lessons, int yes, int asks, double share, Interval interval, double strength) {}

    /**
     * All tack of a pair.
     *
     * @param today the day where the yard is, by which it is said what is in use
     * @param now which headgear is worn today; null where nobody said
     */
    record TackView(
            String horse,
            String rider,
            LocalDate today,
            List<PieceView> pieces,
            List<KindView> kinds,
            List<HeadgearView> headgears,
            @CanBeNull String now,
            List<BesideView> beside) {}

    /** A piece, and the version it was made from; 0 for a new one, whose id is made by the caller. */
    record NewPiece(
            @NotNull @Min(0) Integer version,
            @NotNull @Valid TackPiece piece) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    TackView tack(@PathVariable UUID id) {
        return view(pairs.find(id).orElseThrow(Problem::notFound));
    }

    @PutMapping("/{piece}")
    @Needs(Action.EDIT_PAIR)
    TackView change(@PathVariable UUID id, @PathVariable("piece") UUID pieceId, @Valid @RequestBody NewPiece wanted) {
        Pair pair = pairs.find(id).orElseThrow(Problem::notFound);
        TackPiece piece = wanted.piece();
        List<Issue> issues = new ArrayList<>(piece.issues());
        if (piece.headgear() != null
                && !piece.headgear().equals(TackPiece.OTHER)
                && room.headgear(piece.headgear()).isEmpty()) {
            issues.add(new Issue("unknown_id", "piece.headgear", "a headgear of the list, or other"));
        }
        if (!issues.isEmpty()) {
            throw Problem.refused(issues);
        }
        if (wanted.version() == 0 && tack.count(id) >= TackRepository.MOST) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "too_much_tack",
                    "This pair has %d pieces; change one of them instead.".formatted(TackRepository.MOST));
        }
        if (!tack.change(id, pieceId, wanted.version(), piece, clock.instant())) {
            throw Problem.changedMeanwhile();
        }
        return view(pair);
    }

    private TackView view(Pair pair) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), lessons.zone());
        List<StoredPiece> pieces = tack.of(pair.id());
        Optional<String> worn =
                TackRepository.worn(pieces.stream().map(StoredPiece::piece).toList(), today);
        Optional<Headgear> now = worn.flatMap(room::headgear).map(HeadgearText::headgear);
        return new TackView(
                pair.horse(),
                pair.rider(),
                today,
                pieces.stream().map(p -> view(p, today)).toList(),
                Arrays.stream(TackKind.values())
                        .map(room::of)
                        .map(k -> new KindView(k.kind(), k.look(), k.caution().orElse(null)))
                        .toList(),
                room.headgears().stream().map(h -> view(h, now)).toList(),
                worn.orElse(null),
                HeadgearAnswers.beside(tack.answers(pair.id(), pieces, lessons.zone())).stream()
                        .map(TackController::view)
                        .toList());
    }

    private PieceView view(StoredPiece p, LocalDate today) {
        TackPiece piece = p.piece();
        LeverView lever = Optional.ofNullable(piece.headgear())
                .flatMap(room::headgear)
                .flatMap(h -> h.headgear().curb())
                .map(usual -> LeverView.of(
                        piece.curb().orElse(usual),
                        piece.curb().isEmpty(),
                        Optional.ofNullable(piece.slackMm()).map(mm -> mm / 1000.0)))
                .orElse(null);
        return new PieceView(p.id(), p.version(), piece.stage(today), piece, lever);
    }

    private static HeadgearView view(HeadgearText text, Optional<Headgear> now) {
        Headgear h = text.headgear();
        Brings brings = now.map(worn -> MilderFirst.of(worn, h))
                .filter(MilderFirst::isAsked)
                .map(m -> new Brings(inOrder(m.places()), m.action()))
                .orElse(null);
        return new HeadgearView(
                h.id(),
                text.name(),
                text.acts(),
                text.caution().orElse(null),
                h.action(),
                inOrder(h.presses()),
                inOrder(h.mayPress()),
                h.isForExperts(),
                brings,
                h.curb().map(c -> LeverView.of(c, true, Optional.empty())).orElse(null));
    }

    private static List<Pressure> inOrder(Collection<Pressure> places) {
        return places.stream().sorted().toList();
    }

    private static BesideView view(HeadgearAnswers a) {
        return new BesideView(
                a.headgear(),
                a.lessons(),
                a.counted().successes(),
                a.counted().total(),
                a.counted().share(),
                Wilson.of(a.counted()),
                a.strength());
    }
}

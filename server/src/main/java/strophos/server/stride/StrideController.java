package strophos.server.stride;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.stride.Pace;
import strophos.core.stride.PoleSpacing;
import strophos.core.stride.Stride;
import strophos.core.stride.StrideMeasure;
import strophos.core.stride.StrideOfHorse;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.horse.Facts;
import strophos.server.horse.FactsRepository;
import strophos.server.horse.HorseReader;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.rules.YardSettings;

/** A horse's strides in walk, trot and canter, where each comes from, and the poles that suit them. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/strides")
@Transactional
class StrideController {

    private final PairRepository pairs;
    private final StrideRepository strides;
    private final FactsRepository facts;
    private final YardSettings settings;
    private final Clock clock;

    StrideController(
            PairRepository pairs, StrideRepository strides, FactsRepository facts, YardSettings settings, Clock clock) {
        this.pairs = pairs;
        this.strides = strides;
        this.facts = facts;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * @param heightCm null where nobody has said: without it only what was measured is known
     * @param paces walk, trot and canter; one that is not known is left out
     * @param measures as they were taken, the latest first
     */
    record StridesOfHorse(
            String horse,
            LocalDate today,
            @CanBeNull Integer heightCm,
            List<PaceView> paces,
            List<MeasureView> measures) {}

    /**
     * @param lengthM of a stride
     * @param speedMs metres a second; null for poles of a horse whose height is not known
     * @param tempo strides a minute; null with it
     * @param measuredOn null where it is scaled from the usual by the height
     * @param isOld time to measure again
     * @param poles straight, on the ground
     */
    record PaceView(
            Pace pace,
            double lengthM,
            @CanBeNull Double speedMs,
            @CanBeNull Double tempo,
            @CanBeNull LocalDate measuredOn,
            boolean isOld,
            PoleSpacing poles) {}

    /**
     * @param doubt what cannot be right of a horse of this height; null for a good one
     */
    record MeasureView(
            UUID id,
            Pace pace,
            StrideMeasure.Way way,
            double distanceM,
            double count,
            @CanBeNull Double seconds,
            LocalDate on,
            double lengthM,
            @CanBeNull StrideMeasure.Doubt doubt,
            boolean isPutAway,
            String by) {}

    /**
     * The id is made by the caller.
     *
     * @param count strides between the marks; of poles the gaps, mostly 1
     * @param seconds from mark to mark; null without a watch
     */
    record NewStride(
            @NotNull UUID id,
            @NotNull Pace pace,
            @NotNull StrideMeasure.Way way,
            @NotNull @DecimalMin("0.4") @DecimalMax("300") BigDecimal distanceM,
            @NotNull @DecimalMin("0.25") @DecimalMax("1000") BigDecimal count,
            @CanBeNull @DecimalMin("0.1") @DecimalMax("600") BigDecimal seconds,
            @NotNull LocalDate on) {

        StrideMeasure measure() {
            return new StrideMeasure(
                    pace,
                    way,
                    distanceM.doubleValue(),
                    count.doubleValue(),
                    seconds == null ? OptionalDouble.empty() : OptionalDouble.of(seconds.doubleValue()),
                    on);
        }
    }

    /** @param isPutAway it was measured wrong, and counts no longer */
    record StrideAway(@NotNull Boolean isPutAway) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    StridesOfHorse strides(@PathVariable UUID id) {
        return view(pair(id));
    }

    @PostMapping
    @Needs(Action.RECORD)
    @ResponseStatus(HttpStatus.CREATED)
    StridesOfHorse add(@PathVariable UUID id, @Valid @RequestBody NewStride wanted) {
        Pair pair = pair(id);
        if (wanted.on().isAfter(today())) {
            throw Problem.refused(List.of(new Issue("not_yet", "on", "no later than today")));
        }
        strides.add(pair.horseId(), wanted.id(), wanted.measure(), clock.instant());
        return view(pair);
    }

    @PutMapping("/{stride}/away")
    @Needs(Action.RECORD)
    StridesOfHorse putAway(@PathVariable UUID id, @PathVariable UUID stride, @Valid @RequestBody StrideAway wanted) {
        Pair pair = pair(id);
        if (!strides.isOf(pair.horseId(), stride)) {
            throw Problem.notFound();
        }
        strides.putAway(stride, wanted.isPutAway());
        return view(pair);
    }

    private Pair pair(UUID id) {
        return pairs.find(id).orElseThrow(Problem::notFound);
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), settings.zone());
    }

    private StridesOfHorse view(Pair pair) {
        Facts known = facts.of(pair.id()).facts();
        LocalDate today = today();
        OptionalDouble heightM =
                known.heightCm() == null ? OptionalDouble.empty() : OptionalDouble.of(known.heightCm() / 100.0);
        boolean isYoung = HorseReader.isYoung(today, known.bornYear());
        List<StoredStride> stored = strides.of(pair.horseId());
        return new StridesOfHorse(
                pair.horse(),
                today,
                known.heightCm(),
                Arrays.stream(Pace.values())
                        .flatMap(pace -> pace(pace, stored, heightM, today, isYoung).stream())
                        .toList(),
                stored.stream().map(s -> measure(s, heightM)).toList());
    }

    /** The last measure counts, else what a horse of this height usually does. */
    private static Optional<PaceView> pace(
            Pace pace, List<StoredStride> stored, OptionalDouble heightM, LocalDate today, boolean isYoung) {
        Optional<StrideMeasure> last = stored.stream()
                .filter(s -> !s.isPutAway() && s.measure().pace() == pace)
                .map(StoredStride::measure)
                .findFirst();
        return StrideOfHorse.of(pace, last, heightM, today, isYoung)
                .map(s -> new PaceView(
                        pace,
                        s.lengthM(),
                        s.speedMs().isEmpty() ? null : s.speedMs().getAsDouble(),
                        s.stride().map(Stride::tempo).orElse(null),
                        s.measuredOn().orElse(null),
                        s.isOld(),
                        s.poles()));
    }

    private static MeasureView measure(StoredStride s, OptionalDouble heightM) {
        StrideMeasure m = s.measure();
        return new MeasureView(
                s.id(),
                m.pace(),
                m.way(),
                m.distanceM(),
                m.count(),
                m.seconds().isEmpty() ? null : m.seconds().getAsDouble(),
                m.on(),
                m.lengthM(),
                heightM.isEmpty() ? null : m.doubt(heightM.getAsDouble()).orElse(null),
                s.isPutAway(),
                s.by());
    }
}

package strophos.server.ground;

import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import strophos.core.bend.CircleSizes;
import strophos.core.look.FirstLook;
import strophos.core.stride.Pace;
import strophos.core.stride.StrideMeasure;
import strophos.core.stride.StrideOfHorse;
import strophos.server.horse.FactsRepository;
import strophos.server.horse.HeightAndBorn;
import strophos.server.horse.HorseReader;
import strophos.server.look.LookRepository;
import strophos.server.look.StoredLook;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.rules.YardSettings;
import strophos.server.stride.StrideRepository;

/** Reads of several horses at once what the ground must suit: heights, strides and the last even circles. */
@Component
class GroundHorses {

    /** So many looks back a circle is looked for. */
    private static final int LOOKS = 5;

    private final PairRepository pairs;
    private final FactsRepository facts;
    private final StrideRepository strides;
    private final LookRepository looks;
    private final YardSettings settings;
    private final Clock clock;

    GroundHorses(
            PairRepository pairs,
            FactsRepository facts,
            StrideRepository strides,
            LookRepository looks,
            YardSettings settings,
            Clock clock) {
        this.pairs = pairs;
        this.facts = facts;
        this.strides = strides;
        this.looks = looks;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * In the order in which they were asked for.
     *
     * @throws Problem with the place of a pair that cannot be seen
     */
    List<GroundTeller.HorseHere> of(List<UUID> wanted) {
        if (wanted.isEmpty()) {
            return List.of();
        }
        List<Pair> visible = pairs.visible(wanted);
        for (int i = 0; i < wanted.size(); i++) {
            UUID id = wanted.get(i);
            if (visible.stream().noneMatch(p -> p.id().equals(id))) {
                throw Problem.refused(
                        List.of(new Issue("unknown_id", "pairs[%d]".formatted(i), "a pair of this yard")));
            }
        }
        List<UUID> horses = visible.stream().map(Pair::horseId).distinct().toList();
        Map<UUID, HeightAndBorn> known = facts.heightsAndYears(horses);
        Map<UUID, List<StrideMeasure>> measured = strides.latest(horses);
        Map<UUID, List<StoredLook>> seen = looks.last(wanted, LOOKS);
        LocalDate today = LocalDate.ofInstant(clock.instant(), settings.zone());
        return wanted.stream()
                .distinct()
                .map(id -> visible.stream()
                        .filter(p -> p.id().equals(id))
                        .findFirst()
                        .orElseThrow())
                .map(p -> horse(
                        p,
                        known.get(p.horseId()),
                        measured.getOrDefault(p.horseId(), List.of()),
                        seen.getOrDefault(p.id(), List.of()),
                        today))
                .toList();
    }

    private static GroundTeller.HorseHere horse(
            Pair pair, HeightAndBorn known, List<StrideMeasure> measured, List<StoredLook> seen, LocalDate today) {
        OptionalDouble heightM =
                known.heightCm() == null ? OptionalDouble.empty() : OptionalDouble.of(known.heightCm() / 100.0);
        Map<Pace, StrideOfHorse> strides = new EnumMap<>(Pace.class);
        for (Pace pace : Pace.values()) {
            StrideOfHorse.of(
                            pace,
                            measured.stream().filter(m -> m.pace() == pace).findFirst(),
                            heightM,
                            today,
                            HorseReader.isYoung(today, known.bornYear()))
                    .ifPresent(s -> strides.put(pace, s));
        }
        List<FirstLook> last = seen.stream().map(StoredLook::look).toList();
        return new GroundTeller.HorseHere(
                pair.id(),
                pair.horse(),
                pair.rider(),
                known.heightCm() == null ? OptionalInt.empty() : OptionalInt.of(known.heightCm()),
                first(last.stream().map(l -> CircleSizes.ofSide(l.circleLeft(), l.bendLeft()))),
                first(last.stream().map(l -> CircleSizes.ofSide(l.circleRight(), l.bendRight()))),
                strides);
    }

    private static OptionalInt first(Stream<OptionalInt> seen) {
        return seen.filter(OptionalInt::isPresent).findFirst().orElse(OptionalInt.empty());
    }
}

package strophos.server.ground;

import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import strophos.core.bend.CircleSizes;
import strophos.core.look.FirstLook;
import strophos.core.stride.Pace;
import strophos.core.stride.StrideOfHorse;
import strophos.server.horse.HeightAndBorn;
import strophos.server.horse.HorseReader;
import strophos.server.look.LookRepository;
import strophos.server.look.StoredLook;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.rules.YardSettings;
import strophos.server.stride.HeightAndStrides;
import strophos.server.stride.StrideRepository;

/** Reads of several horses at once what the ground must suit: heights, strides and the last even circles. */
@Component
public class GroundHorses {

    /** So many looks back a circle is looked for. */
    static final int LOOKS = 5;

    private final PairRepository pairs;
    private final StrideRepository strides;
    private final LookRepository looks;
    private final YardSettings settings;
    private final Clock clock;

    GroundHorses(
            PairRepository pairs, StrideRepository strides, LookRepository looks, YardSettings settings, Clock clock) {
        this.pairs = pairs;
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
    List<HorseHere> of(List<UUID> wanted) {
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
        Map<UUID, HeightAndStrides> known = strides.known(horses);
        Map<UUID, List<StoredLook>> seen = looks.last(wanted, LOOKS);
        LocalDate today = LocalDate.ofInstant(clock.instant(), settings.zone());
        return wanted.stream()
                .distinct()
                .map(id -> visible.stream()
                        .filter(p -> p.id().equals(id))
                        .findFirst()
                        .orElseThrow())
                .map(p -> horse(p, known.get(p.horseId()), seen.getOrDefault(p.id(), List.of()), today))
                .toList();
    }

    /** Of pairs that can be seen, by their ids; their looks are left out, since nothing is judged too tight. */
    public Map<UUID, HorseHere> byPair(List<Pair> visible) {
        if (visible.isEmpty()) {
            return Map.of();
        }
        Map<UUID, HeightAndStrides> known =
                strides.known(visible.stream().map(Pair::horseId).distinct().toList());
        LocalDate today = LocalDate.ofInstant(clock.instant(), settings.zone());
        return visible.stream()
                .collect(Collectors.toMap(
                        Pair::id, p -> horse(p, known.get(p.horseId()), List.of(), today), (one, same) -> one));
    }

    private static HorseHere horse(Pair pair, HeightAndStrides known, List<StoredLook> seen, LocalDate today) {
        return horse(pair.id(), pair.horse(), pair.rider(), known, seen, today);
    }

    static HorseHere horse(
            UUID pair, String horse, String rider, HeightAndStrides of, List<StoredLook> seen, LocalDate today) {
        HeightAndBorn known = of.of();
        OptionalDouble heightM =
                known.heightCm() == null ? OptionalDouble.empty() : OptionalDouble.of(known.heightCm() / 100.0);
        Map<Pace, StrideOfHorse> strides = new EnumMap<>(Pace.class);
        for (Pace pace : Pace.values()) {
            StrideOfHorse.of(
                            pace,
                            of.measured().stream().filter(m -> m.pace() == pace).findFirst(),
                            heightM,
                            today,
                            HorseReader.isYoung(today, known.bornYear()))
                    .ifPresent(s -> strides.put(pace, s));
        }
        List<FirstLook> last = seen.stream().map(StoredLook::look).toList();
        return new HorseHere(
                pair,
                horse,
                rider,
                known.heightCm() == null ? OptionalInt.empty() : OptionalInt.of(known.heightCm()),
                first(last.stream().map(l -> CircleSizes.ofSide(l.circleLeft(), l.bendLeft()))),
                first(last.stream().map(l -> CircleSizes.ofSide(l.circleRight(), l.bendRight()))),
                strides);
    }

    private static OptionalInt first(Stream<OptionalInt> seen) {
        return seen.filter(OptionalInt::isPresent).findFirst().orElse(OptionalInt.empty());
    }
}

package strophos.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.SplittableRandom;
import strophos.core.cause.Help;
import strophos.core.exchange.Footing;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.Feel;
import strophos.core.load.DayOfOuting;
import strophos.core.load.Outing;
import strophos.core.look.BendPlace;
import strophos.core.look.FirstLook;
import strophos.core.look.Focus;
import strophos.core.look.FocusBook;
import strophos.core.look.FocusKind;
import strophos.core.look.Soundness;
import strophos.core.pause.HorseState;
import strophos.core.pause.Limits;
import strophos.core.pause.Occurrence;
import strophos.core.pause.StopSign;
import strophos.core.progress.Sidedness;
import strophos.core.record.PayloadReader;
import strophos.core.school.School;
import strophos.core.school.Teaching;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.core.stats.Proportion;
import strophos.core.stop.StopThresholds;
import strophos.core.welfare.GroundAndWeather;
import strophos.core.welfare.PainChecklist;
import strophos.core.welfare.WeightShare;

/** Pairs nobody has met: any look, any stair, any horse, any reports. */
final class RandomFacts {

    static final List<String> STRANDS =
            List.of("bend", "forward", "stop-back", "shoulders", "rider", "confidence", "jaw", "rhythm");
    private static final List<Integer> CIRCLES = List.of(20, 15, 12, 10, 8, 0);

    private final SplittableRandom random;

    private RandomFacts(long seed) {
        random = new SplittableRandom(seed);
    }

    static PlanFacts of(long seed) {
        return new RandomFacts(seed).facts();
    }

    private PlanFacts facts() {
        List<Candidate> rungs = rungs();
        Optional<FirstLook> look = chance(0.8) ? Optional.of(look()) : Optional.empty();
        Optional<Focus> focus = look.map(FocusBook.DEFAULT::of);
        Optional<List<FocusKind>> chosen = chance(0.2)
                ? Optional.of(List.of(pick(FocusKind.CONFIDENCE, FocusKind.BEND, FocusKind.FORWARD)))
                : Optional.empty();
        return new PlanFacts(
                random.nextInt(5, 181),
                horse(),
                state(),
                look,
                focus,
                chosen,
                chance(0.8) ? Optional.of(STRANDS.get(random.nextInt(STRANDS.size()))) : Optional.empty(),
                rungs,
                rungs.stream()
                        .filter(c -> c.isHard() && chance(0.5))
                        .map(Candidate::id)
                        .toList(),
                helps(rungs),
                Teaching.of(pick(School.values())),
                List.of(),
                day(),
                StopThresholds.SET.standard());
    }

    /** Each strand from the foot: passed, then one or two in work, then closed; now and then one paused or resting. */
    private List<Candidate> rungs() {
        List<Candidate> all = new ArrayList<>();
        for (String strand : STRANDS) {
            int count = 2 + random.nextInt(6);
            int passed = random.nextInt(count);
            Optional<RungId> below = Optional.empty();
            for (int i = 0; i < count; i++) {
                Gait gait = i == 0
                        ? pick(Gait.HALT, Gait.WALK)
                        : pick(Gait.HALT, Gait.WALK, Gait.TROT, Gait.TROT, Gait.CANTER);
                RungId id = new RungId(strand + "-" + i, gait, Place.RAIL);
                RungState state = i < passed
                        ? RungState.PASSED
                        : i <= passed + 1 ? pick(RungState.IN_WORK, RungState.OPEN) : RungState.CLOSED;
                all.add(candidate(
                        strand, i, id, chance(0.06) ? pick(RungState.PAUSED, RungState.RESTING) : state, below));
                below = Optional.of(id);
            }
        }
        return all;
    }

    private Candidate candidate(String strand, int step, RungId id, RungState state, Optional<RungId> below) {
        boolean isRidden = state == RungState.PASSED || state == RungState.IN_WORK;
        return new Candidate(
                id,
                strand,
                step,
                state,
                below,
                pick(FigureKind.values()),
                chance(0.1),
                chance(0.15),
                chance(0.1),
                chance(0.97) ? pick(Proposal.FREELY, Proposal.FREELY, Proposal.ONCE_BEGUN) : Proposal.NEVER,
                pick(WorkedSide.values()),
                isRidden ? Optional.of(sides()) : Optional.empty(),
                chance(0.15) ? Optional.of(pick(Feel.values())) : Optional.empty(),
                chance(0.04),
                isRidden ? Optional.of(random.nextInt(12)) : Optional.empty(),
                chance(0.25) ? Optional.of(inHand()) : Optional.empty());
    }

    private InHand inHand() {
        return new InHand(chance(0.6) ? Set.of(pick("jaw", "bend", "shoulders")) : Set.of(), chance(0.4), chance(0.3));
    }

    /** Now and then something is said to have helped something. */
    private List<Help> helps(List<Candidate> rungs) {
        return rungs.stream()
                .filter(c -> chance(0.05))
                .map(c -> new Help(
                        c.id(),
                        rungs.get(random.nextInt(rungs.size())).id().exercise(),
                        pick(Help.Basis.values()),
                        5,
                        6))
                .toList();
    }

    private Sidedness sides() {
        Side stiffer = pick(Side.values());
        Sidedness.Basis basis =
                stiffer == Side.NONE ? Sidedness.Basis.ALIKE : pick(Sidedness.Basis.DIFFERENCE, Sidedness.Basis.RUN);
        return new Sidedness(stiffer, basis, new Proportion(5, 10), new Proportion(8, 10), 0.05, 5, 6);
    }

    private FirstLook look() {
        Map<String, Object> checks = new LinkedHashMap<>();
        maybe(checks, 0.9, "soundness", (chance(0.9) ? Soundness.SOUND : pick(Soundness.values())).word());
        for (String check : List.of("calm", "rider", "halt", "leg", "bendLeft", "bendRight")) {
            maybe(checks, 0.85, check, random.nextInt(5));
        }
        for (String check : List.of("attention", "haltFaster", "tempo", "hand", "jawLeft", "jawRight", "hindLeft")) {
            maybe(checks, 0.5, check, random.nextInt(1, 5));
        }
        maybe(checks, 0.3, "riddenToday", pick(0, 20, 40, 60));
        maybe(checks, 0.5, "bendAt", Map.of("standing", random.nextBoolean(), "mounted", random.nextBoolean()));
        for (String side : List.of("Left", "Right")) {
            maybe(checks, 0.7, "place" + side, pick(BendPlace.values()).word());
            maybe(checks, 0.7, "circle" + side, CIRCLES.get(random.nextInt(6)));
        }
        maybe(checks, 0.7, "shoulder", random.nextInt(-2, 3));
        maybe(checks, 0.7, "shoulderBoth", random.nextBoolean());
        return PayloadReader.look(checks).orElseThrow();
    }

    private void maybe(Map<String, Object> checks, double chance, String check, Object value) {
        if (chance(chance)) {
            checks.put(check, value);
        }
    }

    private HorseFacts horse() {
        return new HorseFacts(
                chance(0.8) ? OptionalInt.of(random.nextInt(3, 25)) : OptionalInt.empty(),
                chance(0.15),
                chance(0.15),
                chance(0.2) ? OptionalInt.of(random.nextInt(10, 60)) : OptionalInt.empty(),
                OptionalDouble.empty(),
                chance(0.5) ? Optional.of(WeightShare.of(60 + random.nextInt(60), 9, 450)) : Optional.empty(),
                chance(0.5) ? Optional.of("Only in walk, until the autumn.") : Optional.empty(),
                chance(0.2) ? Optional.of(new PainChecklist(random.nextInt(25))) : Optional.empty(),
                List.of(),
                chance(0.2) ? Optional.of(outing()) : Optional.empty());
    }

    private DayOfOuting outing() {
        LocalDate day = LocalDate.of(2026, 3, 2);
        Outing.Kind kind = Outing.Kind.values()[random.nextInt(Outing.Kind.values().length)];
        return new DayOfOuting("the river fields", day, new Outing.Day(day, kind, random.nextInt(5, 46)));
    }

    /** Mostly free; now and then paused, its day over, or cleared within limits. */
    private HorseState state() {
        LocalDate day = LocalDate.of(2026, 3, 2);
        List<Occurrence.Sighting> seen =
                List.of(new Occurrence.Sighting("s", pick(StopSign.values()), 0, day, "lesson", 1, 0));
        int what = random.nextInt(20);
        return new HorseState(
                what == 0 ? seen : List.of(),
                what == 1 ? seen : List.of(),
                List.of(),
                what == 0 ? Optional.of(day) : Optional.empty(),
                chance(0.5),
                what < 6
                        ? Optional.of(new Limits(
                                pick(Gait.WALK, Gait.TROT, Gait.CANTER),
                                chance(0.5) ? OptionalInt.of(random.nextInt(5, 60)) : OptionalInt.empty(),
                                Optional.empty()))
                        : Optional.empty(),
                Optional.empty());
    }

    private GroundAndWeather day() {
        return new GroundAndWeather(
                chance(0.3) ? Optional.of(pick(Footing.values())) : Optional.empty(),
                chance(0.3) ? OptionalInt.of(random.nextInt(-10, 43)) : OptionalInt.empty(),
                chance(0.5) ? OptionalInt.of(random.nextInt(101)) : OptionalInt.empty());
    }

    private boolean chance(double p) {
        return random.nextDouble() < p;
    }

    @SafeVarargs
    private <T> T pick(T... of) {
        return of[random.nextInt(of.length)];
    }

    /** So many of each kind of limit were really in play. */
    static Map<String, Long> counts(List<PlanFacts> facts) {
        return Map.of(
                "stopped",
                        facts.stream()
                                .filter(f -> f.isLimitedTo(Focus.Limit.NOTHING_RIDDEN))
                                .count(),
                "walk only",
                        facts.stream()
                                .filter(f -> f.isLimitedTo(Focus.Limit.WALK_ONLY))
                                .count(),
                "no canter",
                        facts.stream()
                                .filter(f -> f.isLimitedTo(Focus.Limit.NO_CANTER))
                                .count(),
                "ridden today", facts.stream().filter(f -> f.riddenTodayS() > 0).count(),
                "cleared within limits",
                        facts.stream()
                                .filter(f -> f.state().limits().isPresent())
                                .count(),
                "spared", facts.stream().filter(f -> f.horse().isSpared()).count(),
                "hard yesterday",
                        facts.stream().filter(f -> !f.hardYesterday().isEmpty()).count(),
                "stop signs",
                        facts.stream()
                                .filter(f -> f.rungs().stream().anyMatch(Candidate::isReported))
                                .count());
    }
}

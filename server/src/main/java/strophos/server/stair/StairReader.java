package strophos.server.stair;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.catalogue.Schools;
import strophos.catalogue.Strand;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Missing;
import strophos.core.progress.Standing;
import strophos.core.school.Settings;
import strophos.core.school.Teaching;
import strophos.core.stair.DecisionOnRung;
import strophos.core.stair.Progression;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.core.stair.Stair;
import strophos.core.stair.StairState;
import strophos.core.state.Judge;
import strophos.core.state.PairState;
import strophos.core.state.RungRecord;
import strophos.core.state.SideCount;
import strophos.server.contract.CanBeNull;
import strophos.server.rules.YardRules;

/** Reads a pair's stair from its record and the decisions made on it. */
@Component
public class StairReader {

    private final Catalogue catalogue;
    private final Schools schools;
    private final YardRules rules;

    StairReader(Catalogue catalogue, Schools schools, YardRules rules) {
        this.catalogue = catalogue;
        this.schools = schools;
        this.rules = rules;
    }

    /**
     * One rung of a pair, each side of the horse apart; one that works neither is told as a whole, on both alike.
     *
     * @param works the side it works; by it the rein follows from the side
     * @param missing what its criterion still lacks; not said of a closed rung that was never ridden
     * @param reopened it was passed, and is to be passed again
     * @param day in how many lessons it was ridden so far: 3 is "day 3"; 0 when it never was
     * @param awaits always empty; a web that was cached before the library was whole reads it
     */
    public record Step(
            String rung,
            String strand,
            String exercise,
            String name,
            String shortName,
            Gait gait,
            Place place,
            RungState state,
            boolean reopened,
            WorkedSide works,
            int day,
            SideOfStep left,
            SideOfStep right,
            List<String> awaits,
            List<Missing> missing) {}

    /**
     * One side of a rung against its criterion.
     *
     * @param successes what counts for the criterion, among {@code asks} that were looked at
     * @param tallied how many of {@code asks} were counted in tallies
     * @param window how many are looked at when there are enough
     * @param needed how many of them must count
     * @param lessonsHeld lessons (or days) running in which it held
     */
    public record SideOfStep(
            int successes, int asks, int tallied, int window, int needed, int lessonsHeld, int lessonsNeeded) {}

    /**
     * All rungs that are taught so, as this state has them, and those of others that it has ridden, can do, or was sent
     * back to; strands in the order in which they are taught.
     */
    public List<Step> steps(PairState state, Teaching teaching) {
        Judge judge = judge();
        Set<RungId> asked = state.asked();
        return catalogue.strands().stream()
                .sorted(Comparator.comparingInt(s -> schools.place(teaching, s.id())))
                .flatMap(strand -> steps(strand, teaching, state, asked, judge))
                .toList();
    }

    /**
     * What a pair's stair has otherwise than its school would, because that is settled for it.
     *
     * @param instead what is taught first in its stead; null where it is left out
     */
    public record SettingOnStair(String exercise, @CanBeNull String instead) {}

    /** What is left out of the stair of a pair that is taught so, or comes later than in its school. */
    public List<SettingOnStair> settled(Teaching teaching) {
        return catalogue.strands().stream()
                .flatMap(s -> catalogue.progression(s, teaching).rungs().stream())
                .flatMap(r -> settled(r.id(), teaching).stream())
                .distinct()
                .toList();
    }

    /** What was settled to come first on a pair's stair, and the strands that come first by it. */
    public record FirstOnStair(Settings.StrandOrder order, List<String> strands) {}

    /** Empty where the strands come as the school has them. */
    public Optional<FirstOnStair> first(Teaching teaching) {
        return teaching.settings().order().map(o -> new FirstOnStair(o, schools.first(teaching)));
    }

    private Optional<SettingOnStair> settled(RungId rung, Teaching teaching) {
        Exercise exercise = catalogue.exercise(rung.exercise()).orElseThrow();
        if (exercise.schools().contains(teaching.school()) && !catalogue.isTaught(rung, teaching)) {
            return Optional.of(new SettingOnStair(exercise.name(), null));
        }
        return catalogue
                .standIn(rung, teaching)
                .flatMap(r -> catalogue.exercise(r.exercise()))
                .map(by -> new SettingOnStair(exercise.name(), by.name()));
    }

    /** Names of strands that the yard made itself, by their ids. */
    public Map<String, String> strandNames() {
        return catalogue.strandNames();
    }

    /** The rung in work that was ridden last; of those of one lesson the first of the catalogue. */
    public Optional<Step> inWork(PairState state, Teaching teaching) {
        Judge judge = judge();
        Set<RungId> asked = state.asked();
        return catalogue.strands().stream()
                .flatMap(strand -> {
                    Progression progression = catalogue.progression(strand, teaching);
                    Map<RungId, RungState> states = Stair.states(progression, asked, state.stair());
                    return progression.rungs().stream()
                            .filter(rung -> states.get(rung.id()) == RungState.IN_WORK)
                            .map(rung -> new InWork(strand, rung));
                })
                .max(Comparator.comparingInt(w ->
                        state.find(w.rung().id()).map(RungRecord::lastLesson).orElse(0)))
                .map(w -> step(w.strand(), w.rung(), RungState.IN_WORK, state, judge));
    }

    private record InWork(Strand strand, Rung rung) {}

    private Judge judge() {
        return new Judge(catalogue::rung, rules.rungDecision(), rules.stifferSide());
    }

    private Stream<Step> steps(Strand strand, Teaching teaching, PairState state, Set<RungId> asked, Judge judge) {
        Progression progression = catalogue.progression(strand, teaching);
        Map<RungId, RungState> states = Stair.states(progression, asked, state.stair());
        return progression.rungs().stream()
                .filter(rung -> catalogue.isTaught(rung.id(), teaching)
                        || state.find(rung.id()).isPresent()
                        || state.stair().isOpening(rung.id())
                        || state.stair().resting().containsValue(rung.id()))
                .map(rung -> step(strand, rung, states.get(rung.id()), state, judge));
    }

    /** What the decision on a rung must know beside its record. */
    public Standing standing(Rung rung, PairState state, Teaching teaching, List<String> painSigns) {
        Progression progression =
                catalogue.progression(catalogue.strandOf(rung.id()).orElseThrow(), teaching);
        return new Standing(
                state(rung, state, teaching) == RungState.PASSED,
                Stair.opensNothing(progression, state.stair(), rung.id()),
                painSigns);
    }

    private Step step(Strand strand, Rung rung, RungState state, PairState pair, Judge judge) {
        Exercise exercise = catalogue.exercise(rung.id().exercise()).orElseThrow();
        List<SideCount> counts = pair.find(rung.id())
                .map(RungRecord::counts)
                .orElseGet(() -> judge.counts(rung.id(), judge.none(rung.id())));
        return new Step(
                rung.id().toString(),
                strand.id(),
                exercise.id(),
                exercise.name(),
                exercise.shortName(),
                rung.id().gait(),
                rung.id().place(),
                state,
                pair.stair().reopened().contains(rung.id()),
                rung.works(),
                pair.find(rung.id()).map(RungRecord::lessons).orElse(0),
                side(counts, Side.LEFT),
                side(counts, Side.RIGHT),
                List.of(),
                state == RungState.CLOSED && !pair.find(rung.id()).isPresent()
                        ? List.of()
                        : counts.stream().flatMap(r -> r.missing().stream()).toList());
    }

    private static SideOfStep side(List<SideCount> counts, Side side) {
        SideCount seen = counts.stream()
                .filter(c -> c.side() == side || c.side() == Side.NONE)
                .findFirst()
                .orElseThrow();
        return new SideOfStep(
                seen.counted().successes(),
                seen.counted().total(),
                seen.tallied(),
                seen.window(),
                seen.needed(),
                seen.held(),
                seen.toHold());
    }

    /** The rungs a pair was asked on, by strand. */
    public Map<String, List<Rung>> asked(PairState state) {
        return state.asked().stream()
                .flatMap(id -> catalogue.rung(id).stream())
                .collect(Collectors.groupingBy(
                        r -> catalogue.strandOf(r.id()).orElseThrow().id()));
    }

    /** The strand the pair's own rider was asked most on; empty before any ask on a rung. */
    public Optional<Strand> mainStrand(PairState state) {
        return mainStrand(
                state.rungs().values().stream().collect(Collectors.toMap(RungRecord::rung, RungRecord::asks)));
    }

    /** The strand with most of these asks; empty when there are none on its rungs. */
    public Optional<Strand> mainStrand(Map<RungId, Integer> asks) {
        Map<String, Integer> byStrand = new TreeMap<>();
        asks.forEach((rung, n) ->
                catalogue.strandOf(rung).filter(s -> n > 0).ifPresent(s -> byStrand.merge(s.id(), n, Integer::sum)));
        return byStrand.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .flatMap(e -> catalogue.strands().stream()
                        .filter(s -> s.id().equals(e.getKey()))
                        .findFirst());
    }

    /** The state of one rung of the catalogue. */
    private RungState state(Rung rung, PairState state, Teaching teaching) {
        return state(rung, state, teaching, false, List.of());
    }

    /**
     * The state of one rung of the catalogue at a lesson's end.
     *
     * @param before how the pair stood when the lesson began
     * @param isAsked its own rider was asked on it in the lesson
     * @param made decisions on the lesson, in order
     */
    public RungState state(Rung rung, PairState before, Teaching teaching, boolean isAsked, List<PastDecision> made) {
        Progression progression =
                catalogue.progression(catalogue.strandOf(rung.id()).orElseThrow(), teaching);
        StairState decided = before.stair();
        for (PastDecision m : made) {
            Optional<Rung> on = catalogue.rung(m.rung());
            if (on.isPresent()) {
                decided = decided.after(
                        new DecisionOnRung(on.get().id(), m.chosen()), on.get().wayBack());
            }
        }
        Set<RungId> asked = new HashSet<>(before.asked());
        if (isAsked) {
            asked.add(rung.id());
        }
        return Stair.states(progression, asked, decided).get(rung.id());
    }

    /** For a lesson's packet and the cards: the rungs a pair may ride today. */
    public static boolean isRideable(Step step) {
        return switch (step.state()) {
            case IN_WORK, OPEN, PASSED, PLACED -> true;
            case CLOSED, RESTING, PAUSED -> false;
        };
    }

    /** The last of these decisions on a rung in a lesson. */
    public static Optional<PastDecision> last(List<PastDecision> made, UUID lesson, String rung) {
        return made.stream()
                .filter(m -> m.lesson().equals(lesson) && m.rung().equals(rung))
                .reduce((a, b) -> b);
    }
}

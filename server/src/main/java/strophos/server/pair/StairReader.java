package strophos.server.pair;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.catalogue.Strand;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.progress.RungDecision;
import strophos.core.progress.RungEvidence;
import strophos.core.progress.Standing;
import strophos.core.stair.Decided;
import strophos.core.stair.PairRecord;
import strophos.core.stair.Progression;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.core.stair.Stair;
import strophos.server.rules.YardRules;

/** Reads a pair's stair from its record and the decisions made on it. */
@Component
public class StairReader {

    private final Catalogue catalogue;
    private final YardRules rules;

    StairReader(Catalogue catalogue, YardRules rules) {
        this.catalogue = catalogue;
        this.rules = rules;
    }

    /**
     * One rung of a pair, each side apart.
     *
     * @param awaits what must be open before and is not in the library yet; while there is any it is not ridden
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
            SideOfStep left,
            SideOfStep right,
            List<String> awaits,
            List<MissingView> missing) {}

    /**
     * One rein of a rung against its criterion.
     *
     * @param successes what counts for the criterion, among {@code asks} that were looked at
     * @param window how many are looked at when there are enough
     * @param needed how many of them must count
     * @param lessonsHeld lessons (or days) running in which it held
     */
    public record SideOfStep(int successes, int asks, int window, int needed, int lessonsHeld, int lessonsNeeded) {}

    public List<Step> steps(PairRecord record, List<DecisionRepository.Made> made) {
        RungDecision decision = rules.rungDecision();
        return catalogue.strands().stream()
                .flatMap(strand -> steps(strand, record, made, decision))
                .toList();
    }

    private Stream<Step> steps(
            Strand strand, PairRecord record, List<DecisionRepository.Made> made, RungDecision decision) {
        Map<RungId, RungState> states = Stair.states(strand.progression(), record.asked(), decided(made));
        return strand.progression().rungs().stream()
                .map(rung -> step(strand, rung, states.get(rung.id()), record, decision));
    }

    private List<Decided> decided(List<DecisionRepository.Made> made) {
        return made.stream()
                .flatMap(m -> catalogue.rung(m.rung()).map(r -> new Decided(r.id(), m.chosen())).stream())
                .toList();
    }

    /** What the decision on a rung must know beside its record. */
    public Standing standing(Rung rung, PairRecord record, List<DecisionRepository.Made> made, List<String> painSigns) {
        Progression progression = catalogue.strandOf(rung.id()).orElseThrow().progression();
        return new Standing(
                state(rung, record, made) == RungState.PASSED,
                Stair.opensNothing(progression, decided(made), rung.id()),
                painSigns);
    }

    private Step step(Strand strand, Rung rung, RungState state, PairRecord record, RungDecision decision) {
        Exercise exercise = catalogue.exercise(rung.id().exercise()).orElseThrow();
        List<RungEvidence.OfRein> reins = decision.criterion(rung.criterion()).onBoth(record.factsOf(rung.id()));
        return new Step(
                rung.id().toString(),
                strand.id(),
                exercise.id(),
                exercise.name(),
                exercise.shortName(),
                rung.id().gait(),
                rung.id().place(),
                state,
                side(reins, Rein.LEFT),
                side(reins, Rein.RIGHT),
                rung.awaits().stream().sorted().toList(),
                reins.stream()
                        .flatMap(r -> r.missing().stream())
                        .map(MissingView::of)
                        .toList());
    }

    private static SideOfStep side(List<RungEvidence.OfRein> reins, Rein rein) {
        RungEvidence.OfRein seen =
                reins.stream().filter(r -> r.rein() == rein).findFirst().orElseThrow();
        return new SideOfStep(
                seen.counted().successes(),
                seen.counted().of(),
                seen.window(),
                seen.needed(),
                seen.held(),
                seen.toHold());
    }

    /** The strand the pair's own rider was asked most on; empty before any ask on a rung. */
    Optional<String> mainStrand(PairRecord record) {
        Map<String, Long> asks = record.asks().stream()
                .filter(r -> r.ask().mounted() == Mounted.RIDER)
                .flatMap(r -> catalogue.strandOf(r.rung()).stream())
                .collect(Collectors.groupingBy(Strand::id, TreeMap::new, Collectors.counting()));
        return asks.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
    }

    /** Only the asks on rungs of this strand. */
    PairRecord ofStrand(PairRecord record, String strand) {
        return record.on(rung ->
                catalogue.strandOf(rung).filter(s -> s.id().equals(strand)).isPresent());
    }

    /** The state of one rung of the catalogue. */
    public RungState state(Rung rung, PairRecord record, List<DecisionRepository.Made> made) {
        Progression progression = catalogue.strandOf(rung.id()).orElseThrow().progression();
        return Stair.states(progression, record.asked(), decided(made)).get(rung.id());
    }

    /** For a lesson's packet and the cards: the rungs a pair may ride today. */
    public static boolean isRideable(Step step) {
        return step.state() == RungState.IN_WORK || step.state() == RungState.OPEN || step.state() == RungState.PASSED;
    }

    /** The last of these decisions on a rung in a lesson. */
    public static Optional<DecisionRepository.Made> last(List<DecisionRepository.Made> made, UUID lesson, String rung) {
        return made.stream()
                .filter(m -> m.lesson().equals(lesson) && m.rung().equals(rung))
                .reduce((a, b) -> b);
    }
}

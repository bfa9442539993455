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
import strophos.core.progress.Evidence;
import strophos.core.stair.Decided;
import strophos.core.stair.PairRecord;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.core.stair.Stair;

/** Reads a pair's stair from its record and the decisions made on it. */
@Component
public class StairReader {

    private final Catalogue catalogue;

    StairReader(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** One rung of a pair, each side apart. */
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
            List<MissingView> missing) {}

    /**
     * One rein of a rung against its criterion.
     *
     * @param successes YES at the criterion's strength or lighter, among the last {@code asks}
     * @param window asks that are judged
     * @param needed successes needed among them
     */
    public record SideOfStep(int successes, int asks, int window, int needed, int lessonsHeld, int lessonsNeeded) {}

    public List<Step> steps(PairRecord record, List<DecisionRepository.Made> made) {
        return catalogue.strands().stream()
                .flatMap(strand -> steps(strand, record, made))
                .toList();
    }

    private Stream<Step> steps(Strand strand, PairRecord record, List<DecisionRepository.Made> made) {
        List<Decided> decided = made.stream()
                .flatMap(m -> catalogue.rung(m.rung()).map(r -> new Decided(r.id(), m.chosen())).stream())
                .toList();
        Map<RungId, RungState> states = Stair.states(strand.progression(), record.asked(), decided);
        return strand.progression().rungs().stream().map(rung -> step(strand, rung, states.get(rung.id()), record));
    }

    private Step step(Strand strand, Rung rung, RungState state, PairRecord record) {
        Exercise exercise = catalogue.exercise(rung.id().exercise()).orElseThrow();
        List<Evidence.OfRein> reins = rung.criterion().judge(record.factsOf(rung.id())).evidence().stream()
                .map(Evidence.OfRein.class::cast)
                .toList();
        return new Step(
                rung.id().toString(),
                strand.id(),
                exercise.id(),
                exercise.name(),
                exercise.shortName(),
                rung.id().gait(),
                rung.id().place(),
                state,
                side(rung, reins, Rein.LEFT),
                side(rung, reins, Rein.RIGHT),
                reins.stream()
                        .flatMap(r -> r.missing().stream())
                        .map(MissingView::of)
                        .toList());
    }

    private static SideOfStep side(Rung rung, List<Evidence.OfRein> reins, Rein rein) {
        Evidence.OfRein seen =
                reins.stream().filter(r -> r.rein() == rein).findFirst().orElseThrow();
        return new SideOfStep(
                seen.window().successes(),
                seen.window().of(),
                rung.criterion().window(),
                rung.criterion().needed(),
                seen.lessonsHeld(),
                rung.criterion().lessons());
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
        return new PairRecord(record.asks().stream()
                .filter(r -> catalogue
                        .strandOf(r.rung())
                        .filter(s -> s.id().equals(strand))
                        .isPresent())
                .toList());
    }

    /** The state of one rung; empty when it stands in no strand. */
    public Optional<RungState> state(RungId rung, PairRecord record, List<DecisionRepository.Made> made) {
        return steps(record, made).stream()
                .filter(s -> s.rung().equals(rung.toString()))
                .map(Step::state)
                .findFirst();
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

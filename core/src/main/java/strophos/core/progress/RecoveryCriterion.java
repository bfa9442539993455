package strophos.core.progress;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.exchange.Side;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * The <em>recovery</em> criterion: after each of the last {@code times} mistakes on the side it was soft and attentive again
 * within {@code withinS} seconds. Mistakes will be made; what is learnt is coming back.
 *
 * @param withinS seconds, at least 1
 * @param times at least 1
 */
public record RecoveryCriterion(int withinS, int times) implements Criterion {

    public RecoveryCriterion {
        if (withinS < 1 || times < 1) {
            throw new IllegalArgumentException(
                    "A recovery needs seconds (%d) and times (%d) of at least 1.".formatted(withinS, times));
        }
    }

    @Override
    public String id() {
        return "criterion.recovery";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("withinS", (double) withinS, "times", (double) times);
    }

    @Override
    public Optional<Instrument> instrument() {
        return Optional.of(Instrument.SENSOR);
    }

    @Override
    public boolean looksAt(Observation observed) {
        return observed instanceof Observation.Recovery;
    }

    @Override
    public RungEvidence.OfSide onSide(RungFacts facts, Side side) {
        List<Observation.Recovery> all = facts.lessons().stream()
                .flatMap(l -> l.observed(Observation.Recovery.class, side).stream())
                .toList();
        List<Observation.Recovery> last = all.subList(Math.max(0, all.size() - times), all.size());
        int run = 0;
        while (run < last.size() && isInTime(last.get(last.size() - 1 - run))) {
            run++;
        }
        Proportion counted = new Proportion(run, last.size());
        return new RungEvidence.OfSide(
                side,
                counted,
                0,
                times,
                times,
                Wilson.of(counted),
                run == times ? 1 : 0,
                1,
                run == times ? List.of() : List.of(new Missing.Recoveries(side, times - run, withinS)),
                last.stream().map(Observation::entry).toList());
    }

    private boolean isInTime(Observation.Recovery recovered) {
        return recovered
                .after()
                .filter(a -> a.compareTo(Duration.ofSeconds(withinS)) <= 0)
                .isPresent();
    }
}

package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Side;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * The <em>hold</em> criterion: kept for at least {@code amount} strides, seconds or metres, {@code times} times a side, in the
 * lesson judged. Stretches in other units do not count.
 *
 * @param amount above 0
 * @param times at least 1
 */
public record HoldCriterion(double amount, HoldUnit unit, int times) implements Criterion {

    public HoldCriterion {
        if (!(amount > 0) || times < 1) {
            throw new IllegalArgumentException(
                    "A hold needs an amount (%s) above 0 and at least one time (%d).".formatted(amount, times));
        }
    }

    @Override
    public String id() {
        return "criterion.hold";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("amount", amount, "times", (double) times);
    }

    @Override
    public boolean looksAt(Observation observed) {
        return observed instanceof Observation.Hold hold && hold.unit() == unit;
    }

    @Override
    public RungEvidence.OfSide onSide(RungFacts facts, Side side) {
        List<Observation.Hold> tried = facts.lessons().isEmpty()
                ? List.of()
                : facts.lessons().get(facts.lessons().size() - 1).observed(Observation.Hold.class, side).stream()
                        .filter(h -> h.unit() == unit)
                        .toList();
        int kept = (int) tried.stream().filter(h -> h.amount() >= amount).count();
        Proportion counted = new Proportion(kept, tried.size());
        boolean isMet = kept >= times;
        return new RungEvidence.OfSide(
                side,
                counted,
                0,
                times,
                times,
                Wilson.of(counted),
                isMet ? 1 : 0,
                1,
                isMet ? List.of() : List.of(new Missing.Stretches(side, times - kept, amount, unit)),
                tried.stream().map(Observation::entry).toList());
    }
}

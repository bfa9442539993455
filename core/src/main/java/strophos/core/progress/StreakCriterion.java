package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * The <em>streak</em> criterion: on each side the last {@code length} asks were all YES at {@code atMost} or lighter. Judged at
 * a lesson's end; the streak may have begun in an earlier lesson. What was counted in a tally has no order and is passed over.
 *
 * @param length asks, at least 1
 */
public record StreakCriterion(int length, Strength atMost) implements Criterion {

    public StreakCriterion {
        if (length < 1) {
            throw new IllegalArgumentException("A streak (%d) needs at least one ask.".formatted(length));
        }
    }

    @Override
    public String id() {
        return "criterion.streak";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("length", (double) length, "atMost", (double) atMost.level());
    }

    /** Counts the run at the end, out of as many asks as there were up to a streak's length. */
    @Override
    public RungEvidence.OfSide onSide(RungFacts facts, Side side) {
        List<Ask> last = facts.touched().last(length, side);
        int run = 0;
        while (run < last.size() && last.get(last.size() - 1 - run).succeedsAt(atMost)) {
            run++;
        }
        Proportion counted = new Proportion(run, last.size());
        boolean isMet = run == length;
        return new RungEvidence.OfSide(
                side,
                counted,
                0,
                length,
                length,
                Wilson.of(counted),
                isMet ? 1 : 0,
                1,
                isMet ? List.of() : List.of(new Missing.Running(side, length - run, length)),
                RungEvidence.idsOf(last));
    }
}

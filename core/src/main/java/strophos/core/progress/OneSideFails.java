package strophos.core.progress;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.FisherExact;
import strophos.core.stats.Proportion;

/**
 * The two sides differ and the worse one fails: successes (YES at {@code atMost} or lighter) among the last {@code
 * window} asks of each side differ by Fisher's exact test at {@code p}, and the worse share is under {@code share}.
 * Speaks from {@code fewest} asks a side on.
 */
public record OneSideFails(int window, int fewest, Strength atMost, double p, double share) implements Rule<RungFacts> {

    static OneSideFails of(Thresholds t) {
        return new OneSideFails(
                t.whole("one-rein-fails.window"),
                t.whole("one-rein-fails.fewest"),
                Strength.LIGHT,
                t.get("one-rein-fails.p"),
                t.get("one-rein-fails.share"));
    }

    @Override
    public String id() {
        return "step-back.one-rein-fails";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("window", (double) window, "fewest", (double) fewest, "p", p, "share", share);
    }

    @Override
    public Judgement judge(RungFacts facts) {
        List<Ask> onLeft = facts.last(window, Side.LEFT);
        List<Ask> onRight = facts.last(window, Side.RIGHT);
        int few = Math.min(onLeft.size(), onRight.size());
        if (few < fewest) {
            return new Judgement.NotEnoughData(few, fewest);
        }
        Proportion left = LastAsks.successes(onLeft, atMost);
        Proportion right = LastAsks.successes(onRight, atMost);
        double value = FisherExact.twoSided(left, right);
        double lower = Math.min(left.share(), right.share());
        Optional<Side> worse = left.share() == right.share()
                ? Optional.empty()
                : Optional.of(left.share() < right.share() ? Side.LEFT : Side.RIGHT);
        List<String> entries = new ArrayList<>(RungEvidence.idsOf(onLeft));
        entries.addAll(RungEvidence.idsOf(onRight));
        return Judgement.of(
                value <= p + 1e-9 && lower < share - 1e-9,
                new RungEvidence.OfDifference(left, right, value, worse, List.copyOf(entries)));
    }
}

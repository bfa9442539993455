package strophos.core.progress;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Strength;
import strophos.core.stats.FisherExact;
import strophos.core.stats.Proportion;

/**
 * The two reins differ and the worse one fails: successes (YES at {@code atMost} or lighter) among the last {@code
 * window} asks of each rein differ by Fisher's exact test at {@code p}, and the worse share is under {@code share}.
 * Speaks from {@code fewest} asks a rein on.
 */
public record OneReinFails(int window, int fewest, Strength atMost, double p, double share) implements Rule {

    public static final OneReinFails DEFAULT = new OneReinFails(10, 8, Strength.LIGHT, 0.1, 0.4);

    @Override
    public String id() {
        return "step-back.one-rein-fails";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("window", (double) window, "p", p, "share", share);
    }

    @Override
    public Judgement judge(RungFacts facts) {
        Proportion left = counted(facts, Rein.LEFT);
        Proportion right = counted(facts, Rein.RIGHT);
        int few = Math.min(left.of(), right.of());
        if (few < fewest) {
            return new Judgement.NotEnoughData(few, fewest, List.of());
        }
        double value = FisherExact.twoSided(left, right);
        Proportion lower = left.share() < right.share() ? left : right;
        boolean fails = value <= p && lower.share() < share;
        Optional<Rein> worse = left.share() == right.share()
                ? Optional.empty()
                : Optional.of(left.share() < right.share() ? Rein.LEFT : Rein.RIGHT);
        List<Evidence> seen = List.of(new Evidence.OfDifference(left, right, value, worse));
        return fails ? new Judgement.Met(seen) : new Judgement.Broken(seen);
    }

    private Proportion counted(RungFacts facts, Rein rein) {
        List<Ask> asks = facts.last(window, rein);
        return new Proportion(
                (int) asks.stream().filter(a -> a.succeedsAt(atMost)).count(), asks.size());
    }
}

package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.exchange.Strength;
import strophos.core.stats.Proportion;

/**
 * The answer has to be forced: at least {@code strongestShare} of the last {@code window} asks at strength 4, or their
 * mean strength at least {@code meanStrength} (levels 1 to 4). For BRACE, NONE and WRONG the strength is the highest
 * used. Speaks from {@code fewest} asks on.
 */
public record Forcing(int window, int fewest, double strongestShare, double meanStrength) implements Rule {

    public static final Forcing DEFAULT = new Forcing(10, 8, 0.3, 3);

    @Override
    public String id() {
        return "step-back.forcing";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("window", (double) window, "strongestShare", strongestShare, "meanStrength", meanStrength);
    }

    @Override
    public Judgement judge(RungFacts facts) {
        List<Ask> asks = facts.last(window);
        if (asks.size() < fewest) {
            return new Judgement.NotEnoughData(asks.size(), fewest, List.of());
        }
        int strongest =
                (int) asks.stream().filter(a -> a.strength() == Strength.STRONG).count();
        double mean =
                asks.stream().mapToInt(a -> a.strength().level()).average().orElseThrow();
        Evidence seen = new Evidence.OfForce(new Proportion(strongest, asks.size()), mean);
        boolean forced = strongest >= strongestShare * asks.size() - 1e-9 || mean >= meanStrength;
        return forced ? new Judgement.Met(List.of(seen)) : new Judgement.Broken(List.of(seen));
    }
}

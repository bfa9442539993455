package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.exchange.Strength;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.Proportion;

/**
 * The answer has to be forced: at least {@code strongestShare} of the last {@code window} asks at strength 4, or their
 * mean strength at least {@code meanStrength} (levels 1 to 4). For BRACE, NONE and WRONG the strength is the highest
 * used. Speaks from {@code fewest} asks on.
 */
public record Forcing(int window, int fewest, double strongestShare, double meanStrength) implements Rule<RungFacts> {

    static Forcing of(Thresholds t) {
        return new Forcing(
                t.whole("forcing.window"),
                t.whole("forcing.fewest"),
                t.get("forcing.strongestShare"),
                t.get("forcing.meanStrength"));
    }

    @Override
    public String id() {
        return "step-back.forcing";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of(
                "window",
                (double) window,
                "fewest",
                (double) fewest,
                "strongestShare",
                strongestShare,
                "meanStrength",
                meanStrength);
    }

    @Override
    public Judgement judge(RungFacts facts) {
        List<Ask> asks = facts.last(window);
        if (asks.size() < fewest) {
            return new Judgement.NotEnoughData(asks.size(), fewest);
        }
        int strongest =
                (int) asks.stream().filter(a -> a.strength() == Strength.STRONG).count();
        double mean =
                asks.stream().mapToInt(a -> a.strength().level()).average().orElseThrow();
        return Judgement.of(
                strongest >= strongestShare * asks.size() - 1e-9 || mean >= meanStrength - 1e-9,
                new RungEvidence.OfForce(new Proportion(strongest, asks.size()), mean, RungEvidence.idsOf(asks)));
    }
}

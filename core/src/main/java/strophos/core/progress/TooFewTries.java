package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.exchange.Response;
import strophos.core.stats.Proportion;

/**
 * Too hard for today: under {@code share} of the lesson's asks were YES or TRY, from {@code fewest} asks on. Judged on
 * the whole lesson, both reins, so that one bad minute does not send a pair back.
 */
public record TooFewTries(int fewest, double share) implements Rule {

    public static final TooFewTries DEFAULT = new TooFewTries(8, 0.5);

    @Override
    public String id() {
        return "step-back.too-few-tries";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("fewest", (double) fewest, "share", share);
    }

    @Override
    public Judgement judge(RungFacts facts) {
        List<Ask> asks = facts.lastLesson();
        if (asks.size() < fewest) {
            return new Judgement.NotEnoughData(asks.size(), fewest, List.of());
        }
        int tries = (int) asks.stream()
                .filter(a -> a.response() == Response.YES || a.response() == Response.TRY)
                .count();
        Evidence seen = new Evidence.OfTries(new Proportion(tries, asks.size()));
        boolean few = tries < share * asks.size();
        return few ? new Judgement.Met(List.of(seen)) : new Judgement.Broken(List.of(seen));
    }
}

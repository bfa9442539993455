package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.Proportion;

/**
 * Too hard for today: under {@code share} of the lesson's asks were YES or TRY, from {@code fewest} asks on. Judged on
 * the whole lesson, both sides, so that one bad minute does not send a pair back. A tally does not say what came instead of
 * a YES, so it is passed over.
 */
public record TooFewTries(int fewest, double share) implements Rule<RungFacts> {

    static TooFewTries of(Thresholds t) {
        return new TooFewTries(t.whole("too-few-tries.fewest"), t.get("too-few-tries.share"));
    }

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
        List<Ask> asks = facts.lastLesson().stream().filter(a -> !a.isTallied()).toList();
        if (asks.size() < fewest) {
            return new Judgement.NotEnoughData(asks.size(), fewest);
        }
        int tries = (int) asks.stream().filter(Ask::isTry).count();
        return Judgement.of(
                tries < share * asks.size() - 1e-9,
                new RungEvidence.OfTries(new Proportion(tries, asks.size()), RungEvidence.idsOf(asks)));
    }
}

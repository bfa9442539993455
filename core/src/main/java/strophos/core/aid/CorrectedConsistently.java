package strophos.core.aid;

import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.school.CorrectionPolicy;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * Errors of the named kind were corrected every time, or nearly: at least {@code share} of them. Speaks from {@code fewest}
 * errors on; {@code Broken} is told to the rider. Under the policy <em>ignore</em> nothing is to be corrected and the share
 * is that of errors let pass.
 */
public record CorrectedConsistently(double share, int fewest) implements Rule<Errors> {

    /** @param t of {@link AidThresholds#SET} */
    public static CorrectedConsistently of(Thresholds t) {
        return new CorrectedConsistently(t.get("consistency.share"), t.whole("consistency.fewest"));
    }

    @Override
    public String id() {
        return "aids.corrected-consistently";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("share", share, "fewest", (double) fewest);
    }

    @Override
    public Judgement judge(Errors errors) {
        int all = errors.seen().size();
        if (all < fewest) {
            return new Judgement.NotEnoughData(all, fewest);
        }
        boolean isWanted = errors.policy() != CorrectionPolicy.IGNORE;
        List<String> against = errors.seen().stream()
                .filter(e -> e.isCorrected() != isWanted)
                .map(Errors.Instance::entry)
                .toList();
        Proportion asWanted = new Proportion(all - against.size(), all);
        return Judgement.of(
                asWanted.successes() >= share * all - 1e-9,
                new AidEvidence.OfShare(asWanted, Wilson.of(asWanted), against));
    }
}

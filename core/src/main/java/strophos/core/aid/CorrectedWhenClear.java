package strophos.core.aid;

import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/**
 * Under the policy <em>when clear</em> the correction came in time: after at least {@code least} strides of the error (before,
 * the horse cannot know what is meant) and at most {@code most}. Needs timing.
 */
public record CorrectedWhenClear(int least, int most) implements Rule<CorrectedWhenClear.Correction> {

    /** A correction after so many strides of the error. */
    public record Correction(String entry, TimeSource source, int strides) {}

    /** @param t of {@link AidThresholds#SET} */
    public static CorrectedWhenClear of(Thresholds t) {
        return new CorrectedWhenClear(t.whole("when-clear.leastStrides"), t.whole("when-clear.mostStrides"));
    }

    @Override
    public String id() {
        return "aids.corrected-when-clear";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("leastStrides", (double) least, "mostStrides", (double) most);
    }

    @Override
    public Judgement judge(Correction correction) {
        if (!correction.source().hasTiming()) {
            return new Judgement.NotEnoughData(0, 1);
        }
        return Judgement.of(
                correction.strides() >= least && correction.strides() <= most,
                new AidEvidence.OfStrides(correction.strides(), List.of(correction.entry())));
    }
}

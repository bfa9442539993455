package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;

/** Signs of pain or unsoundness were seen in the lesson: no rung is judged before somebody licensed has looked. */
record PainSigns(List<String> signs) implements Rule<RungFacts> {

    @Override
    public String id() {
        return "get-help.pain-signs";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of();
    }

    @Override
    public Judgement judge(RungFacts facts) {
        return Judgement.of(!signs.isEmpty(), new RungEvidence.OfSigns(signs));
    }
}

package strophos.core.stop;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;

/** ■ Signs of tiredness, or a breath that did not settle in the rest. One sign is enough. */
public record Tired() implements Rule<RideSoFar> {

    static final String BREATH = "breath-not-settled";

    @Override
    public String id() {
        return "stop.tired";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of();
    }

    @Override
    public Judgement judge(RideSoFar ride) {
        List<String> signs = new ArrayList<>(ride.tiredSigns());
        if (ride.isBreathUnsettled()) {
            signs.add(BREATH);
        }
        return Judgement.of(!signs.isEmpty(), new StopEvidence.OfSigns(signs));
    }
}

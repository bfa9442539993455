package strophos.core.stop;

import java.util.List;
import java.util.Map;
import strophos.core.exchange.Response;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/** It stays WRONG after a step back: the last {@code running} answers since were all WRONG. Silent while nobody stepped back. */
public record StuckAfterStepBack(int running) implements Rule<RideSoFar> {

    /** @param t of {@link StopThresholds#SET} */
    public static StuckAfterStepBack of(Thresholds t) {
        return new StuckAfterStepBack(t.whole("stuck.wrongRunning"));
    }

    @Override
    public String id() {
        return "stop.stuck-after-step-back";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("wrongRunning", (double) running);
    }

    @Override
    public Judgement judge(RideSoFar ride) {
        List<Response> since = ride.sinceStepBack();
        if (since.size() < running) {
            return new Judgement.NotEnoughData(since.size(), running);
        }
        int wrong = 0;
        while (wrong < since.size() && since.get(since.size() - 1 - wrong) == Response.WRONG) {
            wrong++;
        }
        return Judgement.of(wrong >= running, new StopEvidence.OfWrong(wrong));
    }
}

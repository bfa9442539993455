package strophos.core.aid;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/**
 * Light, wait, reinforce: the wait between the light aid and the reinforcement is about a second, in [{@code least}, {@code
 * most}]. Shorter, and the horse had no chance to answer; longer, and the two are no longer one sentence. Needs timing.
 */
public record WaitedThenReinforced(Duration least, Duration most) implements Rule<TimedResponse> {

    /** @param t of {@link AidThresholds#SET} */
    public static WaitedThenReinforced of(Thresholds t) {
        return new WaitedThenReinforced(Seconds.of(t.get("wait.leastS")), Seconds.of(t.get("wait.mostS")));
    }

    @Override
    public String id() {
        return "aids.waited-then-reinforced";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("leastS", least.toMillis() / 1000.0, "mostS", most.toMillis() / 1000.0);
    }

    /** @param wait the delay from the light aid until the reinforcement */
    @Override
    public Judgement judge(TimedResponse wait) {
        if (!wait.source().hasTiming()) {
            return new Judgement.NotEnoughData(0, 1);
        }
        return Judgement.of(
                wait.delay().compareTo(least) >= 0 && wait.delay().compareTo(most) <= 0,
                new AidEvidence.OfDelay(wait.delay(), List.of(wait.entry())));
    }
}

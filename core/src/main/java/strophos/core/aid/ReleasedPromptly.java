package strophos.core.aid;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/**
 * The aid ended within {@code prompt} of the response. Needs timing; {@code NotEnoughData} without.
 */
public record ReleasedPromptly(Duration prompt) implements Rule<TimedResponse> {

    /** @param t of {@link AidThresholds#SET} */
    public static ReleasedPromptly of(Thresholds t) {
        return new ReleasedPromptly(Seconds.of(t.get("release.promptS")));
    }

    @Override
    public String id() {
        return "aids.released-promptly";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("promptS", prompt.toMillis() / 1000.0);
    }

    /** @param release the delay from the response until the release */
    @Override
    public Judgement judge(TimedResponse release) {
        if (!release.source().hasTiming()) {
            return new Judgement.NotEnoughData(0, 1);
        }
        return Judgement.of(
                release.delay().compareTo(prompt) <= 0,
                new AidEvidence.OfDelay(release.delay(), List.of(release.entry())));
    }
}

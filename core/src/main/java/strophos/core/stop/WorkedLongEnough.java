package strophos.core.stop;

import java.time.Duration;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/** ■ Worked for {@code most} minutes, or {@code sparedMost} with a horse under five or in its first month back. */
public record WorkedLongEnough(int most, int sparedMost) implements Rule<RideSoFar> {

    /** @param t of {@link StopThresholds#SET} */
    public static WorkedLongEnough of(Thresholds t) {
        return new WorkedLongEnough(t.whole("work.minutes"), t.whole("work.sparedMinutes"));
    }

    @Override
    public String id() {
        return "stop.worked-long-enough";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("minutes", (double) most, "sparedMinutes", (double) sparedMost);
    }

    /** The most work a day for a horse that is spared, or not. */
    public Duration limit(boolean isSpared) {
        return Duration.ofMinutes(isSpared ? sparedMost : most);
    }

    @Override
    public Judgement judge(RideSoFar ride) {
        Duration limit = limit(ride.isSpared());
        return Judgement.of(ride.worked().compareTo(limit) >= 0, new StopEvidence.OfTime(ride.worked(), limit));
    }
}

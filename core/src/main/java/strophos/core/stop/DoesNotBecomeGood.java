package strophos.core.stop;

import java.time.Duration;
import java.util.Map;
import strophos.core.exchange.Rein;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/**
 * It does not become good today: the end of the work allowed is {@code before} away, and the target was not reached on both
 * reins. Then something it can do, one YES, stretch, end: the last minutes are not for one more try.
 */
public record DoesNotBecomeGood(Duration before, WorkedLongEnough limit, int running, double betterBy)
        implements Rule<RideSoFar> {

    /** @param t of {@link StopThresholds#SET} */
    public static DoesNotBecomeGood of(Thresholds t) {
        return new DoesNotBecomeGood(
                Duration.ofMinutes(t.whole("not-good.minutesBefore")),
                WorkedLongEnough.of(t),
                t.whole("good-place.yesRunning"),
                t.get("good-place.betterBy"));
    }

    @Override
    public String id() {
        return "stop.does-not-become-good";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("minutesBefore", before.toSeconds() / 60.0);
    }

    @Override
    public Judgement judge(RideSoFar ride) {
        Duration from = limit.limit(ride.isSpared()).minus(before);
        boolean isReached = Rein.BOTH.stream().allMatch(r -> GoodPlace.isReached(ride.on(r), running, betterBy));
        return Judgement.of(
                ride.worked().compareTo(from) >= 0 && !isReached, new StopEvidence.OfTime(ride.worked(), from));
    }
}

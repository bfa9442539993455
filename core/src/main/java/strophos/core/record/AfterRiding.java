package strophos.core.record;

import java.time.Duration;
import java.util.Optional;

/**
 * What was said of a lesson once it was ridden. Of each the last word stands; earlier ones stay in the log.
 *
 * @param felt what the rider felt
 * @param nextTime what to think of when the next lesson is planned
 * @param forRider what the rider is shown
 */
public record AfterRiding(
        Optional<Payload.RiderFelt> felt, Optional<Payload.NextTime> nextTime, Optional<Payload.ForRider> forRider) {

    /** So long after its end what a ride felt like is still asked before its numbers are shown (common practice, no source). */
    public static final Duration FRESH = Duration.ofHours(12);

    /** As the log says it. */
    public static AfterRiding of(Ride ride) {
        return new AfterRiding(
                last(ride, Payload.RiderFelt.class),
                last(ride, Payload.NextTime.class),
                last(ride, Payload.ForRider.class));
    }

    private static <M extends Payload.Mark> Optional<M> last(Ride ride, Class<M> kind) {
        return ride.marks().stream()
                .map(Ride.Mark::said)
                .filter(kind::isInstance)
                .map(kind::cast)
                .reduce((before, last) -> last);
    }
}

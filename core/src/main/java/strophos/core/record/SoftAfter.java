package strophos.core.record;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;

/**
 * How long it took from the beginning of the ride to the first run of soft answers: {@value #RUN} asks running that were
 * answered YES at {@link Strength#LIGHT} or lighter, under the pair's own rider. The time is that of the first of them. Read
 * from single touches alone: what was counted in a tally has no time, and what the rider asked wrongly is passed over. Common
 * practice, no source.
 */
public final class SoftAfter {

    /** So many soft answers make a run, as many as make a good place to stop. */
    public static final int RUN = 3;

    private SoftAfter() {}

    /** Empty where no lesson began, or no run came. */
    public static Optional<Duration> of(Ride ride) {
        if (ride.startedAtMs().isEmpty()) {
            return Optional.empty();
        }
        Map<String, Mounted> riders =
                ride.segments().stream().collect(Collectors.toMap(Ride.Segment::id, Ride.Segment::mounted));
        Set<String> slips = Answers.slips(ride);
        List<Ride.Exchange> asks = ride.exchanges().stream()
                .filter(x -> riders.get(x.segment()) == Mounted.RIDER && !slips.contains(x.id()))
                .toList();
        return of(
                ride.startedAtMs().getAsLong(),
                asks.stream()
                        .map(x -> new Touch(x.atMs(), x.strength(), x.response()))
                        .toList());
    }

    /** One ask of the pair's own rider, asked as it should be. */
    public record Touch(long atMs, Strength strength, Response response) {

        private boolean isSoft() {
            return response == Response.YES && strength.compareTo(Strength.LIGHT) <= 0;
        }
    }

    /** @param asks of a ride that began then, in order */
    public static Optional<Duration> of(long beganMs, List<Touch> asks) {
        int run = 0;
        for (int i = 0; i < asks.size(); i++) {
            run = asks.get(i).isSoft() ? run + 1 : 0;
            if (run == RUN) {
                return Optional.of(
                        Duration.ofMillis(Math.max(0, asks.get(i - RUN + 1).atMs() - beganMs)));
            }
        }
        return Optional.empty();
    }
}

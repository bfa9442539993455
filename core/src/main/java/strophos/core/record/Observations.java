package strophos.core.record;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import strophos.core.exchange.Choice;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Observation;
import strophos.core.stair.RungId;

/**
 * What was observed on the rungs of a ride beside its asks, under the pair's own rider: stretches kept, named faults of rider
 * and horse, frights (chosen or seen as jumping away). Contact as felt is no share of time and recovery is not timed: they
 * come from a sensor ({@code RiddenStretch}).
 */
public final class Observations {

    private static final String JUMPS_AWAY = "jumps-away";

    private Observations() {}

    /** One thing observed, the rung it belongs to, and the segment it was observed in. */
    public record RungObservation(RungId rung, String segment, Observation observed) {}

    /**
     * All of a ride, in order.
     *
     * @param works the side of the horse that a rung works
     */
    public static List<RungObservation> of(Ride ride, Function<RungId, WorkedSide> works) {
        Map<String, Ride.Segment> segments = new HashMap<>();
        ride.segments().stream().filter(s -> s.mounted() == Mounted.RIDER).forEach(s -> segments.put(s.id(), s));
        return ride.marks().stream()
                .flatMap(m -> m.said().hangsOn().map(segments::get).stream().flatMap(s -> {
                    Side side = works.apply(s.rung()).on(s.rein(), s.side());
                    return observed(m, side).map(o -> new RungObservation(s.rung(), s.id(), o)).stream();
                }))
                .toList();
    }

    private static Optional<Observation> observed(Ride.Mark mark, Side side) {
        return Counts.observed(mark.said(), new AsObserved(mark.id(), side)).flatMap(observed -> observed);
    }

    /** How each kind is observed, in an entry on this side. */
    private record AsObserved(String entry, Side side) implements Counts.Observed<Optional<Observation>> {

        @Override
        public Optional<Observation> held(Payload.Hold h) {
            return Optional.of(new Observation.Hold(entry, side, h.unit(), h.amount()));
        }

        @Override
        public Optional<Observation> choice(Payload.HorseChoice c) {
            return c.choice() == Choice.FRIGHT ? Optional.of(new Observation.Fright(entry, side)) : Optional.empty();
        }

        @Override
        public Optional<Observation> sign(Payload.Sign s) {
            return Optional.of(
                    s.name().equals(JUMPS_AWAY)
                            ? new Observation.Fright(entry, side)
                            : new Observation.Fault(entry, side, s.name()));
        }

        @Override
        public Optional<Observation> latch(Payload.Latch l) {
            return l.on() ? Optional.of(new Observation.Fault(entry, side, l.name())) : Optional.empty();
        }

        @Override
        public Optional<Observation> fault(Payload.Fault f) {
            return Optional.of(new Observation.Fault(entry, side, f.name()));
        }
    }
}

package strophos.core.contact;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Observation;
import strophos.core.record.Observations.RungObservation;
import strophos.core.record.Ride;
import strophos.core.stair.RungId;

/**
 * A stretch of riding as far as a recording measured it.
 *
 * @param part its samples; {@code fromS} and {@code toS} where they lie in the recording
 */
public record RiddenStretch(Ride.Segment segment, double fromS, double toS, ReinSeries part, StretchContact contact) {

    /** Of a stretch at least so much must have been measured to be told of, in seconds. */
    private static final double LEAST_S = 2;

    private static final double MS = 1000;

    /**
     * All of a ride, in the order they were ridden in.
     *
     * @param startedMs when the first sample was taken
     * @param band the pair's own
     */
    public static List<RiddenStretch> all(Ride ride, ReinSeries series, long startedMs, Optional<Band> band) {
        List<RiddenStretch> stretches = new ArrayList<>();
        for (Ride.Segment segment : ride.segments()) {
            double fromS = Math.max(0, (segment.atMs() - startedMs) / MS);
            double toS = segment.endMs().isEmpty()
                    ? series.seconds()
                    : Math.min(series.seconds(), (segment.endMs().getAsLong() - startedMs) / MS);
            if (toS - fromS >= LEAST_S) {
                ReinSeries part = series.part(fromS, toS);
                stretches.add(
                        new RiddenStretch(segment, fromS, toS, part, StretchContact.of(part, segment.gait(), band)));
            }
        }
        return stretches;
    }

    /** The letter it was begun at; empty where that was not said, and where it had begun before the recording did. */
    public Optional<String> begunAt(long startedMs) {
        return segment.said().from().filter(letter -> segment.atMs() >= startedMs);
    }

    /**
     * What was measured for its rung, under the pair's own rider: the time in the band, and each time it was soft again. Empty without a
     * band.
     *
     * @param works the side of the horse that a rung works
     */
    public List<RungObservation> observed(Function<RungId, WorkedSide> works) {
        if (segment.mounted() != Mounted.RIDER) {
            return List.of();
        }
        Side side = works.apply(segment.rung()).on(segment.rein(), segment.side());
        List<RungObservation> observed = new ArrayList<>();
        contact.inBand()
                .filter(b -> b.measuredS() > 0)
                .ifPresent(b -> observed.add(
                        on(new Observation.InBand(segment.id(), side, time(b.insideS()), time(b.measuredS())))));
        contact.softAgain()
                .forEach(s -> observed.add(on(new Observation.Recovery(segment.id(), side, time(s.afterS())))));
        return observed;
    }

    private RungObservation on(Observation observed) {
        return new RungObservation(segment.rung(), segment.id(), observed);
    }

    private static Optional<Duration> time(OptionalDouble s) {
        return s.isEmpty() ? Optional.empty() : Optional.of(time(s.getAsDouble()));
    }

    private static Duration time(double s) {
        return Duration.ofMillis(Math.round(s * MS));
    }
}

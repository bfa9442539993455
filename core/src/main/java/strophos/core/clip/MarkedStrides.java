package strophos.core.clip;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Function;
import java.util.stream.Stream;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Landing;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.footfall.Footfalls;
import strophos.core.progress.Observation;
import strophos.core.record.Observations.RungObservation;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.core.stair.RungId;

/**
 * Some strides of a lesson whose landings were marked on a clip.
 *
 * @param entry that marked them
 * @param segment that was ridden then; empty where it is not known where in the lesson the clip lies
 */
public record MarkedStrides(String entry, Optional<Ride.Segment> segment, Footfalls says) {

    /** All of a lesson, in the order in which they were marked; those that say nothing are left out. */
    public static List<MarkedStrides> of(Ride ride) {
        Map<String, OptionalLong> starts = starts(ride);
        return Clip.of(ride).stream()
                .flatMap(clip -> clip.measured().stream())
                .sorted(Comparator.comparingLong(Clip.Measured::atMs))
                .flatMap(m ->
                        m
                                .says()
                                .map(says -> new MarkedStrides(m.id(), segment(ride, starts, m.marked()), says))
                                .stream())
                .toList();
    }

    /**
     * What they tell of the rungs ridden under the pair's own rider: the lag of each pair of feet, in the order they were marked in. What is
     * known of no segment tells of no rung.
     *
     * @param works the side of the horse that a rung works
     */
    public static List<RungObservation> observed(Ride ride, Function<RungId, WorkedSide> works) {
        return of(ride).stream()
                .flatMap(strides -> strides.segment()
                        .filter(s -> s.mounted() == Mounted.RIDER)
                        .map(s -> strides.on(s, works.apply(s.rung()).on(s.rein(), s.side())))
                        .orElse(Stream.empty()))
                .toList();
    }

    /** The gait that was ridden then; empty where that is not known. */
    public Optional<Gait> gait() {
        return segment.map(Ride.Segment::gait);
    }

    private Stream<RungObservation> on(Ride.Segment segment, Side worked) {
        return Stream.of(says.left(), says.right())
                .flatMap(Optional::stream)
                .map(lag -> new Observation.Beats(entry, worked, lag.side(), lag.share(), lag.low(), lag.high()))
                .map(beats -> new RungObservation(segment.rung(), segment.id(), beats));
    }

    private static Map<String, OptionalLong> starts(Ride ride) {
        Map<String, OptionalLong> starts = new HashMap<>();
        for (Ride.Mark mark : ride.marks()) {
            if (mark.said() instanceof Payload.TimeBase base) {
                OptionalLong ofFirst = base.copyOf().map(starts::get).orElse(OptionalLong.empty());
                starts.put(mark.id(), base.startMs().isPresent() ? base.startMs() : ofFirst);
            }
        }
        return starts;
    }

    private static Optional<Ride.Segment> segment(
            Ride ride, Map<String, OptionalLong> starts, Payload.Footfalls marked) {
        OptionalLong start = starts.getOrDefault(marked.base(), OptionalLong.empty());
        if (start.isEmpty()) {
            return Optional.empty();
        }
        long firstMs = start.getAsLong()
                + marked.landings().stream().mapToInt(Landing::ms).min().orElse(0);
        return ride.segments().stream()
                .filter(s -> s.atMs() <= firstMs && firstMs < s.endMs().orElse(Long.MAX_VALUE))
                .reduce((a, b) -> b);
    }
}

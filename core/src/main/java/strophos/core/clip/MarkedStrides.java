package strophos.core.clip;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Landing;
import strophos.core.footfall.Footfalls;
import strophos.core.record.Payload;
import strophos.core.record.Ride;

/**
 * Some strides of a lesson whose landings were marked on a clip.
 *
 * @param gait that was ridden then; empty where it is not known where in the lesson the clip lies
 */
public record MarkedStrides(Optional<Gait> gait, Footfalls says) {

    /** All of a lesson, in the order in which they were marked; those that say nothing are left out. */
    public static List<MarkedStrides> of(Ride ride) {
        Map<String, OptionalLong> starts = starts(ride);
        return Clip.of(ride).stream()
                .flatMap(clip -> clip.measured().stream())
                .sorted(Comparator.comparingLong(Clip.Measured::atMs))
                .flatMap(m -> m.says().map(says -> new MarkedStrides(gait(ride, starts, m.marked()), says)).stream())
                .toList();
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

    private static Optional<Gait> gait(Ride ride, Map<String, OptionalLong> starts, Payload.Footfalls marked) {
        OptionalLong start = starts.getOrDefault(marked.base(), OptionalLong.empty());
        if (start.isEmpty()) {
            return Optional.empty();
        }
        long firstMs = start.getAsLong()
                + marked.landings().stream().mapToInt(Landing::ms).min().orElse(0);
        return ride.segments().stream()
                .filter(s -> s.atMs() <= firstMs && firstMs < s.endMs().orElse(Long.MAX_VALUE))
                .map(Ride.Segment::gait)
                .reduce((a, b) -> b);
    }
}

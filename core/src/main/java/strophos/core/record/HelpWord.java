package strophos.core.record;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import strophos.core.stair.RungId;

/**
 * The coach's own word that another exercise helped a rung.
 *
 * @param exercise that other one, by its id
 */
public record HelpWord(RungId rung, String exercise) {

    /** All of a ride, each once, in the order in which they were said. */
    public static List<HelpWord> in(Ride ride) {
        Map<String, Ride.Segment> segments =
                ride.segments().stream().collect(Collectors.toMap(Ride.Segment::id, s -> s));
        return ride.marks().stream()
                .map(Ride.Mark::said)
                .filter(Payload.Help.class::isInstance)
                .map(Payload.Help.class::cast)
                .map(h -> new HelpWord(segments.get(h.segment()).rung(), h.exercise()))
                .filter(w -> !w.exercise().equals(w.rung().exercise()))
                .distinct()
                .toList();
    }
}

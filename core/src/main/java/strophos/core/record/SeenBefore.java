package strophos.core.record;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import strophos.core.exchange.Side;

/**
 * What was seen of a pair in its last lessons, so that its usual faults and signs stand first when something is to be marked.
 *
 * @param isSign a sign of the horse's; else a fault or habit of the rider's
 * @param times how often it was marked, at least 1
 */
public record SeenBefore(boolean isSign, String name, Side side, int times) {

    /** So many of the last lessons say what is usual. Common practice, no source. */
    public static final int LESSONS = 5;

    /** Counts what was marked in these rides, the latest last; most often first, of equals that marked last. */
    public static List<SeenBefore> in(List<Ride> rides) {
        Map<SeenBefore, Integer> times = new LinkedHashMap<>();
        rides.stream().flatMap(r -> r.marks().stream()).forEach(mark -> {
            if (mark.said() instanceof Payload.Seen seen) {
                SeenBefore once = new SeenBefore(seen instanceof Payload.Sign, seen.name(), seen.side(), 1);
                int before = times.containsKey(once) ? times.remove(once) : 0;
                times.put(once, before + 1);
            }
        });
        List<SeenBefore> all = new ArrayList<>();
        times.forEach((s, n) -> all.add(0, new SeenBefore(s.isSign, s.name, s.side, n)));
        all.sort(Comparator.comparingInt(SeenBefore::times).reversed());
        return List.copyOf(all);
    }
}

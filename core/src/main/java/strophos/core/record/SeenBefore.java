package strophos.core.record;

import java.util.ArrayList;
import java.util.Collections;
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

    /** What was marked in a ride, each thing once, in the order in which it was marked last. */
    public static List<SeenBefore> in(Ride ride) {
        Map<SeenBefore, Integer> times = new LinkedHashMap<>();
        for (Ride.Mark mark : ride.marks()) {
            if (mark.said() instanceof Payload.Seen seen) {
                add(times, new SeenBefore(seen instanceof Payload.Sign, seen.name(), seen.side(), 1));
            }
        }
        return inOrder(times);
    }

    /** What was marked in several rides, the latest last; most often first, of equals that marked last. */
    public static List<SeenBefore> inAll(List<List<SeenBefore>> rides) {
        Map<SeenBefore, Integer> times = new LinkedHashMap<>();
        rides.forEach(ride -> ride.forEach(s -> add(times, s)));
        List<SeenBefore> all = new ArrayList<>(inOrder(times));
        Collections.reverse(all);
        all.sort(Comparator.comparingInt(SeenBefore::times).reversed());
        return List.copyOf(all);
    }

    private static void add(Map<SeenBefore, Integer> times, SeenBefore seen) {
        SeenBefore once = new SeenBefore(seen.isSign, seen.name, seen.side, 1);
        int before = times.containsKey(once) ? times.remove(once) : 0;
        times.put(once, before + seen.times);
    }

    private static List<SeenBefore> inOrder(Map<SeenBefore, Integer> times) {
        List<SeenBefore> all = new ArrayList<>();
        times.forEach((s, n) -> all.add(new SeenBefore(s.isSign, s.name, s.side, n)));
        return List.copyOf(all);
    }
}

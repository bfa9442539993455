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
public record EarlierMark(boolean isSign, String name, Side side, int times) {

    /** So many of the last lessons say what is usual. Common practice, no source. */
    public static final int LESSONS = 5;

    /** What was marked in a ride, each thing once, in the order in which it was marked last. */
    public static List<EarlierMark> in(Ride ride) {
        Map<EarlierMark, Integer> times = new LinkedHashMap<>();
        for (Ride.Mark mark : ride.marks()) {
            if (mark.said() instanceof Payload.Sighting seen) {
                add(times, new EarlierMark(seen instanceof Payload.Sign, seen.name(), seen.side(), 1));
            }
        }
        return inOrder(times);
    }

    /** What was marked in several rides, the latest last; most often first, of equals that marked last. */
    public static List<EarlierMark> inAll(List<List<EarlierMark>> rides) {
        Map<EarlierMark, Integer> times = new LinkedHashMap<>();
        rides.forEach(ride -> ride.forEach(s -> add(times, s)));
        List<EarlierMark> all = new ArrayList<>(inOrder(times));
        Collections.reverse(all);
        all.sort(Comparator.comparingInt(EarlierMark::times).reversed());
        return List.copyOf(all);
    }

    private static void add(Map<EarlierMark, Integer> times, EarlierMark seen) {
        EarlierMark once = new EarlierMark(seen.isSign, seen.name, seen.side, 1);
        int before = times.containsKey(once) ? times.remove(once) : 0;
        times.put(once, before + seen.times);
    }

    private static List<EarlierMark> inOrder(Map<EarlierMark, Integer> times) {
        List<EarlierMark> all = new ArrayList<>();
        times.forEach((s, n) -> all.add(new EarlierMark(s.isSign, s.name, s.side, n)));
        return List.copyOf(all);
    }
}

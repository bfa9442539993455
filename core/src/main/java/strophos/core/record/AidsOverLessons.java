package strophos.core.record;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import strophos.core.aid.MissedReleases;
import strophos.core.exchange.Release;
import strophos.core.stats.Proportion;

/**
 * How a rider's use of the aids moves: of the lessons in which something of a kind was noted, the earlier half beside the later one,
 * counts against counts. Nothing is said of why, and nothing of timing (common practice, no source).
 */
public final class AidsOverLessons {

    private AidsOverLessons() {}

    /** What is counted. */
    public enum Measure {
        /** Asked more lightly first, of the asks that were answered at a clear or strong aid. */
        LIGHTLY,
        /** The hand took with a driving aid or after it. */
        INTO_THE_HAND,
        /** Errors corrected, of all noted. */
        CORRECTED,
        /** Releases that never came, of all noted. */
        RELEASE_MISSED
    }

    /**
     * One measure.
     *
     * @param lessons in which it was noted, at least two
     * @param lately of an odd number of lessons the middle one is among these
     */
    public record Moved(Measure measure, int lessons, Proportion earlier, Proportion lately) {}

    /** All that was noted in two lessons or more, in the order of the measures. */
    public static List<Moved> of(List<Ride> oldestFirst) {
        List<Map<Measure, Proportion>> lessons =
                oldestFirst.stream().map(AidsOverLessons::of).toList();
        List<Moved> all = new ArrayList<>();
        for (Measure measure : Measure.values()) {
            List<Proportion> noted = lessons.stream()
                    .map(l -> l.get(measure))
                    .filter(p -> !p.isEmpty())
                    .toList();
            if (noted.size() >= 2) {
                int half = noted.size() / 2;
                all.add(new Moved(
                        measure,
                        noted.size(),
                        together(noted.subList(0, half)),
                        together(noted.subList(half, noted.size()))));
            }
        }
        return List.copyOf(all);
    }

    /** The releases noted in these rides, by exercise and rein. */
    public static List<MissedReleases.Count> missed(List<Ride> rides) {
        return MissedReleases.list(
                rides.stream().flatMap(r -> releases(r).stream()).toList());
    }

    private static Map<Measure, Proportion> of(Ride ride) {
        AidUse use = AidUse.of(ride);
        List<Boolean> corrected = ride.marks().stream()
                .flatMap(m -> Counts.consistency(m.said(), Payload.Correction::made).stream())
                .toList();
        List<MissedReleases.NotedRelease> releases = releases(ride);
        return Map.of(
                Measure.LIGHTLY,
                use.lightly(),
                Measure.INTO_THE_HAND,
                use.intoTheHand(),
                Measure.CORRECTED,
                new Proportion((int) corrected.stream().filter(c -> c).count(), corrected.size()),
                Measure.RELEASE_MISSED,
                new Proportion(
                        (int) releases.stream()
                                .filter(r -> r.release() == Release.MISSED)
                                .count(),
                        releases.size()));
    }

    private static List<MissedReleases.NotedRelease> releases(Ride ride) {
        Map<String, Ride.Exchange> exchanges =
                ride.exchanges().stream().collect(Collectors.toMap(Ride.Exchange::id, Function.identity()));
        Map<String, Ride.Segment> segments =
                ride.segments().stream().collect(Collectors.toMap(Ride.Segment::id, Function.identity()));
        return ride.marks().stream()
                .flatMap(m -> Counts.release(m.said(), r -> {
                            Ride.Segment s =
                                    segments.get(exchanges.get(r.exchange()).segment());
                            return new MissedReleases.NotedRelease(m.id(), s.exercise(), s.rein(), r.release());
                        })
                        .stream())
                .toList();
    }

    private static Proportion together(List<Proportion> of) {
        return new Proportion(
                of.stream().mapToInt(Proportion::successes).sum(),
                of.stream().mapToInt(Proportion::total).sum());
    }
}

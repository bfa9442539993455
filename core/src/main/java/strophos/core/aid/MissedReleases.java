package strophos.core.aid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Release;
import strophos.core.stats.Proportion;

/** Missed releases by exercise and rein, from touches: no timing is needed to see that none came. */
public final class MissedReleases {

    private MissedReleases() {}

    /** What was touched in about one release. */
    public record NotedRelease(String entry, String exercise, Rein rein, Release release) {}

    /** One exercise and rein: missed of all that were noted, and which. */
    public record Count(String exercise, Rein rein, Proportion missed, List<String> entries) {
        public Count {
            entries = List.copyOf(entries);
        }
    }

    /** Those with at least one missed, the most missed first. */
    public static List<Count> list(List<NotedRelease> noted) {
        Map<List<Object>, List<NotedRelease>> sorted = new LinkedHashMap<>();
        noted.forEach(r -> sorted.computeIfAbsent(List.of(r.exercise(), r.rein()), k -> new ArrayList<>())
                .add(r));
        return sorted.values().stream()
                .map(MissedReleases::line)
                .filter(l -> l.missed().successes() > 0)
                .sorted(Comparator.<Count>comparingInt(l -> -l.missed().successes())
                        .thenComparing(Count::exercise)
                        .thenComparing(Count::rein))
                .toList();
    }

    private static Count line(List<NotedRelease> noted) {
        List<String> missed = noted.stream()
                .filter(r -> r.release() == Release.MISSED)
                .map(NotedRelease::entry)
                .toList();
        NotedRelease first = noted.get(0);
        return new Count(first.exercise(), first.rein(), new Proportion(missed.size(), noted.size()), missed);
    }
}

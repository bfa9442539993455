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
    public record Noted(String entry, String exercise, Rein rein, Release release) {}

    /** One exercise and rein: missed of all that were noted, and which. */
    public record Line(String exercise, Rein rein, Proportion missed, List<String> entries) {
        public Line {
            entries = List.copyOf(entries);
        }
    }

    /** Those with at least one missed, the most missed first. */
    public static List<Line> list(List<Noted> noted) {
        Map<List<Object>, List<Noted>> sorted = new LinkedHashMap<>();
        noted.forEach(r -> sorted.computeIfAbsent(List.of(r.exercise(), r.rein()), k -> new ArrayList<>())
                .add(r));
        return sorted.values().stream()
                .map(MissedReleases::line)
                .filter(l -> l.missed().successes() > 0)
                .sorted(Comparator.<Line>comparingInt(l -> -l.missed().successes())
                        .thenComparing(Line::exercise)
                        .thenComparing(Line::rein))
                .toList();
    }

    private static Line line(List<Noted> noted) {
        List<String> missed = noted.stream()
                .filter(r -> r.release() == Release.MISSED)
                .map(Noted::entry)
                .toList();
        Noted first = noted.get(0);
        return new Line(first.exercise(), first.rein(), new Proportion(missed.size(), noted.size()), missed);
    }
}

package strophos.core.sheet;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import strophos.core.record.Answers;
import strophos.core.record.Payload;
import strophos.core.record.Ride;

/**
 * The asks of a ride as a table that people and {@link AskSheet} can read: a line an ask, in order, times in seconds. Tallies have a
 * table of their own, since nobody knows when each of their asks was made, or what came of it but good or not.
 */
public final class AskTable {

    public static final List<String> HEADING = List.of(
            "time", "exercise", "gait", "place", "rein", "rides", "strength", "first", "response", "release", "slip");

    public static final List<String> TALLIES_HEADING =
            List.of("time", "exercise", "gait", "place", "rein", "rides", "strength", "good", "others");

    private AskTable() {}

    /** The lines under the heading; times are of this zone. */
    public static List<List<String>> of(Ride ride, ZoneId zone) {
        Map<String, Ride.Segment> segments = segments(ride);
        Set<String> slips = Answers.slips(ride);
        Map<String, String> releases = new HashMap<>();
        for (Ride.Mark mark : ride.marks()) {
            if (mark.said() instanceof Payload.Released r) {
                releases.put(r.exchange(), r.release().name().toLowerCase(Locale.ROOT));
            }
        }
        List<List<String>> lines = new ArrayList<>();
        for (Ride.Exchange x : ride.exchanges()) {
            lines.add(line(
                    at(x.atMs(), zone),
                    segments.get(x.segment()),
                    String.valueOf(x.strength().level()),
                    x.said().first().map(f -> String.valueOf(f.level())).orElse(""),
                    word(x.response().word()),
                    releases.getOrDefault(x.id(), ""),
                    slips.contains(x.id()) ? "yes" : ""));
        }
        return lines;
    }

    /** The tallies of a ride, a line each, as they were counted: what was touched in during the turn is among them. */
    public static List<List<String>> tallies(Ride ride, ZoneId zone) {
        Map<String, Ride.Segment> segments = segments(ride);
        List<List<String>> lines = new ArrayList<>();
        for (Ride.Mark mark : ride.marks()) {
            if (mark.said() instanceof Payload.Tally t) {
                lines.add(line(
                        at(mark.atMs(), zone),
                        segments.get(t.segment()),
                        t.strength().map(s -> String.valueOf(s.level())).orElse(""),
                        String.valueOf(t.good()),
                        String.valueOf(t.others())));
            }
        }
        return lines;
    }

    private static Map<String, Ride.Segment> segments(Ride ride) {
        Map<String, Ride.Segment> segments = new HashMap<>();
        ride.segments().forEach(s -> segments.put(s.id(), s));
        return segments;
    }

    private static List<String> line(String at, Ride.Segment s, String... further) {
        List<String> line = new ArrayList<>(List.of(
                at,
                s.exercise(),
                word(s.gait().word()).replace('_', '-'),
                place(s),
                word(s.rein().word()),
                word(s.mounted().word())));
        line.addAll(List.of(further));
        return List.copyOf(line);
    }

    private static String at(long ms, ZoneId zone) {
        LocalDateTime utc = LocalDateTime.ofEpochSecond(Math.floorDiv(ms, 1000L), 0, ZoneOffset.UTC);
        return utc.atZone(ZoneOffset.UTC)
                .withZoneSameInstant(zone)
                .toLocalDateTime()
                .withNano(0)
                .toString();
    }

    private static String place(Ride.Segment s) {
        String place = word(s.place().word());
        return s.said().circleM().isPresent() ? place + " " + s.said().circleM().getAsInt() : place;
    }

    private static String word(String word) {
        return word.toLowerCase(Locale.ROOT);
    }
}

package strophos.core.sheet;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import strophos.core.record.Payload;
import strophos.core.record.Ride;

/** The asks of a ride as a table that people and {@link AskSheet} can read: a line an ask, in order, times in seconds. */
public final class AskTable {

    public static final List<String> HEADING =
            List.of("time", "exercise", "gait", "place", "rein", "rides", "strength", "first", "response", "release");

    private AskTable() {}

    /** The lines under the heading; times are of this zone. */
    public static List<List<String>> of(Ride ride, ZoneId zone) {
        Map<String, Ride.Segment> segments = new HashMap<>();
        ride.segments().forEach(s -> segments.put(s.id(), s));
        Map<String, String> releases = new HashMap<>();
        for (Ride.Mark mark : ride.marks()) {
            if (mark.said() instanceof Payload.Released r) {
                releases.put(r.exchange(), r.release().name().toLowerCase(Locale.ROOT));
            }
        }
        List<List<String>> lines = new ArrayList<>();
        for (Ride.Exchange x : ride.exchanges()) {
            Ride.Segment s = segments.get(x.segment());
            lines.add(List.of(
                    at(x.atMs(), zone),
                    s.exercise(),
                    word(s.gait().word()).replace('_', '-'),
                    place(s),
                    word(s.rein().word()),
                    word(s.mounted().word()),
                    String.valueOf(x.strength().level()),
                    x.said().first().map(f -> String.valueOf(f.level())).orElse(""),
                    word(x.response().word()),
                    releases.getOrDefault(x.id(), "")));
        }
        return lines;
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

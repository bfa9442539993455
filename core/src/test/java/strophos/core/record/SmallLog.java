package strophos.core.record;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A lesson's log written in a test, ten seconds an entry. */
public final class SmallLog {

    private final List<Entry> entries = new ArrayList<>();

    /** The entry's id. */
    public String say(String kind, Map<String, Object> payload) {
        int seq = entries.size() + 1;
        String id = "00000000-0000-7000-8000-%012d".formatted(seq);
        entries.add(new Entry(id, "l", "d", "a", seq, 10_000L * seq, kind, 1, payload));
        return id;
    }

    /** Counter-bend in trot along the rail, on this rein with this rider. */
    public String segment(String rein, String mounted) {
        return say(
                "segment",
                Map.of("exercise", "counter-bend", "gait", "TROT", "place", "RAIL", "rein", rein, "mounted", mounted));
    }

    /** Asks of a segment at the second strength: y for YES, n for no answer. The last one's id. */
    public String asks(String segment, String answers) {
        String last = "";
        for (char answer : answers.toCharArray()) {
            last = ask(segment, answer == 'y' ? "YES" : "NONE", Map.of());
        }
        return last;
    }

    /** One ask, and what else was noted of it. */
    public String ask(String segment, String response, Map<String, Object> more) {
        Map<String, Object> payload = new HashMap<>(Map.of("segment", segment, "strength", 2, "response", response));
        payload.putAll(more);
        return say("exchange", payload);
    }

    public Ride ride() {
        return Fold.of(entries);
    }
}

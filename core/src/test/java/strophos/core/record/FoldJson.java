package strophos.core.record;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Entries and rides as the shared example files write them. */
final class FoldJson {

    static final JsonMapper JSON = JsonMapper.shared();

    private FoldJson() {}

    static List<Entry> entries(JsonNode array) {
        return array.valueStream()
                .map(e -> JSON.convertValue(((ObjectNode) e.deepCopy()).without("receivedAtMs"), Entry.class))
                .toList();
    }

    /** The entries, read, with their arrivals where these are written. */
    static List<ReadEntry> arrived(JsonNode array) {
        List<ReadEntry> arrived = new ArrayList<>();
        List<Entry> entries = entries(array);
        for (int i = 0; i < entries.size(); i++) {
            ReadEntry read = ReadEntry.of(entries.get(i));
            JsonNode at = array.path(i).path("receivedAtMs");
            arrived.add(at.isMissingNode() ? read : read.arrived(at.asLong()));
        }
        return arrived;
    }

    /** The ride as plain JSON; absent times are null. */
    static JsonNode ride(Ride ride) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("startedAtMs", orNull(ride.startedAtMs()));
        written.put("endedAtMs", orNull(ride.endedAtMs()));
        written.put("segments", ride.segments().stream().map(FoldJson::segment).toList());
        written.put(
                "exchanges", ride.exchanges().stream().map(FoldJson::exchange).toList());
        written.put("notes", ride.notes());
        written.put("looks", ride.looks().stream().map(FoldJson::look).toList());
        written.put("rests", ride.rests().stream().map(FoldJson::rest).toList());
        written.put("marks", ride.marks().stream().map(FoldJson::mark).toList());
        written.put("stopSigns", ride.stopSigns());
        written.put("reinMs", ride.reinMs());
        written.put("pads", ride.pads().stream().map(FoldJson::pad).toList());
        written.put("loose", ride.loose());
        written.put("voided", ride.voided());
        written.put("odd", ride.odd());
        // through text, so that whole numbers read back as they will from a file
        return JSON.readTree(JSON.writeValueAsString(written));
    }

    private static Map<String, Object> segment(Ride.Segment s) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("id", s.id());
        written.put("atMs", s.atMs());
        written.put("endMs", orNull(s.endMs()));
        written.putAll(s.said().plain());
        return written;
    }

    private static Map<String, Object> exchange(Ride.Exchange x) {
        Map<String, Object> written = new LinkedHashMap<>(Map.of("id", x.id(), "atMs", x.atMs(), "author", x.author()));
        written.putAll(x.said().plain());
        return written;
    }

    private static Map<String, Object> look(Ride.Look l) {
        return Map.of(
                "id", l.id(),
                "atMs", l.atMs(),
                "author", l.author(),
                "seen", l.seen().plain());
    }

    private static Map<String, Object> rest(Ride.Rest r) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("id", r.id());
        written.put("atMs", r.atMs());
        written.put("endMs", orNull(r.endMs()));
        return written;
    }

    private static Map<String, Object> mark(Ride.Mark m) {
        Map<String, Object> said = new LinkedHashMap<>(Map.of("kind", m.said().kind()));
        said.putAll(m.said().plain());
        return Map.of("id", m.id(), "atMs", m.atMs(), "author", m.author(), "said", said);
    }

    private static Map<String, Object> pad(Ride.PadCounts t) {
        return Map.of(
                "exercise", t.exercise(),
                "gait", t.gait().word(),
                "place", t.place().word(),
                "rein", t.rein(),
                "mounted", t.mounted(),
                "counts", t.counts());
    }

    private static Long orNull(OptionalLong ms) {
        return ms.isPresent() ? ms.getAsLong() : null;
    }
}

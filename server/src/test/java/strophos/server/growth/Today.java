package strophos.server.growth;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import strophos.server.harness.App;
import strophos.server.harness.Client;

/** A lesson ridden now, through the interface. */
final class Today {

    private static final int BATCH = 500;

    private final Client coach;
    private final String person;
    private final String lesson = UUID.randomUUID().toString();
    private final String device = UUID.randomUUID().toString();
    private long seq;
    private long atMs = App.START.toEpochMilli();

    Today(Client coach, String pair) {
        this.coach = coach;
        this.person = coach.person();
        coach.post(
                "/api/v1/lessons",
                Map.of("id", lesson, "pair", pair, "plannedAt", App.START.toString(), "minutes", 45));
    }

    private Map<String, Object> entry(String kind, Map<String, Object> payload) {
        atMs += 2_000;
        Map<String, Object> entry = new HashMap<>();
        entry.put("id", UUID.randomUUID().toString());
        entry.put("lesson", lesson);
        entry.put("device", device);
        entry.put("author", person);
        entry.put("seq", ++seq);
        entry.put("atMs", atMs);
        entry.put("kind", kind);
        entry.put("v", 1);
        entry.put("payload", payload);
        return entry;
    }

    /** A start, a segment and asks: so many entries in all, in batches as a device sends them. */
    void send(int many) {
        List<Map<String, Object>> all = new ArrayList<>();
        all.add(entry("lesson_started", Map.of()));
        Map<String, Object> segment = entry(
                "segment",
                Map.of(
                        "exercise",
                        "counter-bend",
                        "gait",
                        "WALK",
                        "place",
                        "RAIL",
                        "rein",
                        "LEFT",
                        "mounted",
                        "RIDER"));
        all.add(segment);
        while (all.size() < many) {
            all.add(entry("exchange", Map.of("segment", segment.get("id"), "strength", 2, "response", "YES")));
        }
        for (int i = 0; i < many; i += BATCH) {
            stored(all.subList(i, Math.min(many, i + BATCH)));
        }
    }

    void end() {
        stored(List.of(entry("lesson_ended", Map.of())));
    }

    private void stored(List<Map<String, Object>> entries) {
        Client.Reply reply = coach.post("/api/v1/entries", Map.of("entries", entries));
        if (reply.status() != 200
                || !reply.body()
                        .path("answers")
                        .path(0)
                        .path("outcome")
                        .asString()
                        .equals("STORED")) {
            throw new IllegalStateException("Not stored: " + reply.body());
        }
    }
}

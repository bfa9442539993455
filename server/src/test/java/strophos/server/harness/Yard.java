package strophos.server.harness;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Writes lessons into the demo yard through its interface, each test in a pair of its own. */
public final class Yard {

    private final Client coach;
    private final String person;
    private final String device = UUID.randomUUID().toString();
    private long seq;
    private long atMs = App.START.toEpochMilli();

    public Yard(Client coach) {
        this.coach = coach;
        this.person = coach.person();
    }

    /** A new pair; its id. */
    public String pair() {
        Map<String, Object> pair = new LinkedHashMap<>();
        pair.put("rider", "Rosalba Thiele");
        pair.put("horse", "Sindri");
        pair.put("description", null);
        pair.put("heightCm", 138);
        pair.put("school", "GAITED");
        pair.put("goal", null);
        return coach.post("/api/v1/pairs", pair).body().path("id").asString();
    }

    /** A new lesson of this pair, now; its id. */
    public String lesson(String pair) {
        String id = UUID.randomUUID().toString();
        Client.Reply added = coach.post(
                "/api/v1/lessons", Map.of("id", id, "pair", pair, "plannedAt", App.START.toString(), "minutes", 45));
        if (added.status() != 201) {
            throw new AssertionError("The lesson was not put in: " + added.body());
        }
        return id;
    }

    /** An entry as a device would write it, later than all before. */
    public Map<String, Object> entry(String lesson, String kind, Map<String, Object> payload) {
        atMs += 1000;
        Map<String, Object> entry = new LinkedHashMap<>();
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

    public Map<String, Object> segment(String lesson, String rein) {
        return entry(
                lesson,
                "segment",
                Map.of(
                        "exercise", "counter-bend",
                        "gait", "WALK",
                        "place", "RAIL",
                        "rein", rein,
                        "mounted", "RIDER"));
    }

    public Map<String, Object> exchange(String lesson, Object segment, String response) {
        return entry(lesson, "exchange", Map.of("segment", segment, "strength", 2, "response", response));
    }

    /** So many YES and so many others on each rein, started and, if wanted, ended. */
    public List<Map<String, Object>> ride(String lesson, int yes, String other, int others, boolean isEnded) {
        List<Map<String, Object>> all = new ArrayList<>();
        all.add(entry(lesson, "lesson_started", Map.of()));
        for (String rein : List.of("LEFT", "RIGHT")) {
            Map<String, Object> segment = segment(lesson, rein);
            all.add(segment);
            for (int i = 0; i < yes; i++) {
                all.add(exchange(lesson, segment.get("id"), "YES"));
            }
            for (int i = 0; i < others; i++) {
                all.add(exchange(lesson, segment.get("id"), other));
            }
        }
        if (isEnded) {
            all.add(entry(lesson, "lesson_ended", Map.of()));
        }
        return all;
    }

    /** Sends them in one batch; the answers. */
    public JsonNode send(List<?> entries) {
        Client.Reply reply = coach.post("/api/v1/entries", Map.of("entries", entries));
        if (reply.status() != 200) {
            throw new AssertionError("The batch was refused: " + reply.body());
        }
        return reply.body().path("answers");
    }

    public JsonNode debrief(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/debrief").body();
    }
}

package strophos.server.harness;

import java.time.Clock;
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

    /** The demo's pair with this horse. */
    public String pairOf(String horse) {
        return coach.get("/api/v1/pairs/names")
                .body()
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals(horse))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    /** A second rider on the horse of this pair; the new pair's id. */
    public String secondPair(String pair, String rider) {
        Map<String, Object> second = new LinkedHashMap<>();
        second.put("rider", rider);
        second.put("horse", "Sindri");
        second.put("school", "GAITED");
        second.put("horseId", horse(pair));
        return coach.post("/api/v1/pairs", second).body().path("id").asString();
    }

    /** The id of a pair's horse. */
    public String horse(String pair) {
        return coach.get("/api/v1/pairs/" + pair).body().path("horseId").asString();
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

    /** An entry as a device would write it, later than all before and than all that the application did so far. */
    public Map<String, Object> entry(String lesson, String kind, Map<String, Object> payload) {
        atMs = Math.max(atMs + 1000, App.demo().bean(Clock.class).millis() + 1);
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

    /** Rides a lesson to its end on one rung: the same answers on both reins. */
    public String ridden(String pair, int yes, String other, int others) {
        String lesson = lesson(pair);
        send(ride(lesson, yes, other, others, true));
        return lesson;
    }

    /** Takes a first look in a lesson. */
    public Map<String, Object> look(String lesson, Map<String, Object> checks) {
        Map<String, Object> look = entry(lesson, "first_look", checks);
        send(List.of(look));
        return look;
    }

    /** A look on which nothing is below 3. */
    public static Map<String, Object> goodLook() {
        Map<String, Object> checks = new LinkedHashMap<>();
        checks.put("soundness", "SOUND");
        for (String score : List.of("calm", "rider", "halt", "leg", "bendLeft", "bendRight")) {
            checks.put(score, 3);
        }
        checks.put("placeLeft", "EVEN");
        checks.put("placeRight", "EVEN");
        checks.put("circleLeft", 10);
        checks.put("circleRight", 12);
        checks.put("shoulder", 0);
        return checks;
    }

    /** Somebody who watches over the pair's rider or the rider, signed in by an invitation. */
    public Client invited(String pair, String role) {
        JsonNode people = coach.get("/api/v1/pairs/" + pair + "/people").body().path("people");
        String id = people.valueStream()
                .filter(p -> p.path("role").asString().equals(role))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        String token = coach.post("/api/v1/pairs/" + pair + "/invitations", Map.of("person", id))
                .body()
                .path("token")
                .asString();
        Client client = App.demo().client();
        String name = "r" + UUID.randomUUID().toString().substring(0, 12);
        Client.Reply joined =
                client.post("/api/v1/join", Map.of("token", token, "signInName", name, "password", "a long password"));
        if (joined.status() != 200) {
            throw new AssertionError("The invitation did not work: " + joined.body());
        }
        return client;
    }

    /** Sets homework on a rung after a lesson; its id. */
    public String homework(String lesson, String rung) {
        String id = UUID.randomUUID().toString();
        Client.Reply set =
                coach.post("/api/v1/lessons/" + lesson + "/homework", Map.of("id", id, "rung", rung, "daysAWeek", 5));
        if (set.status() != 201) {
            throw new AssertionError("The homework was not set: " + set.body());
        }
        return id;
    }

    /** A report as the rider's device writes it. */
    public static Map<String, Object> report(Client rider, String assignment, String feel, List<String> stopSigns) {
        JsonNode card = card(rider, assignment);
        JsonNode step = card.path("steps").path(card.path("step").asInt());
        Map<String, Object> report = new LinkedHashMap<>();
        report.put("id", UUID.randomUUID().toString());
        report.put("assignment", assignment);
        report.put("author", rider.person());
        report.put("step", card.path("step").asInt());
        report.put("rung", step.path("rung").asString());
        report.put("startedAt", App.START.plusSeconds(60).toString());
        report.put("leftS", 120);
        report.put("rightS", 150);
        report.put("feel", feel);
        for (String count : List.of("leftGood", "leftCounted", "rightGood", "rightCounted")) {
            report.put(count, 0);
        }
        report.put("stopSigns", stopSigns);
        report.put("question", null);
        report.put("secondBest", false);
        return report;
    }

    /** The rider's card of an assignment. */
    public static JsonNode card(Client rider, String assignment) {
        return rider.get("/api/v1/practice")
                .body()
                .path("pairs")
                .valueStream()
                .flatMap(p -> p.path("cards").valueStream())
                .filter(c -> c.path("id").asString().equals(assignment))
                .findFirst()
                .orElseThrow();
    }

    public JsonNode debrief(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/debrief").body();
    }
}

package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** A lesson written by a device, entry by entry, and sent at once. */
final class LessonLog {

    private static final int BATCH = 500;

    private final Visitor coach;
    private final String lesson = UUID.randomUUID().toString();
    private final String device = UUID.randomUUID().toString();
    private final String author;
    private final List<Map<String, Object>> entries = new ArrayList<>();
    private long atMs = Instant.parse(Stage.START).minusSeconds(3_000).toEpochMilli();

    private LessonLog(Visitor coach, String pair) {
        this.coach = coach;
        author = coach.get("/api/v1/session").path("me").path("person").asString();
        coach.post(
                "/api/v1/lessons",
                Map.of(
                        "id",
                        lesson,
                        "pair",
                        pair,
                        "plannedAt",
                        Instant.ofEpochMilli(atMs).toString(),
                        "minutes",
                        45));
        say("lesson_started", Map.of());
    }

    /** A lesson of a new pair, begun fifty minutes ago. */
    static LessonLog of(Visitor coach, String horse) {
        return new LessonLog(
                coach,
                coach.post(
                                "/api/v1/pairs",
                                Map.of(
                                        "rider",
                                        "Emeka Lindqvist",
                                        "horse",
                                        horse,
                                        "heightCm",
                                        150,
                                        "school",
                                        "CLASSICAL"))
                        .path("id")
                        .asString());
    }

    /** The same of a pair there is. */
    static LessonLog ofPair(Visitor coach, String pair) {
        return new LessonLog(coach, pair);
    }

    String lesson() {
        return lesson;
    }

    String say(String kind, Map<String, Object> payload) {
        String id = UUID.randomUUID().toString();
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("id", id);
        entry.put("lesson", lesson);
        entry.put("device", device);
        entry.put("author", author);
        entry.put("seq", entries.size() + 1);
        entry.put("atMs", ++atMs);
        entry.put("kind", kind);
        entry.put("v", 1);
        entry.put("payload", payload);
        entries.add(entry);
        return id;
    }

    LessonLog waits(int seconds) {
        atMs += 1000L * seconds;
        return this;
    }

    String segment(String rein) {
        return segment("circle-bend", "WALK", "CIRCLE", rein, "RIDER");
    }

    String segment(String exercise, String gait, String place, String rein, String mounted) {
        return say(
                "segment",
                Map.of("exercise", exercise, "gait", gait, "place", place, "rein", rein, "mounted", mounted));
    }

    void ask(String segment, String response) {
        say("exchange", Map.of("segment", segment, "strength", 2, "response", response));
    }

    void fault(String segment, String name) {
        say("fault", Map.of("segment", segment, "name", name, "side", "LEFT"));
    }

    /** Ends it, and sends all. */
    void send() {
        say("lesson_ended", Map.of());
        for (int i = 0; i < entries.size(); i += BATCH) {
            assertThat(coach.post(
                                    "/api/v1/entries",
                                    Map.of("entries", entries.subList(i, Math.min(entries.size(), i + BATCH))))
                            .path("answers")
                            .valueStream()
                            .map(answer -> answer.path("outcome").asString()))
                    .containsOnly("STORED");
        }
    }
}

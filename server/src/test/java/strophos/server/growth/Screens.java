package strophos.server.growth;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import strophos.core.contact.StandInSensor;
import strophos.server.harness.Client;
import strophos.server.harness.Sensor;
import tools.jackson.databind.JsonNode;

/** Every request a screen makes, each for one pair or lesson of a yard or another: a new screen joins here. */
final class Screens {

    private final Client coach;
    private final Client rider;
    private final List<String> pairs;
    private final List<String> lessons = new ArrayList<>();
    private final List<String> compared = new ArrayList<>();
    private final List<String> today;
    private final String shown;

    /** A screen's request. */
    record Screen(String name, Client who, IntFunction<String> path) {}

    Screens(Client coach, Client rider) {
        this.coach = coach;
        this.rider = rider;
        pairs = ids(coach.get("/api/v1/pairs/names").body().path("pairs"));
        for (String pair : pairs.subList(0, Math.min(20, pairs.size()))) {
            List<String> two = ids(coach.get("/api/v1/pairs/" + pair + "/lessons")
                            .body()
                            .path("lessons"))
                    .stream()
                    .limit(2)
                    .toList();
            lessons.addAll(two);
            compared.add("/api/v1/pairs/%s/compared?one=%s&other=%s".formatted(pair, two.get(0), two.get(1)));
        }
        today = coach.get("/api/v1/today")
                .body()
                .path("lessons")
                .valueStream()
                .map(l -> l.path("lesson").path("id").asString())
                .toList();
        shown = lessonOf(rider);
        showTo(rider, shown);
        measure(lessons.get(0));
    }

    /** Half an hour of both reins at 100 Hz, once. */
    private void measure(String lesson) {
        JsonNode debrief = coach.get("/api/v1/lessons/" + lesson + "/debrief").body();
        JsonNode contact = coach.get("/api/v1/lessons/" + lesson + "/contact").body();
        if (contact.path("recordings").isEmpty()) {
            StandInSensor.Stretch trot = new StandInSensor.Stretch(1800, 158, 0.03, 3, 3.5, 1.5, 0);
            new Sensor(coach, lesson)
                    .send(
                            StandInSensor.measure(StandInSensor.Script.of(100, trot), 1),
                            Instant.parse(
                                    debrief.path("lesson").path("startedAt").asString()));
        }
    }

    private static String lessonOf(Client rider) {
        String pair = ids(rider.get("/api/v1/pairs").body().path("pairs")).get(0);
        return ids(rider.get("/api/v1/pairs/" + pair + "/lessons").body().path("lessons"))
                .get(0);
    }

    /** Eight strides of four even beats. */
    private static final List<Map<String, Object>> LANDINGS = IntStream.rangeClosed(0, 32)
            .<Map<String, Object>>mapToObj(i -> Map.of(
                    "foot",
                    List.of("LEFT_HIND", "LEFT_FORE", "RIGHT_HIND", "RIGHT_FORE")
                            .get(i % 4),
                    "ms",
                    250 * i))
            .toList();

    /** What was said and marked on a video, with as many words beneath as may be. */
    private void showTo(Client rider, String lesson) {
        if (rider.get("/api/v1/lessons/" + lesson + "/words")
                .body()
                .path("isShown")
                .asBoolean()) {
            return;
        }
        JsonNode debrief = coach.get("/api/v1/lessons/" + lesson + "/debrief").body();
        long atMs = Instant.parse(debrief.path("lesson").path("startedAt").asString())
                .toEpochMilli();
        String device = UUID.randomUUID().toString();
        List<String> kinds = List.of("time_base", "comment", "for_rider", "footfalls");
        List<String> entries =
                kinds.stream().map(kind -> UUID.randomUUID().toString()).toList();
        List<Map<String, Object>> payloads = List.of(
                Map.of(
                        "source",
                        "CLIP",
                        "clip",
                        Map.of("fileName", "a.mp4", "bytes", 9, "durationMs", 31_000, "digest", "ef".repeat(32)),
                        "startMs",
                        atMs),
                Map.of("at", Map.of("base", entries.get(0), "ms", 4_300), "text", "Heel down."),
                Map.of("homework", true, "clips", true),
                Map.of("base", entries.get(0), "frameMs", 33, "landings", LANDINGS));
        coach.post(
                "/api/v1/entries",
                Map.of(
                        "entries",
                        IntStream.range(0, kinds.size())
                                .mapToObj(i -> Map.of(
                                        "id",
                                        entries.get(i),
                                        "lesson",
                                        lesson,
                                        "device",
                                        device,
                                        "author",
                                        coach.person(),
                                        "seq",
                                        i + 1,
                                        "atMs",
                                        atMs + i,
                                        "kind",
                                        kinds.get(i),
                                        "v",
                                        1,
                                        "payload",
                                        payloads.get(i)))
                                .toList()));
        for (int i = 0; i < 100; i++) {
            rider.post(
                    "/api/v1/lessons/" + lesson + "/words",
                    Map.of("id", UUID.randomUUID(), "comment", entries.get(1), "text", "Which heel? " + i));
        }
    }

    Client coach() {
        return coach;
    }

    private static List<String> ids(JsonNode all) {
        return all.valueStream().map(n -> n.path("id").asString()).toList();
    }

    private static IntFunction<String> at(String before, List<String> ids, String after) {
        return i -> before + ids.get(i % ids.size()) + after;
    }

    List<Screen> all() {
        return List.of(
                new Screen("session", coach, i -> "/api/v1/session"),
                new Screen("today", coach, i -> "/api/v1/today"),
                new Screen("inbox", coach, i -> "/api/v1/inbox"),
                new Screen("safety", coach, i -> "/api/v1/safety"),
                new Screen("pairs", coach, i -> "/api/v1/pairs"),
                new Screen("names of pairs", coach, i -> "/api/v1/pairs/names"),
                new Screen("pair", coach, at("/api/v1/pairs/", pairs, "")),
                new Screen("facts", coach, at("/api/v1/pairs/", pairs, "/facts")),
                new Screen("known", coach, at("/api/v1/pairs/", pairs, "/known")),
                new Screen("intake", coach, at("/api/v1/pairs/", pairs, "/intake")),
                new Screen("tack", coach, at("/api/v1/pairs/", pairs, "/tack")),
                new Screen("cues", coach, at("/api/v1/pairs/", pairs, "/cues")),
                new Screen("pain counts", coach, at("/api/v1/pairs/", pairs, "/pain-counts")),
                new Screen("photos", coach, at("/api/v1/pairs/", pairs, "/photos")),
                new Screen("watch", coach, at("/api/v1/pairs/", pairs, "/watch")),
                new Screen("work", coach, at("/api/v1/pairs/", pairs, "/work")),
                new Screen("strides", coach, at("/api/v1/pairs/", pairs, "/strides")),
                new Screen("ground", coach, i -> "/api/v1/ground"),
                new Screen("aids", coach, at("/api/v1/pairs/", pairs, "/aids")),
                new Screen("footfalls", coach, at("/api/v1/pairs/", pairs, "/footfalls")),
                new Screen("attention", coach, i -> "/api/v1/attention"),
                new Screen("mirror", coach, i -> "/api/v1/mirror"),
                new Screen("history", coach, at("/api/v1/pairs/", pairs, "/history")),
                new Screen("two compared", coach, i -> compared.get(i % compared.size())),
                new Screen("people", coach, at("/api/v1/pairs/", pairs, "/people")),
                new Screen("voice consent", coach, at("/api/v1/pairs/", pairs, "/voice-consent")),
                new Screen("picture consent", coach, at("/api/v1/pairs/", pairs, "/picture-consent")),
                new Screen("attachments", coach, i -> "/api/v1/attachments"),
                new Screen("earlier lessons", coach, at("/api/v1/pairs/", pairs, "/lessons")),
                new Screen("earlier decisions", coach, at("/api/v1/pairs/", pairs, "/decisions")),
                new Screen("look", coach, at("/api/v1/lessons/", today, "/look")),
                new Screen("plan before", coach, at("/api/v1/lessons/", today, "/plan")),
                new Screen("packet", coach, at("/api/v1/lessons/", today, "/packet")),
                new Screen("plan starts", coach, at("/api/v1/lessons/", today, "/plan/starts")),
                new Screen("plan of a lesson", coach, at("/api/v1/lessons/", lessons, "/plan")),
                new Screen("debrief", coach, at("/api/v1/lessons/", lessons, "/debrief")),
                new Screen("contact", coach, i -> "/api/v1/lessons/" + lessons.get(0) + "/contact"),
                new Screen("contact answers", coach, i -> "/api/v1/lessons/" + lessons.get(0) + "/contact/answers"),
                new Screen(
                        "contact beside",
                        coach,
                        i -> "/api/v1/lessons/" + lessons.get(0) + "/contact/beside/" + lessons.get(0)),
                new Screen("plait", coach, at("/api/v1/lessons/", lessons, "/plait")),
                new Screen("homework", coach, at("/api/v1/lessons/", lessons, "/homework")),
                new Screen("entries", coach, at("/api/v1/lessons/", lessons, "/entries")),
                new Screen("origins", coach, at("/api/v1/lessons/", lessons, "/origins")),
                new Screen("school", coach, at("/api/v1/pairs/", pairs, "/school")),
                new Screen("clinic", coach, i -> "/api/v1/clinic/CLASSICAL"),
                new Screen("people as a table", coach, i -> "/api/v1/people.csv"),
                new Screen("library", coach, i -> "/api/v1/library"),
                new Screen("own work", coach, i -> "/api/v1/library/own"),
                new Screen("own work as a file", coach, i -> "/api/v1/library/own-work.json"),
                new Screen("exercise", coach, i -> "/api/v1/library/counter-bend"),
                new Screen("rules", coach, i -> "/api/v1/rules"),
                new Screen("words", rider, i -> "/api/v1/lessons/" + shown + "/words"),
                new Screen("rider's page", rider, i -> "/api/v1/lessons/" + shown + "/for-rider"),
                new Screen("rider's pages", rider, i -> "/api/v1/for-rider"),
                new Screen("practice", rider, i -> "/api/v1/practice"),
                new Screen("rider's safety", rider, i -> "/api/v1/safety"),
                new Screen("rider's today", rider, i -> "/api/v1/today"),
                new Screen("rider's pairs", rider, i -> "/api/v1/pairs"));
    }

    /** So many requests of a screen, each for another pair or lesson. */
    static List<String> paths(Screen screen, int many) {
        return IntStream.range(0, many).mapToObj(screen.path()).toList();
    }
}

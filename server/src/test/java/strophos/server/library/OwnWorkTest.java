package strophos.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** What coaches make themselves: used at once wherever an exercise is. */
class OwnWorkTest {

    private static final String LIBRARY = "/api/v1/library";
    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static String newId() {
        return "own-" + UUID.randomUUID();
    }

    /** An exercise at walk on the track, as the short form fills it in; a name no other test uses. */
    private static Map<String, Object> form(String name) {
        Map<String, Object> form = new LinkedHashMap<>();
        form.put("name", name + " " + UUID.randomUUID().toString().substring(24));
        form.put("shortName", null);
        form.put("from", null);
        form.put("strand", null);
        form.put("steps", List.of(Map.of("gait", "WALK", "place", "RAIL")));
        form.put("needs", List.of());
        form.put("works", "INSIDE");
        form.put("people", "NOBODY");
        form.put("isHard", false);
        form.put("dose", Map.of("least", 5, "most", 5, "unit", "MINUTES", "minutesEach", 1.0));
        form.put("gate", Map.of("easyRunning", 3, "minDays", 14));
        form.put("instruction", "");
        form.put("feel", "Your horse waits for you.");
        form.put("goesWrong", "");
        form.put("secondBest", "");
        form.put("stopIf", List.of("the steps get uneven"));
        form.put("cautions", List.of());
        return form;
    }

    private static Client.Reply put(String id, int version, Map<String, Object> form) {
        return coach.put(LIBRARY + "/own/" + id, Map.of("version", version, "isPutAway", false, "exercise", form));
    }

    private static String made(String name) {
        String id = newId();
        Client.Reply reply = put(id, 0, form(name));
        assertThat(reply.status()).as("%s", reply.body()).isEqualTo(200);
        return id;
    }

    private static List<String> codes(Client.Reply reply) {
        return reply.body()
                .path("issues")
                .valueStream()
                .map(i -> i.path("code").asString() + " " + i.path("path").asString())
                .toList();
    }

    private static List<String> rungs(JsonNode steps) {
        return steps.valueStream().map(s -> s.path("rung").asString()).toList();
    }

    @Test
    void isUsedAtOnceOnStairAndRideAndAsHomework() {
        String id = made("Halt at the gate");
        String rung = id + ".walk.rail";
        String pair = yard.pair();
        assertThat(rungs(coach.get("/api/v1/pairs/" + pair).body().path("stair")))
                .contains(rung);
        String lesson = yard.lesson(pair);
        assertThat(rungs(coach.get("/api/v1/lessons/" + lesson + "/packet")
                        .body()
                        .path("rungs")))
                .contains(rung);
        Map<String, Object> segment = yard.entry(
                lesson,
                "segment",
                Map.of("exercise", id, "gait", "WALK", "place", "RAIL", "rein", "LEFT", "mounted", "RIDER"));
        yard.send(List.of(
                yard.entry(lesson, "lesson_started", Map.of()),
                segment,
                yard.exchange(lesson, segment.get("id"), "YES"),
                yard.entry(lesson, "lesson_ended", Map.of())));
        JsonNode debrief = yard.debrief(lesson);
        assertThat(debrief.path("rows").findValuesAsString("rung")).contains(rung);
        String assignment = yard.homework(lesson, rung);
        JsonNode card = Yard.card(yard.invited(pair, "RIDER"), assignment);
        assertThat(card.path("steps").path(0).path("feel").asString()).isEqualTo("Your horse waits for you.");
        assertThat(card.path("minDays").asInt()).isEqualTo(14);
    }

    @Test
    void belongsToItsYardAlone() {
        String id = made("Ours alone");
        assertThat(coach.get(LIBRARY + "/" + id).status()).isEqualTo(200);
        Client other = App.otherDemo().as("ottilie");
        assertThat(other.get(LIBRARY + "/" + id).status()).isEqualTo(404);
        assertThat(other.get(LIBRARY + "/own").body().toString()).doesNotContain(id);
    }

    @Test
    void keepsEachVersionAndChangesOnlyTheLast() {
        String id = newId();
        Map<String, Object> first = form("First words");
        assertThat(put(id, 0, first).body().path("version").asInt()).isEqualTo(1);
        assertThat(put(id, 0, first).body().path("version").asInt())
                .as("sent again")
                .isEqualTo(1);
        Map<String, Object> second = new LinkedHashMap<>(first);
        second.put("feel", "Light in both hands.");
        assertThat(put(id, 1, second).body().path("version").asInt()).isEqualTo(2);
        first.put("feel", "Something else.");
        assertThat(put(id, 1, first).status()).isEqualTo(412);
        JsonNode versions =
                coach.get(LIBRARY + "/own/" + id + "/versions").body().path("versions");
        assertThat(versions.findValuesAsString("feel"))
                .containsExactly("Light in both hands.", "Your horse waits for you.");
        assertThat(versions.path(0).path("by").asString()).isEqualTo("Ottilie Brandvold");
    }

    @ParameterizedTest
    @CsvSource({
        "from,     own-x,               unknown_id from",
        "strand,   dressage,            unknown_id strand",
        "needs,    none.walk.rail,      unknown_id needs",
        "needs,    nonsense,            unknown_id needs",
        "instruction, A. B. C. D. E. F., too_long instruction",
    })
    void saysWhatIsWrong(String field, String value, String issue) {
        Map<String, Object> form = form("Wrong");
        form.put(field, field.equals("needs") ? List.of(value) : value);
        Client.Reply reply = put(newId(), 0, form);
        assertThat(reply.status()).isEqualTo(422);
        assertThat(codes(reply)).containsExactly(issue);
    }

    @Test
    void takesOnlyAnIdOfItsOwnKind() {
        assertThat(codes(put("counter-bend", 0, form("Clash")))).containsExactly("not_own id");
        assertThat(codes(put("own-UPPER", 0, form("Clash")))).containsExactly("not_own id");
    }

    /** Away from library, stair and plan; what was ridden stays. */
    @Test
    void putAwayItLeavesTheStairAndComesBack() {
        String id = newId();
        Map<String, Object> form = form("For a while");
        put(id, 0, form);
        String pair = yard.pair();
        String path = "/api/v1/pairs/" + pair;
        coach.put(LIBRARY + "/own/" + id, Map.of("version", 1, "isPutAway", true, "exercise", form));
        assertThat(rungs(coach.get(path).body().path("stair"))).doesNotContain(id + ".walk.rail");
        assertThat(coach.get(LIBRARY + "/own-work.json").body().toString()).doesNotContain(id);
        assertThat(put(id, 2, form).status()).isEqualTo(200);
        assertThat(rungs(coach.get(path).body().path("stair"))).contains(id + ".walk.rail");
    }

    private static Client.Reply programme(String id, List<Map<String, Object>> stages) {
        List<Map<String, Object>> made =
                stages.stream().map(s -> Map.of("id", newId(), "exercise", s)).toList();
        return coach.put(
                LIBRARY + "/progressions/" + id,
                Map.of(
                        "version",
                        0,
                        "isPutAway",
                        false,
                        "made",
                        made,
                        "progression",
                        Map.of(
                                "name",
                                "Five stages " + id.substring(30),
                                "exercises",
                                made.stream().map(m -> m.get("id")).toList())));
    }

    @Test
    void aProgrammeIsSetAsHomeworkStageByStage() {
        String id = newId();
        List<Map<String, Object>> stages = new ArrayList<>();
        for (int i = 1; i <= 5; i++) {
            Map<String, Object> stage = form("Stage " + i);
            stage.put("gate", Map.of("easyRunning", 2, "minDays", 3 * i));
            stages.add(stage);
        }
        assertThat(programme(id, stages).status()).isEqualTo(200);
        JsonNode library = coach.get(LIBRARY).body();
        assertThat(library.path("strandNames").path(id).asString()).startsWith("Five stages");
        assertThat(library.path("strands")
                        .valueStream()
                        .filter(s -> s.path("strand").asString().equals(id)))
                .singleElement()
                .satisfies(s -> assertThat(s.path("steps").size()).isEqualTo(5));
        String pair = yard.pair();
        String lesson = yard.ridden(pair, 2, "TRY", 1);
        Client.Reply set = coach.post(
                "/api/v1/lessons/" + lesson + "/programmes",
                Map.of("id", UUID.randomUUID(), "progression", id, "daysAWeek", 5));
        assertThat(set.status()).isEqualTo(201);
        JsonNode running = set.body().path("running").path(0);
        assertThat(running.path("programme").asString()).startsWith("Five stages");
        assertThat(running.path("steps").size()).isEqualTo(5);
        assertThat(running.path("step").asInt()).isZero();
        assertThat(running.path("minDays").asInt()).isEqualTo(3);
    }

    /** Standing has no rein: five minutes are five in all, and the timer runs once. */
    @Test
    void withoutAReinTheDoseIsForBothTogether() {
        String id = newId();
        Map<String, Object> form = form("Stand");
        form.put("works", "NEITHER");
        put(id, 0, form);
        String lesson = yard.ridden(yard.pair(), 2, "TRY", 1);
        yard.homework(lesson, id + ".walk.rail");
        JsonNode set = coach.get("/api/v1/lessons/" + lesson + "/homework")
                .body()
                .path("running")
                .path(0);
        assertThat(set.path("steps").path(0).path("secondsARein").asInt()).isEqualTo(150);
        assertThat(set.path("turns").size()).isEqualTo(1);
        assertThat(set.path("turns").path(0).path("rein").asString()).isEqualTo("NONE");
        assertThat(set.path("turns").path(0).path("seconds").asInt()).isEqualTo(300);
    }

    @Test
    void aProgrammeWithAFenceIsNotForARiderAlone() {
        String id = newId();
        Map<String, Object> fence = form("A fence");
        fence.put("steps", List.of(Map.of("gait", "CANTER", "place", "FENCES")));
        programme(id, List.of(form("Before"), fence));
        String lesson = yard.ridden(yard.pair(), 2, "TRY", 1);
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/homework")
                        .body()
                        .path("programmes")
                        .findValuesAsString("id"))
                .doesNotContain(id);
        Client.Reply set = coach.post(
                "/api/v1/lessons/" + lesson + "/programmes",
                Map.of("id", UUID.randomUUID(), "progression", id, "daysAWeek", 5));
        assertThat(codes(set)).containsExactly("not_alone rung");
    }

    /** A stage that fails takes the whole programme with it: nothing is half made. */
    @Test
    void aProgrammeIsMadeWholeOrNotAtAll() {
        Map<String, Object> wrong = form("Wrong");
        wrong.put("instruction", "A. B. C. D. E. F.");
        Map<String, Object> right = form("Right");
        assertThat(programme(newId(), List.of(right, wrong)).status()).isEqualTo(422);
        assertThat(coach.get(LIBRARY + "/own").body().toString()).doesNotContain((String) right.get("name"));
    }

    @Test
    void isHandedOnAsAFileThatSaysWhatItWouldDo() {
        String id = made("Handed on");
        JsonNode file = coach.get(LIBRARY + "/own-work.json").body();
        JsonNode one = file.path("exercises")
                .valueStream()
                .filter(e -> e.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
        Client other = App.otherDemo().as("ottilie");
        Map<String, Object> handed = Map.of("exercises", List.of(one), "progressions", List.of());
        JsonNode looked = other.post(LIBRARY + "/imports", Map.of("isPreview", true, "file", handed))
                .body();
        assertThat(looked.path("exercises").path(0).path("effect").asString()).isEqualTo("ADDS");
        assertThat(other.get(LIBRARY + "/" + id).status()).as("only looked at").isEqualTo(404);
        other.post(LIBRARY + "/imports", Map.of("isPreview", false, "file", handed));
        assertThat(other.get(LIBRARY + "/" + id).status()).isEqualTo(200);
        looked = other.post(LIBRARY + "/imports", Map.of("isPreview", true, "file", handed))
                .body();
        assertThat(looked.path("exercises").path(0).path("effect").asString()).isEqualTo("IS_THERE");
    }

    @Test
    void aFileWithAFaultIsTakenInNotAtAll() {
        Map<String, Object> wrong = form("Wrong");
        wrong.put("needs", List.of("none.walk.rail"));
        String id = newId();
        Map<String, Object> file = Map.of(
                "exercises",
                        List.of(Map.of("id", id, "exercise", form("Right")), Map.of("id", newId(), "exercise", wrong)),
                "progressions", List.of());
        JsonNode looked = coach.post(LIBRARY + "/imports", Map.of("isPreview", true, "file", file))
                .body();
        assertThat(looked.path("exercises").findValuesAsString("effect")).containsExactly("ADDS", "CANNOT");
        Client.Reply taken = coach.post(LIBRARY + "/imports", Map.of("isPreview", false, "file", file));
        assertThat(codes(taken)).containsExactly("unknown_id exercises[1].needs");
        assertThat(coach.get(LIBRARY + "/" + id).status()).isEqualTo(404);
    }

    /** Attached once to an exercise that ships, a picture is shown on the rider's card as well; to nobody of another yard. */
    @Test
    void aPictureBesideAnExerciseIsShownWhereverItIsUsed() throws Exception {
        byte[] picture;
        try (InputStream in = OwnWorkTest.class.getResourceAsStream("/attachment/dot.png")) {
            picture = in.readAllBytes();
        }
        String sha =
                HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(picture));
        String path = LIBRARY + "/attachments/" + sha;
        assertThat(coach.putBytes(path, picture).status()).isIn(200, 201);
        assertThat(coach.fetch(path).statusCode()).as("not shown anywhere yet").isEqualTo(404);
        Map<String, Object> aside = new LinkedHashMap<>(Map.of("note", "As on Tuesday", "picture", sha));
        aside.put("link", "https://films.example/bend");
        int version =
                coach.get(LIBRARY + "/counter-bend").body().path("asideVersion").asInt();
        Client.Reply shown = coach.put(LIBRARY + "/counter-bend/aside", Map.of("version", version, "aside", aside));
        assertThat(shown.status()).as("%s", shown.body()).isEqualTo(204);
        String pair = yard.pair();
        String assignment = yard.homework(yard.ridden(pair, 4, "TRY", 1), "counter-bend.walk.rail");
        Client rider = yard.invited(pair, "RIDER");
        assertThat(Yard.card(rider, assignment)
                        .path("steps")
                        .path(0)
                        .path("aside")
                        .path("picture")
                        .asString())
                .isEqualTo(sha);
        assertThat(rider.fetch(path).body()).isEqualTo(picture);
        assertThat(App.otherDemo().as("ottilie").fetch(path).statusCode()).isEqualTo(404);
        coach.put(LIBRARY + "/counter-bend/aside", Map.of("version", version + 1, "aside", Map.of()));
        assertThat(coach.get(LIBRARY + "/counter-bend").body().path("aside").isNull())
                .isTrue();
        assertThat(rider.fetch(path).statusCode()).as("taken away").isEqualTo(404);
    }

    /** A sound is no picture, and nothing is shown that is not there. */
    @Test
    void onlyAPictureThatIsThereIsShownAsOne() throws Exception {
        byte[] sound;
        try (InputStream in = OwnWorkTest.class.getResourceAsStream("/attachment/voice.webm")) {
            sound = in.readAllBytes();
        }
        String sha =
                HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(sound));
        coach.putBytes(LIBRARY + "/attachments/" + sha, sound);
        for (String picture : List.of(sha, "0".repeat(64))) {
            Client.Reply reply = coach.put(
                    LIBRARY + "/circle-bend/aside", Map.of("version", 0, "aside", Map.of("picture", picture)));
            assertThat(codes(reply)).containsExactly("unknown_id aside.picture");
        }
    }

    @ParameterizedTest
    @CsvSource({"http://films.example/bend", "javascript:alert(1)", "https://a b", "ftp://films.example"})
    void aLinkLeadsToASafePage(String link) {
        Client.Reply reply =
                coach.put(LIBRARY + "/inside-bend/aside", Map.of("version", 0, "aside", Map.of("link", link)));
        assertThat(reply.status()).isEqualTo(422);
    }
}

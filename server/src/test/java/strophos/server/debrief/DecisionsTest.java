package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class DecisionsTest {

    private static final String RUNG = "counter-bend.walk.rail";
    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    @Test
    void movesOnAfterTwoGoodLessonsAndOpensTheNextRung() {
        String pair = yard.pair();
        yard.send(yard.ride(yard.lesson(pair), 9, "TRY", 1, true));
        String second = yard.lesson(pair);
        yard.send(yard.ride(second, 9, "TRY", 1, true));
        assertThat(advice(second).path("decision").asString()).isEqualTo("MOVE_ON");
        assertThat(decide(second, "MOVE_ON", "MOVE_ON", null).status()).isEqualTo(201);
        assertThat(state(pair, RUNG)).isEqualTo("PASSED");
        assertThat(state(pair, "inside-bend.walk.rail")).isEqualTo("OPEN");
    }

    @Test
    void changesItsAdviceWithFiveWrongAndBackWhenTheyAreVoided() {
        String pair = yard.pair();
        yard.send(yard.ride(yard.lesson(pair), 9, "TRY", 1, true));
        String lesson = yard.lesson(pair);
        List<Map<String, Object>> ride = yard.ride(lesson, 9, "TRY", 1, false);
        yard.send(ride);
        Map<String, Object> segment = yard.segment(lesson, "RIGHT");
        List<Map<String, Object>> wrong = new ArrayList<>(List.of(segment));
        for (int i = 0; i < 5; i++) {
            wrong.add(yard.exchange(lesson, segment.get("id"), "WRONG"));
        }
        wrong.add(yard.entry(lesson, "lesson_ended", Map.of()));
        yard.send(wrong);
        assertThat(advice(lesson).path("decision").asString()).isNotEqualTo("MOVE_ON");
        yard.send(wrong.subList(1, 6).stream()
                .map(w -> yard.entry(lesson, "void", Map.of("target", w.get("id"))))
                .toList());
        assertThat(advice(lesson).path("decision").asString()).isEqualTo("MOVE_ON");
    }

    @Test
    void keepsWhatWasAdvisedBesideWhatWasChosen() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, 9, "TRY", 1, true));
        JsonNode made =
                decide(lesson, "MOVE_ON", "STAY", "He knows it from last year.").body();
        assertThat(made.path("advised").asString()).isEqualTo("STAY");
        assertThat(made.path("chosen").asString()).isEqualTo("MOVE_ON");
        assertThat(made.path("by").asString()).isEqualTo("Ottilie Brandvold");
        assertThat(made.path("ruleBook").asString()).isEqualTo("rung-decision/3");
        decide(lesson, "STAY", "STAY", null);
        JsonNode decisions = coach.get("/api/v1/pairs/" + pair).body().path("decisions");
        assertThat(decisions.size()).as("both are kept").isEqualTo(2);
        assertThat(state(pair, RUNG)).as("the latest wins").isEqualTo("IN_WORK");
    }

    @Test
    void keepsOneDecisionHoweverOftenItIsSent() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, 9, "TRY", 1, true));
        Map<String, Object> body = body("STAY", "STAY", null);
        String path = "/api/v1/lessons/" + lesson + "/decisions";
        JsonNode first = coach.post(path, body).body();
        assertThat(coach.post(path, body).body()).isEqualTo(first);
        assertThat(coach.get("/api/v1/pairs/" + pair).body().path("decisions").size())
                .isEqualTo(1);
    }

    @Test
    void refusesToDecideOnAnAdviceThatWasNotSeen() {
        String lesson = yard.lesson(yard.pair());
        yard.send(yard.ride(lesson, 9, "TRY", 1, true));
        Client.Reply reply = decide(lesson, "MOVE_ON", "MOVE_ON", null);
        assertThat(reply.status()).isEqualTo(409);
        assertThat(reply.code()).isEqualTo("advice_changed");
    }

    @Test
    void refusesWhatCannotBeChosenOnThisRung() {
        String lesson = yard.lesson(yard.pair());
        yard.send(yard.ride(lesson, 9, "TRY", 1, true));
        Client.Reply reply = decide(lesson, "REOPEN", "STAY", null);
        assertThat(reply.status()).as("it was never passed").isEqualTo(422);
        assertThat(reply.body().path("issues").path(0).path("path").asString()).isEqualTo("chosen");
    }

    @Test
    void waitsForTheEndOfTheLesson() {
        String lesson = yard.lesson(yard.pair());
        yard.send(yard.ride(lesson, 9, "TRY", 1, false));
        assertThat(advice(lesson).isNull()).isTrue();
        assertThat(decide(lesson, "STAY", "STAY", null).code()).isEqualTo("not_ended");
    }

    @Test
    void namesAnUnknownRungByItsPath() {
        String lesson = yard.lesson(yard.pair());
        yard.send(yard.ride(lesson, 1, "TRY", 1, true));
        Map<String, Object> body = body("STAY", "STAY", null);
        body.put("rung", "levade.walk.rail");
        JsonNode issue = coach.post("/api/v1/lessons/" + lesson + "/decisions", body)
                .body()
                .path("issues")
                .path(0);
        assertThat(issue.path("code").asString()).isEqualTo("unknown_id");
        assertThat(issue.path("path").asString()).isEqualTo("rung");
    }

    @Test
    void agreesWithAllAdviceInOneTouch() {
        String pair = yard.pair();
        yard.send(yard.ride(yard.lesson(pair), 9, "TRY", 1, true));
        String lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, 9, "TRY", 1, true));
        Map<String, Object> agreed = agreed("MOVE_ON");
        Client.Reply reply = agree(lesson, agreed);
        assertThat(reply.status()).isEqualTo(201);
        assertThat(reply.body().path(0).path("chosen").asString()).isEqualTo("MOVE_ON");
        assertThat(state(pair, RUNG)).isEqualTo("PASSED");
        assertThat(agree(lesson, agreed).body()).as("sent again").isEqualTo(reply.body());
        assertThat(coach.get("/api/v1/pairs/" + pair).body().path("decisions").size())
                .isEqualTo(1);
    }

    @Test
    void keepsNoneOfThemWhereOneAdviceHasChanged() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, 9, "TRY", 1, true));
        Client.Reply reply = agree(lesson, agreed("STAY", "MOVE_ON"));
        assertThat(reply.code()).isEqualTo("advice_changed");
        assertThat(coach.get("/api/v1/pairs/" + pair).body().path("decisions").isEmpty())
                .isTrue();
    }

    private static Client.Reply agree(String lesson, Map<String, Object> agreed) {
        return coach.post("/api/v1/lessons/" + lesson + "/decisions/agreed", agreed);
    }

    /** With these on the screen, each of the same rung. */
    private static Map<String, Object> agreed(String... seen) {
        return Map.of(
                "rungs",
                Stream.of(seen)
                        .map(s -> Map.of("id", UUID.randomUUID().toString(), "rung", RUNG, "seen", s))
                        .toList());
    }

    @Test
    void judgesAnOlderLessonAsItStoodThen() {
        String pair = yard.pair();
        String first = yard.lesson(pair);
        yard.send(yard.ride(first, 9, "TRY", 1, true));
        JsonNode then = advice(first);
        yard.send(yard.ride(yard.lesson(pair), 2, "WRONG", 8, true));
        assertThat(advice(first)).isEqualTo(then);
    }

    private static JsonNode advice(String lesson) {
        return yard.debrief(lesson).path("rows").path(0).path("advice");
    }

    private static Client.Reply decide(String lesson, String chosen, String seen, String reason) {
        return coach.post("/api/v1/lessons/" + lesson + "/decisions", body(chosen, seen, reason));
    }

    private static Map<String, Object> body(String chosen, String seen, String reason) {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("id", UUID.randomUUID().toString());
        body.put("rung", RUNG);
        body.put("chosen", chosen);
        body.put("seen", seen);
        body.put("reason", reason);
        return body;
    }

    private static String state(String pair, String rung) {
        return coach.get("/api/v1/pairs/" + pair)
                .body()
                .path("stair")
                .valueStream()
                .filter(s -> s.path("rung").asString().equals(rung))
                .findFirst()
                .orElseThrow()
                .path("state")
                .asString();
    }
}

package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** The lines of the yard, and the coach's own mirror: both come of what was decided. */
class AttentionTest {

    private static final String RUNG = "counter-bend.walk.rail";
    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static String advised(String lesson) {
        return yard.debrief(lesson)
                .path("rows")
                .path(0)
                .path("advice")
                .path("decision")
                .asString();
    }

    private static void decide(String lesson, String chosen) {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("id", UUID.randomUUID().toString());
        body.put("rung", RUNG);
        body.put("chosen", chosen);
        body.put("seen", advised(lesson));
        body.put("reason", null);
        assertThat(coach.post("/api/v1/lessons/" + lesson + "/decisions", body).status())
                .isEqualTo(201);
    }

    private static String ridden(String pair, int yes, int others) {
        String lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, yes, "TRY", others, true));
        return lesson;
    }

    private static boolean needsHelp(String pair) {
        return coach.get("/api/v1/attention")
                .body()
                .path("needsHelp")
                .valueStream()
                .anyMatch(n -> n.path("of").path("pair").asString().equals(pair));
    }

    @Test
    void whoNeedsHelpStandsThereUntilSomethingElseIsDecided() {
        String pair = yard.pair();
        String lesson = ridden(pair, 5, 5);
        assertThat(needsHelp(pair)).isFalse();
        decide(lesson, "GET_HELP");
        assertThat(needsHelp(pair)).isTrue();
        decide(lesson, "STAY");
        assertThat(needsHelp(pair)).isFalse();
    }

    @Test
    void whoHasGoneQuietHadNoLessonForThreeWeeks() {
        Instant now = App.START;
        assertThat(coach.get("/api/v1/attention").body().path("quiet").valueStream())
                .allSatisfy(q -> assertThat(Duration.between(
                                Instant.parse(q.path("lastLessonAt").asString()), now))
                        .isBetween(Duration.ofDays(21), Duration.ofDays(182)));
    }

    private static JsonNode rule(String id) {
        return coach.get("/api/v1/mirror")
                .body()
                .path("rules")
                .valueStream()
                .filter(r -> r.path("ruleId").asString().equals(id))
                .findFirst()
                .orElse(tools.jackson.databind.node.MissingNode.getInstance());
    }

    /** The advice is to stay; the coach moves on; the next lesson holds, and then the advice is to move on. */
    @Test
    void theMirrorSaysHowOftenAndWhoWasRightSince() {
        String pair = yard.pair();
        String first = ridden(pair, 9, 1);
        assertThat(advised(first)).isEqualTo("STAY");
        String ruleId = yard.debrief(first)
                .path("rows")
                .path(0)
                .path("advice")
                .path("ruleId")
                .asString();
        JsonNode before = rule(ruleId);
        decide(first, "MOVE_ON");
        JsonNode after = rule(ruleId);
        assertThat(after.path("overruled").asInt())
                .isEqualTo(before.path("overruled").asInt() + 1);
        assertThat(after.path("notYet").asInt()).isEqualTo(before.path("notYet").asInt() + 1);
        String second = ridden(pair, 9, 1);
        assertThat(advised(second)).isEqualTo("MOVE_ON");
        decide(second, "MOVE_ON");
        JsonNode since = rule(ruleId);
        assertThat(since.path("coachRight").asInt())
                .isEqualTo(before.path("coachRight").asInt() + 1);
        assertThat(since.path("notYet").asInt()).isEqualTo(before.path("notYet").asInt());
    }

    /** Forty minutes on the left rein with three words of praise, in the coach's latest lesson. */
    @Test
    void praiseAndCorrectionsStandWithWhatTheyWereReadFrom() {
        Instant now = App.demo().bean(Clock.class).instant();
        String lesson = UUID.randomUUID().toString();
        coach.post(
                "/api/v1/lessons",
                Map.of("id", lesson, "pair", yard.pair(), "plannedAt", now.toString(), "minutes", 45));
        Yard device = new Yard(coach);
        List<Map<String, Object>> log = new ArrayList<>();
        log.add(device.entry(lesson, "lesson_started", Map.of()));
        Map<String, Object> segment = device.segment(lesson, "LEFT");
        log.add(segment);
        for (int i = 0; i < 3; i++) {
            log.add(device.entry(lesson, "praise", Map.of("segment", segment.get("id"))));
        }
        long began = now.minus(Duration.ofMinutes(40)).toEpochMilli();
        log.forEach(e -> e.put("atMs", began));
        log.add(device.entry(lesson, "lesson_ended", Map.of()));
        device.send(log);
        JsonNode riding = coach.get("/api/v1/mirror").body().path("riding");
        assertThat(riding.path("leftS").asInt()).isGreaterThanOrEqualTo(40 * 60);
        assertThat(riding.path("praise").path("times").asInt()).isGreaterThanOrEqualTo(3);
        for (String what : new String[] {"praise", "corrections"}) {
            JsonNode hourly = riding.path(what);
            assertThat(hourly.path("anHour").asDouble())
                    .isBetween(
                            hourly.path("low").asDouble(), hourly.path("high").asDouble());
        }
    }
}

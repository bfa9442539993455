package strophos.server.pair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Rungs that a library once had and has no more: what was ridden, decided and set on them stays, and breaks nothing. */
class GoneRungTest {

    private static final String GONE = "old-figure.walk.rail";

    private static Client coach;
    private static String pair;
    private static String lesson;
    private static String next;

    @BeforeAll
    static void rideWhatIsGoneNow() {
        coach = App.demo().as("ottilie");
        Yard yard = new Yard(coach);
        pair = yard.pair();
        lesson = yard.ridden(pair, 9, "TRY", 1);
        coach.post(
                "/api/v1/lessons/" + lesson + "/decisions",
                Map.of("id", UUID.randomUUID(), "rung", "counter-bend.walk.rail", "chosen", "STAY", "seen", "STAY"));
        coach.post(
                "/api/v1/lessons/" + lesson + "/homework",
                Map.of("id", UUID.randomUUID(), "rung", "counter-bend.walk.rail", "daysAWeek", 5));
        App.query(App.demo(), "update decision set rung = '" + GONE + "' where pair_id = '" + pair + "'");
        App.query(
                App.demo(),
                "update assignment set rung = '" + GONE + "', steps = replace(steps::text, 'counter-bend.walk.rail', '"
                        + GONE + "')::jsonb where pair_id = '" + pair + "'");
        next = yard.lesson(pair);
        Map<String, Object> segment = yard.entry(
                next,
                "segment",
                Map.of("exercise", "old-figure", "gait", "WALK", "place", "RAIL", "rein", "LEFT", "mounted", "RIDER"));
        yard.send(List.of(
                yard.entry(next, "lesson_started", Map.of()),
                segment,
                yard.exchange(next, segment.get("id"), "YES"),
                yard.entry(next, "lesson_ended", Map.of())));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/pairs",
                "/pairs/{pair}",
                "/pairs/{pair}/decisions",
                "/today",
                "/inbox",
                "/safety",
                "/lessons/{lesson}/debrief",
                "/lessons/{next}/debrief",
                "/lessons/{lesson}/plan",
                "/lessons/{next}/plan",
                "/lessons/{next}/packet",
                "/lessons/{lesson}/homework",
                "/lessons/{next}/homework"
            })
    void noScreenBreaks(String path) {
        String at = path.replace("{pair}", pair).replace("{lesson}", lesson).replace("{next}", next);
        assertThat(coach.get("/api/v1" + at).status()).isEqualTo(200);
    }

    @Test
    void whatWasDecidedOnItIsToldByItsId() {
        JsonNode decisions =
                coach.get("/api/v1/pairs/" + pair + "/decisions").body().path("decisions");
        assertThat(decisions.valueStream())
                .extracting(d -> d.path("rung").asString())
                .containsExactly(GONE);
        JsonNode row = coach.get("/api/v1/lessons/" + next + "/debrief")
                .body()
                .path("rows")
                .path(0);
        assertThat(row.path("name").asString()).isEqualTo("old-figure");
        assertThat(row.path("advice").isNull()).isTrue();
    }

    @Test
    void homeworkOnItIsNotPractised() {
        JsonNode running = coach.get("/api/v1/lessons/" + lesson + "/homework")
                .body()
                .path("running")
                .path(0);
        assertThat(running.path("isPaused").asBoolean()).isTrue();
        assertThat(running.path("steps").valueStream())
                .extracting(s -> s.path("name").asString())
                .contains(GONE);
    }
}

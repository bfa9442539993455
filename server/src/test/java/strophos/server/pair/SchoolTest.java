package strophos.server.pair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Another school for a pair: what it would change is said before it is done, and then it is so. */
class SchoolTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static JsonNode of(String pair, String school) {
        return coach.get("/api/v1/pairs/" + pair + "/school")
                .body()
                .path("schools")
                .valueStream()
                .filter(s -> s.path("school").asString().equals(school))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> stair(String pair) {
        return coach.get("/api/v1/pairs/" + pair)
                .body()
                .path("stair")
                .valueStream()
                .map(s -> s.path("name").asString())
                .distinct()
                .toList();
    }

    private static Client.Reply change(String pair, String school) {
        return coach.put("/api/v1/pairs/" + pair + "/school", Map.of("school", school));
    }

    @Test
    void whatItChangesIsSaidBeforeAndThenIsSo() {
        String pair = yard.pair();
        change(pair, "CLASSICAL");
        yard.ridden(pair, 3, "TRY", 1);
        List<String> before = stair(pair);
        assertThat(of(pair, "CLASSICAL").path("change").isNull()).isTrue();
        JsonNode change = of(pair, "REWARD_BASED").path("change");
        assertThat(change.path("isByChoice").asBoolean()).isTrue();
        List<String> goes =
                change.path("goes").valueStream().map(JsonNode::asString).toList();
        assertThat(goes).contains("Shoulder-fore and shoulder-in").doesNotContain("Counter-bend on the rail");
        assertThat(before).containsAll(goes);

        assertThat(change(pair, "REWARD_BASED").status()).isEqualTo(204);
        List<String> after = stair(pair);
        assertThat(after).doesNotContainAnyElementsOf(goes);
        assertThat(after).as("what was ridden stays").contains("Counter-bend on the rail");
        assertThat(after)
                .containsAll(change.path("comes")
                        .valueStream()
                        .map(JsonNode::asString)
                        .toList());
        assertThat(coach.get("/api/v1/pairs/" + pair)
                        .body()
                        .path("stair")
                        .path(0)
                        .path("strand")
                        .asString())
                .as("the order of strands is the school's")
                .isEqualTo("ground");
        assertThat(of(pair, "CLASSICAL").path("change").path("isByStrength").asBoolean())
                .isTrue();
    }

    /** The way back of walk and halt is backing, which this school does not teach: it is shown while something rests on it. */
    @Test
    void aWayBackThatTheSchoolDoesNotTeachIsThereToBeRidden() {
        String pair = yard.pair();
        change(pair, "REWARD_BASED");
        assertThat(stair(pair)).doesNotContain("Step back from the rein");
        String lesson = yard.lesson(pair);
        Map<String, Object> segment = yard.entry(
                lesson,
                "segment",
                Map.of("exercise", "walk-halt", "gait", "WALK", "place", "RAIL", "rein", "LEFT", "mounted", "RIDER"));
        yard.send(List.of(
                yard.entry(lesson, "lesson_started", Map.of()),
                segment,
                yard.exchange(lesson, segment.get("id"), "NONE"),
                yard.entry(lesson, "lesson_ended", Map.of())));
        String advised = yard.debrief(lesson)
                .path("rows")
                .path(0)
                .path("advice")
                .path("decision")
                .asString();
        Client.Reply decided = coach.post(
                "/api/v1/lessons/" + lesson + "/decisions",
                Map.of("id", UUID.randomUUID(), "rung", "walk-halt.walk.rail", "chosen", "STEP_BACK", "seen", advised));
        assertThat(decided.status()).as(decided.raw().body()).isLessThan(300);
        assertThat(stair(pair)).contains("Step back from the rein");
    }

    @Test
    void aSchoolThatThereIsNotIsRefused() {
        assertThat(change(yard.pair(), "CIRCUS").status()).isEqualTo(400);
    }
}

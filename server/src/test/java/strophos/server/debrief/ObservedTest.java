package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** What is recorded beside the asks reaches the rules: choices and lines are judged as asks, frights and stretches are heard. */
class ObservedTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    @Test
    void aFrightThatRepeatsStepsBack() {
        String pair = yard.pair();
        String first = yard.lesson(pair);
        yard.send(frightened(first));
        assertThat(row(first).path("advice").path("decision").asString()).isNotEqualTo("STEP_BACK");
        String second = yard.lesson(pair);
        yard.send(frightened(second));
        JsonNode advice = row(second).path("advice");
        assertThat(advice.path("decision").asString()).isEqualTo("STEP_BACK");
        assertThat(advice.path("ruleId").asString()).isEqualTo("step-back.fright-repeats");
    }

    @Test
    void choicesAreCountedAsAnswers() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> segment = yard.entry(
                lesson,
                "segment",
                Map.of("exercise", "target", "gait", "HALT", "place", "RAIL", "rein", "LEFT", "mounted", "RIDER"));
        List<Map<String, Object>> all = new ArrayList<>();
        all.add(yard.entry(lesson, "lesson_started", Map.of()));
        all.add(segment);
        for (String choice : List.of("COMES", "COMES", "WAITS", "LEAVES", "RETURNS")) {
            all.add(yard.entry(lesson, "choice", Map.of("segment", segment.get("id"), "choice", choice)));
        }
        all.add(yard.entry(lesson, "lesson_ended", Map.of()));
        yard.send(all);
        assertThat(row(lesson).path("works").asString()).isEqualTo("NEITHER");
        JsonNode whole = row(lesson).path("pair").path("none");
        assertThat(whole.path("yes").asInt()).isEqualTo(3);
        assertThat(whole.path("asks").asInt()).isEqualTo(5);
    }

    @Test
    void thePacketSaysHowExercisesAreAskedOnEachRein() {
        String lesson = yard.lesson(yard.pair());
        JsonNode all = coach.get("/api/v1/lessons/" + lesson + "/packet").body().path("usual");
        JsonNode usual = of(all, "inside-bend");
        JsonNode leg = usual.path("right").path(2);
        assertThat(leg.path("means").asString()).isEqualTo("LEG");
        assertThat(leg.path("side").asString()).isEqualTo("RIGHT");
        assertThat(leg.path("foot").asString()).isEqualTo("RIGHT_HIND");
        assertThat(usual.path("left").path(2).path("side").asString()).isEqualTo("LEFT");
        assertThat(usual.path("none").isEmpty()).as("always on a rein").isTrue();
        JsonNode turn = of(all, "turn-forehand").path("none");
        assertThat(turn.isEmpty()).as("on the spot there is none").isFalse();
        assertThat(turn.path(0).path("side").asString()).isEqualTo("NONE");
    }

    private static JsonNode of(JsonNode usual, String exercise) {
        return usual.valueStream()
                .filter(u -> u.path("exercise").asString().equals(exercise))
                .findFirst()
                .orElseThrow();
    }

    private static List<Map<String, Object>> frightened(String lesson) {
        List<Map<String, Object>> ride = new ArrayList<>(yard.ride(lesson, 5, "TRY", 1, false));
        Object segment = ride.get(1).get("id");
        ride.add(yard.entry(lesson, "sign", Map.of("segment", segment, "name", "jumps-away", "side", "LEFT")));
        ride.add(yard.entry(lesson, "lesson_ended", Map.of()));
        return ride;
    }

    private static JsonNode row(String lesson) {
        return yard.debrief(lesson).path("rows").path(0);
    }
}

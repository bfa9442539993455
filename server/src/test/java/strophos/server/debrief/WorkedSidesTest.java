package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Counts and minutes belong to the side of the horse that an exercise works, from the segment to the plan of the next lesson. */
class WorkedSidesTest {

    private static final String COUNTER_BEND = "counter-bend.walk.rail";

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    /** Ten asks, so many of them good, on this rein; with the side said where it is not null. */
    private static List<Map<String, Object>> asks(String lesson, String exercise, String rein, String side, int good) {
        Map<String, Object> payload = new HashMap<>(
                Map.of("exercise", exercise, "gait", "WALK", "place", "RAIL", "rein", rein, "mounted", "RIDER"));
        if (side != null) {
            payload.put("side", side);
        }
        Map<String, Object> segment = yard.entry(lesson, "segment", payload);
        List<Map<String, Object>> all = new ArrayList<>(List.of(segment));
        for (int i = 0; i < 10; i++) {
            all.add(yard.exchange(lesson, segment.get("id"), i < good ? "YES" : "NONE"));
        }
        return all;
    }

    private static void ride(String lesson, List<List<Map<String, Object>>> turns) {
        List<Map<String, Object>> all = new ArrayList<>(List.of(yard.entry(lesson, "lesson_started", Map.of())));
        turns.forEach(all::addAll);
        all.add(yard.entry(lesson, "lesson_ended", Map.of()));
        yard.send(all);
    }

    private static String good(JsonNode sides) {
        return List.of("left", "right", "none").stream()
                .map(side -> sides.path(side).path("yes").asInt() + "/"
                        + sides.path(side).path("asks").asInt())
                .toList()
                .toString();
    }

    @Test
    void counterBendOnTheRightReinWorksTheLeftSide() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        ride(
                lesson,
                List.of(asks(lesson, "counter-bend", "RIGHT", null, 9), asks(lesson, "counter-bend", "LEFT", null, 3)));
        JsonNode row = yard.debrief(lesson).path("rows").path(0);
        assertThat(row.path("works").asString()).isEqualTo("OUTSIDE");
        assertThat(good(row.path("pair"))).isEqualTo("[9/10, 3/10, 0/0]");
        JsonNode view = coach.get("/api/v1/pairs/" + pair).body();
        JsonNode step = view.path("stair")
                .valueStream()
                .filter(s -> s.path("rung").asString().equals(COUNTER_BEND))
                .findFirst()
                .orElseThrow();
        assertThat(step.path("right").path("successes").asInt()).isEqualTo(3);
        assertThat(view.path("trend").path(0).path("right").path("yes").asInt()).isEqualTo(3);

        String next = yard.lesson(pair);
        JsonNode plan = coach.get("/api/v1/lessons/" + next + "/plan").body().path("plan");
        JsonNode block = plan.path("blocks")
                .valueStream()
                .filter(b -> b.path("of").path("rung").asString().equals(COUNTER_BEND))
                .findFirst()
                .orElseThrow();
        assertThat(block.path("longer").asString())
                .as("the right side is behind")
                .isEqualTo("LEFT");
        assertThat(block.path("reasons").valueStream()).anySatisfy(r -> {
            assertThat(r.path("code").asString()).isEqualTo("STIFFER_COUNTS");
            assertThat(r.path("values").path("side").asString()).isEqualTo("RIGHT");
        });
    }

    @Test
    void whereTheSideIsOpenItIsTheOneThatWasSaid() {
        String lesson = yard.lesson(yard.pair());
        ride(
                lesson,
                List.of(
                        asks(lesson, "turn-away", "LEFT", "RIGHT", 8),
                        asks(lesson, "turn-away", "RIGHT", "RIGHT", 7),
                        asks(lesson, "turn-away", "LEFT", "LEFT", 2),
                        asks(lesson, "turn-away", "LEFT", null, 5)));
        JsonNode row = yard.debrief(lesson).path("rows").path(0);
        assertThat(good(row.path("pair")))
                .as("what nobody said counts for neither")
                .isEqualTo("[2/10, 15/20, 5/10]");
        assertThat(row.path("advice")
                        .path("findings")
                        .valueStream()
                        .filter(f -> f.path("ruleId").asString().equals("criterion.rate"))
                        .flatMap(f -> f.path("judgement").path("evidence").valueStream())
                        .map(e -> e.path("side").asString()))
                .containsExactly("LEFT", "RIGHT");
    }
}

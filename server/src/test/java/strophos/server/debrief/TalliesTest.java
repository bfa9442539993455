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

/** Turns counted afterwards, the rider's slips and what else is touched in beside the asks, from the entry to the debrief and the stair. */
class TalliesTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static Map<String, Object> tally(String lesson, Object segment, int good, int others) {
        return yard.entry(lesson, "tally", Map.of("segment", segment, "good", good, "others", others, "strength", 2));
    }

    /** A lesson of one turn on each rein, each counted afterwards. */
    private static String tallied(String pair, int good, int others) {
        String lesson = yard.lesson(pair);
        List<Map<String, Object>> all = new ArrayList<>(List.of(yard.entry(lesson, "lesson_started", Map.of())));
        for (String rein : List.of("LEFT", "RIGHT")) {
            Map<String, Object> segment = yard.segment(lesson, rein);
            all.add(segment);
            all.add(tally(lesson, segment.get("id"), good, others));
        }
        all.add(yard.entry(lesson, "lesson_ended", Map.of()));
        yard.send(all);
        return lesson;
    }

    /** 9 of about 10 in two lessons meet the standard rate, by a record of tallies alone; it says so. */
    @Test
    void feedTheRate() {
        String pair = yard.pair();
        tallied(pair, 9, 1);
        String lesson = tallied(pair, 9, 1);
        JsonNode row = yard.debrief(lesson).path("rows").path(0);
        assertThat(row.path("advice").path("decision").asString()).isEqualTo("MOVE_ON");
        JsonNode left = row.path("pair").path("left");
        assertThat(left.path("yes").asInt()).isEqualTo(9);
        assertThat(left.path("asks").asInt()).isEqualTo(10);
        assertThat(left.path("tallied").asInt()).isEqualTo(10);
        assertThat(left.path("counts").toString()).as("no answer is made up").doesNotContainPattern("[1-9]");
        assertThat(row.path("marks").path("tallied").asInt()).isEqualTo(20);
        JsonNode page = coach.get("/api/v1/pairs/" + pair).body();
        JsonNode step = page.path("stair")
                .valueStream()
                .filter(s -> s.path("rung").asString().equals("counter-bend.walk.rail"))
                .findFirst()
                .orElseThrow();
        assertThat(step.path("left").path("successes").asInt()).isEqualTo(9);
        assertThat(step.path("left").path("tallied").asInt()).isEqualTo(10);
        assertThat(page.path("trend").path(1).path("right").path("tallied").asInt())
                .isEqualTo(10);
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/files/tallies.csv")
                        .raw()
                        .body())
                .contains(",counter-bend,walk,rail,left,rider,2,9,1\r\n");
    }

    @Test
    void aSlipLeavesTheHorsesRate() {
        String lesson = yard.lesson(yard.pair());
        List<Map<String, Object>> ridden = yard.ride(lesson, 3, "WRONG", 1, true);
        Object wrong = ridden.stream()
                .filter(e -> e.get("payload").toString().contains("WRONG"))
                .findFirst()
                .orElseThrow()
                .get("id");
        ridden.add(yard.entry(lesson, "slip", Map.of("exchange", wrong)));
        yard.send(ridden);
        JsonNode row = yard.debrief(lesson).path("rows").path(0);
        assertThat(row.path("pair").path("right").path("asks").asInt()
                        + row.path("pair").path("left").path("asks").asInt())
                .isEqualTo(7);
        assertThat(row.path("marks").path("slips").asInt()).isEqualTo(1);
    }

    /** A rung on which the only ask was the rider's slip, or on which something was only held, stands there and is not judged. */
    @Test
    void whatHasNoAskThatCountsIsShownAndNotJudged() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> segment = yard.segment(lesson, "LEFT");
        Map<String, Object> ask = yard.exchange(lesson, segment.get("id"), "WRONG");
        yard.send(List.of(
                yard.entry(lesson, "lesson_started", Map.of()),
                segment,
                ask,
                yard.entry(lesson, "slip", Map.of("exchange", ask.get("id"))),
                yard.entry(lesson, "held", Map.of("segment", segment.get("id"), "unit", "STRIDES", "amount", 8)),
                yard.entry(lesson, "lesson_ended", Map.of())));
        JsonNode row = yard.debrief(lesson).path("rows").path(0);
        assertThat(row.path("marks").path("slips").asInt()).isEqualTo(1);
        assertThat(row.path("marks").path("holds").path(0).path("amount").asInt())
                .isEqualTo(8);
        assertThat(row.path("advice").isNull()).isTrue();
        assertThat(row.path("day").isNull()).isTrue();
    }

    @Test
    void whatWasTouchedInBesideTheAsksIsListed() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> poles = yard.entry(
                lesson,
                "segment",
                Map.of(
                        "exercise",
                        "poles-straight",
                        "gait",
                        "WALK",
                        "place",
                        "RAIL",
                        "rein",
                        "LEFT",
                        "mounted",
                        "RIDER"));
        Object on = poles.get("id");
        Map<String, Object> line = new HashMap<>(Map.of("segment", on, "ridden", 6, "planned", 5, "rail", "TOUCHED"));
        Map<String, Object> ask =
                yard.entry(lesson, "exchange", Map.of("segment", on, "strength", 3, "response", "YES", "first", 1));
        yard.send(List.of(
                yard.entry(lesson, "lesson_started", Map.of()),
                yard.entry(lesson, "conditions", Map.of("footing", "DEEP", "temperatureC", 9)),
                poles,
                yard.entry(lesson, "poles", Map.of("segment", on, "answer", "TRIPPED")),
                yard.entry(lesson, "poles", Map.of("segment", on, "answer", "CLEAN")),
                yard.entry(lesson, "poles", Map.of("segment", on, "answer", "CLEAN")),
                yard.entry(lesson, "line", line),
                ask,
                yard.entry(lesson, "praise", Map.of("segment", on)),
                yard.entry(lesson, "held", Map.of("segment", on, "unit", "STRIDES", "amount", 8)),
                yard.entry(lesson, "head", Map.of("segment", on, "cm", -10)),
                yard.entry(lesson, "latch", Map.of("segment", on, "name", "leg-back", "side", "LEFT", "on", true)),
                yard.entry(lesson, "latch", Map.of("segment", on, "name", "leg-back", "side", "LEFT", "on", false)),
                yard.entry(lesson, "lesson_ended", Map.of())));
        JsonNode debrief = yard.debrief(lesson);
        JsonNode marks = debrief.path("rows").path(0).path("marks");
        assertThat(marks.path("answers")
                        .valueStream()
                        .map(a -> a.path("answer").asString() + a.path("times").asInt()))
                .containsExactly("CLEAN2", "TRIPPED1");
        assertThat(marks.path("lines").path(0).path("planned").asInt()).isEqualTo(5);
        assertThat(marks.path("lines").path(0).path("takeOff").isNull()).isTrue();
        assertThat(marks.path("holds").path(0).path("amount").asInt()).isEqualTo(8);
        assertThat(marks.path("headsCm").path(0).asInt()).isEqualTo(-10);
        assertThat(marks.path("praised").asInt()).isEqualTo(1);
        assertThat(marks.path("lighterFirst").path(0).path("first").asInt()).isEqualTo(1);
        assertThat(debrief.path("weather").path("temperatureC").asInt()).isEqualTo(9);
        assertThat(debrief.path("seen").path("faults").path(0).path("times").asInt())
                .as("a latch is a sighting each time it is switched on")
                .isEqualTo(1);
    }
}

package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Did that help? A rung, another exercise, the rung again, as the debrief tells it. */
class ProbesTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    /** Six asks before and six after tell all of NONE from all of YES: one of 924 orders. */
    @ParameterizedTest
    @CsvSource({
        "NONE, YES, 6, HELPED_TODAY",
        "YES, YES, 6, NOT_SHOWN",
        "YES, NONE, 6, NOT_SHOWN",
        "NONE, YES, 3, TOO_FEW"
    })
    void saysWhatOneDayCanSay(String before, String after, int asks, String verdict) {
        String lesson = yard.lesson(yard.pair());
        List<Map<String, Object>> log = new ArrayList<>();
        log.add(yard.entry(lesson, "lesson_started", Map.of()));
        turn(log, lesson, "counter-bend", before, asks);
        turn(log, lesson, "inside-bend", "YES", 2);
        turn(log, lesson, "counter-bend", after, asks);
        log.add(yard.entry(lesson, "lesson_ended", Map.of()));
        yard.send(log);
        JsonNode probes = yard.debrief(lesson).path("probes");
        assertThat(probes.size()).isEqualTo(1);
        JsonNode probe = probes.path(0);
        assertThat(probe.path("verdict").asString()).isEqualTo(verdict);
        assertThat(probe.path("name").asString()).isEqualTo("Counter-bend on the rail");
        assertThat(probe.path("asksBefore").asInt()).isEqualTo(asks);
        assertThat(probe.path("yesAfter").asInt()).isEqualTo(after.equals("YES") ? asks : 0);
        assertThat(probe.path("p").isNull()).isEqualTo(verdict.equals("TOO_FEW"));
    }

    /** Five of six days better after it: a hint, and the next plan begins with it. One word of the coach's does the same until then. */
    @ParameterizedTest
    @CsvSource({"6, HINT, HELPED_DAYS", "1, TOO_FEW, HELPED_WORD"})
    void whatHelpedOverDaysIsRiddenFirst(int days, String overDays, String reason) {
        String pair = yard.pair();
        coach.put("/api/v1/pairs/" + pair + "/school", Map.of("school", "CLASSICAL"));
        String lesson = "";
        for (int day = 0; day < days; day++) {
            lesson = yard.lesson(pair);
            List<Map<String, Object>> log = new ArrayList<>();
            log.add(yard.entry(lesson, "lesson_started", Map.of()));
            turn(log, lesson, "counter-bend", "NONE", 4);
            turn(log, lesson, "step-back-rein", "YES", 2);
            turn(log, lesson, "counter-bend", day == 2 ? "NONE" : "YES", 4);
            if (days == 1) {
                String on = String.valueOf(log.get(log.size() - 5).get("id"));
                log.add(yard.entry(lesson, "help", Map.of("segment", on, "exercise", "step-back-rein")));
            }
            log.add(yard.entry(lesson, "lesson_ended", Map.of()));
            yard.send(log);
        }
        JsonNode debrief = yard.debrief(lesson);
        JsonNode probe = debrief.path("probes").path(0);
        assertThat(probe.path("overDays").asString()).isEqualTo(overDays);
        assertThat(probe.path("days").asInt()).isEqualTo(days);
        assertThat(probe.path("helped").asInt()).isEqualTo(days == 1 ? 1 : 5);
        assertThat(debrief.path("helpWords").size()).isEqualTo(days == 1 ? 1 : 0);
        JsonNode plan = coach.get("/api/v1/lessons/" + yard.lesson(pair) + "/plan")
                .body()
                .path("plan");
        assertThat(plan.path("blocks").valueStream())
                .as("%s", plan)
                .anyMatch(b -> b.path("role").asString().equals("WAY_IN")
                        && b.path("of").path("exercise").asString().equals("step-back-rein")
                        && b.path("reasons").toString().contains(reason));
    }

    private static void turn(List<Map<String, Object>> log, String lesson, String exercise, String answer, int asks) {
        Map<String, Object> segment = yard.entry(
                lesson,
                "segment",
                Map.of(
                        "exercise", exercise,
                        "gait", "WALK",
                        "place", "RAIL",
                        "rein", "LEFT",
                        "mounted", "RIDER"));
        log.add(segment);
        for (int i = 0; i < asks; i++) {
            log.add(yard.exchange(lesson, segment.get("id"), answer));
        }
    }
}

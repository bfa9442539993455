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

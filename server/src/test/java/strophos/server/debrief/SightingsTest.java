package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class SightingsTest {

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();

    private JsonNode seen(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/debrief").body().path("seen");
    }

    /** Three asks with the leg back, of which one comes, and four with it still, of which all come. */
    private String lessonWithTheLegBack() {
        String lesson = yard.lesson(pair);
        List<Map<String, Object>> log = new ArrayList<>();
        log.add(yard.entry(lesson, "lesson_started", Map.of()));
        Map<String, Object> segment = yard.segment(lesson, "RIGHT");
        log.add(segment);
        for (int i = 0; i < 3; i++) {
            log.add(yard.entry(
                    lesson, "fault", Map.of("segment", segment.get("id"), "name", "leg-back", "side", "LEFT")));
            log.add(yard.exchange(lesson, segment.get("id"), i == 0 ? "YES" : "BRACE"));
            // entries come a second apart: notes until the fault is longer ago than five seconds
            for (int n = 0; n < 6; n++) {
                log.add(yard.entry(lesson, "note", Map.of("text", "walks on")));
            }
        }
        for (int i = 0; i < 4; i++) {
            log.add(yard.exchange(lesson, segment.get("id"), "YES"));
        }
        log.add(yard.entry(lesson, "lesson_ended", Map.of()));
        yard.send(log);
        return lesson;
    }

    @Test
    void aFaultThatGoesWithFewerYesIsWorthChecking() {
        String lesson = "";
        for (int i = 0; i < 4; i++) {
            lesson = lessonWithTheLegBack();
        }
        JsonNode worth = seen(lesson).path("worthChecking");
        assertThat(worth).hasSize(1);
        assertThat(worth.path(0).path("name").asString()).isEqualTo("leg-back");
        assertThat(worth.path(0).path("side").asString()).isEqualTo("LEFT");
        assertThat(worth.path(0).path("yesWith").asInt()).isEqualTo(4);
        assertThat(worth.path(0).path("with").asInt()).isEqualTo(12);
        assertThat(worth.path(0).path("yesWithout").asInt()).isEqualTo(16);
        assertThat(worth.path(0).path("without").asInt()).isEqualTo(16);
        // 4 of 12 less 16 of 16: the whole interval lies below nought
        assertThat(worth.path(0).path("high").asDouble()).isNegative();
        assertThat(worth.path(0).path("adjusted").asDouble()).isLessThanOrEqualTo(0.1);
        assertThat(seen(lesson).path("compared")).isEmpty();
        assertThat(seen(lesson).path("faults").path(0).path("times").asInt()).isEqualTo(3);
    }

    @Test
    void oneLessonIsNotEnoughToCompare() {
        JsonNode seen = seen(lessonWithTheLegBack());
        assertThat(seen.path("worthChecking")).isEmpty();
        assertThat(seen.path("notCompared").path(0).path("name").asString()).isEqualTo("leg-back");
        assertThat(seen.path("notCompared").path(0).path("why").asString()).isIn("WITH", "LESSONS");
    }

    /** The load is minutes times effort (Foster 2001). */
    @Test
    void releasesCorrectionsAndEffortAreCounted() {
        String lesson = yard.lesson(pair);
        List<Map<String, Object>> log = new ArrayList<>();
        log.add(yard.entry(lesson, "lesson_started", Map.of()));
        Map<String, Object> segment = yard.segment(lesson, "LEFT");
        log.add(segment);
        Map<String, Object> first = yard.exchange(lesson, segment.get("id"), "YES");
        Map<String, Object> second = yard.exchange(lesson, segment.get("id"), "YES");
        log.add(first);
        log.add(second);
        log.add(yard.entry(lesson, "release", Map.of("exchange", first.get("id"), "release", "MISSED")));
        log.add(yard.entry(lesson, "release", Map.of("exchange", second.get("id"), "release", "PROMPT")));
        for (int i = 0; i < 6; i++) {
            log.add(yard.entry(lesson, "correction", Map.of("segment", segment.get("id"), "made", i > 0)));
        }
        log.add(yard.entry(lesson, "sign", Map.of("segment", segment.get("id"), "name", "jaw-soft", "side", "NONE")));
        log.add(yard.entry(lesson, "lesson_ended", Map.of()));
        log.add(yard.entry(lesson, "effort", Map.of("horse", 6)));
        yard.send(log);
        JsonNode seen = seen(lesson);
        assertThat(seen.path("missed").path(0).path("missed").asInt()).isEqualTo(1);
        assertThat(seen.path("missed").path(0).path("total").asInt()).isEqualTo(2);
        assertThat(seen.path("corrections").path("made").asInt()).isEqualTo(5);
        assertThat(seen.path("corrections").path("isConsistent").asBoolean(true))
                .as("5 of 6 are under nine in ten")
                .isFalse();
        assertThat(seen.path("effort").asInt()).isEqualTo(6);
        assertThat(seen.path("turnoutDays").isNull()).as("nobody has asked").isTrue();
        coach.put(
                "/api/v1/pairs/" + pair + "/intake/horse",
                Map.of("version", 0, "horse", Map.of("soundness", List.of(), "turnoutDays", 4)));
        assertThat(seen(lesson).path("turnoutDays").asInt()).isEqualTo(4);
        double minutes = 12 / 60.0;
        assertThat(seen.path("load").asDouble()).isCloseTo(6 * minutes, within(0.11));
        assertThat(seen.path("signs").path(0).path("name").asString()).isEqualTo("jaw-soft");
    }
}

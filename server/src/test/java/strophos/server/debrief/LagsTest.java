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

/** Landings that were marked on the clips of several lessons, side by side. */
class LagsTest {

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);

    /** Eight strides of 1.1 s, whose left fore foot lands so many ms after the left hind one; the right one a quarter of a stride. */
    private static List<Map<String, Object>> landings(int lateMs) {
        List<Map<String, Object>> landings = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            landings.add(Map.of("foot", "LEFT_HIND", "ms", 1_100 * i));
            landings.add(Map.of("foot", "LEFT_FORE", "ms", 1_100 * i + lateMs));
            landings.add(Map.of("foot", "RIGHT_HIND", "ms", 1_100 * i + 550));
            landings.add(Map.of("foot", "RIGHT_FORE", "ms", 1_100 * i + 825));
        }
        return landings;
    }

    private void filmed(String pair, int lateMs, boolean isLinked) {
        String lesson = yard.lesson(pair);
        yard.send(List.of(yard.entry(lesson, "lesson_started", Map.of())));
        Map<String, Object> segment = yard.segment(lesson, "LEFT");
        Map<String, Object> file =
                Map.of("fileName", "walk.mp4", "bytes", 9, "durationMs", 31_000, "digest", "0".repeat(64));
        Map<String, Object> clip = yard.entry(
                lesson,
                "time_base",
                isLinked
                        ? Map.of("source", "CLIP", "clip", file, "startMs", (long) segment.get("atMs") + 1)
                        : Map.of("source", "CLIP", "clip", file));
        yard.send(List.of(
                segment,
                clip,
                yard.entry(
                        lesson,
                        "footfalls",
                        Map.of("base", clip.get("id"), "frameMs", 33, "landings", landings(lateMs))),
                yard.entry(lesson, "comment", Map.of("at", Map.of("base", clip.get("id"), "ms", 1), "text", "So.")),
                yard.entry(lesson, "lesson_ended", Map.of())));
    }

    private JsonNode gaits(String pair) {
        return coach.get("/api/v1/pairs/" + pair + "/footfalls").body().path("gaits");
    }

    @Test
    void aPaceThatComesApartIsToldGaitByGait() {
        String pair = yard.pair();
        assertThat(gaits(pair)).isEmpty();
        filmed(pair, 66, true);
        assertThat(gaits(pair).path(0).path("left").isNull())
                .as("once is no change")
                .isTrue();
        filmed(pair, 242, true);
        filmed(pair, 66, false);
        assertThat(gaits(pair)).hasSize(2);
        JsonNode walk = gaits(pair).path(0);
        assertThat(walk.path("gait").asString()).isEqualTo("WALK");
        assertThat(walk.path("points")).hasSize(2);
        assertThat(walk.path("left").path("first").path("share").asDouble()).isCloseTo(0.06, within(0.005));
        assertThat(walk.path("left").path("last").path("share").asDouble()).isCloseTo(0.22, within(0.005));
        assertThat(walk.path("left").path("way").asString()).isEqualTo("TOWARDS_EVEN");
        assertThat(walk.path("right").path("way").asString()).isEqualTo("NOT_TOLD_APART");
        assertThat(gaits(pair).path(1).path("gait").isNull())
                .as("not linked to its lesson")
                .isTrue();
    }
}

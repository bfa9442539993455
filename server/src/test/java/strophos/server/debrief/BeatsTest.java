package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static strophos.server.harness.RungRow.criterion;
import static strophos.server.harness.RungRow.missing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Inside;
import strophos.server.harness.Yard;
import strophos.server.ride.RideLog;
import strophos.server.state.PairStates;
import tools.jackson.databind.JsonNode;

/** A rung of four clear beats, and a clip of it. */
class BeatsTest {

    private static final int PACE_MS = 60;
    private static final int CLEAR_MS = 250;

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final Inside inside = new Inside(App.demo(), coach);
    private final String pair = yard.pair();
    private final String lesson = yard.lesson(pair);
    private final Map<String, Long> beganMs = new HashMap<>();

    /** To its end: on each rein three stretches of 20 strides that were kept to the eye. */
    private void ridden(String exercise, String gait) {
        List<Map<String, Object>> log = new ArrayList<>(List.of(yard.entry(lesson, "lesson_started", Map.of())));
        for (String rein : List.of("LEFT", "RIGHT")) {
            Map<String, Object> segment = yard.entry(
                    lesson,
                    "segment",
                    Map.of("exercise", exercise, "gait", gait, "place", "RAIL", "rein", rein, "mounted", "RIDER"));
            beganMs.put(rein, (long) segment.get("atMs"));
            log.add(segment);
            for (int i = 0; i < 3; i++) {
                log.add(yard.entry(
                        lesson, "held", Map.of("segment", segment.get("id"), "unit", "STRIDES", "amount", 20)));
            }
        }
        log.add(yard.entry(lesson, "lesson_ended", Map.of()));
        yard.send(log);
    }

    /** Strides of a second each on a clip that begins with this rein, whose left fore foot lands so late after the left hind one. */
    private void filmed(String rein, int lateMs) {
        List<Map<String, Object>> landings = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            landings.add(Map.of("foot", "LEFT_HIND", "ms", 1_000 * i));
            landings.add(Map.of("foot", "LEFT_FORE", "ms", 1_000 * i + lateMs));
        }
        Map<String, Object> file =
                Map.of("fileName", "own-gait.mp4", "bytes", 9, "durationMs", 31_000, "digest", "1".repeat(64));
        Map<String, Object> clip =
                yard.entry(lesson, "time_base", Map.of("source", "CLIP", "clip", file, "startMs", beganMs.get(rein)));
        yard.send(List.of(
                clip,
                yard.entry(lesson, "footfalls", Map.of("base", clip.get("id"), "frameMs", 33, "landings", landings))));
    }

    private JsonNode rung() {
        return yard.debrief(lesson).path("rows").path(0);
    }

    @Test
    void aClipThatShowsAnotherGaitKeepsTheRungOpen() {
        ridden("tolt-stretches", "OWN_GAIT");
        assertThat(criterion(rung()).path("kind").asString())
                .as("where nobody filmed, the eye counts")
                .isEqualTo("MET");

        filmed("RIGHT", PACE_MS);
        assertThat(criterion(rung()).path("kind").asString()).isEqualTo("BROKEN");
        assertThat(missing(criterion(rung()))).containsExactly("RIGHT FOUR_BEATS");
        JsonNode missing =
                criterion(rung()).path("evidence").path(1).path("missing").path(0);
        assertThat(missing.path("feet").asString()).isEqualTo("LEFT");
        assertThat(missing.path("share").asDouble()).isCloseTo(0.06, within(0.001));
        assertThat(missing.path("high").asDouble()).isGreaterThan(0.06).isLessThan(0.2);

        filmed("RIGHT", CLEAR_MS);
        assertThat(criterion(rung()).path("kind").asString())
                .as("the strides marked last count")
                .isEqualTo("MET");

        assertThat(inside.of(() -> App.demo().bean(RideLog.class).rebuild(List.of(UUID.fromString(lesson)))))
                .isZero();
        assertThat(inside.of(() -> App.demo().bean(PairStates.class).settleAnew(UUID.fromString(pair))))
                .isFalse();
    }

    /** A rung that has nothing to do with beats is not judged by them. */
    @Test
    void otherRungsAreLeftAlone() {
        ridden("even-beat", "WALK");
        String before = criterion(rung()).toString();
        filmed("RIGHT", PACE_MS);
        assertThat(criterion(rung())).hasToString(before);
    }
}

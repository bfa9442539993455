package strophos.server.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import strophos.core.contact.StandInSensor;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Sensor;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Stretches that are asked by a cue of the pair's book. */
class CuesMeasuredTest {

    private static final int ROUND_S = 30;
    private static final int ASKS = 5;

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();
    private final String lesson = yard.lesson(pair);

    private String cue(String signal, String meaning) {
        String id = UUID.randomUUID().toString();
        change(id, 0, signal, meaning, false);
        return id;
    }

    private void change(String id, int version, String signal, String meaning, boolean isPutAway) {
        Map<String, Object> cue = new HashMap<>(Map.of(
                "signal", signal, "meaning", meaning, "gait", "TROT", "isProven", false, "isPutAway", isPutAway));
        cue.put("since", null);
        assertThat(coach.put("/api/v1/pairs/" + pair + "/cues/" + id, Map.of("version", version, "cue", cue))
                        .status())
                .isEqualTo(200);
    }

    /** Five asks in a stretch by each cue, half a minute apart; when the first stretch began. */
    private Instant ridden(List<String> cues) {
        Map<String, Object> started = yard.entry(lesson, "lesson_started", Map.of());
        long beganMs = (long) started.get("atMs") + 1;
        List<Map<String, Object>> log = new ArrayList<>(List.of(started));
        for (int c = 0; c < cues.size(); c++) {
            long fromMs = beganMs + 1000L * ROUND_S * (ASKS + 1) * c;
            Map<String, Object> stretch = yard.entry(
                    lesson,
                    "segment",
                    Map.of(
                            "exercise", "own-cues",
                            "gait", "TROT",
                            "place", "RAIL",
                            "rein", "LEFT",
                            "mounted", "RIDER",
                            "cue", cues.get(c)));
            stretch.put("atMs", fromMs);
            log.add(stretch);
            for (int i = 1; i <= ASKS; i++) {
                Map<String, Object> ask = yard.entry(
                        lesson, "exchange", Map.of("segment", stretch.get("id"), "strength", 1, "response", "YES"));
                ask.put("atMs", fromMs + 1000L * ROUND_S * i);
                log.add(ask);
            }
        }
        yard.send(log);
        return Instant.ofEpochMilli(beganMs);
    }

    private static StandInSensor.Stretch trot(double seconds, double beats) {
        return new StandInSensor.Stretch(seconds, beats, 0.03, 3, 3.2, 1.5, 0);
    }

    @Test
    void eachCueSaysWhatTheBeatDidAfterIt() {
        List<String> cues = List.of(cue("Both legs, twice", "quicker"), cue("Hand forward", "bigger"));
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/packet")
                        .body()
                        .path("cues")
                        .valueStream()
                        .map(c -> c.path("signal").asString()))
                .containsExactlyInAnyOrder("Both legs, twice", "Hand forward");
        Instant began = ridden(cues);
        List<StandInSensor.Stretch> beats = new ArrayList<>();
        for (int c = 0; c < 2; c++) {
            beats.add(trot(ROUND_S - 1.4, 158));
            for (int i = 0; i < ASKS; i++) {
                beats.add(trot(11, c == 0 ? 158 * 1.07 : 158));
                beats.add(trot(ROUND_S - 11, 158));
            }
            beats.add(trot(1.4, 158));
        }
        new Sensor(coach, lesson)
                .send(
                        StandInSensor.measure(
                                StandInSensor.Script.of(50, beats.toArray(StandInSensor.Stretch[]::new)), 2),
                        began);
        // what is put away was asked by all the same
        change(cues.get(1), 1, "Hand forward", "bigger", true);
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/packet").body().path("cues"))
                .hasSize(1);
        JsonNode recording = coach.get("/api/v1/lessons/" + lesson + "/contact")
                .body()
                .path("recordings")
                .path(0);
        JsonNode quicker = recording.path("cues").path(0);
        assertThat(quicker.path("signal").asString()).isEqualTo("Both legs, twice");
        assertThat(quicker.path("asks").asInt()).isEqualTo(ASKS);
        assertThat(quicker.path("change").asDouble()).isCloseTo(0.07, within(0.015));
        assertThat(recording.path("cues").path(1).path("change").asDouble()).isCloseTo(0, within(0.015));
        JsonNode beside = recording.path("cuesBeside").path(0);
        assertThat(beside.path("verdict").asString()).isEqualTo("APART");
        assertThat(beside.path("low").asDouble()).isPositive();
    }

    /** A cue of another pair, or of none, is no cue of this book: the stretch is read, the cue is not told of. */
    @Test
    void aCueThatIsNotInTheBookIsPassedOver() {
        Instant began = ridden(List.of(UUID.randomUUID().toString()));
        new Sensor(coach, lesson).send(StandInSensor.measure(StandInSensor.Script.of(50, trot(170, 158)), 2), began);
        JsonNode recording = coach.get("/api/v1/lessons/" + lesson + "/contact")
                .body()
                .path("recordings")
                .path(0);
        assertThat(recording.path("cues")).isEmpty();
        assertThat(recording.path("spans")).hasSize(1);
    }
}

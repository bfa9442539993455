package strophos.server.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class IntakeTest {

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();

    private Client.Reply change(String of, String part, int version, Map<String, Object> told) {
        return coach.put("/api/v1/pairs/" + of + "/intake/" + part, Map.of("version", version, part, told));
    }

    @Test
    void nothingIsMandatoryAndEachPartIsChangedByItself() {
        JsonNode empty = coach.get("/api/v1/pairs/" + pair + "/intake").body();
        assertThat(empty.path("horseVersion").asInt()).isZero();
        assertThat(empty.path("horse").path("soundness").isEmpty()).isTrue();

        Map<String, Object> horse = Map.of(
                "breed",
                "Icelandic",
                "soundness",
                List.of(Map.of("on", "2026-03-02", "note", "Short on the left hind downhill; vet saw nothing.")));
        assertThat(change(pair, "horse", 0, horse).status()).isEqualTo(200);
        assertThat(change(pair, "rider", 0, Map.of("worries", "Hacking alone")).status())
                .isEqualTo(200);
        JsonNode now = change(pair, "horse", 1, Map.of("breed", "Icelandic horse", "soundness", List.of()))
                .body();

        assertThat(now.path("horseVersion").asInt()).isEqualTo(2);
        assertThat(now.path("rider").path("worries").asString()).isEqualTo("Hacking alone");
        assertThat(change(pair, "horse", 1, horse).code()).isEqualTo("changed_meanwhile");
        assertThat(change(pair, "horse", 0, horse).code()).isEqualTo("changed_meanwhile");
    }

    @Test
    void aHorseIsKnownToAllItsRiders() {
        change(pair, "horse", 0, Map.of("fears", "Umbrellas", "soundness", List.of()));
        String second = yard.secondPair(pair, "Lindiwe Achterberg");
        JsonNode hers = coach.get("/api/v1/pairs/" + second + "/intake").body();

        assertThat(hers.path("horse").path("fears").asString()).isEqualTo("Umbrellas");
        assertThat(hers.path("riderVersion").asInt()).isZero();
    }

    @Test
    void whatMustBeKnownBesideThePadGoesWithTheLesson() {
        change(pair, "horse", 0, Map.of("fears", "Umbrellas", "soundness", List.of()));
        change(
                pair,
                "together",
                0,
                Map.of(
                        "head", Map.of("leastCm", 0, "mostCm", 20),
                        "unwanted", List.of(Map.of("name", "stepping pace"))));
        JsonNode known = coach.get("/api/v1/lessons/" + yard.lesson(pair) + "/packet")
                .body()
                .path("known");

        assertThat(known.path("fears").asString()).isEqualTo("Umbrellas");
        assertThat(known.path("head").path("mostCm").asInt()).isEqualTo(20);
        assertThat(known.path("unwanted").path(0).path("name").asString()).isEqualTo("stepping pace");
    }

    @Test
    void theGoalIsTheRidersAndGoesWithThePair() {
        Client.Reply set = coach.put(
                "/api/v1/pairs/" + pair + "/intake/together",
                Map.of(
                        "version",
                        0,
                        "goal",
                        "Tölt to the ford and back.",
                        "together",
                        Map.of(
                                "head", Map.of("leastCm", 0, "mostCm", 20),
                                "unwanted", List.of(Map.of("name", "stepping pace", "sign", "the quarters sway")))));
        assertThat(set.status()).as("%s", set.body()).isEqualTo(200);
        assertThat(coach.get("/api/v1/pairs/" + pair).body().path("goal").asString())
                .isEqualTo("Tölt to the ford and back.");

        Client.Reply upsideDown =
                change(pair, "together", 1, Map.of("head", Map.of("leastCm", 30, "mostCm", 20), "unwanted", List.of()));
        assertThat(upsideDown.body().path("issues").path(0).path("path").asString())
                .isEqualTo("together.head.leastCm");
    }
}

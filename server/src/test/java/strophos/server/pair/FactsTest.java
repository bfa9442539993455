package strophos.server.pair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class FactsTest {

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();

    private Client.Reply change(int version, Map<String, Object> facts) {
        return coach.put("/api/v1/pairs/" + pair + "/facts", Map.of("version", version, "facts", facts));
    }

    private static Map<String, Object> weights() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("heightCm", 144);
        facts.put("horseKg", 480);
        facts.put("riderKg", 84);
        facts.put("tackKg", 9.1);
        return facts;
    }

    @Test
    void weightsGiveTheShare() {
        assertThat(coach.get("/api/v1/pairs/" + pair + "/facts")
                        .body()
                        .path("weightShare")
                        .isNull())
                .isTrue();
        JsonNode view = change(0, weights()).body();
        assertThat(view.path("weightShare").asDouble()).isCloseTo(0.194, within(0.0005));
        assertThat(view.path("weightLevel").asString()).isEqualTo("WATCH");
        Client.Reply old = change(0, weights());
        assertThat(old.status()).isEqualTo(412);
        assertThat(old.code()).isEqualTo("changed_meanwhile");
    }

    @Test
    void aBreakIsToldWholeAndShortensTheWork() {
        Map<String, Object> half = weights();
        half.put("weeksOff", 8);
        Client.Reply reply = change(0, half);
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.body().path("issues").path(0).path("path").asString()).isEqualTo("facts.backSince");
        half.put("backSince", "2026-11-20");
        half.put("minutesBefore", 40);
        assertThat(change(0, half).status()).isEqualTo(200);
        JsonNode plan = coach.get("/api/v1/lessons/" + yard.lesson(pair) + "/plan")
                .body()
                .path("plan");
        assertThat(plan.path("workS").asInt()).isLessThanOrEqualTo(20 * 60);
        assertThat(plan.path("notes").valueStream().map(n -> n.path("code").asString()))
                .contains("SPARED", "BACK_TO_WORK");
    }

    @Test
    void aValueOutOfItsBoundsIsNamed() {
        Map<String, Object> facts = weights();
        facts.put("heightCm", 300);
        JsonNode issue = change(0, facts).body().path("issues").path(0);
        assertThat(issue.path("code").asString()).isEqualTo("too_large");
        assertThat(issue.path("path").asString()).isEqualTo("facts.heightCm");
    }
}

package strophos.server.pair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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
    void tooHeavyForWhatItShouldWeighIsOverruledOnlyWithAReasonThatStaysVisible() {
        Map<String, Object> facts = weights();
        facts.put("shouldWeighKg", 450);
        JsonNode view = change(0, facts).body();
        assertThat(view.path("weightShare").asDouble()).isCloseTo(0.207, within(0.0005));
        assertThat(view.path("weightLevel").asString()).isEqualTo("ANOTHER_HORSE");
        assertThat(view.path("overrule").isNull()).isTrue();
        String lesson = yard.lesson(pair);
        assertThat(notes(lesson)).contains("WEIGHT_OVER");
        Map<String, Object> plan = Map.of(
                "version",
                0,
                "blocks",
                List.of(
                        Map.of("rung", "counter-bend.walk.rail", "role", "MAIN", "seconds", 300, "longer", "NONE"),
                        Map.of("rung", "turn-away.walk.rail", "role", "SECOND", "seconds", 300, "longer", "NONE")));
        Client.Reply refused = coach.put("/api/v1/lessons/" + lesson + "/plan", plan);
        assertThat(refused.body().path("issues").path(0).path("code").asString())
                .isEqualTo("weight_over");

        assertThat(overrule(" ").status()).isEqualTo(422);
        assertThat(overrule("Twenty minutes in walk.").status()).isEqualTo(201);
        assertThat(coach.put("/api/v1/lessons/" + lesson + "/plan", plan).status())
                .isEqualTo(200);
        assertThat(notes(lesson)).contains("WEIGHT_OVERRULED").doesNotContain("WEIGHT_OVER");

        facts.put("riderKg", 86);
        assertThat(change(1, facts).body().path("overrule").isNull())
                .as("it was given for less")
                .isTrue();
    }

    @Test
    void thereIsNothingToOverruleWithinTheGuideline() {
        change(0, weights());
        assertThat(overrule("All the same.").code()).isEqualTo("nothing_to_overrule");
    }

    private Client.Reply overrule(String reason) {
        return coach.post(
                "/api/v1/pairs/" + pair + "/facts/overrule", Map.of("id", UUID.randomUUID(), "reason", reason));
    }

    private List<String> notes(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/plan")
                .body()
                .path("plan")
                .path("notes")
                .valueStream()
                .map(n -> n.path("code").asString())
                .toList();
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

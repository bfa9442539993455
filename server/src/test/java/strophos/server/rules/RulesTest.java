package strophos.server.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class RulesTest {

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();

    private Client.Reply change(String book, Map<String, Object> changes) {
        return coach.put("/api/v1/rules/" + book, Map.of("changes", changes));
    }

    @AfterEach
    void theStandardsHoldAgain() {
        change("rung-decision", Map.of());
        change("stop", Map.of());
    }

    private JsonNode threshold(String book, String name) {
        return coach.get("/api/v1/rules")
                .body()
                .path("books")
                .valueStream()
                .filter(b -> b.path("book").asString().equals(book))
                .flatMap(b -> b.path("thresholds").valueStream())
                .filter(t -> t.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Twice 7 of 10 on each rein in a new pair; the advice on the last. */
    private JsonNode row() {
        String lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, 7, "TRY", 3, true));
        lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, 7, "TRY", 3, true));
        return coach.get("/api/v1/lessons/" + lesson + "/debrief")
                .body()
                .path("rows")
                .path(0);
    }

    @Test
    void aYardsOwnThresholdDecides() {
        assertThat(row().path("advice").path("decision").asString()).isEqualTo("STAY");
        assertThat(change("rung-decision", Map.of("rate.share", 0.7, "rate.lowerEnd", 0.35))
                        .status())
                .isEqualTo(200);
        assertThat(threshold("rung-decision", "rate.share").path("value").asDouble())
                .isEqualTo(0.7);
        JsonNode advice = row().path("advice");
        assertThat(advice.path("decision").asString()).isEqualTo("MOVE_ON");
        assertThat(advice.path("book").asString()).isEqualTo("rung-decision/3");
        assertThat(advice.path("findings")
                        .valueStream()
                        .filter(f -> f.path("ruleId").asString().equals("criterion.rate"))
                        .findFirst()
                        .orElseThrow()
                        .path("thresholds")
                        .path("lowerEnd")
                        .asDouble())
                .as("the advice carries the threshold it was made by")
                .isEqualTo(0.35);
    }

    @Test
    void aSafetyCapIsOnlyTightened() {
        Client.Reply looser = change("stop", Map.of("work.minutes", 60));
        assertThat(looser.status()).isEqualTo(422);
        assertThat(looser.body().path("issues").path(0).path("path").asString()).isEqualTo("changes.work.minutes");
        assertThat(change("stop", Map.of("heat.line", 200)).status()).isEqualTo(422);
        assertThat(change("stop", Map.of("work.minutes", 30)).status()).isEqualTo(200);
        assertThat(threshold("stop", "work.minutes").path("most").asDouble()).isEqualTo(45);
        String lesson = yard.lesson(pair);
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/packet")
                        .body()
                        .path("plan")
                        .path("nudges")
                        .path("workS")
                        .asInt())
                .isEqualTo(30 * 60);
    }

    @Test
    void whatCannotBeTakenIsNamed() {
        Client.Reply reply = change("rung-decision", Map.of("rate.window", 2.5, "rate.nothing", 1));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.body()
                        .path("issues")
                        .valueStream()
                        .map(i -> i.path("code").asString()))
                .containsExactlyInAnyOrder("out_of_range", "unknown");
        assertThat(change("no-book", Map.of()).status()).isEqualTo(404);
        Map<String, Object> empty = new HashMap<>();
        empty.put("rate.window", null);
        assertThat(change("rung-decision", empty).status()).isEqualTo(422);
    }

    @Test
    void theReportCountsWhatWasOverruled() {
        JsonNode before = line("criterion.rate");
        String lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, 7, "TRY", 3, true));
        Map<String, Object> decision = new HashMap<>();
        decision.put("id", UUID.randomUUID().toString());
        decision.put("rung", "counter-bend.walk.rail");
        decision.put("chosen", "STAY_HARDER");
        decision.put("seen", "STAY");
        decision.put("reason", null);
        assertThat(coach.post("/api/v1/lessons/" + lesson + "/decisions", decision)
                        .status())
                .isEqualTo(201);
        JsonNode after = line("criterion.rate");
        assertThat(after.path("total").asInt()).isEqualTo(before.path("total").asInt() + 1);
        assertThat(after.path("overruled").asInt())
                .isEqualTo(before.path("overruled").asInt() + 1);
        assertThat(after.path("high").asDouble())
                .isGreaterThan(after.path("low").asDouble());
    }

    private JsonNode line(String rule) {
        return coach.get("/api/v1/rules")
                .body()
                .path("overruled")
                .valueStream()
                .filter(l -> l.path("ruleId").asString().equals(rule)
                        && l.path("book").asString().equals("rung-decision/3"))
                .findFirst()
                .orElseThrow();
    }
}

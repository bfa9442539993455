package strophos.server.pair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** A pair is placed on its stair by the coach's word, with author and day. */
class PlacingsTest {

    private static final String TROT = "counter-bend.trot.rail";

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static Client.Reply place(String pair, UUID id, String rung, boolean isKnown) {
        return coach.post("/api/v1/pairs/" + pair + "/placings", Map.of("id", id, "rung", rung, "known", isKnown));
    }

    private static String state(String pair, String rung) {
        return step(pair, rung).path("state").asString();
    }

    private static JsonNode step(String pair, String rung) {
        return coach.get("/api/v1/pairs/" + pair)
                .body()
                .path("stair")
                .valueStream()
                .filter(s -> s.path("rung").asString().equals(rung))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whoCanDoARungCanDoAllThatItNeeds() {
        String pair = yard.pair();
        assertThat(state(pair, TROT)).isEqualTo("CLOSED");
        UUID id = UUID.randomUUID();
        assertThat(place(pair, id, TROT, true).status()).isEqualTo(204);
        assertThat(place(pair, id, TROT, true).status()).as("repeated").isEqualTo(204);
        assertThat(state(pair, TROT)).isEqualTo("PLACED");
        assertThat(state(pair, "counter-bend.walk.rail")).isEqualTo("PLACED");
        JsonNode placings = coach.get("/api/v1/pairs/" + pair).body().path("placings");
        assertThat(placings.valueStream().map(p -> p.path("by").asString())).containsOnly("Ottilie Brandvold");
        assertThat(placings.valueStream().map(p -> p.path("rung").asString())).doesNotHaveDuplicates();

        place(pair, UUID.randomUUID(), TROT, false);
        assertThat(state(pair, TROT)).isEqualTo("OPEN");
        assertThat(state(pair, "counter-bend.walk.rail")).as("only that rung").isEqualTo("PLACED");
    }

    @Test
    void aPlacedRungIsPlannedAsKnownAndPassedByItsRecordOnly() {
        String pair = yard.pair();
        place(pair, UUID.randomUUID(), "counter-bend.walk.rail", true);
        String first = yard.ridden(pair, 10, "TRY", 0);
        JsonNode advice = yard.debrief(first).path("rows").path(0).path("advice");
        assertThat(advice.path("decision").asString())
                .as("one lesson is no record yet")
                .isEqualTo("STAY");
        assertThat(state(pair, "counter-bend.walk.rail")).isEqualTo("PLACED");
        String second = yard.ridden(pair, 10, "TRY", 0);
        assertThat(yard.debrief(second)
                        .path("rows")
                        .path(0)
                        .path("advice")
                        .path("decision")
                        .asString())
                .isEqualTo("MOVE_ON");
        decide(second, "counter-bend.walk.rail", "MOVE_ON");
        assertThat(state(pair, "counter-bend.walk.rail")).isEqualTo("PASSED");
        assertThat(step(pair, "counter-bend.walk.rail").path("reopened").asBoolean())
                .isFalse();

        decide(second, "counter-bend.walk.rail", "STAY");
        assertThat(state(pair, "counter-bend.walk.rail")).isEqualTo("IN_WORK");
        assertThat(step(pair, "counter-bend.walk.rail").path("reopened").asBoolean())
                .as("it was passed before")
                .isTrue();
    }

    private static void decide(String lesson, String rung, String chosen) {
        coach.post(
                "/api/v1/lessons/" + lesson + "/decisions",
                Map.of("id", UUID.randomUUID(), "rung", rung, "chosen", chosen, "seen", "MOVE_ON"));
    }

    @Test
    void whatARungNeedsInOtherStrandsIsPlacedWithIt() {
        String pair = yard.pair();
        place(pair, UUID.randomUUID(), "single-fence.canter.fences", true);
        assertThat(coach.get("/api/v1/pairs/" + pair).body().path("stair").valueStream())
                .filteredOn(s -> s.path("state").asString().equals("PLACED"))
                .extracting(s -> s.path("rung").asString())
                .contains(
                        "poles-straight.trot.rail",
                        "strike-off.canter.circle",
                        "trot-walk.trot.circle",
                        "single-fence.canter.fences");
    }
}

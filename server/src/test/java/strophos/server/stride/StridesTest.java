package strophos.server.stride;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** The last measure counts, else the usual one of a horse of this height; the arithmetic is held in core. */
class StridesTest {

    private static final LocalDate TODAY = LocalDate.ofInstant(App.START, ZoneId.of("Europe/London"));

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static Client.Reply measure(String pair, UUID id, Map<String, Object> other) {
        Map<String, Object> body = new HashMap<>(Map.of(
                "id", id, "pace", "TROT", "way", "DISTANCE", "distanceM", 30, "count", 12, "on", TODAY.toString()));
        body.putAll(other);
        return coach.post("/api/v1/pairs/" + pair + "/strides", body);
    }

    private static JsonNode trot(JsonNode view) {
        return view.path("paces")
                .valueStream()
                .filter(p -> p.path("pace").asString().equals("TROT"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aMeasureTakesThePlaceOfTheUsualUntilItIsPutAway() {
        String pair = yard.pair();
        JsonNode usual = coach.get("/api/v1/pairs/" + pair + "/strides").body();
        assertThat(usual.path("paces").size()).isEqualTo(4);
        assertThat(trot(usual).path("measuredOn").isNull()).isTrue();
        UUID id = UUID.randomUUID();
        assertThat(measure(pair, id, Map.of("seconds", 8.5)).status()).isEqualTo(201);
        JsonNode measured = measure(pair, id, Map.of("seconds", 8.5)).body();
        assertThat(measured.path("measures").size()).as("the same sent twice").isEqualTo(1);
        assertThat(trot(measured).path("lengthM").asDouble()).isEqualTo(2.5);
        assertThat(trot(measured).path("speedMs").asDouble()).isCloseTo(30 / 8.5, within(1e-9));
        assertThat(trot(measured).path("poles").path("fromM").asDouble()).isEqualTo(1.25);
        assertThat(trot(measured).path("measuredOn").asString()).isEqualTo(TODAY.toString());
        JsonNode away = coach.put("/api/v1/pairs/" + pair + "/strides/" + id + "/away", Map.of("isPutAway", true))
                .body();
        assertThat(trot(away)).isEqualTo(trot(usual));
    }

    /** Half a year later it is told; the later of two counts, whatever came in last. */
    @Test
    void theLaterMeasureCountsAndAnOldOneIsTold() {
        String pair = yard.pair();
        measure(pair, UUID.randomUUID(), Map.of("on", TODAY.minusDays(10).toString(), "count", 11));
        JsonNode view = measure(
                        pair,
                        UUID.randomUUID(),
                        Map.of("on", TODAY.minusDays(181).toString()))
                .body();
        assertThat(trot(view).path("lengthM").asDouble()).isCloseTo(30.0 / 11, within(1e-9));
        assertThat(trot(view).path("isOld").asBoolean()).isFalse();
        String other = yard.pair();
        assertThat(trot(measure(
                                        other,
                                        UUID.randomUUID(),
                                        Map.of("on", TODAY.minusDays(181).toString()))
                                .body())
                        .path("isOld")
                        .asBoolean())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({"distanceM, 0.3", "distanceM, 301", "count, 0", "seconds, 0", "seconds, 601", "on, 2126-01-01"})
    void whatCannotBeIsRefusedByItsField(String field, String value) {
        Client.Reply reply = measure(yard.pair(), UUID.randomUUID(), Map.of(field, value));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.body().path("issues").path(0).path("path").asString()).isEqualTo(field);
    }

    @Test
    void stepsCountedForStridesAreDoubted() {
        JsonNode view =
                measure(yard.pair(), UUID.randomUUID(), Map.of("count", 40)).body();
        assertThat(view.path("measures").path(0).path("doubt").asString()).isEqualTo("LENGTH");
    }
}

package strophos.server.watch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class WatchEndTest {

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();

    @Test
    void whatIsEndedEarlyIsAskedNoMoreAndCanBeWatchedAgain() {
        String lesson = yard.lesson(pair);
        Map<String, Object> watch = yard.entry(
                lesson,
                "watch",
                Map.of("of", "sign", "name", "tilts-head", "side", "LEFT", "weeks", 4, "station", "IN_HAND"));
        yard.send(List.of(watch));
        String end = "/api/v1/pairs/" + pair + "/watch/" + watch.get("id") + "/end";
        assertThat(list().path("items").path(0).path("station").asString()).isEqualTo("IN_HAND");

        assertThat(coach.send("PUT", end, "", true).status()).isEqualTo(204);
        assertThat(coach.send("PUT", end, "", true).status()).as("said twice").isEqualTo(204);
        assertThat(list().path("items").isEmpty()).isTrue();
        assertThat(list().path("ended").path(0).path("name").asString()).isEqualTo("tilts-head");
        assertThat(packet(lesson).path("watch").isEmpty()).isTrue();

        assertThat(coach.send("DELETE", end, null, true).status()).isEqualTo(204);
        assertThat(list().path("items").size()).isEqualTo(1);
        assertThat(packet(lesson).path("watch").size()).isEqualTo(1);
        String others = "/api/v1/pairs/" + yard.pair() + "/watch/" + watch.get("id") + "/end";
        assertThat(coach.send("PUT", others, "", true).status())
                .as("of another pair")
                .isEqualTo(404);
    }

    private JsonNode list() {
        return coach.get("/api/v1/pairs/" + pair + "/watch").body();
    }

    private JsonNode packet(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/packet").body();
    }
}

package strophos.server.pair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import tools.jackson.databind.JsonNode;

/** The planted truth of the first pair is really in what the screens read. */
class DemoTruthTest {

    @Test
    void imresRightBendClosesFromWorseToAlike() {
        Client coach = App.demo().as("ottilie");
        String pair = coach.get("/api/v1/pairs")
                .body()
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals("Tamarack"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        JsonNode view = coach.get("/api/v1/pairs/" + pair).body();
        List<JsonNode> trend = view.path("trend").valueStream().toList();
        Instant first = Instant.parse(trend.get(0).path("at").asString());
        Instant last = Instant.parse(trend.get(trend.size() - 1).path("at").asString());
        assertThat(Duration.between(first, last)).isGreaterThan(Duration.ofDays(70));
        // a third of the lessons on each end; 95 % of such shares lie within 0.12 of the planted rate
        List<JsonNode> early = trend.subList(0, trend.size() / 3);
        List<JsonNode> late = trend.subList(2 * trend.size() / 3, trend.size());
        assertThat(share(early, "right")).isCloseTo(0.63, within(0.12));
        assertThat(share(late, "right")).isCloseTo(0.76, within(0.12));
        assertThat(share(early, "left")).isCloseTo(0.8, within(0.12));
        assertThat(share(early, "left")).isGreaterThan(share(early, "right"));
        assertThat(view.path("decisions").valueStream())
                .anySatisfy(d -> assertThat(d.path("chosen").asString()).isEqualTo("MOVE_ON"))
                .anySatisfy(d -> assertThat(d.path("chosen").asString())
                        .isNotEqualTo(d.path("advised").asString()));
    }

    private static double share(List<JsonNode> points, String side) {
        int yes =
                points.stream().mapToInt(p -> p.path(side).path("yes").asInt()).sum();
        int asks =
                points.stream().mapToInt(p -> p.path(side).path("asks").asInt()).sum();
        return (double) yes / asks;
    }
}

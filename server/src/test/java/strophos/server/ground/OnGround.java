package strophos.server.ground;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import java.util.UUID;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;

/** Pairs whose strides are measured, and what things are asked for with. */
record OnGround(Client coach, Yard yard) {

    static final double FT = 0.3048;

    private static final String TODAY =
            LocalDate.ofInstant(App.START, ZoneId.of("Europe/London")).toString();

    static OnGround start() {
        Client coach = App.demo().as("ottilie");
        return new OnGround(coach, new Yard(coach));
    }

    static Map<String, Object> way(double x, double y, double headingDeg) {
        return Map.of("at", Map.of("x", x, "y", y), "headingDeg", headingDeg);
    }

    static Map<String, Object> way(double x, double y) {
        return way(x, y, 90);
    }

    /** A pair whose horse steps so far over poles: measured by poles of that distance. */
    String stepping(double apartM) {
        return measured("TROT", "POLES", apartM, 1);
    }

    /** A pair whose horse canters to fences in strides of this length. */
    String jumping(double strideM) {
        return measured("JUMPING", "DISTANCE", 10 * strideM, 10);
    }

    private String measured(String pace, String way, double distanceM, int count) {
        String pair = yard.pair();
        Map<String, Object> measure = Map.of(
                "id", UUID.randomUUID(), "pace", pace, "way", way, "distanceM", distanceM, "count", count, "on", TODAY);
        assertThat(coach.post("/api/v1/pairs/" + pair + "/strides", measure).status())
                .isEqualTo(201);
        return pair;
    }
}

package strophos.server.setup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import tools.jackson.databind.JsonNode;

class SetUpTest {

    /** One installation, so one story: refusals change nothing, the token works once. */
    @Test
    void leadsFromTheTokenToAYardWithItsFirstPairOnce() {
        Client coach = App.empty().client();
        assertThat(coach.get("/api/v1/session").body().path("setUpNeeded").asBoolean())
                .isTrue();

        assertThat(issue(coach, "token", "a guess")).isEqualTo("wrong_token");
        assertThat(issue(coach, "timeZone", "Saltmarsh/Ford")).isEqualTo("unknown_zone");
        assertThat(issue(coach, "password", "short")).isEqualTo("length");
        assertThat(issue(coach, "password", "password12")).isEqualTo("weak");
        assertThat(issue(coach, "password", "\u00e9".repeat(37)))
                .as("74 bytes, of which the hash would read 72")
                .isEqualTo("length");
        assertThat(issue(coach, "signInName", "Emeka L.")).isEqualTo("form");
        assertThat(coach.get("/api/v1/session").body().path("setUpNeeded").asBoolean())
                .isTrue();

        Client.Reply done = coach.post("/api/v1/setup", request());
        assertThat(done.status()).isEqualTo(200);
        assertThat(done.body().path("me").path("yard").asString()).isEqualTo("Emeka's yard");
        assertThat(coach.get("/api/v1/pairs")
                        .body()
                        .path("pairs")
                        .path(0)
                        .path("horse")
                        .asString())
                .isEqualTo("Fennel");
        assertThat(coach.get("/api/v1/today").body().path("lessons").size()).isZero();

        Client second = App.empty().client();
        assertThat(second.post("/api/v1/setup", request()).code()).isEqualTo("already_set_up");
        assertThat(second.signIn("emeka", "a long password").status()).isEqualTo(200);
    }

    @Test
    void letsNoDemoPasswordInOutsideTheDemo() {
        assertThat(App.empty().client().signIn("ottilie", App.DEMO_PASSWORD).status())
                .isEqualTo(401);
    }

    private static String issue(Client client, String field, String value) {
        Map<String, Object> request = request();
        request.put(field, value);
        JsonNode issue =
                client.post("/api/v1/setup", request).body().path("issues").path(0);
        assertThat(issue.path("path").asString()).isEqualTo(field);
        assertThat(issue.path("expected").asString()).isNotBlank();
        return issue.path("code").asString();
    }

    private static Map<String, Object> request() {
        Map<String, Object> pair = new LinkedHashMap<>();
        pair.put("rider", "Emeka Lindqvist");
        pair.put("horse", "Fennel");
        pair.put("description", null);
        pair.put("heightCm", 158);
        pair.put("school", "CLASSICAL");
        pair.put("goal", null);
        Map<String, Object> request = new LinkedHashMap<>();
        request.put("token", App.SETUP_TOKEN);
        request.put("yardName", "Emeka's yard");
        request.put("timeZone", "Europe/Stockholm");
        request.put("coachName", "Emeka Lindqvist");
        request.put("signInName", "emeka");
        request.put("password", "a long password");
        request.put("pair", pair);
        return request;
    }
}

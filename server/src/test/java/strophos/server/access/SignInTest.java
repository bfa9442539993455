package strophos.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;

class SignInTest {

    @Test
    void saysAPlainSentenceAndNotWhichOfTheTwoWasWrong() {
        Client anybody = App.demo().client();
        Client.Reply wrongPassword = anybody.signIn("rosalba", "guess");
        Client.Reply wrongName = anybody.signIn("nobody-here", "guess");
        assertThat(wrongPassword.status()).isEqualTo(401);
        assertThat(wrongPassword.body().path("detail"))
                .isEqualTo(wrongName.body().path("detail"));
        assertThat(wrongPassword.code()).isEqualTo("wrong_sign_in");
    }

    @Test
    void makesGuessersWait() {
        Client guesser = App.demo().client();
        for (int i = 0; i < 5; i++) {
            assertThat(guesser.signIn("saskia", "guess " + i).status()).isEqualTo(401);
        }
        Client.Reply sixth = guesser.signIn("saskia", App.DEMO_PASSWORD);
        assertThat(sixth.status()).isEqualTo(429);
        assertThat(sixth.body().path("detail").asString()).contains("15 minutes");
        assertThat(App.demo().as("mireille").get("/api/v1/today").status())
                .as("another name from the same address gets in")
                .isEqualTo(200);
    }

    @Test
    void forgetsFailuresOnceTheNameGetsIn() {
        Client client = App.demo().client();
        for (int round = 0; round < 3; round++) {
            for (int i = 0; i < 4; i++) {
                client.signIn("lindiwe", "guess");
            }
            assertThat(client.signIn("lindiwe", App.DEMO_PASSWORD).status()).isEqualTo(200);
        }
    }

    @Test
    void takesTheNameAsTypedOnAPhone() {
        assertThat(App.demo().client().signIn(" Ottilie ", App.DEMO_PASSWORD).status())
                .isEqualTo(200);
    }

    @Test
    void givesASessionThatScriptsCannotReadAndThatLastsTwoWeeks() {
        Client client = App.demo().client();
        Client.Reply in = client.signIn("emeka", App.DEMO_PASSWORD);
        String cookie = in.raw().headers().allValues("Set-Cookie").stream()
                .filter(c -> c.startsWith("STROPHOS="))
                .reduce((a, b) -> b)
                .orElseThrow();
        assertThat(cookie).contains("HttpOnly").contains("SameSite=Lax").contains("Max-Age=1209600");
    }

    @Test
    void changesTheSessionWhenSomebodySignsIn() {
        Client client = App.demo().client();
        client.signIn("emeka", App.DEMO_PASSWORD);
        String first = client.cookie("STROPHOS");
        client.signIn("emeka", App.DEMO_PASSWORD);
        assertThat(client.cookie("STROPHOS")).isNotEqualTo(first);
    }

    @Test
    void refusesAWriteWithoutTheRequestToken() {
        Client coach = App.demo().as("ottilie");
        Client.Reply reply = coach.postWithoutToken("/api/v1/entries", Map.of("entries", java.util.List.of()));
        assertThat(reply.status()).isEqualTo(403);
        assertThat(reply.code()).isEqualTo("stale_token");
    }

    @Test
    void endsTheSessionOnSignOut() {
        Client client = App.demo().as("emeka");
        assertThat(client.delete("/api/v1/session").status()).isEqualTo(204);
        assertThat(client.get("/api/v1/today").status()).isEqualTo(401);
        assertThat(client.get("/api/v1/session").body().path("me").isNull()).isTrue();
    }

    @Test
    void keepsASessionForASecondServerOnTheSameDatabase() throws Exception {
        Client client = App.demo().as("emeka");
        String session = client.cookie("STROPHOS");
        try (var second = App.demo().another()) {
            String url = "http://127.0.0.1:" + second.getEnvironment().getProperty("local.server.port");
            var request = java.net.http.HttpRequest.newBuilder(java.net.URI.create(url + "/api/v1/today"))
                    .header("Cookie", "STROPHOS=" + session)
                    .build();
            var reply = java.net.http.HttpClient.newHttpClient()
                    .send(request, java.net.http.HttpResponse.BodyHandlers.ofString());
            assertThat(reply.statusCode()).isEqualTo(200);
        }
    }

    @Test
    void sendsAStrictContentPolicy() {
        assertThat(App.demo().client().get("/").header("Content-Security-Policy"))
                .contains("default-src 'none'")
                .contains("script-src 'self';")
                .doesNotContain("unsafe");
    }
}

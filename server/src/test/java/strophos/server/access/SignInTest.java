package strophos.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.localdb.LocalPostgres;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Events;
import strophos.server.harness.Yard;

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
    void makesGuessersWaitAndNobodyElse() {
        Client known = App.demo().as("saskia");
        Client guesser = App.demo().client();
        for (int i = 0; i < 5; i++) {
            assertThat(guesser.signIn("saskia", "guess " + i).status()).isEqualTo(401);
        }
        Client.Reply sixth = guesser.signIn("saskia", App.DEMO_PASSWORD);
        assertThat(sixth.status() + " " + sixth.code()).isEqualTo("429 too_many_tries");
        assertThat(sixth.header("Retry-After")).isEqualTo("2");
        assertThat(sixth.body().path("detail").asString()).contains("2 seconds");
        assertThat(known.signIn("saskia", App.DEMO_PASSWORD).status())
                .as("a browser in which she signed in before")
                .isEqualTo(200);
        assertThat(App.demo().as("mireille").get("/api/v1/today").status())
                .as("another name from the same address gets in")
                .isEqualTo(200);
    }

    @Test
    void letsWhoeverWaitedIn() throws SQLException {
        Client guesser = App.demo().client();
        for (int i = 0; i < 8; i++) {
            guesser.signIn("emeka", "guess " + i);
        }
        sql("update sign_in_attempt set failed_at = failed_at - interval '2 seconds' where sign_in_name = 'emeka'");
        assertThat(guesser.signIn("emeka", App.DEMO_PASSWORD).status()).isEqualTo(200);
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
        assertThat(in.raw().headers().allValues("Set-Cookie")).allMatch(c -> c.contains("SameSite=Lax"));
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
    void endsTheSessionThatSomebodySignsInOver() {
        Client first = App.demo().as("emeka");
        Client stale = first.inAnotherTab();
        first.signIn("lindiwe", App.DEMO_PASSWORD);
        assertThat(stale.get("/api/v1/today").status()).isEqualTo(401);
        assertThat(first.get("/api/v1/today").status()).isEqualTo(200);
    }

    /** Half of a request of Emeka's is on its way when Lindiwe signs in over his session: it brings nothing back to life. */
    @Test
    void letsNoRequestOnItsWayKeepTheOldSessionAlive() throws Exception {
        Client browser = App.demo().as("emeka");
        String old = "STROPHOS=" + browser.cookie("STROPHOS") + "; XSRF-TOKEN=" + browser.cookie("XSRF-TOKEN");
        URI app = URI.create(App.demo().url());
        try (Socket slow = new Socket(app.getHost(), app.getPort())) {
            String head = "POST /api/v1/practices HTTP/1.1\r\nHost: x\r\nConnection: close\r\nCookie: " + old
                    + "\r\nX-XSRF-TOKEN: " + browser.cookie("XSRF-TOKEN")
                    + "\r\nContent-Type: application/json\r\nContent-Length: 16\r\n\r\n{\"practic";
            slow.getOutputStream().write(head.getBytes(StandardCharsets.UTF_8));
            browser.signIn("lindiwe", App.DEMO_PASSWORD);
            slow.getOutputStream().write("es\":[]}".getBytes(StandardCharsets.UTF_8));
            slow.getInputStream().readAllBytes();
        }
        assertThat(App.demo().client().withCookie(old, "/api/v1/today").status())
                .isEqualTo(401);
        assertThat(browser.get("/api/v1/session").body().at("/me/name").asString())
                .startsWith("Lindiwe");
    }

    @Test
    void endsTheSessionsOfAnAccountThatIsRemoved() throws SQLException {
        Yard yard = new Yard(App.demo().as("ottilie"));
        Client rider = yard.invited(yard.pair(), "RIDER");
        assertThat(rider.get("/api/v1/today").status()).isEqualTo(200);
        sql("delete from account where id = (select account_id from person where id = '" + rider.person() + "')");
        assertThat(rider.get("/api/v1/today").status()).isEqualTo(401);
    }

    @Test
    void endsASessionAfterThirtyDaysHoweverOftenItWasUsed() throws SQLException {
        Client client = App.demo().as("emeka");
        assertThat(client.get("/api/v1/today").status()).isEqualTo(200);
        sql(
                "update spring_session set creation_time = creation_time - 30 * 86400000::bigint - 1 where principal_name = '"
                        + client.person() + "'");
        assertThat(client.get("/api/v1/today").status()).isEqualTo(401);
    }

    /** By whatever means somebody is removed or changed: the sessions end, and with them the streams, in every process. */
    @ParameterizedTest
    @ValueSource(strings = {"update person set role = 'RIDER' where name = 'Kwame Odetoye'", "SIGN_OUT"})
    void endsSessionsAndStreamsInEveryProcess(String how) throws SQLException {
        Client kwame = App.demo().as("kwame");
        try (var second = App.demo().another();
                Events here = kwame.listen("/api/v1/live");
                Events there = kwame.on(second).listen("/api/v1/live")) {
            assertThat(here.next()).isEqualTo("again");
            assertThat(there.next()).isEqualTo("again");
            Client left = kwame.inAnotherTab();
            if (how.equals("SIGN_OUT")) {
                kwame.delete("/api/v1/session");
            } else {
                sql(how);
            }
            here.assertEnded();
            there.assertEnded();
            assertThat(left.get("/api/v1/today").status()).isEqualTo(401);
            assertThat(left.on(second).get("/api/v1/today").status()).isEqualTo(401);
        } finally {
            sql("update person set role = 'ASSISTANT' where name = 'Kwame Odetoye'");
        }
    }

    @Test
    void takesACookieThatIsNoSessionForNone() {
        for (String cookie : List.of("%00", "AAAA", "\u00fc", "x".repeat(4000), "'; drop table account")) {
            Client.Reply reply = App.demo().client().withCookie("STROPHOS=" + cookie, "/api/v1/session");
            assertThat(reply.status()).as(cookie).isIn(200, 400);
        }
    }

    @Test
    void hasNothingWhereTheContainerKeepsItsErrors() {
        Client.Reply reply = App.demo().client().get("/error");
        assertThat(reply.status() + " " + reply.code()).isEqualTo("404 not_found");
        Client.Reply refused = App.demo().client().send("TRACE", "/api/v1/session", null, false);
        assertThat(refused.status()).isEqualTo(405);
        assertThat(refused.body().path("requestId").asString()).isEqualTo(refused.header("X-Request-Id"));
    }

    @Test
    void keepsHealthAndMetricsFromTheFrontDoor() {
        Client anybody = App.demo().client();
        assertThat(anybody.get("/actuator/metrics").raw().body()).doesNotContain("jvm");
        assertThat(anybody.get("/actuator/health").raw().body()).doesNotContain("UP");
        assertThat(App.demo().operator().get("/actuator/metrics").raw().body()).contains("jvm.memory.used");
    }

    @Test
    void refusesAWriteWithoutTheRequestToken() {
        Client coach = App.demo().as("ottilie");
        Client.Reply reply = coach.postWithoutToken("/api/v1/entries", Map.of("entries", List.of()));
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

    @Test
    void closesWhatTheBrowserCouldGive() {
        Client.Reply reply = App.demo().client().get("/");
        assertThat(reply.header("Permissions-Policy"))
                .contains("microphone=(self)", "camera=(self)", "bluetooth=(self)", "screen-wake-lock=(self)")
                .contains("geolocation=()");
        assertThat(reply.header("Content-Security-Policy"))
                .contains("img-src 'self' data: blob:", "media-src 'self' blob:");
        assertThat(reply.header("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(reply.header("Cross-Origin-Opener-Policy")).isEqualTo("same-origin");
    }

    private static void sql(String statement) throws SQLException {
        try (Connection c = DriverManager.getConnection(App.demo().databaseUrl(), LocalPostgres.SUPERUSER, "");
                Statement s = c.createStatement()) {
            s.execute(statement);
        }
    }
}

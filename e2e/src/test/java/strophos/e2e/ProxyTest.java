package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The recipe of docs/running.md, run: TLS, whose word is taken, streams, slow bodies; and what the operator reads in the log. */
class ProxyTest {

    private static final Path LOG = Path.of(System.getProperty("strophos.root"), "e2e/target/log/proxy.log");
    private static AppProcess app;
    private static Nginx nginx;

    @BeforeAll
    static void start() throws IOException {
        Files.createDirectories(LOG.getParent());
        Files.deleteIfExists(LOG);
        app = Stage.demo("proxy", Map.of("STROPHOS_PROXIES", "127.0.0.1", "STROPHOS_LOG", LOG.toString()));
        nginx = new Nginx(app.port());
    }

    @AfterAll
    static void stop() {
        nginx.close();
        app.close();
    }

    private static Caller from(String address) {
        return new Caller(address, nginx.port(), true);
    }

    @Test
    void cookiesAreSecureAndTheBrowserStaysWithTls() throws IOException {
        Caller coach = from("127.0.0.2");
        coach.call("GET", "/api/v1/session", "");
        String in = coach.call(
                "POST", "/api/v1/session", "{\"name\":\"ottilie\",\"password\":\"" + Stage.DEMO_PASSWORD + "\"}");
        assertThat(Caller.status(in)).isEqualTo(200);
        assertThat(in.lines().filter(l -> l.startsWith("Set-Cookie: ") && !l.contains("Max-Age=0")))
                .hasSizeGreaterThanOrEqualTo(3)
                .allMatch(cookie -> cookie.contains("; Secure"));
        assertThat(in).contains("Strict-Transport-Security: max-age=31536000");
    }

    @Test
    void onlyTheNamedProxyIsBelieved() throws IOException {
        Caller stranger = new Caller("127.0.0.9", app.port(), false);
        String answer = stranger.call(
                "GET", "/api/v1/session", "X-Forwarded-Proto: https\r\nX-Forwarded-For: 10.0.0.1\r\n", "");
        assertThat(answer).doesNotContain("Strict-Transport-Security").doesNotContain("Secure");
    }

    @Test
    void eachClientCountsByItself() throws IOException {
        Caller guesser = from("127.0.0.3");
        for (int i = 0; i < 5; i++) {
            assertThat(guesser.signIn("imre", "guess " + i)).isEqualTo(401);
        }
        assertThat(guesser.signIn("imre", Stage.DEMO_PASSWORD)).isEqualTo(429);
        assertThat(from("127.0.0.4").signIn("imre", Stage.DEMO_PASSWORD)).isEqualTo(200);
    }

    @Test
    void newsPassesAsItComes() throws IOException {
        Caller coach = from("127.0.0.5");
        coach.signIn("ottilie", Stage.DEMO_PASSWORD);
        try (Socket stream = coach.begin("GET", "/api/v1/live", "Accept: text/event-stream\r\n", "")) {
            BufferedReader lines =
                    new BufferedReader(new InputStreamReader(stream.getInputStream(), StandardCharsets.UTF_8));
            assertThat(next(lines, "event:")).isEqualTo("event:again");
            assertThat(Caller.status(coach.call("DELETE", "/api/v1/session", "")))
                    .isEqualTo(204);
            assertThat(next(lines, "0"))
                    .as("the last chunk: the stream ends with the session")
                    .isEqualTo("0");
        }
    }

    private static String next(BufferedReader lines, String start) throws IOException {
        String line = lines.readLine();
        while (line != null && !line.startsWith(start)) {
            line = lines.readLine();
        }
        return line;
    }

    @Test
    void slowBodiesWaitInTheProxy() throws IOException {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 60; i++) {
                slow.add(from("127.0.0.6").begin("POST", "/api/v1/session", "Content-Length: 100\r\n", "{"));
            }
            assertThat(from("127.0.0.7").signIn("tobiah", Stage.DEMO_PASSWORD))
                    .as("more than are read at once behind it")
                    .isEqualTo(200);
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    /** A failure is made by taking a table away: it is traced once, then counted, and nothing of what was typed is in the log. */
    @Test
    void theLogIsOneLineAHappeningAndHoldsNothingThatWasTyped() throws IOException {
        String typed = "zebra-crossing";
        Caller coach = from("127.0.0.8");
        coach.signIn("ottilie", Stage.DEMO_PASSWORD);
        assertThat(Caller.status(coach.call("POST", "/api/v1/pairs", "{\"rider\":\"" + typed + "\"}")))
                .isEqualTo(422);
        assertThat(Caller.status(coach.call("GET", "/api/v1/lessons/" + typed + "/debrief", "")))
                .isEqualTo(404);
        Stage.sql("proxy", "alter table horse rename to horse_gone");
        for (int i = 0; i < 3; i++) {
            assertThat(Caller.status(coach.call(
                            "POST",
                            "/api/v1/pairs",
                            "{\"rider\":\"%s\",\"horse\":\"%s\",\"school\":\"CLASSICAL\",\"heightCm\":150}"
                                    .formatted(typed, typed))))
                    .isEqualTo(500);
        }
        Stage.sql("proxy", "alter table horse_gone rename to horse");
        String log = Files.readString(LOG);
        List<JsonNode> lines = log.lines().map(Visitor.JSON::readTree).toList();
        assertThat(log).doesNotContain(typed);
        assertThat(lines.stream()
                        .filter(l -> l.at("/error/stack_trace").asString("").contains("SQLSTATE")))
                .as("traces")
                .hasSize(1);
        assertThat(lines.stream().map(l -> l.path("message").asString()))
                .filteredOn(m -> m.startsWith("The same failure again"))
                .hasSize(2)
                .last()
                .asString()
                .contains("2 times");
        assertThat(lines.stream().filter(l -> l.path("message").asString().equals("refused")))
                .anyMatch(l -> l.at("/http/response/status_code").asInt() == 422
                        && l.at("/url/route").asString("").equals("/api/v1/pairs")
                        && l.at("/problem/code").asString("").equals("refused"));
    }
}

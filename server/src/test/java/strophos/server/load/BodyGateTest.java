package strophos.server.load;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;

class BodyGateTest {

    /** A request whose body does not come, or not as a whole. */
    private static Socket open(String headers, String begun) throws IOException {
        URI app = URI.create(App.demo().url());
        Socket socket = new Socket(app.getHost(), app.getPort());
        socket.setSoTimeout(30_000);
        String request = "POST /api/v1/session HTTP/1.1\r\nHost: " + app.getAuthority()
                + "\r\nContent-Type: application/json\r\n" + headers + "\r\n" + begun;
        socket.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
        socket.getOutputStream().flush();
        return socket;
    }

    /** All that comes until the server closes the connection. */
    private static String answer(Socket socket) throws IOException {
        return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }

    @Test
    void bodiesThatDoNotComeHoldAFewPlacesAndNobodyElse() throws IOException {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 230; i++) {
                slow.add(open("Content-Length: 1000\r\n", "{"));
            }
            Client coach = App.demo().client();
            assertThat(coach.get("/api/v1/session").status()).isEqualTo(200);
            String signIn = "{\"name\":\"mireille\",\"password\":\"" + App.DEMO_PASSWORD + "\"}";
            try (Socket whole = open("Connection: close\r\nContent-Length: " + signIn.length() + "\r\n", signIn)) {
                assertThat(answer(whole))
                        .as("a body that comes with its head passes beside them, as far as the request token")
                        .contains("stale_token");
            }
            List<String> answers = new ArrayList<>();
            for (Socket socket : slow) {
                answers.add(answer(socket));
            }
            Map<String, List<String>> byStatus =
                    answers.stream().collect(Collectors.groupingBy(a -> a.substring(9, 12)));
            assertThat(byStatus).containsOnlyKeys("408", "503");
            assertThat(byStatus.get("408"))
                    .as("read at once")
                    .hasSizeLessThanOrEqualTo(Readers.ANONYMOUS_FROM_AN_ADDRESS);
            assertThat(answers).allMatch(a -> a.contains("Connection: close"));
            assertThat(byStatus.get("503")).allMatch(a -> a.contains("Retry-After: 5"));
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
        assertThat(App.demo().as("mireille").get("/api/v1/today").status()).isEqualTo(200);
    }

    @Test
    void whoIsNotSignedInSaysItInSixteenKilobytes() {
        String long16 = "{\"name\":\"" + "x".repeat(16 * 1024) + "\",\"password\":\"y\"}";
        Client.Reply reply = App.demo().client().postText("/api/v1/session", long16);
        assertThat(reply.status() + " " + reply.code()).isEqualTo("413 too_large");
        String fits = "{\"name\":\"" + "x".repeat(8 * 1024) + "\",\"password\":\"y\"}";
        assertThat(App.demo().client().postText("/api/v1/session", fits).status())
                .isEqualTo(422);
    }

    @Test
    void aBodySaysHowLongItIs() throws IOException {
        try (Socket socket = open("Transfer-Encoding: chunked\r\n", "2\r\n{}\r\n0\r\n\r\n")) {
            assertThat(answer(socket)).startsWith("HTTP/1.1 411").contains("length_required");
        }
    }

    @Test
    void placesAreCountedByWhoeverIsRead() {
        Readers readers = new Readers();
        Optional<String> nobody = Optional.empty();
        String here = "192.0.2.1";
        assertThat(IntStream.range(0, 30).filter(i -> readers.enter(nobody, here)))
                .hasSize(12);
        assertThat(IntStream.range(0, 30).filter(i -> readers.enter(nobody, "192.0.2." + (2 + i))))
                .hasSize(8);
        assertThat(IntStream.range(0, 30).filter(i -> readers.enter(Optional.of("a"), here)))
                .hasSize(6);
        assertThat(readers.enter(Optional.of("b"), here)).isTrue();
        readers.leave(Optional.of("a"), here);
        assertThat(readers.enter(Optional.of("a"), here)).isTrue();
        assertThat(readers.enter(Optional.of("a"), here)).isFalse();
        long others = IntStream.range(0, 200)
                .filter(i -> readers.enter(Optional.of("session " + i), here))
                .count();
        assertThat(20 + 6 + 1 + others).isEqualTo(Readers.ALL);
    }
}

package strophos.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;

/** A session without a browser, for the storm: status 0 is no answer at all. */
final class SignedIn {

    /** The clock of the application starts at {@link Stage#START}; what is written stands there. */
    private static final long AT_MS = java.time.Instant.parse(Stage.START).toEpochMilli();

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String origin;
    private final String device = UUID.randomUUID().toString();
    private final AtomicLong seq = new AtomicLong();
    private String person;

    SignedIn(int port) {
        origin = "http://127.0.0.1:" + port + "/api/v1";
    }

    record Reply(int status, JsonNode body) {}

    SignedIn signIn(String name) {
        int status = tryToSignIn(name);
        if (status != 200) {
            throw new IllegalStateException("Signing in answered " + status);
        }
        person = call("GET", "/session", null).body().at("/me/person").asString();
        return this;
    }

    int tryToSignIn(String name) {
        call("GET", "/session", null);
        return call("POST", "/session", Map.of("name", name, "password", Stage.DEMO_PASSWORD))
                .status();
    }

    /** A new lesson of the first pair. */
    String lesson() {
        String pair = call("GET", "/pairs", null).body().at("/pairs/0/id").asString();
        String id = UUID.randomUUID().toString();
        Map<String, Object> lesson = new LinkedHashMap<>(Map.of("id", id, "pair", pair, "minutes", 45));
        lesson.put("plannedAt", null);
        call("POST", "/lessons", lesson);
        return id;
    }

    List<Map<String, Object>> batch(String lesson, int size) {
        List<Map<String, Object>> batch = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            long count = seq.incrementAndGet();
            Map<String, Object> entry = new LinkedHashMap<>();
            entry.put("id", UUID.randomUUID().toString());
            entry.put("lesson", lesson);
            entry.put("device", device);
            entry.put("author", person);
            entry.put("seq", count);
            entry.put("atMs", AT_MS + count);
            entry.put("kind", "note");
            entry.put("v", 1);
            entry.put("payload", Map.of("text", "in the storm"));
            batch.add(entry);
        }
        return batch;
    }

    Reply send(List<Map<String, Object>> batch) {
        return call("POST", "/entries", Map.of("entries", batch));
    }

    List<String> entries(String lesson) {
        return call("GET", "/lessons/" + lesson + "/entries", null)
                .body()
                .path("entries")
                .valueStream()
                .map(e -> e.path("id").asString())
                .toList();
    }

    private Reply call(String method, String path, Object body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(origin + path))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token())
                .method(
                        method,
                        body == null
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(Visitor.JSON.writeValueAsString(body)));
        try {
            HttpResponse<String> reply = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            boolean isJson =
                    reply.headers().firstValue("Content-Type").orElse("").contains("json");
            return new Reply(
                    reply.statusCode(), isJson ? Visitor.JSON.readTree(reply.body()) : MissingNode.getInstance());
        } catch (IOException e) {
            return new Reply(0, MissingNode.getInstance());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new UncheckedIOException(new IOException(e));
        }
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }
}

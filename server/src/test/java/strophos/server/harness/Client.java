package strophos.server.harness;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.HttpURLConnection;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.MissingNode;

/** Talks to the application as a browser does: cookies, request token, JSON. */
public final class Client {

    public static final JsonMapper JSON = JsonMapper.shared();

    private final String url;
    private final CookieManager cookies;
    private final HttpClient http;

    Client(String url) {
        this(url, new CookieManager());
    }

    private Client(String url, CookieManager cookies) {
        this.url = url;
        this.cookies = cookies;
        this.http = HttpClient.newBuilder()
                .version(HttpClient.Version.HTTP_1_1)
                .cookieHandler(cookies)
                .build();
    }

    /** The same browser, talking to another server process on the same database. */
    public Client on(ConfigurableApplicationContext process) {
        return on(Integer.parseInt(process.getEnvironment().getProperty("local.server.port")));
    }

    /** The same browser, talking to the server process at this port. */
    public Client on(int port) {
        return new Client("http://127.0.0.1:" + port, cookies);
    }

    /** The same browser's cookies as they are now, kept apart from then on. */
    public Client inAnotherTab() {
        CookieManager copy = new CookieManager();
        cookies.getCookieStore().getCookies().forEach(c -> copy.getCookieStore().add(URI.create(url), c));
        return new Client(url, copy);
    }

    /** Asks once with this cookie header, whatever it holds. */
    public Reply withCookie(String header, String path) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url + path))
                .header("Cookie", header)
                .build();
        return reply(HttpClient.newHttpClient(), request);
    }

    /** An answer; {@code body} is missing when there was none. */
    public record Reply(int status, JsonNode body, HttpResponse<String> raw) {
        public String code() {
            return body.path("code").asString();
        }

        public String header(String name) {
            return raw.headers().firstValue(name).orElse("");
        }
    }

    public Reply get(String path) {
        return send("GET", path, null, true);
    }

    /** The bytes that come for this, unread: what reading them costs is not the request's. */
    public HttpResponse<byte[]> fetch(String path) {
        try {
            return http.send(
                    HttpRequest.newBuilder(URI.create(url + path)).build(), HttpResponse.BodyHandlers.ofByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /**
     * The same by the thread that asks: where a request takes a millisecond, handing it from one thread to the next is a good part of it.
     *
     * @return how many bytes came
     * @throws IllegalStateException when another answer came than that
     */
    public int timed(String path) {
        try {
            URI address = URI.create(url + path);
            HttpURLConnection connection = (HttpURLConnection) address.toURL().openConnection();
            connection.setRequestProperty("Accept", "*/*");
            connection.setRequestProperty(
                    "Cookie",
                    cookies.getCookieStore().get(address).stream()
                            .map(c -> c.getName() + "=" + c.getValue())
                            .collect(Collectors.joining("; ")));
            if (connection.getResponseCode() != 200) {
                throw new IllegalStateException(path + ": " + connection.getResponseCode());
            }
            try (InputStream body = connection.getInputStream()) {
                return body.readAllBytes().length;
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Sends this as it is. */
    public Reply putBytes(String path, byte[] body) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url + path))
                .PUT(HttpRequest.BodyPublishers.ofByteArray(body))
                .header("Content-Type", "application/octet-stream")
                .header("X-XSRF-TOKEN", token())
                .build();
        return reply(http, request);
    }

    public Reply post(String path, Object body) {
        return send("POST", path, JSON.writeValueAsString(body), true);
    }

    public Reply put(String path, Object body) {
        return send("PUT", path, JSON.writeValueAsString(body), true);
    }

    public Reply postText(String path, String body) {
        return send("POST", path, body, true);
    }

    public Reply postWithoutToken(String path, Object body) {
        return send("POST", path, JSON.writeValueAsString(body), false);
    }

    public Reply delete(String path) {
        return send("DELETE", path, null, true);
    }

    public Reply send(String method, String path, String body, boolean withToken) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url + path))
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        if (body != null) {
            request.header("Content-Type", "application/json");
        }
        if (withToken && !method.equals("GET")) {
            request.header("X-XSRF-TOKEN", token());
        }
        return reply(http, request.build());
    }

    private static Reply reply(HttpClient http, HttpRequest request) {
        try {
            HttpResponse<String> raw = http.send(request, HttpResponse.BodyHandlers.ofString());
            boolean isJson = raw.headers().firstValue("Content-Type").orElse("").contains("json");
            return new Reply(raw.statusCode(), isJson ? JSON.readTree(raw.body()) : MissingNode.getInstance(), raw);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Asks for a stream and hangs up at once; the body is that of a refusal. */
    public Reply opened(String path) {
        try {
            HttpRequest request = HttpRequest.newBuilder(URI.create(url + path)).build();
            HttpResponse<InputStream> raw = http.send(request, HttpResponse.BodyHandlers.ofInputStream());
            try (InputStream body = raw.body()) {
                boolean isRefused = raw.statusCode() >= 400;
                return new Reply(raw.statusCode(), isRefused ? JSON.readTree(body) : MissingNode.getInstance(), null);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Listens to a stream of events. */
    public Events listen(String path) {
        return Events.of(http, URI.create(url + path));
    }

    private String token() {
        if (cookie("XSRF-TOKEN").isEmpty()) {
            get("/api/v1/session");
        }
        return cookie("XSRF-TOKEN");
    }

    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    public Reply signIn(String name, String password) {
        return post("/api/v1/session", Map.of("name", name, "password", password));
    }

    /** The id of the person signed in. */
    public String person() {
        return get("/api/v1/session").body().path("me").path("person").asString();
    }
}

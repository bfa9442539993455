package strophos.e2e;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.cert.X509Certificate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManager;
import javax.net.ssl.X509TrustManager;

/** Speaks HTTP from an address of its own on loopback, and keeps its cookies: what a library hides is what is looked at. */
final class Caller {

    private static final Pattern COOKIE = Pattern.compile("(?mi)^Set-Cookie: ([^=]+)=([^;\\r]*)");
    private static final int PATIENCE_MS = 30_000;

    private final String address;
    private final int port;
    private final boolean isTls;
    private final Map<String, String> cookies = new LinkedHashMap<>();

    Caller(String address, int port, boolean isTls) {
        this.address = address;
        this.port = port;
        this.isTls = isTls;
    }

    /** Sends the head and what has come of the body; the connection stays open. */
    Socket begin(String method, String path, String headers, String body) throws IOException {
        Socket plain = new Socket();
        plain.bind(new InetSocketAddress(InetAddress.getByName(address), 0));
        plain.connect(new InetSocketAddress("127.0.0.1", port));
        Socket socket = isTls ? trusting().getSocketFactory().createSocket(plain, "yard.example", port, true) : plain;
        socket.setSoTimeout(PATIENCE_MS);
        String jar = cookies.entrySet().stream()
                .map(c -> c.getKey() + "=" + c.getValue())
                .collect(Collectors.joining("; "));
        String head = method + " " + path + " HTTP/1.1\r\nHost: yard.example\r\nCookie: " + jar + "\r\nX-XSRF-TOKEN: "
                + cookies.getOrDefault("XSRF-TOKEN", "") + "\r\n" + headers + "\r\n";
        socket.getOutputStream().write((head + body).getBytes(StandardCharsets.UTF_8));
        socket.getOutputStream().flush();
        return socket;
    }

    /** The whole answer, head and body as text. */
    String call(String method, String path, String body) throws IOException {
        return call(method, path, "", body);
    }

    String call(String method, String path, String headers, String body) throws IOException {
        String all = headers + "Connection: close\r\nContent-Type: application/json\r\nContent-Length: "
                + body.getBytes(StandardCharsets.UTF_8).length + "\r\n";
        try (Socket socket = begin(method, path, all, body)) {
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            Matcher set = COOKIE.matcher(answer);
            while (set.find()) {
                cookies.put(set.group(1), set.group(2));
            }
            return answer;
        }
    }

    /** Status of a sign-in. */
    int signIn(String name, String password) throws IOException {
        call("GET", "/api/v1/session", "");
        String body = "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, password);
        return status(call("POST", "/api/v1/session", body));
    }

    static int status(String answer) {
        return Integer.parseInt(answer.substring("HTTP/1.1 ".length(), "HTTP/1.1 200".length()));
    }

    private static SSLContext trusting() throws IOException {
        try {
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(null, new TrustManager[] {new Anybody()}, null);
            return context;
        } catch (GeneralSecurityException e) {
            throw new IOException(e);
        }
    }

    /** The certificate is this test's own. */
    private static final class Anybody implements X509TrustManager {
        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type) {
            // never asked
        }

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type) {
            // made a moment ago
        }

        @Override
        public X509Certificate[] getAcceptedIssuers() {
            return new X509Certificate[0];
        }
    }
}

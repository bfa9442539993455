package strophos.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Debian's nginx, set up as docs/running.md says, with a certificate of its own making, on loopback. */
final class Nginx implements AutoCloseable {

    private static final Pattern RECIPE = Pattern.compile("```nginx\\n(.*?)```", Pattern.DOTALL);

    private final Path home;
    private final int port = AppProcess.freePort();
    private final Process process;

    Nginx(int appPort) {
        try {
            Path root = Path.of(System.getProperty("strophos.root"));
            home = Files.createTempDirectory("strophos-nginx");
            certificate();
            Matcher recipe = RECIPE.matcher(Files.readString(root.resolve("docs/running.md")));
            if (!recipe.find()) {
                throw new IllegalStateException("docs/running.md has no recipe for nginx.");
            }
            String server = recipe.group(1)
                    .replace("443 ssl", "127.0.0.1:" + port + " ssl")
                    .replace("127.0.0.1:8300", "127.0.0.1:" + appPort)
                    .replace("/etc/ssl/", home + "/");
            Files.writeString(home.resolve("nginx.conf"), main(server));
            process = new ProcessBuilder("/usr/sbin/nginx", "-c", home + "/nginx.conf", "-p", home.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(home.resolve("out").toFile())
                    .start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Await.until("nginx listens, see " + home, Duration.ofSeconds(20), this::isListening);
    }

    private String main(String server) {
        String user = System.getProperty("user.name").equals("root") ? "user root;" : "";
        return """
                daemon off;
                %s
                pid %2$s/pid;
                error_log %2$s/error.log;
                events { }
                http {
                access_log off;
                client_body_temp_path %2$s/body;
                proxy_temp_path %2$s/proxy;
                fastcgi_temp_path %2$s/f;
                uwsgi_temp_path %2$s/u;
                scgi_temp_path %2$s/s;
                %3$s
                }
                """.formatted(user, home, server);
    }

    private void certificate() throws IOException {
        List<String> command = List.of(
                "openssl",
                "req",
                "-x509",
                "-newkey",
                "rsa:2048",
                "-nodes",
                "-days",
                "2",
                "-subj",
                "/CN=yard.example",
                "-keyout",
                home + "/yard.key",
                "-out",
                home + "/yard.pem");
        Process made = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        Await.until("the certificate is made", Duration.ofSeconds(30), () -> !made.isAlive());
    }

    private boolean isListening() {
        if (!process.isAlive()) {
            throw new IllegalStateException("nginx ended; see " + home);
        }
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            return socket.isConnected();
        } catch (IOException e) {
            return false;
        }
    }

    int port() {
        return port;
    }

    @Override
    public void close() {
        process.destroy();
        Await.until("nginx has ended", Duration.ofSeconds(20), () -> !process.isAlive());
    }
}

package strophos.server.growth;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import strophos.server.Strophos;
import strophos.server.harness.App;

/** The application as a process of its own, with the flags that the start script gives it. */
final class ServerProcess implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofMinutes(2);

    private final int port = freePort();
    private final int healthPort = freePort();
    private final Process process;

    ServerProcess(String databaseUrl) {
        ProcessBuilder builder = new ProcessBuilder(
                "java",
                "@" + Path.of("src/main/jvm/server.args").toAbsolutePath(),
                "-cp",
                classPath(),
                Strophos.class.getName(),
                "--strophos.clock-start=" + App.START);
        builder.environment().put("STROPHOS_DB_URL", databaseUrl);
        builder.environment().put("STROPHOS_PORT", String.valueOf(port));
        builder.environment().put("STROPHOS_HEALTH_PORT", String.valueOf(healthPort));
        builder.redirectErrorStream(true)
                .redirectOutput(Path.of("target/load-" + port + ".log").toFile());
        try {
            process = builder.start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        long until = System.nanoTime() + PATIENCE.toNanos();
        while (!isReady()) {
            if (!process.isAlive() || System.nanoTime() > until) {
                throw new IllegalStateException(
                        "The application did not start; see server/target/load-" + port + ".log");
            }
            LockSupport.parkNanos(Duration.ofMillis(200).toNanos());
        }
    }

    int port() {
        return port;
    }

    /** Without the tests' own classes. */
    private static String classPath() {
        String all = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        return Arrays.stream(all.split(File.pathSeparator))
                .filter(p -> !p.endsWith("test-classes"))
                .collect(Collectors.joining(File.pathSeparator));
    }

    private boolean isReady() {
        try {
            HttpRequest ask = HttpRequest.newBuilder(
                            URI.create("http://127.0.0.1:" + healthPort + "/actuator/health/readiness"))
                    .timeout(Duration.ofSeconds(2))
                    .build();
            return HttpClient.newHttpClient()
                            .send(ask, HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (IOException e) {
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        process.destroy();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}

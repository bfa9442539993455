package strophos.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The packaged application as a process of its own; it can be killed and started again on the same port. */
final class AppProcess implements AutoCloseable {

    private static final Path ROOT = Path.of(System.getProperty("strophos.root"));

    private final int port = freePort();
    private final Map<String, String> environment;
    private final List<String> arguments;
    private final Path log;
    private final long madeAtNs = System.nanoTime();
    private Process process;

    AppProcess(String name, Map<String, String> environment, String... arguments) {
        this.environment = environment;
        this.arguments = List.of(arguments);
        this.log = ROOT.resolve("e2e/target/app-" + name + ".log");
    }

    int port() {
        return port;
    }

    /** Starts it and waits until it is ready. */
    AppProcess start() {
        List<String> command =
                new ArrayList<>(List.of("java", "-XX:TieredStopAtLevel=1", "-Xmx512m", "-jar", jar().toString()));
        command.addAll(arguments);
        // started again, it goes on where its clock would be by now
        command.add("--strophos.clock-start=" + Instant.parse(Stage.START).plusNanos(System.nanoTime() - madeAtNs));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()));
        builder.environment().putAll(environment);
        builder.environment().put("STROPHOS_PORT", String.valueOf(port));
        try {
            Files.createDirectories(log.getParent());
            process = builder.start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Await.until("the application is ready, see " + log, Duration.ofMinutes(2), this::isReady);
        return this;
    }

    /** Ends it at once, in the middle of whatever it does. */
    void kill() {
        process.destroyForcibly();
        Await.until("the application is gone", Duration.ofSeconds(20), () -> !process.isAlive());
    }

    @Override
    public void close() {
        if (process != null && process.isAlive()) {
            process.destroy();
            Await.until("the application has ended", Duration.ofSeconds(40), () -> !process.isAlive());
        }
    }

    private boolean isReady() {
        if (!process.isAlive()) {
            throw new IllegalStateException("The application ended while starting; see " + log);
        }
        try {
            HttpRequest ask = HttpRequest.newBuilder(
                            URI.create("http://127.0.0.1:" + port + "/actuator/health/readiness"))
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

    private static Path jar() {
        Path jar = ROOT.resolve("server/target/strophos-server-0.1.0-app.jar");
        if (!Files.exists(jar)) {
            throw new IllegalStateException(jar + " is not built; run ./strophos test.");
        }
        return jar;
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

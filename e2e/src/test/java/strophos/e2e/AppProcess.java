package strophos.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The packaged application as a process of its own; it can be killed and started again on the same port. */
final class AppProcess implements AutoCloseable {

    private static final Path ROOT = Path.of(System.getProperty("strophos.root"));

    private static final Path CLASSES = ROOT.resolve("e2e/target/classes.jsa");
    private static Path laidOut;

    private final int port = freePort();
    private final int healthPort = freePort();
    private final Map<String, String> environment;
    private final List<String> arguments;
    private final Instant clockStart;
    private final Path log;
    private final long madeAtNs = System.nanoTime();
    private Process process;

    AppProcess(String name, Instant clockStart, Map<String, String> environment, String... arguments) {
        this.clockStart = clockStart;
        this.environment = environment;
        this.arguments = List.of(arguments);
        this.log = ROOT.resolve("e2e/target/app-" + name + ".log");
    }

    int port() {
        return port;
    }

    /** Starts it and waits until it is ready. */
    AppProcess start() {
        Path application = application();
        List<String> command = new ArrayList<>(
                List.of("java", "@" + ROOT.resolve("server/src/main/jvm/server.args"), "-XX:TieredStopAtLevel=1"));
        command.addAll(classes());
        command.addAll(List.of("-Xlog:cds=off", "-Xlog:cds+dynamic=off", "-jar", application.toString()));
        command.addAll(arguments);
        // started again, it goes on where its clock would be by now
        command.add("--strophos.clock-start=" + clockStart.plusNanos(System.nanoTime() - madeAtNs));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()));
        builder.environment().putAll(environment);
        builder.environment().put("STROPHOS_PORT", String.valueOf(port));
        builder.environment().put("STROPHOS_HEALTH_PORT", String.valueOf(healthPort));
        try {
            Files.createDirectories(log.getParent());
            process = builder.start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Await.until("the application is ready, see " + log, Duration.ofMinutes(5), this::isReady);
        return this;
    }

    /** Ends it at once, in the middle of whatever it does. */
    void kill() {
        process.destroyForcibly();
        Await.until("the application is gone", Duration.ofSeconds(20), () -> !process.isAlive());
    }

    /** Ends it; in peace where it still has to leave its classes. */
    @Override
    public void close() {
        if (process != null && process.isAlive()) {
            if (Files.exists(CLASSES)) {
                kill();
            } else {
                process.destroy();
                Await.until("the application has ended", Duration.ofMinutes(2), () -> !process.isAlive());
                keepClasses();
            }
        }
    }

    /** Classes made ready by the first application that ended in peace: the next ones start in a third of the time. */
    private List<String> classes() {
        return Files.exists(CLASSES)
                ? List.of("-XX:SharedArchiveFile=" + CLASSES)
                : List.of("-XX:ArchiveClassesAtExit=" + ownClasses());
    }

    private Path ownClasses() {
        return CLASSES.resolveSibling("classes-" + port + ".jsa");
    }

    private void keepClasses() {
        try {
            if (Files.exists(ownClasses()) && !Files.exists(CLASSES)) {
                Files.move(ownClasses(), CLASSES, StandardCopyOption.ATOMIC_MOVE);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private boolean isReady() {
        if (!process.isAlive()) {
            throw new IllegalStateException("The application ended while starting; see " + log);
        }
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

    /** The packaged application laid out once, as the start script does, also where two JVMs run tests beside each other. */
    private static synchronized Path application() {
        Path jar = ROOT.resolve("server/target/strophos-server-0.1.0-app.jar");
        if (!Files.exists(jar)) {
            throw new IllegalStateException(jar + " is not built; run ./strophos test.");
        }
        if (laidOut == null) {
            Path folder = ROOT.resolve("e2e/target/app");
            Path marked = ROOT.resolve("e2e/target/app-of");
            try (FileChannel lock = FileChannel.open(
                    ROOT.resolve("e2e/target/app.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
                lock.lock();
                String of = Files.getLastModifiedTime(jar).toString();
                if (!Files.exists(marked) || !Files.readString(marked).equals(of)) {
                    run(
                            "java",
                            "-Djarmode=tools",
                            "-jar",
                            jar.toString(),
                            "extract",
                            "--force",
                            "--destination",
                            folder.toString());
                    Files.deleteIfExists(CLASSES);
                    Files.writeString(marked, of);
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            laidOut = folder.resolve(jar.getFileName());
        }
        return laidOut;
    }

    private static void run(String... command) {
        try {
            Process p = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            if (p.waitFor() != 0) {
                throw new IllegalStateException("Failed: " + String.join(" ", command));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A storm on loopback, bounded in number and time: bodies that trickle, a crowd of right sign-ins, many writers on one lesson, the
 * process killed and the database stopped meanwhile. What is asked: nothing fails but by "come again", a coach who is signed in is
 * answered within a second, and every entry that was confirmed is there once. Run by {@code ./strophos bench storm}.
 */
class StormRun {

    private static final int TRICKLING = 300;
    private static final int SIGN_INS = 200;
    private static final int WRITERS = 60;
    private static final int SESSIONS = 15;
    private static final int ROUNDS = 4;
    private static final int BATCH = 5;
    private static final Duration PATIENCE = Duration.ofMinutes(3);

    private final Map<Integer, Integer> statuses = new ConcurrentHashMap<>();
    private final Map<Integer, Integer> coachs = new ConcurrentHashMap<>();
    private final Map<String, Integer> trickled = new ConcurrentHashMap<>();
    private final Set<String> confirmed = ConcurrentHashMap.newKeySet();
    private final List<Long> coachMs = Collections.synchronizedList(new ArrayList<>());
    private final AtomicBoolean isOver = new AtomicBoolean();
    private AppProcess app;

    @Test
    void blows() throws Exception {
        app = Stage.demo("storm");
        List<SignedIn> sessions = new ArrayList<>();
        for (int i = 0; i < SESSIONS; i++) {
            sessions.add(new SignedIn(app.port()).signIn("ottilie"));
        }
        String lesson = sessions.get(0).lesson();
        ExecutorService threads = Executors.newCachedThreadPool();
        StringBuilder report = new StringBuilder();
        try {
            Future<?> coach =
                    threads.submit(() -> watch(sessions.get(0), sessions.get(0).lesson()));
            List<Future<?>> storm = new ArrayList<>();
            storm.add(threads.submit(this::trickle));
            IntStream.range(0, SIGN_INS).forEach(i -> storm.add(threads.submit(this::comeIn)));
            List<Future<?>> writers = writers(threads, sessions, lesson);
            finish(storm);
            finish(writers);
            isOver.set(true);
            coach.get(1, TimeUnit.MINUTES);
            List<Long> sorted = coachMs.stream().sorted().toList();
            report.append("under load: %d trickling bodies, %d sign-ins at once, %d writers%n"
                    .formatted(TRICKLING, SIGN_INS, WRITERS));
            report.append("trickling bodies by status: %s%n".formatted(new TreeMap<>(trickled)));
            report.append("answers to the others by status: %s%n".formatted(new TreeMap<>(statuses)));
            report.append("a coach's batches: %s, p50 %d ms, p95 %d ms, longest %d ms%n"
                    .formatted(
                            coachs,
                            sorted.get(sorted.size() / 2),
                            sorted.get(sorted.size() * 95 / 100),
                            sorted.get(sorted.size() - 1)));
            Map<Integer, Integer> underLoad = Map.copyOf(statuses);
            System.out.print(report);
            statuses.clear();

            List<Future<?>> again = writers(threads, sessions, lesson);
            app.kill();
            app.start();
            finish(again);
            again = writers(threads, sessions, lesson);
            Stage.withoutDatabase(
                    () -> LockSupport.parkNanos(Duration.ofSeconds(3).toNanos()));
            finish(again);
            report.append("killed and started, database stopped and started, %d writers both times: %s%n"
                    .formatted(WRITERS, new TreeMap<>(statuses)));

            List<String> stored = sessions.get(0).entries(lesson);
            Set<String> once = new HashSet<>(stored);
            Set<String> lost = new HashSet<>(confirmed);
            lost.removeAll(once);
            report.append("entries confirmed %d, lost %d, doubled %d%n"
                    .formatted(confirmed.size(), lost.size(), stored.size() - once.size()));
            Files.writeString(Path.of(System.getProperty("strophos.root"), "e2e/target/storm.txt"), report);

            assertThat(underLoad.keySet()).as("statuses").isSubsetOf(200, 408, 503);
            assertThat(statuses.keySet()).as("statuses while it was down").isSubsetOf(200, 503);
            assertThat(coachs.keySet()).as("a coach's statuses").containsExactly(200);
            assertThat(sorted.get(sorted.size() - 1)).as("ms, the longest").isLessThan(1000);
            assertThat(lost).isEmpty();
            assertThat(stored).doesNotHaveDuplicates();
        } finally {
            threads.shutdownNow();
            app.close();
        }
    }

    private static void finish(List<Future<?>> all) throws Exception {
        for (Future<?> each : all) {
            each.get(PATIENCE.toSeconds(), TimeUnit.SECONDS);
        }
    }

    private void count(int status) {
        statuses.merge(status, 1, Integer::sum);
    }

    /** A coach who records while it blows: a batch five times a second. */
    private void watch(SignedIn coach, String lesson) {
        while (!isOver.get()) {
            long from = System.nanoTime();
            int status = coach.send(coach.batch(lesson, 1)).status();
            coachMs.add((System.nanoTime() - from) / 1_000_000);
            coachs.merge(status, 1, Integer::sum);
            LockSupport.parkNanos(Duration.ofMillis(200).toNanos());
        }
    }

    /** A byte a second into each of so many bodies, until the server has had enough of all of them. */
    private void trickle() {
        List<Socket> open = new ArrayList<>();
        try {
            for (int i = 0; i < TRICKLING; i++) {
                open.add(new Caller("127.0.0.1", app.port(), false)
                        .begin("POST", "/api/v1/session", "Content-Length: 1000\r\n", "{"));
            }
            for (int second = 0; second < 15; second++) {
                for (Socket socket : open) {
                    drip(socket);
                }
                LockSupport.parkNanos(Duration.ofSeconds(1).toNanos());
            }
            for (Socket socket : open) {
                String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
                trickled.merge(answer.isEmpty() ? "cut" : answer.substring(9, 12), 1, Integer::sum);
                socket.close();
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void drip(Socket socket) {
        try {
            socket.getOutputStream().write(' ');
        } catch (IOException e) {
            // the server has closed it
        }
    }

    private void comeIn() {
        try {
            // head and body at once, as a browser sends what is short
            count(new Caller("127.0.0.1", app.port(), false).signIn("mireille", Stage.DEMO_PASSWORD));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private List<Future<?>> writers(ExecutorService threads, List<SignedIn> sessions, String lesson) {
        return IntStream.range(0, WRITERS)
                .<Future<?>>mapToObj(i -> threads.submit(() -> write(sessions.get(i % SESSIONS), lesson)))
                .collect(java.util.stream.Collectors.toCollection(ArrayList::new));
    }

    /** As a device does: what is not answered is sent again, the same. */
    private void write(SignedIn session, String lesson) {
        for (int round = 0; round < ROUNDS; round++) {
            List<Map<String, Object>> batch = session.batch(lesson, BATCH);
            long until = System.nanoTime() + PATIENCE.toNanos();
            while (true) {
                SignedIn.Reply reply = session.send(batch);
                if (reply.status() > 0) {
                    count(reply.status());
                }
                if (reply.status() == 200) {
                    confirm(reply.body());
                    break;
                }
                if (System.nanoTime() > until) {
                    throw new AssertionError("A batch was never taken.");
                }
                LockSupport.parkNanos(Duration.ofMillis(300).toNanos());
            }
        }
    }

    private void confirm(JsonNode answers) {
        for (JsonNode answer : answers.path("answers")) {
            if (Set.of("STORED", "ALREADY").contains(answer.path("outcome").asString())) {
                confirmed.add(answer.path("id").asString());
            } else {
                throw new AssertionError("An entry was not taken: " + answer);
            }
        }
    }
}

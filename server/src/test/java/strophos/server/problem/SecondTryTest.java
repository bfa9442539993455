package strophos.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;

/** The same sent several times at the same moment, as a device does whose answers were lost: stored once, and nobody has failed. */
class SecondTryTest {

    private static final int AT_ONCE = 8;
    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static List<Integer> atOnce(Supplier<Client.Reply> send) throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(AT_ONCE);
        CountDownLatch start = new CountDownLatch(1);
        try {
            List<Future<Integer>> all = IntStream.range(0, AT_ONCE)
                    .mapToObj(i -> threads.submit(() -> {
                        start.await();
                        return send.get().status();
                    }))
                    .toList();
            start.countDown();
            List<Integer> statuses = new ArrayList<>();
            for (Future<Integer> each : all) {
                statuses.add(each.get());
            }
            return statuses;
        } finally {
            threads.shutdownNow();
        }
    }

    @Test
    void aLessonIsAddedOnce() throws Exception {
        Map<String, Object> lesson =
                Map.of("id", UUID.randomUUID(), "pair", yard.pair(), "plannedAt", App.START.toString(), "minutes", 45);
        assertThat(atOnce(() -> coach.post("/api/v1/lessons", lesson))).containsOnly(201);
    }

    @Test
    void aLookInIsStoredOnce() throws Exception {
        String assignment = yard.homework(yard.ridden(yard.pair(), 4, "TRY", 1), "counter-bend.walk.rail");
        Map<String, Object> lookIn = Map.of("id", UUID.randomUUID(), "verdict", "CARRY_ON");
        assertThat(atOnce(() -> coach.post("/api/v1/assignments/" + assignment + "/look-ins", lookIn)))
                .containsOnly(201);
    }

    @Test
    void aReportIsStoredOnce() throws Exception {
        String pair = yard.pair();
        String assignment = yard.homework(yard.ridden(pair, 4, "TRY", 1), "counter-bend.walk.rail");
        Client rider = yard.invited(pair, "RIDER");
        Map<String, Object> report = Yard.report(rider, assignment, "EASY", List.of());
        assertThat(atOnce(() -> rider.post("/api/v1/practices", Map.of("practices", List.of(report)))))
                .containsOnly(200);
        assertThat(Yard.card(rider, assignment).path("step").asInt()).isZero();
    }

    @Test
    void thresholdsOfTheYardEndAsSomebodySaidThem() throws Exception {
        Client.Reply before = coach.get("/api/v1/rules");
        String book = before.body().path("books").path(0).path("book").asString();
        String name = before.body()
                .path("books")
                .path(0)
                .path("thresholds")
                .path(0)
                .path("name")
                .asString();
        double value = before.body()
                .path("books")
                .path(0)
                .path("thresholds")
                .path(0)
                .path("value")
                .asDouble();
        assertThat(atOnce(() -> coach.put("/api/v1/rules/" + book, Map.of("changes", Map.of(name, value)))))
                .isSubsetOf(200, 409);
    }
}

package strophos.server.growth;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import tools.jackson.databind.JsonNode;

/**
 * A hundred riders who send and twenty coaches who look, for a minute, on two server processes before one database. A rider reads the
 * cards and sends a report; a coach opens one screen after the other. All of it on loopback, bounded in number and time.
 */
final class Load implements AutoCloseable {

    private static final int RIDERS = 100;
    private static final int COACHES = 20;
    private static final Duration LASTS = Duration.ofSeconds(60);
    private static final Duration COME_IN = Duration.ofSeconds(10);
    private static final Duration PATIENCE = Duration.ofMinutes(3);

    private final List<ServerProcess> processes;
    private final List<Client> riders = new ArrayList<>();
    private final List<Client> coaches = new ArrayList<>();
    private final Map<Client, Screens> screens = new HashMap<>();
    private final Map<Client, String> persons = new HashMap<>();

    private final List<Double> sentMs = Collections.synchronizedList(new ArrayList<>());
    private final List<Double> lookedMs = Collections.synchronizedList(new ArrayList<>());
    private final Map<String, Integer> errors = new ConcurrentHashMap<>();

    /** Everybody signs in, one half at each process. */
    Load(App app, ManyYears years, String password) {
        processes = List.of(new ServerProcess(app.databaseUrl()), new ServerProcess(app.databaseUrl()));
        for (int i = 0; i < RIDERS; i++) {
            riders.add(signedIn(
                    app, i, years.riders().get(i % years.riders().size()).signInName(), password));
        }
        for (int i = 0; i < COACHES; i++) {
            Client coach = signedIn(app, i, years.coachName(), password);
            coaches.add(coach);
            screens.put(coach, new Screens(coach, riders.get(i)));
        }
    }

    private Client signedIn(App app, int i, String name, String password) {
        Client client = app.client().on(processes.get(i % processes.size()).port());
        Client.Reply reply = client.signIn(name, password);
        if (reply.status() != 200) {
            throw new IllegalStateException("Not signed in: " + reply.status());
        }
        persons.put(client, client.person());
        return client;
    }

    /** What was asked a second, and how long it took. */
    record Measured(
            double aSecond,
            double sentP50,
            double sentP95,
            double lookedP50,
            double lookedP95,
            Map<String, Integer> errors) {}

    /** @param pause of each person after each request */
    Measured run(Duration pause) throws Exception {
        sentMs.clear();
        lookedMs.clear();
        errors.clear();
        ExecutorService people = Executors.newFixedThreadPool(RIDERS + COACHES);
        long until = System.nanoTime() + LASTS.toNanos();
        List<Future<?>> all = new ArrayList<>();
        for (int i = 0; i < RIDERS; i++) {
            Client rider = riders.get(i);
            int place = i;
            all.add(people.submit(() -> send(rider, place, pause, until)));
        }
        for (int i = 0; i < COACHES; i++) {
            Client coach = coaches.get(i);
            int first = i;
            all.add(people.submit(() -> look(coach, first, pause, until)));
        }
        for (Future<?> each : all) {
            each.get(PATIENCE.toSeconds(), TimeUnit.SECONDS);
        }
        people.shutdown();
        return new Measured(
                (sentMs.size() + lookedMs.size()) / (double) LASTS.toSeconds(),
                GrowthRun.at(sentMs, 0.5),
                GrowthRun.at(sentMs, 0.95),
                GrowthRun.at(lookedMs, 0.5),
                GrowthRun.at(lookedMs, 0.95),
                new TreeMap<>(errors));
    }

    /** Nobody begins at the same moment as all others. */
    private static void comeIn(int place) {
        LockSupport.parkNanos(COME_IN.multipliedBy(place).dividedBy(RIDERS).toNanos());
    }

    private void send(Client rider, int place, Duration pause, long until) {
        comeIn(place);
        String person = persons.get(rider);
        while (System.nanoTime() < until) {
            Client.Reply cards = timed(sentMs, () -> rider.get("/api/v1/practice"));
            if (cards.status() == 200) {
                JsonNode card = cards.body().path("pairs").path(0).path("cards").path(0);
                Map<String, Object> practices = Map.of("practices", List.of(report(card, person)));
                Client.Reply sent = timed(sentMs, () -> rider.post("/api/v1/practices", practices));
                JsonNode answer = sent.body().path("answers").path(0);
                if (sent.status() == 200 && !answer.path("outcome").asString().equals("STORED")) {
                    errors.merge(answer.path("code").asString() + " " + card, 1, Integer::sum);
                }
            }
            LockSupport.parkNanos(pause.toNanos());
        }
    }

    private static Map<String, Object> report(JsonNode card, String person) {
        JsonNode step = card.path("steps").path(card.path("step").asInt());
        Map<String, Object> report = new HashMap<>();
        report.put("id", UUID.randomUUID().toString());
        report.put("assignment", card.path("id").asString());
        report.put("author", person);
        report.put("step", card.path("step").asInt());
        report.put("rung", step.path("rung").asString());
        report.put("startedAt", App.START.toString());
        report.put("leftS", 200);
        report.put("rightS", 220);
        report.put("feel", "GETTING_THERE");
        report.put("leftGood", 0);
        report.put("leftCounted", 0);
        report.put("rightGood", 0);
        report.put("rightCounted", 0);
        report.put("stopSigns", List.of());
        report.put("question", null);
        report.put("secondBest", false);
        return report;
    }

    private void look(Client coach, int first, Duration pause, long until) {
        List<Screens.Screen> all =
                screens.get(coach).all().stream().filter(s -> s.who() == coach).toList();
        for (int i = first; System.nanoTime() < until; i++) {
            Screens.Screen screen = all.get(i % all.size());
            String path = screen.path().apply(i);
            timed(lookedMs, () -> coach.get(path));
            LockSupport.parkNanos(pause.toNanos());
        }
    }

    private Client.Reply timed(List<Double> times, java.util.function.Supplier<Client.Reply> request) {
        long from = System.nanoTime();
        Client.Reply reply = request.get();
        times.add((System.nanoTime() - from) / 1e6);
        if (reply.status() != 200) {
            errors.merge(reply.status() + " " + reply.code() + reply.body().path("issues"), 1, Integer::sum);
        }
        return reply;
    }

    @Override
    public void close() {
        processes.forEach(ServerProcess::close);
    }
}

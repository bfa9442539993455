package strophos.server.state;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.transaction.support.TransactionOperations;
import strophos.core.change.LessonRates;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungFacts;
import strophos.core.stair.RungId;
import strophos.core.state.PairState;
import strophos.core.stats.Proportion;
import strophos.server.access.Role;
import strophos.server.access.Viewer;
import strophos.server.access.YardScope;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** The states that are kept, whatever happens to a pair, beside the whole past read anew. */
class PairStatesTest {

    private static Client coach;
    private static Viewer viewer;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        JsonNode me = coach.get("/api/v1/session").body().path("me");
        viewer = new Viewer(yard(), UUID.fromString(me.path("person").asString()), Role.COACH);
    }

    private static UUID yard() {
        return inTransaction(() -> App.demo().bean(StaleRepository.class).allYards())
                .get(0)
                .yard();
    }

    private static <T> T inTransaction(java.util.function.Supplier<T> work) {
        return App.demo().bean(TransactionOperations.class).execute(status -> work.get());
    }

    private static <T> T asCoach(java.util.function.Supplier<T> work) {
        return YardScope.as(viewer, () -> inTransaction(work));
    }

    private static PairState now(String pair) {
        return asCoach(() -> App.demo().bean(PairStates.class).now(UUID.fromString(pair)));
    }

    /** The same from the very beginning: no state is left to go on from. */
    private static PairState whole(String pair) {
        return YardScope.as(
                viewer,
                () -> App.demo().bean(TransactionOperations.class).execute(status -> {
                    App.demo().bean(PairStates.class).forget(UUID.fromString(pair), java.time.Instant.EPOCH);
                    PairState all = App.demo().bean(PairStates.class).now(UUID.fromString(pair));
                    status.setRollbackOnly();
                    return all;
                }));
    }

    private static List<StoredState> kept(String pair) {
        return asCoach(() -> App.demo().bean(StateRepository.class).all(UUID.fromString(pair)));
    }

    @Test
    void aStateIsKeptAtTheEndOfALessonAndNotAtABatch() {
        Yard yard = new Yard(coach);
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, 3, "TRY", 1, false));
        assertThat(kept(pair)).isEmpty();
        assertThat(now(pair).lessons()).as("what runs is read beside the state").isEqualTo(1);
        yard.send(List.of(yard.entry(lesson, "lesson_ended", Map.of())));
        assertThat(kept(pair)).hasSize(1);
        assertThat(kept(pair).get(0).madeBy()).contains("rung-decision/", "stiffer-side/", "catalogue/");
        assertThat(kept(pair).get(0).state()).isEqualTo(now(pair));
    }

    @Test
    void anEntryForAnOldLessonStartsFromTheStateBeforeIt() {
        Yard yard = new Yard(coach);
        String pair = yard.pair();
        List<String> lessons = new ArrayList<>();
        List<List<Map<String, Object>>> rides = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            lessons.add(yard.lesson(pair));
            rides.add(yard.ride(lessons.get(i), 5, "BRACE", 2, true));
            yard.send(rides.get(i));
        }
        List<StoredState> before = kept(pair);
        Object target = rides.get(1).get(2).get("id");
        yard.send(List.of(yard.entry(lessons.get(1), "void", Map.of("target", target))));
        List<StoredState> after = kept(pair);
        assertThat(after).hasSize(4);
        assertThat(after.get(0)).isEqualTo(before.get(0));
        assertThat(after.get(3).state()).isNotEqualTo(before.get(3).state());
        assertThat(after.get(3).state()).isEqualTo(whole(pair));
    }

    @Test
    void aDecisionIsInTheStateThatIsReadAtOnce() {
        Yard yard = new Yard(coach);
        String pair = yard.pair();
        yard.ridden(pair, 10, "YES", 0);
        String second = yard.ridden(pair, 10, "YES", 0);
        decide(yard, second, "MOVE_ON");
        assertThat(now(pair).stair().passed()).hasSize(1);
        assertThat(now(pair)).isEqualTo(whole(pair));
        yard.ridden(pair, 4, "WRONG", 6);
        assertThat(now(pair)).isEqualTo(whole(pair));
    }

    @Test
    void otherThresholdsJudgeAllPairsAnew() {
        Yard yard = new Yard(coach);
        String pair = yard.pair();
        yard.ridden(pair, 5, "TRY", 3);
        PairState before = now(pair);
        coach.put("/api/v1/rules/rung-decision", Map.of("changes", Map.of("rate.window", 16)));
        try {
            assertThat(now(pair)).isNotEqualTo(before);
            assertThat(now(pair)).isEqualTo(whole(pair));
            assertThat(kept(pair).get(0).state()).as("kept as it is judged now").isEqualTo(whole(pair));
        } finally {
            coach.put("/api/v1/rules/rung-decision", Map.of("changes", Map.of()));
        }
        assertThat(now(pair)).isEqualTo(before);
    }

    /** Whoever wrote it, also this transaction itself, and also when it is taken back: what is remembered is never what stood before. */
    @Test
    void aStateThatWasWrittenAnewIsReadAnew() {
        Yard yard = new Yard(coach);
        UUID pair = UUID.fromString(yard.pair());
        yard.ridden(pair.toString(), 3, "YES", 1);
        PairStates states = App.demo().bean(PairStates.class);
        DSLContext db = App.demo().bean(DSLContext.class);
        String written =
                "update pair_state set state = jsonb_set(state, '{lessons}', to_jsonb(?::int)) where pair_id = ?";
        int before = asCoach(() -> states.now(pair).lessons());
        List<Integer> read = YardScope.as(
                viewer,
                () -> App.demo().bean(TransactionOperations.class).execute(status -> {
                    List<Integer> now = new ArrayList<>();
                    for (int lessons : List.of(98, 99)) {
                        db.execute(written, lessons, pair);
                        now.add(states.now(pair).lessons());
                        now.add(states.now(pair).lessons());
                    }
                    status.setRollbackOnly();
                    return now;
                }));
        assertThat(read).containsExactly(98, 98, 99, 99);
        assertThat(asCoach(() -> states.now(pair).lessons())).isEqualTo(before);
        assertThat(asCoach(() -> db.execute(written, 97, pair))).isEqualTo(1);
        assertThat(asCoach(() -> states.now(pair).lessons())).isEqualTo(97);
    }

    /** Of each pair, on each rung it ever rode: rates are read from counts, facts from the asks. */
    @Test
    void ratesAreThoseOfTheAsks() {
        PairStates states = App.demo().bean(PairStates.class);
        List<UUID> pairs = coach.get("/api/v1/pairs/names")
                .body()
                .path("pairs")
                .valueStream()
                .map(p -> UUID.fromString(p.path("id").asString()))
                .toList();
        int compared = 0;
        for (UUID pair : pairs) {
            for (RungId rung : asCoach(() -> states.now(pair)).asked()) {
                RungFacts facts = asCoach(() -> states.factsUpTo(pair, Set.of(rung), LessonKey.LAST))
                        .get(rung);
                List<LessonRates> rates =
                        asCoach(() -> states.ratesNow(Map.of(pair, rung))).getOrDefault(pair, List.of());
                assertThat(rates)
                        .as("%s", rung)
                        .isEqualTo(facts.lessons().stream()
                                .map(PairStatesTest::rates)
                                .toList());
                compared += rates.size();
            }
        }
        assertThat(compared).isGreaterThan(200);
    }

    private static LessonRates rates(LessonFacts lesson) {
        Map<Side, Proportion> bySide = new EnumMap<>(Side.class);
        lesson.asks()
                .forEach(a -> bySide.merge(
                        a.side(), new Proportion(a.response() == Response.YES ? 1 : 0, 1), Proportion::plus));
        return new LessonRates(lesson.lesson(), bySide);
    }

    @Test
    void whatARebuildFindsChangedIsSaid() {
        Yard yard = new Yard(coach);
        String pair = yard.pair();
        String lesson = yard.ridden(pair, 5, "TRY", 3);
        try (var connection = java.sql.DriverManager.getConnection(
                        App.demo().databaseUrl(), strophos.localdb.LocalPostgres.SUPERUSER, "");
                var statement = connection.createStatement()) {
            statement.execute(
                    "update pair_state set lessons = 7, state = jsonb_set(state, '{lessons}', '7') where lesson_id = '"
                            + lesson + "'");
            statement.execute("delete from ridden_exchange where lesson_id = '" + lesson + "' and ord > 3");
        } catch (java.sql.SQLException e) {
            throw new IllegalStateException(e);
        }
        var report = App.demo().rebuilt();
        assertThat(report.lessonsChanged()).isEqualTo(1);
        assertThat(kept(pair).get(0).state()).isEqualTo(whole(pair));
        assertThat(App.demo().rebuilt().pairsChanged()).isZero();
    }

    /** While an installation is upgraded, a process of the version before goes on: it knows neither a lesson's pair nor states. */
    @Test
    void whatAProcessOfTheVersionBeforeWritesIsFoldedOnceMore() {
        Yard yard = new Yard(coach);
        String pair = yard.pair();
        yard.ridden(pair, 5, "TRY", 3);
        String last = yard.ridden(pair, 5, "TRY", 3);
        PairState before = now(pair);
        App.query(App.demo(), """
                with old as (delete from ridden_lesson where lesson_id = '%s' returning *)
                insert into ridden_lesson (yard_id, lesson_id, started_at, ended_at, left_ms, right_ms, exchanges)
                select yard_id, lesson_id, started_at, ended_at, left_ms, right_ms, exchanges from old
                """.formatted(last));
        assertThat(now(pair)).isEqualTo(before);
        App.demo().renewed();
        assertThat(kept(pair)).as("what it wrote was marked").hasSize(2);
        assertThat(now(pair)).isEqualTo(before);
    }

    /** Late entries, voids, amendments of old lessons, two devices, decisions, in whatever order. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void whateverHappensTheStateIsTheFoldOfAll(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Yard> devices = List.of(new Yard(coach), new Yard(coach));
        String pair = devices.get(0).pair();
        List<String> lessons = new ArrayList<>();
        Map<String, List<Map<String, Object>>> sent = new HashMap<>();
        List<List<Map<String, Object>>> unsent = new ArrayList<>();
        for (int step = 0; step < 24; step++) {
            Yard device = devices.get(random.nextInt(2));
            switch (random.nextInt(6)) {
                case 0, 1 -> {
                    String lesson = device.lesson(pair);
                    lessons.add(lesson);
                    List<Map<String, Object>> ride =
                            device.ride(lesson, random.nextInt(8), "BRACE", random.nextInt(6), random.nextInt(4) > 0);
                    if (random.nextInt(4) == 0) {
                        unsent.add(ride);
                    } else {
                        device.send(ride);
                        sent.put(lesson, ride);
                    }
                }
                case 2 -> {
                    if (!unsent.isEmpty()) {
                        List<Map<String, Object>> late = unsent.remove(0);
                        device.send(late);
                        sent.put(late.get(0).get("lesson").toString(), late);
                    }
                }
                case 3 -> takeBackOne(random, device, sent);
                case 4 -> amendOne(random, device, sent);
                default ->
                    sent.keySet().stream()
                            .sorted()
                            .skip(sent.isEmpty() ? 0 : random.nextInt(sent.size()))
                            .findFirst()
                            .ifPresent(lesson -> decide(device, lesson, null));
            }
            assertThat(now(pair)).as("seed %d, step %d", seed, step).isEqualTo(whole(pair));
        }
        kept(pair).forEach(k -> assertThat(k.state().lessons()).isPositive());
        assertThat(App.demo().rebuilt().pairsChanged()).isZero();
    }

    private static void takeBackOne(SplittableRandom random, Yard device, Map<String, List<Map<String, Object>>> sent) {
        oneOf(random, sent, "exchange")
                .ifPresent(e -> device.send(
                        List.of(device.entry(e.get("lesson").toString(), "void", Map.of("target", e.get("id"))))));
    }

    private static void amendOne(SplittableRandom random, Yard device, Map<String, List<Map<String, Object>>> sent) {
        oneOf(random, sent, "exchange").ifPresent(e -> {
            Map<String, Object> payload = new LinkedHashMap<>();
            ((Map<?, ?>) e.get("payload")).forEach((k, v) -> payload.put(k.toString(), v));
            payload.put("response", "WRONG");
            device.send(List.of(device.entry(
                    e.get("lesson").toString(), "amend", Map.of("target", e.get("id"), "payload", payload))));
        });
    }

    private static java.util.Optional<Map<String, Object>> oneOf(
            SplittableRandom random, Map<String, List<Map<String, Object>>> sent, String kind) {
        List<Map<String, Object>> all = sent.keySet().stream()
                .sorted()
                .flatMap(lesson -> sent.get(lesson).stream())
                .filter(e -> e.get("kind").equals(kind))
                .toList();
        return all.isEmpty() ? java.util.Optional.empty() : java.util.Optional.of(all.get(random.nextInt(all.size())));
    }

    /** Decides as advised, or so, where the lesson has ended. */
    private static void decide(Yard yard, String lesson, String chosen) {
        JsonNode row = yard.debrief(lesson).path("rows").path(0);
        if (row.path("advice").isObject()) {
            String advised = row.path("advice").path("decision").asString();
            Map<String, Object> decision = new LinkedHashMap<>();
            decision.put("id", UUID.randomUUID().toString());
            decision.put("rung", row.path("rung").asString());
            decision.put("chosen", chosen == null ? advised : chosen);
            decision.put("seen", advised);
            decision.put("reason", null);
            assertThat(coach.post("/api/v1/lessons/" + lesson + "/decisions", decision)
                            .status())
                    .isEqualTo(201);
        }
    }
}

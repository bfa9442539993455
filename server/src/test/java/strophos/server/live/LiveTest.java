package strophos.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.localdb.LocalPostgres;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Events;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Two server processes on one database: what is stored by one is told by the other. */
class LiveTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static String news(String lesson, String pair) {
        return "news {\"lesson\":\"%s\",\"pair\":\"%s\",\"horse\":null}".formatted(lesson, pair);
    }

    @Test
    void tellsOnEveryProcessWhatOneOfThemStored() {
        String pair = yard.pair();
        try (var second = App.demo().another();
                Events here = coach.listen("/api/v1/live");
                Events there = coach.on(second).listen("/api/v1/live")) {
            here.assertHears("again");
            there.assertHears("again");
            String lesson = yard.lesson(pair);
            here.assertHears(news(lesson, pair));
            there.assertHears(news(lesson, pair));
            yard.send(List.of(yard.entry(lesson, "note", Map.of("text", "a better step"))));
            here.assertHears(news(lesson, pair));
            there.assertHears(news(lesson, pair));
            assertThat(coach.on(second)
                            .get("/api/v1/lessons/" + lesson + "/entries")
                            .body()
                            .path("entries")
                            .size())
                    .isEqualTo(1);
        }
    }

    @Test
    void tellsNobodyOfAnotherYardNorWhatIsNoNews() throws SQLException {
        String pair = yard.pair();
        try (Events events = coach.listen("/api/v1/live")) {
            events.assertHears("again");
            String lesson = yard.lesson(pair);
            events.assertHears(news(lesson, pair));
            String foreign = UUID.randomUUID().toString();
            sql("select pg_notify('strophos_live', '" + UUID.randomUUID() + " lesson " + foreign + " pair " + pair
                    + "')");
            sql("select pg_notify('strophos_live', 'no news')");
            yard.send(List.of(yard.entry(lesson, "note", Map.of("text", "the first that is ours"))));
            assertThat(events.assertHears(news(lesson, pair))).noneMatch(e -> e.contains(foreign));
        }
    }

    @Test
    void saysReadAgainWhenTheDatabaseWasAway() throws SQLException {
        String pair = yard.pair();
        try (Events events = coach.listen("/api/v1/live")) {
            events.assertHears("again");
            String lesson = yard.lesson(pair);
            events.assertHears(news(lesson, pair));
            sql("select pg_terminate_backend(pid) from pg_stat_activity where application_name = 'strophos live'"
                    + " and datname = current_database()");
            events.assertHears("again");
            yard.send(List.of(yard.entry(lesson, "note", Map.of("text", "after it"))));
            events.assertHears(news(lesson, pair));
        }
    }

    @Test
    void whatIsStoredManyTimesIsToldOnce() {
        String pair = yard.pair();
        try (Events events = coach.listen("/api/v1/live")) {
            events.assertHears("again");
            String lesson = yard.lesson(pair);
            events.assertHears(news(lesson, pair));
            String last = yard.lesson(pair);
            events.assertHears(news(last, pair));
            for (int i = 0; i < 20; i++) {
                yard.send(List.of(yard.entry(lesson, "note", Map.of("text", "again and again"))));
            }
            yard.send(List.of(yard.entry(last, "note", Map.of("text", "the last"))));
            int told = 0;
            while (!events.next().equals(news(last, pair))) {
                told++;
            }
            assertThat(told).isLessThan(20);
        }
    }

    /** Hand-worked: three arrive, then two; whoever has the first three is given the two. */
    @Test
    void givesWhatArrivedSince() {
        String lesson = yard.lesson(yard.pair());
        yard.send(yard.ride(lesson, 0, "TRY", 0, false));
        JsonNode first = coach.get("/api/v1/lessons/" + lesson + "/entries").body();
        assertThat(first.path("arrival").asInt()).isEqualTo(3);
        // written before the others, arrived after them
        Map<String, Object> late = yard.entry(lesson, "note", Map.of("text", "late"));
        late.put("atMs", 0);
        yard.send(List.of(yard.entry(lesson, "note", Map.of("text", "in time"))));
        yard.send(List.of(late));
        JsonNode since =
                coach.get("/api/v1/lessons/" + lesson + "/entries?after=3").body();
        assertThat(since.path("entries").valueStream())
                .extracting(e -> e.path("payload").path("text").asString())
                .containsExactly("in time", "late");
        assertThat(since.path("arrival").asInt()).isEqualTo(5);
    }

    private static void sql(String statement) throws SQLException {
        try (Connection c = DriverManager.getConnection(App.demo().databaseUrl(), LocalPostgres.APP, "");
                Statement s = c.createStatement()) {
            s.execute(statement);
        }
    }
}

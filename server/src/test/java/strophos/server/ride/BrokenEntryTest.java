package strophos.server.ride;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import strophos.localdb.LocalPostgres;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** An entry that fails for a reason nobody has thought of: here the database refuses a note of these words. */
class BrokenEntryTest {

    private static final String WORDS = "the words that fail";

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);

    @BeforeEach
    void breakTheDatabase() throws SQLException {
        sql("create function fail_for_words() returns trigger language plpgsql as $$ begin "
                + "if new.payload ->> 'text' = '" + WORDS
                + "' then raise exception 'broken'; end if; return new; end $$;"
                + "create trigger broken before insert on entry for each row execute function fail_for_words()");
    }

    @AfterEach
    void mendIt() throws SQLException {
        sql("drop trigger broken on entry; drop function fail_for_words()");
    }

    private static void sql(String statement) throws SQLException {
        try (Connection c = DriverManager.getConnection(App.demo().databaseUrl(), LocalPostgres.SUPERUSER, "");
                Statement s = c.createStatement()) {
            s.execute(statement);
        }
    }

    @Test
    void isRefusedByItselfAndEverythingBesideItIsStored() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        String other = yard.lesson(pair);
        List<Map<String, Object>> batch = new ArrayList<>(yard.ride(lesson, 5, "TRY", 3, true));
        batch.add(7, yard.entry(lesson, "note", Map.of("text", WORDS)));
        batch.addAll(yard.ride(other, 2, "YES", 1, true));
        JsonNode answers = yard.send(batch);
        for (int i = 0; i < batch.size(); i++) {
            assertThat(answers.get(i).path("index").asInt()).isEqualTo(i);
            assertThat(answers.get(i).path("outcome").asString()).isEqualTo(i == 7 ? "REFUSED" : "STORED");
        }
        assertThat(answers.get(7).path("code").asString()).isEqualTo("FAILED");
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/entries")
                        .body()
                        .path("entries")
                        .size())
                .isEqualTo(yard.ride(lesson, 5, "TRY", 3, true).size());
        assertThat(yard.debrief(lesson).path("rows")).isNotEmpty();
    }
}

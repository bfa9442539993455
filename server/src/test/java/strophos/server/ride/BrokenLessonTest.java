package strophos.server.ride;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Yard;

/** A lesson and a pair that cannot be made anew for a reason nobody has thought of: here the database refuses their rows. */
class BrokenLessonTest {

    private final App app = App.demo();
    private final Yard yard = new Yard(app.as("ottilie"));
    private final String pair = yard.pair();
    private final List<String> lessons = List.of(yard.lesson(pair), yard.lesson(pair), yard.lesson(yard.pair()));
    private final String broken = lessons.get(1);

    @BeforeEach
    void rideAndBreakTheDatabase() {
        app.renewed();
        lessons.forEach(lesson -> yard.send(yard.ride(lesson, 3, "YES", 1, true)));
        for (String table : List.of("lesson_count", "pair_state")) {
            App.execute(
                    app,
                    ("create function fail_for_%1$s() returns trigger language plpgsql as $$ begin "
                                    + "if new.lesson_id = '%2$s' then raise exception 'broken'; end if; return new; end $$;"
                                    + "create trigger broken before insert on %1$s for each row execute function fail_for_%1$s()")
                            .formatted(table, broken));
        }
        App.execute(app, "delete from lesson_count where lesson_id in ('%s')".formatted(String.join("', '", lessons)));
        App.execute(
                app,
                "insert into stale_lesson select yard_id, id from lesson where id in ('%s')"
                        .formatted(String.join("', '", lessons)));
        App.execute(
                app,
                "insert into stale_pair select distinct yard_id, pair_id from lesson where id in ('%s')"
                        .formatted(String.join("', '", lessons)));
    }

    @AfterEach
    void mendIt() {
        App.execute(
                app,
                "drop trigger if exists broken on lesson_count; drop trigger if exists broken on pair_state;"
                        + "drop function if exists fail_for_lesson_count(); drop function if exists fail_for_pair_state()");
        app.renewed();
    }

    private String count(String of) {
        return App.query(app, "select count(*) from " + of);
    }

    @Test
    void staysMarkedAndEverythingBehindItIsMadeAnew() {
        Rebuild.Report report = app.withoutRenewal(() -> app.bean(Rebuild.class).run(2, done -> {}));
        assertThat(report.left()).as("the lesson and its pair").isEqualTo(2);
        assertThat(App.query(app, "select lesson_id from stale_lesson")).isEqualTo(broken);
        assertThat(App.query(app, "select pair_id from stale_pair")).isEqualTo(pair);
        assertThat(count("(select distinct lesson_id from lesson_count where lesson_id in ('%s')) l"
                        .formatted(String.join("', '", lessons))))
                .isEqualTo("2");

        mendIt();
        assertThat(count("stale_lesson")).isEqualTo("0");
        assertThat(count("stale_pair")).isEqualTo("0");
        assertThat(count("lesson_count where lesson_id = '%s'".formatted(broken)))
                .isNotEqualTo("0");
    }
}

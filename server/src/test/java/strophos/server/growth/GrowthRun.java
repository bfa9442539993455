package strophos.server.growth;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.security.crypto.password.PasswordEncoder;
import strophos.localdb.LocalPostgres;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Statements;
import strophos.server.ride.Rebuild;

/**
 * What each screen costs after ten years with two hundred pairs beside one year with twenty. Named as no test, so that only the benchmark
 * runs it: ./strophos bench growth. Sizes are set by {@code strophos.growth.pairs} and {@code strophos.growth.lessons}.
 */
class GrowthRun {

    private static final String PASSWORD = "saltmarsh-ford";
    private static final int UNTIMED = 300;
    private static final int WARM_UP = 15;
    private static final int ROUNDS = 40;
    private static final int LESSONS_RIDDEN = 15;

    private static final ManyYears.Size SMALL = new ManyYears.Size("small", 20, 51);
    private static final ManyYears.Size LARGE = new ManyYears.Size(
            "large",
            Integer.getInteger("strophos.growth.pairs", 200),
            Integer.getInteger("strophos.growth.lessons", 511));

    /** So many of the dearest statements are named. */
    private static final int DEAREST = 10;

    private final StringBuilder said = new StringBuilder();
    private final Map<String, Statements.Ran> dearest = new LinkedHashMap<>();

    /** Rows and bytes, indexes included, of what is largest. */
    private static final String BY_TABLE = """
            select string_agg(format('%s %s rows %s', t.relname, t.reltuples::bigint, pg_size_pretty(t.bytes)), E'\n' order by t.bytes desc)
            from (
                select relname, reltuples, pg_total_relation_size(oid) as bytes from pg_class
                where relkind = 'r' and relnamespace = 'public'::regnamespace order by 3 desc limit 12) t
            """;

    /** A screen's request, measured. */
    private record Measured(double p50Ms, double p95Ms, int bytes, int statements, double sqlMs) {}

    /** A yard of one size, and its screens. */
    private record Filled(App app, ManyYears years, Screens screens) {}

    @Test
    void measure() throws IOException {
        Filled small = filled(SMALL, 1);
        Filled large = filled(LARGE, 2);
        for (Filled yard : List.of(small, large)) {
            // without a stop watch: what a server runs often is compiled only after many requests
            yard.screens().all().forEach(s -> Screens.paths(s, UNTIMED).forEach(s.who()::timed));
        }
        String head = String.format(
                Locale.ROOT,
                "%-18s %9s %9s %9s %8s %7s %9s %6s",
                "request",
                "small p50",
                "p50 ms",
                "p95 ms",
                "kB",
                "stmts",
                "x its SQL",
                "ratio");
        StringBuilder table = new StringBuilder(head).append('\n');
        for (int i = 0; i < large.screens().all().size(); i++) {
            Measuring ofSmall = new Measuring(small, small.screens().all().get(i));
            Measuring ofLarge = new Measuring(large, large.screens().all().get(i));
            // by turns: a machine that is busier for a while is so for both
            for (int round = 0; round < WARM_UP + 2 * ROUNDS; round++) {
                ofSmall.ask(round);
                ofLarge.ask(round);
            }
            Measured s = ofSmall.measured();
            Measured l = ofLarge.measured();
            dearest.putAll(ofLarge.dear);
            table.append(String.format(
                    Locale.ROOT,
                    "%-18s %9.1f %9.1f %9.1f %8.1f %7d %9.1f %6.2f%n",
                    large.screens().all().get(i).name(),
                    s.p50Ms(),
                    l.p50Ms(),
                    l.p95Ms(),
                    l.bytes() / 1000.0,
                    l.statements(),
                    l.p50Ms() / l.sqlMs(),
                    l.p50Ms() / s.p50Ms()));
        }
        explain(large.app(), large.years().yard().toString());
        for (Filled yard : List.of(small, large)) {
            // whose statements are not counted: counting thousands of values takes longer than writing them
            try (var uncounted = yard.app().another()) {
                writing(yard.screens().coach().on(uncounted), yard.years());
            }
        }
        load(large.app(), large.years());
        say("%s", table);
        Files.writeString(Path.of("target/growth.txt"), said.toString());
    }

    private Filled filled(ManyYears.Size size, long seed) {
        App app = App.counted(size.name());
        ManyYears years = new ManyYears(
                size, seed, App.START, app.bean(PasswordEncoder.class).encode(PASSWORD));
        double filledS = seconds(() -> years.fill(app.databaseUrl(), LocalPostgres.SUPERUSER));
        Rebuild.Report[] report = new Rebuild.Report[1];
        double rebuiltS = seconds(() -> report[0] = app.bean(Rebuild.class).run(2, done -> {}));
        App.execute(app, "analyze");
        say(
                "%s: %d pairs, %d lessons; filled in %.0f s, projections of %d lessons and %d pairs made in %.0f s; %s",
                size.name(),
                size.pairs(),
                size.pairs() * size.lessons(),
                filledS,
                report[0].lessons(),
                report[0].pairs(),
                rebuiltS,
                App.query(app, "select pg_size_pretty(pg_database_size(current_database()))"));
        say("%s", App.query(app, BY_TABLE));
        return new Filled(
                app,
                years,
                new Screens(
                        signedIn(app, years.coachName()),
                        signedIn(app, years.riders().get(0).signInName())));
    }

    /** Busier than people are, and busier yet: where two processes on this machine come to their end. */
    private void load(App app, ManyYears years) {
        try (Load load = new Load(app, years, PASSWORD)) {
            // these processes have just started: as with the screens, a server that has run for a while is measured
            load.run(Duration.ofSeconds(2));
            for (Duration pause : List.of(Duration.ofSeconds(2), Duration.ofSeconds(1), Duration.ofMillis(500))) {
                Load.Measured m = load.run(pause);
                say(
                        "100 riders who send and 20 coaches who look, %.1f s between two rounds, two processes: %.0f requests a second,"
                                + " sent p50 %.0f ms, p95 %.0f ms; looked p50 %.0f ms, p95 %.0f ms; errors %s",
                        pause.toMillis() / 1000.0,
                        m.aSecond(),
                        m.sentP50(),
                        m.sentP95(),
                        m.lookedP50(),
                        m.lookedP95(),
                        m.errors());
            }
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    /** Names the dearest statements, and writes down how the planner goes about them. */
    private void explain(App app, String yard) {
        StringBuilder plans = new StringBuilder();
        try (Connection connection = DriverManager.getConnection(app.databaseUrl(), LocalPostgres.APP, "")) {
            connection.setAutoCommit(false);
            for (Map.Entry<String, Statements.Ran> e : dearest.entrySet().stream()
                    .sorted(Comparator.comparingDouble(e -> -e.getValue().ms()))
                    .filter(e -> e.getKey().toLowerCase(Locale.ROOT).matches("[^:]*: (select|with).*"))
                    .limit(DEAREST)
                    .toList()) {
                say("%6.1f ms  %.150s", e.getValue().ms(), e.getKey());
                plans.append("%.1f ms  %s%n%s%n"
                        .formatted(e.getValue().ms(), e.getKey(), e.getValue().explained(connection, yard)));
                connection.rollback();
            }
            Files.writeString(Path.of("target/growth-large-plans.txt"), plans);
        } catch (SQLException | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Lessons ridden today by pairs with all that past: how long a thousand entries take to send, and a lesson to end. */
    private void writing(Client coach, ManyYears years) {
        List<Double> sent = new ArrayList<>();
        List<Double> ended = new ArrayList<>();
        for (int i = 0; i < LESSONS_RIDDEN; i++) {
            Today lesson = new Today(
                    coach, years.riders().get(i % years.riders().size()).pair().toString());
            sent.add(1000 * seconds(() -> lesson.send(1000)));
            ended.add(1000 * seconds(lesson::end));
        }
        say(
                "1 000 entries sent in %.0f ms, a lesson ended with its state in %.0f ms (medians of %d)",
                at(sent, 0.5), at(ended, 0.5), LESSONS_RIDDEN);
    }

    private static Client signedIn(App app, String name) {
        Client client = app.client();
        client.signIn(name, PASSWORD);
        return client;
    }

    /** A screen's requests. Every other one is asked by the watch, the others are counted: counting statements takes time of its own. */
    private final class Measuring {
        private final Filled yard;
        private final Screens.Screen screen;
        private final List<String> paths;
        private final List<Double> ms = new ArrayList<>();
        private final List<Double> sqlMs = new ArrayList<>();
        private final List<Double> bytes = new ArrayList<>();
        private final Map<String, Statements.Ran> dear = new LinkedHashMap<>();
        private int asked;

        Measuring(Filled yard, Screens.Screen screen) {
            this.yard = yard;
            this.screen = screen;
            this.paths = Screens.paths(screen, WARM_UP + 2 * ROUNDS);
        }

        void ask(int round) {
            String path = paths.get(round);
            if (round < WARM_UP || round % 2 == 0) {
                long from = System.nanoTime();
                int came = screen.who().timed(path);
                double took = (System.nanoTime() - from) / 1e6;
                if (round >= WARM_UP) {
                    ms.add(took);
                    bytes.add((double) came);
                }
            } else {
                List<Statements.Ran> ran = yard.app()
                        .bean(Statements.class)
                        .during(() -> screen.who().get(path));
                sqlMs.add(ran.stream().mapToDouble(Statements.Ran::ms).sum());
                asked = Math.max(asked, ran.size());
                if (round >= paths.size() - 2) {
                    ran.forEach(r -> dear.merge(
                            screen.name() + ": "
                                    + r.sql().replaceAll("\\s+", " ").replaceAll("\"(public\"\\.\")?", ""),
                            r,
                            (x, y) -> x.ms() > y.ms() ? x : y));
                }
            }
        }

        Measured measured() {
            return new Measured(at(ms, 0.5), at(ms, 0.95), (int) at(bytes, 0.5), asked, at(sqlMs, 0.5));
        }
    }

    static double at(List<Double> all, double share) {
        List<Double> sorted = all.stream().sorted().toList();
        return sorted.get((int) Math.min(sorted.size() - 1, Math.floor(share * sorted.size())));
    }

    private static double seconds(Runnable work) {
        long from = System.nanoTime();
        work.run();
        return (System.nanoTime() - from) / 1e9;
    }

    private void say(String form, Object... values) {
        String line = String.format(Locale.ROOT, form, values);
        System.out.println(line);
        said.append(line).append('\n');
    }
}

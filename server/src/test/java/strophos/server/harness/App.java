package strophos.server.harness;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.zip.GZIPInputStream;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.support.GenericApplicationContext;
import strophos.localdb.LocalPostgres;
import strophos.server.Migration;
import strophos.server.Strophos;
import strophos.server.ride.Rebuild;

/** The real application on a real PostgreSQL, started once for all tests of this JVM. */
public final class App {

    /** The clock starts here: a Tuesday in winter, at noon in the yard. */
    public static final Instant START = Instant.parse("2026-11-24T12:00:00Z");

    public static final String SETUP_TOKEN = "a-token-for-tests";
    public static final String DEMO_PASSWORD = "a-demo-password";

    private static final LocalPostgres POSTGRES = LocalPostgres.start();
    private static final Map<String, App> STARTED = new java.util.HashMap<>();

    /** As many connections as the application keeps. */
    private static final int POOL = 10;

    private final String database;
    private final ConfigurableApplicationContext context;

    private App(String database, ConfigurableApplicationContext context) {
        this.database = database;
        this.context = context;
    }

    static {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            STARTED.values().forEach(app -> app.context.close());
            POSTGRES.close();
        }));
    }

    /** The application with the demo yard in it. */
    public static synchronized App demo() {
        boolean isNew = !STARTED.containsKey("demo");
        App demo = started("demo", "--spring.profiles.active=demo", "--strophos.demo-password=" + DEMO_PASSWORD);
        if (isNew) {
            leave("demo");
        }
        return demo;
    }

    /**
     * Leaves this database to the end-to-end tests of the same run, in the folder that {@code strophos.keep} names; without one, those
     * make their own.
     */
    public static void leave(String database) {
        String folder = System.getProperty("strophos.keep");
        if (folder != null) {
            POSTGRES.tool("pg_dump", LocalPostgres.DUMP, database, "-Fc", "-f", folder + "/" + database + ".dump");
        }
    }

    /** The demo yard again, from another seed. */
    public static App otherDemo() {
        return started(
                "demo2",
                "--spring.profiles.active=demo",
                "--strophos.demo-password=" + DEMO_PASSWORD,
                "--strophos.demo-seed=2");
    }

    /** The application as it is before anybody set it up. */
    public static App empty() {
        return started("empty", "--strophos.setup-token=" + SETUP_TOKEN);
    }

    /** A yard that the version before filled, upgraded as this one starts; see scripts/upgrade-fixture.mjs. */
    public static App upgraded() {
        return started("upgraded", "--strophos.setup-token=" + SETUP_TOKEN);
    }

    /** A yard that the version right before filled, clocks and all, for tests that send anything to it. */
    public static App battered() {
        return started("battered", "--strophos.setup-token=" + SETUP_TOKEN);
    }

    /** An application whose statements are counted, and which makes nothing anew by itself. */
    public static App counted(String name) {
        return started(COUNTED + name, "--strophos.renewal=false");
    }

    private static final String COUNTED = "counted_";

    /** Runs this past the wall. */
    public static void execute(App app, String sql) {
        query(app, sql);
    }

    /** The first value that this gives, asked past the wall; empty for none. */
    public static String query(App app, String sql) {
        try (Connection connection = DriverManager.getConnection(app.databaseUrl(), LocalPostgres.SUPERUSER, "");
                Statement statement = connection.createStatement()) {
            if (!statement.execute(sql)) {
                return "";
            }
            var rows = statement.getResultSet();
            return rows.next() ? rows.getString(1) : "";
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A yard of an earlier version with times that nobody believes, and a clock of one person for another's device. */
    public static App oddClocks() {
        return started("odd_clocks", "--strophos.setup-token=" + SETUP_TOKEN);
    }

    private static final Map<String, List<String>> LEFT_BY_VERSIONS_BEFORE = Map.of(
            "upgraded",
            List.of("v6.sql.gz", "v6-assistant.sql"),
            "odd_clocks",
            List.of("v8.sql.gz"),
            "battered",
            List.of("v32.sql.gz"));

    public static final Migration.Roles OWNER =
            new Migration.Roles(LocalPostgres.OWNER, "", LocalPostgres.APP, LocalPostgres.ACROSS);

    /** A little after the dump was made. */
    private static final Instant AFTER_DUMP = Instant.parse("2026-11-30T21:00:00Z");

    private static void restore(String database) {
        try (Connection connection = DriverManager.getConnection(POSTGRES.url(database), LocalPostgres.SUPERUSER, "");
                Statement statement = connection.createStatement()) {
            for (String file : LEFT_BY_VERSIONS_BEFORE.get(database)) {
                statement.execute(text("/upgrade/" + file));
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String text(String resource) {
        try (InputStream raw = App.class.getResourceAsStream(resource);
                InputStream in = resource.endsWith(".gz") ? new GZIPInputStream(raw) : raw) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The database crashes, and something happens before it is there again. */
    public static void withoutDatabase(Runnable what) {
        POSTGRES.down();
        try {
            what.run();
        } finally {
            POSTGRES.up();
            // connections of before are found to be gone one by one
            STARTED.values().forEach(App::untilReady);
        }
    }

    private void untilReady() {
        Client client = client();
        long until = System.nanoTime() + 60_000_000_000L;
        int running = 0;
        while (running < POOL) {
            boolean isReady = operator().get("/actuator/health/readiness").status() == 200
                    && client.get("/api/v1/session").status() == 200;
            running = isReady ? running + 1 : 0;
            if (System.nanoTime() > until) {
                throw new IllegalStateException("The application did not find its database again.");
            }
        }
    }

    private static synchronized App started(String database, String... more) {
        return STARTED.computeIfAbsent(database, name -> new App(name, run(name, more)));
    }

    /** A second server process's worth of application on the same database; the caller closes it. */
    public ConfigurableApplicationContext another() {
        return serve(database, false, "--strophos.setup-token=" + SETUP_TOKEN);
    }

    /** Starts a process on a database as it is; the caller closes it. */
    public static ConfigurableApplicationContext startOn(String database) {
        return serve(database, false);
    }

    private static ConfigurableApplicationContext run(String database, String... more) {
        if (!STARTED.containsKey(database)) {
            POSTGRES.createDatabase(database);
            if (LEFT_BY_VERSIONS_BEFORE.containsKey(database)) {
                restore(database);
            }
            Migration.of(POSTGRES.url(database), OWNER);
        }
        return serve(database, database.startsWith(COUNTED), more);
    }

    private static ConfigurableApplicationContext serve(String database, boolean isCounted, String... more) {
        List<String> args = new ArrayList<>(List.of(
                "--server.port=0",
                "--management.server.port=0",
                "--STROPHOS_DB_URL=" + POSTGRES.url(database),
                "--spring.main.banner-mode=off",
                "--springdoc.api-docs.enabled=true",
                "--logging.level.root=warn",
                "--strophos.clock-start=" + (LEFT_BY_VERSIONS_BEFORE.containsKey(database) ? AFTER_DUMP : START)));
        args.addAll(List.of(more));
        SpringApplication application = new SpringApplicationBuilder(Strophos.class)
                .initializers((GenericApplicationContext context) -> {
                    if (isCounted) {
                        context.registerBean(Statements.class);
                    }
                })
                .build();
        return application.run(args.toArray(String[]::new));
    }

    public String url() {
        return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    /** The cluster of all databases here. */
    public static LocalPostgres cluster() {
        return POSTGRES;
    }

    /** JDBC address of the database, for tests of the wall itself. */
    public String databaseUrl() {
        return POSTGRES.url(database);
    }

    /** Makes anew what is marked. */
    public void renewed() {
        withoutRenewal(() -> bean(Rebuild.class).run(2, done -> {}));
    }

    /** Makes every projection anew, of all yards here; what that changed. */
    public Rebuild.Report rebuilt() {
        return withoutRenewal(() -> {
            Rebuild rebuild = bean(Rebuild.class);
            // what is left of a run that was cut would be all that is marked
            rebuild.run(2, done -> {});
            rebuild.markAll();
            return rebuild.run(2, done -> {});
        });
    }

    /** While nothing is made anew in the background, which would take some of it. */
    public <T> T withoutRenewal(Supplier<T> what) {
        Map<String, SmartLifecycle> renewal = context.getBeansOfType(SmartLifecycle.class);
        renewal.keySet().retainAll(Set.of("renewal"));
        renewal.values().forEach(SmartLifecycle::stop);
        try {
            return what.get();
        } finally {
            renewal.values().forEach(SmartLifecycle::start);
        }
    }

    /** A client that is not signed in. */
    public Client client() {
        return new Client(url());
    }

    /** Asks what only the machine's operator may ask: health and metrics. */
    public Client operator() {
        return new Client("http://127.0.0.1:" + context.getEnvironment().getProperty("local.management.port"));
    }

    /** A client signed in to the demo under this name. */
    public Client as(String signInName) {
        Client client = client();
        client.signIn(signInName, DEMO_PASSWORD);
        return client;
    }
}

package strophos.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.GZIPInputStream;
import strophos.localdb.LocalPostgres;
import strophos.server.Migration;

/** Database, packaged application, proxy and browser, once for all tests of this JVM. */
final class Stage {

    /** The clock of application and browser starts here: a Tuesday, an hour before Imre's lesson. */
    static final String START = "2026-11-24T16:10:00Z";

    static final String DEMO_PASSWORD = "a-demo-password";
    static final String SETUP_TOKEN = "a-token-for-tests";

    private static final LocalPostgres POSTGRES = LocalPostgres.start();
    private static final Playwright PLAYWRIGHT = Playwright.create(new Playwright.CreateOptions()
            .setEnv(Map.of(
                    "PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD",
                    "1",
                    "PLAYWRIGHT_NODEJS_PATH",
                    System.getenv().getOrDefault("PLAYWRIGHT_NODEJS_PATH", "/usr/bin/node"))));
    private static final Browser BROWSER = PLAYWRIGHT
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(
                            Path.of(System.getProperty("strophos.chromium", "/usr/bin/chromium-headless-shell")))
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--in-process-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync",
                            // a microphone that hums, and nobody to be asked for it
                            "--use-fake-device-for-media-stream",
                            "--use-fake-ui-for-media-stream")));

    /** What the version before left: a database and two devices. */
    static final Path LEFT = Path.of(System.getProperty("strophos.root"), "server/src/test/resources/upgrade");

    private static final Instant AFTER_DUMP = Instant.parse("2026-11-30T21:00:00Z");

    /** The yard's day at which a database that was left by the version before is opened. */
    static final LocalDate DAY_AFTER_DUMP = LocalDate.ofInstant(AFTER_DUMP, ZoneOffset.UTC);

    private static final String TEMPLATE = "demo_template";
    private static final String[] DEMO = {"--spring.profiles.active=demo", "--strophos.demo-password=" + DEMO_PASSWORD};

    private static final Migration.Roles OWNER =
            new Migration.Roles(LocalPostgres.OWNER, "", LocalPostgres.APP, LocalPostgres.ACROSS);

    private static final String LENT = "lent";

    private static boolean isDemoMade;
    private static AppProcess lent;

    private Stage() {}

    static Browser browser() {
        return BROWSER;
    }

    /**
     * An application with the demo yard as it was made. One process serves one class of tests after the other, each on a new copy of the
     * database: none of them ends it. Its clock runs on.
     */
    static synchronized AppProcess demo() {
        if (lent == null) {
            lent = demo(LENT);
            Runtime.getRuntime().addShutdownHook(new Thread(lent::close));
        } else {
            POSTGRES.replaceDatabase(LENT, TEMPLATE);
            Await.until("the application has found the new database", Duration.ofSeconds(60), Stage::isListenedTo);
        }
        return lent;
    }

    private static boolean isListenedTo() {
        try (Connection c = DriverManager.getConnection(POSTGRES.url(LENT), LocalPostgres.SUPERUSER, "");
                Statement s = c.createStatement();
                ResultSet found = s.executeQuery("select from pg_stat_activity where application_name = 'strophos live'"
                        + " and datname = current_database()")) {
            return found.next();
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A started application with the demo yard, on a database of its own. */
    static AppProcess demo(String database) {
        return demo(database, Map.of());
    }

    /** The same, with further settings from the environment. */
    static synchronized AppProcess demo(String database, Map<String, String> settings) {
        if (!isDemoMade) {
            // made once and copied: making it takes longer than starting on it
            String template = POSTGRES.createDatabase(TEMPLATE);
            if (!restore("demo", TEMPLATE)) {
                application(template, TEMPLATE, DEMO).close();
            }
            isDemoMade = true;
        }
        Map<String, String> environment = new HashMap<>(settings);
        environment.put("STROPHOS_DB_URL", POSTGRES.copyDatabase(database, TEMPLATE));
        return new AppProcess(database, Instant.parse(START), environment, DEMO).start();
    }

    /** Runs a statement past row level security. */
    static void sql(String database, String statement) {
        try (Connection c = DriverManager.getConnection(POSTGRES.url(database), LocalPostgres.SUPERUSER, "");
                Statement s = c.createStatement()) {
            s.execute(statement);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The database of all applications crashes, and something happens before it is there again. */
    static void withoutDatabase(Runnable what) {
        POSTGRES.down();
        try {
            what.run();
        } finally {
            POSTGRES.up();
        }
    }

    /** A started application nobody has set up yet. */
    static AppProcess empty(String database) {
        return application(POSTGRES.createDatabase(database), database, "--strophos.setup-token=" + SETUP_TOKEN);
    }

    /** A yard the version before filled, upgraded as this one starts; see scripts/upgrade-fixture.mjs. */
    static AppProcess upgraded(String database) {
        String url = POSTGRES.createDatabase(database);
        load(url, "v6.sql.gz");
        return upgradedAt(url, database);
    }

    /**
     * The yard that the contract fuzz of the server's tests has been at, as it left it; where only these tests are run, as the version
     * before left it.
     */
    static AppProcess battered(String database) {
        String url = POSTGRES.createDatabase(database);
        if (!restore("battered", database)) {
            load(url, "v32.sql.gz");
        }
        return upgradedAt(url, database);
    }

    /** Takes what the server's tests of the same run left; false where there is nothing, as when only these tests are run. */
    private static boolean restore(String left, String database) {
        String folder = System.getProperty("strophos.keep");
        Path dump = folder == null ? null : Path.of(folder, left + ".dump");
        if (dump == null || !Files.exists(dump)) {
            return false;
        }
        POSTGRES.tool("pg_restore", LocalPostgres.SUPERUSER, database, "--exit-on-error", dump.toString());
        return true;
    }

    private static void load(String url, String file) {
        try (InputStream in = new GZIPInputStream(Files.newInputStream(LEFT.resolve(file)));
                Connection c = DriverManager.getConnection(url, LocalPostgres.SUPERUSER, "");
                Statement s = c.createStatement()) {
            s.execute(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static AppProcess upgradedAt(String url, String name) {
        Migration.of(url, OWNER);
        return new AppProcess(name, AFTER_DUMP, Map.of("STROPHOS_DB_URL", url)).start();
    }

    private static AppProcess application(String url, String name, String... arguments) {
        Migration.of(url, OWNER);
        return new AppProcess(name, Instant.parse(START), Map.of("STROPHOS_DB_URL", url), arguments).start();
    }
}

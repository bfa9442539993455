package strophos.localdb;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * One cluster with the roles of a real installation: a superuser nobody uses but to set up, {@link #OWNER} who migrates, {@link #APP}
 * who runs the application; both are bound by row level security. {@link #ACROSS} owns what looks past it, {@link #DUMP} dumps.
 */
public final class LocalPostgres implements AutoCloseable {

    public static final String OWNER = "strophos_owner";
    public static final String APP = "strophos_app";

    /** Owns the functions that look across yards; nobody signs in as it. */
    public static final String ACROSS = "strophos_across";

    /** Dumps, past row level security; neither the application nor the migration is a member of it. */
    public static final String DUMP = "strophos_dump";

    /** Sets up, and reads dumps in; never runs the application. */
    public static final String SUPERUSER = "postgres";

    /** In memory, unless a folder is named: for what is too large. */
    private static final String PLACE = System.getProperty("strophos.cluster", "/dev/shm");

    private final Path bin;
    private final Path home;
    private final int port;

    private LocalPostgres(Path bin, Path home, int port) {
        this.bin = bin;
        this.home = home;
        this.port = port;
    }

    /** Makes and starts a cluster; it is stopped and removed on {@link #close()} or when this JVM ends or is killed. */
    public static LocalPostgres start() {
        Path bin = newestBin();
        Path home = Path.of(
                run(asDatabaseUser("mktemp", "-d", PLACE + "/strophos-XXXXXX")).strip());
        LocalPostgres cluster = new LocalPostgres(bin, home, freePort());
        cluster.watch();
        run(cluster.program(
                "initdb",
                "-D",
                cluster.data(),
                "-U",
                SUPERUSER,
                "-A",
                "trust",
                "--no-sync",
                "-E",
                "UTF8",
                "--locale=C.UTF-8"));
        cluster.up();
        cluster.execute(
                "postgres",
                "create role %s login; create role %s login; create role %s nologin; grant %s to %s"
                        .formatted(OWNER, APP, ACROSS, ACROSS, OWNER));
        cluster.execute(
                "postgres", "create role %s login bypassrls; grant pg_read_all_data to %s".formatted(DUMP, DUMP));
        return cluster;
    }

    /** Starts the stopped server again on the same port and data. */
    public void up() {
        String options =
                "-p %d -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c fsync=off -c max_connections=150"
                        .formatted(port);
        run(program("pg_ctl", "-D", data(), "-o", options, "-w", "-t", "60", "-l", home + "/log", "start"));
    }

    /** Stops the server at once, as a crash would. */
    public void down() {
        run(program("pg_ctl", "-D", data(), "-m", "immediate", "-w", "stop"));
    }

    /** Makes an empty database that belongs to {@link #OWNER}; its JDBC address names no user. */
    public String createDatabase(String name) {
        execute("postgres", "create database %s owner %s".formatted(name, OWNER));
        return url(name);
    }

    /** A copy of a database nobody is connected to; its address. */
    public String copyDatabase(String name, String template) {
        execute("postgres", "create database %s owner %s template %s".formatted(name, OWNER, template));
        return url(name);
    }

    /** A copy in the place of the database of this name, which ends whoever is connected to that. */
    public void replaceDatabase(String name, String template) {
        execute("postgres", "drop database %s with (force)".formatted(name));
        copyDatabase(name, template);
    }

    public String url(String database) {
        return "jdbc:postgresql://127.0.0.1:%d/%s".formatted(port, database);
    }

    public int port() {
        return port;
    }

    @Override
    public void close() {
        remove();
    }

    /** What one of PostgreSQL's own programs prints, run against a database of this cluster as this role. */
    public String tool(String name, String role, String database, String... args) {
        List<String> all =
                new ArrayList<>(List.of("-h", "127.0.0.1", "-p", String.valueOf(port), "-U", role, "-d", database));
        all.addAll(List.of(args));
        return run(program(name, all.toArray(String[]::new)));
    }

    private void execute(String database, String sql) {
        try (Connection c = DriverManager.getConnection(url(database), SUPERUSER, "");
                Statement s = c.createStatement()) {
            s.execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException("The local cluster refused: " + sql, e);
        }
    }

    /** A shell that outlives this JVM by a moment, so that a killed build leaves no cluster behind. */
    private void watch() {
        // as this user: another may not ask whether this JVM is still there
        String script = "while kill -0 %d 2>/dev/null; do sleep 1; done; %s; rm -rf %s"
                .formatted(
                        ProcessHandle.current().pid(),
                        String.join(" ", program("pg_ctl", "-D", data(), "-m", "immediate", "stop")),
                        home);
        try {
            // setsid: a Ctrl+C in the terminal must not end the watchdog with the build
            new ProcessBuilder("setsid", "sh", "-c", script)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void remove() {
        run(program("pg_ctl", "-D", data(), "-m", "immediate", "-w", "stop"));
        run(asDatabaseUser("rm", "-rf", home.toString()));
    }

    private String data() {
        return home + "/data";
    }

    private List<String> program(String name, String... args) {
        List<String> command = new ArrayList<>(List.of(bin.resolve(name).toString()));
        command.addAll(List.of(args));
        return asDatabaseUser(command.toArray(String[]::new));
    }

    private static List<String> asDatabaseUser(String... command) {
        List<String> all = new ArrayList<>();
        if (System.getProperty("user.name").equals("root")) {
            all.addAll(List.of("runuser", "-u", "postgres", "--"));
        }
        all.addAll(List.of(command));
        return all;
    }

    private static Path newestBin() {
        Path versions = Path.of("/usr/lib/postgresql");
        try (var found = Files.list(versions)) {
            return found.map(v -> v.resolve("bin"))
                    .filter(b -> Files.isExecutable(b.resolve("initdb")))
                    .max(Comparator.comparing(
                            b -> Integer.parseInt(b.getParent().getFileName().toString())))
                    .orElseThrow();
        } catch (IOException | RuntimeException e) {
            throw new IllegalStateException(
                    "No PostgreSQL server programs under " + versions + ": run ./strophos test, which installs them.",
                    e);
        }
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String run(List<String> command) {
        try {
            // output goes to a file: the started server inherits it, and a pipe would never end
            Path output = Files.createTempFile("strophos", ".out");
            Process p = new ProcessBuilder(command)
                    .directory(Path.of("/").toFile())
                    .redirectErrorStream(true)
                    .redirectOutput(output.toFile())
                    .start();
            int code = p.waitFor();
            String said = Files.readString(output);
            Files.delete(output);
            if (code != 0) {
                throw new IllegalStateException(
                        "%s ended with %d: %s".formatted(String.join(" ", command), code, said));
            }
            return said;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}

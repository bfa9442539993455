package strophos.server;

import java.util.Map;
import org.flywaydb.core.Flyway;

/**
 * Brings a database to this version's schema: a step of its own, with the credentials of the owner of the tables, which the serving
 * process never has. Run as {@code java -jar … migrate}.
 */
public final class Migration {

    /** The first argument that asks for it. */
    static final String ARGUMENT = "migrate";

    private static final String PLACE = "classpath:db/migration";

    private Migration() {}

    /**
     * Whose the tables are, who serves, and who owns the functions that look across yards.
     *
     * @param password of the owner; blank where the database asks for none
     */
    public record Roles(String owner, String password, String app, String across) {}

    /** Reads the environment, migrates, and says where the database stands. */
    static void run(Map<String, String> environment) {
        Roles roles = new Roles(
                environment.getOrDefault("STROPHOS_DB_OWNER", "strophos_owner"),
                environment.getOrDefault("STROPHOS_DB_OWNER_PASSWORD", ""),
                environment.getOrDefault("STROPHOS_DB_USER", "strophos_app"),
                environment.getOrDefault("STROPHOS_DB_ACROSS", "strophos_across"));
        System.out.println(
                "The database is at version " + of(environment.get("STROPHOS_DB_URL"), roles) + " of the schema.");
    }

    /** Migrates the database at this JDBC address; the version it has then. */
    public static String of(String url, Roles roles) {
        Flyway flyway = Flyway.configure()
                .dataSource(url, roles.owner(), roles.password())
                .locations(PLACE)
                .placeholders(Map.of("app_role", roles.app(), "across_role", roles.across()))
                .load();
        flyway.migrate();
        return flyway.info().current().getVersion().getVersion();
    }
}

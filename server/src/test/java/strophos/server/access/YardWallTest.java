package strophos.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import strophos.localdb.LocalPostgres;
import strophos.server.harness.App;

/** The wall between yards, asked of the database itself as the application's own role. */
class YardWallTest {

    private static final Set<String> OUTSIDE = Set.of(
            "account",
            "sign_in_attempt",
            "known_browser",
            "spring_session",
            "spring_session_attributes",
            "flyway_schema_history");

    @Test
    void everyTableStandsBehindTheWallButThoseNamed() throws SQLException {
        List<String> unwalled = new ArrayList<>();
        try (Connection c = connect();
                ResultSet tables = c.createStatement()
                        .executeQuery("select relname from pg_class join pg_namespace n on n.oid = relnamespace"
                                + " where nspname = 'public' and relkind in ('r', 'p') and not (relrowsecurity and exists"
                                + " (select 1 from pg_policy where polrelid = pg_class.oid and polcmd = '*'))")) {
            while (tables.next()) {
                unwalled.add(tables.getString(1));
            }
        }
        assertThat(unwalled).containsExactlyInAnyOrderElementsOf(OUTSIDE);
    }

    @Test
    void aTransactionThatForgotItsYardFailsLoudly() throws SQLException {
        try (Connection c = connect();
                Statement s = c.createStatement()) {
            assertThatThrownBy(() -> s.executeQuery("select * from pair")).hasMessageContaining("strophos.yard");
        }
        try (Connection c = connect();
                Statement s = c.createStatement()) {
            c.setAutoCommit(false);
            s.execute("select set_config('strophos.yard', gen_random_uuid()::text, true)");
            s.execute("select * from pair");
            c.commit();
            assertThatThrownBy(() -> s.executeQuery("select * from pair"))
                    .as("the yard of the transaction before is forgotten")
                    .hasMessageContaining("uuid");
        }
    }

    @Test
    void anotherYardSeesNothingAndWritesNothingHere() throws SQLException {
        App.demo();
        try (Connection c = connect();
                Statement s = c.createStatement()) {
            c.setAutoCommit(false);
            s.execute("select set_config('strophos.yard', '00000000-0000-7000-8000-000000000001', true)");
            for (String table : walled(c)) {
                try (ResultSet none = s.executeQuery("select count(*) from " + table)) {
                    none.next();
                    assertThat(none.getInt(1)).as(table).isZero();
                }
            }
            assertThatThrownBy(
                            () -> s.execute(
                                    "insert into yard values ('00000000-0000-7000-8000-000000000002', 'Elsewhere', 'UTC', now())"))
                    .hasMessageContaining("row-level security");
        }
    }

    /** Every table with a yard in it. */
    private static List<String> walled(Connection c) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (ResultSet found = c.createStatement()
                .executeQuery("select distinct table_name from information_schema.columns"
                        + " where table_schema = 'public' and column_name = 'yard_id'")) {
            while (found.next()) {
                tables.add(found.getString(1));
            }
        }
        assertThat(tables).hasSizeGreaterThanOrEqualTo(17);
        return tables;
    }

    @Test
    void theApplicationNeitherPassesTheWallNorChangesTheLog() throws SQLException {
        try (Connection c = connect();
                Statement s = c.createStatement()) {
            try (ResultSet role = s.executeQuery(
                    "select rolsuper or rolbypassrls or pg_has_role('strophos_owner', 'member') from pg_roles where rolname = current_user")) {
                role.next();
                assertThat(role.getBoolean(1)).isFalse();
            }
            for (String forbidden : List.of(
                    "update entry set payload = '{}'",
                    "delete from entry",
                    "update decision set chosen = 'STAY'",
                    "select password_hash from account",
                    "alter table entry disable row level security")) {
                assertThatThrownBy(() -> s.execute(forbidden)).as(forbidden).isInstanceOf(SQLException.class);
            }
        }
    }

    private static Connection connect() throws SQLException {
        return DriverManager.getConnection(App.demo().databaseUrl(), LocalPostgres.APP, "");
    }
}

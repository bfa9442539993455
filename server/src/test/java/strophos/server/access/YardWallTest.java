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
import strophos.server.Migration;
import strophos.server.harness.App;

/** The wall between yards, asked of the database itself as the application's own role. */
class YardWallTest {

    private static final Set<String> OUTSIDE = Set.of(
            "account",
            "changed_by_hand",
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
                                + " where nspname = 'public' and relkind in ('r', 'p') and not (relrowsecurity and relforcerowsecurity and exists"
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

    /** The owner of the tables as well: a migration that has not lifted the wall fails loudly, and changes nothing. */
    @Test
    void theOwnerStandsBeforeTheWallToo() throws SQLException {
        App.demo();
        try (Connection c = as(LocalPostgres.OWNER);
                Statement s = c.createStatement()) {
            for (String table : walled(c)) {
                assertThatThrownBy(() -> s.executeQuery("select * from " + table))
                        .as(table)
                        .hasMessageContaining("strophos.yard");
            }
        }
    }

    /** A backfill and a new foreign key, as a migration does them; afterwards the wall stands, round the new table as well. */
    @Test
    void aMigrationLiftsTheWallAndRestoresItWithinOneTransaction() throws SQLException {
        App.demo();
        try (Connection c = as(LocalPostgres.OWNER);
                Statement s = c.createStatement()) {
            c.setAutoCommit(false);
            s.execute("select lift_wall()");
            s.execute("alter table pair add column nick text");
            assertThat(s.executeUpdate("update pair set nick = 'so ' || school"))
                    .isPositive();
            s.execute("create table pair_note (yard_id uuid not null, pair_id uuid not null)");
            s.execute("insert into pair_note select yard_id, id from pair");
            s.execute("alter table pair_note add foreign key (yard_id, pair_id) references pair (yard_id, id)");
            s.execute("select restore_wall()");
            assertThatThrownBy(() -> s.executeQuery("select * from pair_note")).hasMessageContaining("strophos.yard");
            c.rollback();
            assertThatThrownBy(() -> s.executeQuery("select * from pair")).hasMessageContaining("strophos.yard");
        }
    }

    /** Sign-in, joining and the start look across yards through functions; their role lets nobody in and is nobody's else. */
    @Test
    void whatLooksAcrossYardsIsAFewFunctionsThatNobodySignsInAs() throws SQLException {
        App.demo();
        try (Connection c = connect();
                Statement s = c.createStatement()) {
            try (ResultSet found = s.executeQuery("select person_id from sign_in('ottilie')")) {
                assertThat(found.next()).isTrue();
            }
            s.executeQuery("select * from stale_lessons()").close();
            s.executeQuery("select * from invited('none', now())").close();
            assertThatThrownBy(() -> s.execute("set role " + LocalPostgres.ACROSS))
                    .hasMessageContaining("permission");
            try (ResultSet roles = s.executeQuery("select rolcanlogin, rolbypassrls, rolsuper from pg_roles"
                    + " where rolname in ('strophos_across', 'strophos_app', 'strophos_owner') order by rolname")) {
                List<String> found = new ArrayList<>();
                while (roles.next()) {
                    found.add(roles.getBoolean(1) + " " + roles.getBoolean(2) + " " + roles.getBoolean(3));
                }
                assertThat(found)
                        .as("across, app, owner: signs in, bypasses, superuser")
                        .containsExactly("false false false", "true false false", "true false false");
            }
        }
    }

    /** As docs/running.md says: dumped by the role that may, restored by a superuser, and all of it is there. */
    @Test
    void aDumpHoldsEveryYardAndIsRestored() throws SQLException {
        App.demo();
        LocalPostgres cluster = App.cluster();
        String dump = "/dev/shm/strophos-wall-test.dump";
        assertThatThrownBy(() -> cluster.tool("pg_dump", LocalPostgres.OWNER, "demo", "-Fc", "-f", dump))
                .as("the owner would dump nothing, and says so")
                .hasMessageContaining("row-level security");
        cluster.tool("pg_dump", LocalPostgres.DUMP, "demo", "-Fc", "-f", dump);
        String restored = cluster.createDatabase("restored");
        cluster.tool("pg_restore", LocalPostgres.SUPERUSER, "restored", "--exit-on-error", dump);
        assertThat(count(restored, "entry"))
                .isEqualTo(count(App.demo().databaseUrl(), "entry"))
                .isPositive();
        assertThat(Migration.of(restored, App.OWNER))
                .as("it goes on from there")
                .isEqualTo("33");
        assertThat(cluster.tool("psql", LocalPostgres.DUMP, "demo", "-Atc", "copy person to stdout")
                        .lines()
                        .count())
                .isEqualTo(count(restored, "person"));
    }

    @Test
    void noDatabaseIsServedThatIsOlderThanTheProgram() {
        App.cluster().createDatabase("never_migrated");
        assertThatThrownBy(() -> App.startOn("never_migrated"))
                .hasMessageContaining(
                        "version 0 of the schema and this program needs 33: run ./strophos migrate first");
    }

    private static long count(String url, String table) throws SQLException {
        try (Connection c = DriverManager.getConnection(url, LocalPostgres.SUPERUSER, "");
                ResultSet rows = c.createStatement().executeQuery("select count(*) from " + table)) {
            rows.next();
            return rows.getLong(1);
        }
    }

    private static Connection as(String role) throws SQLException {
        return DriverManager.getConnection(App.demo().databaseUrl(), role, "");
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

package strophos.server.growth;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.transaction.support.TransactionOperations;
import strophos.localdb.LocalPostgres;
import strophos.server.access.Role;
import strophos.server.access.Viewer;
import strophos.server.access.YardScope;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Statements;
import strophos.server.homework.LookIns;
import strophos.server.roster.PairRepository;
import tools.jackson.databind.JsonNode;

/** No screen asks the database more often, or for more, because a yard is larger or older. */
class BoundsTest {

    private static final String PASSWORD = "saltmarsh-ford";

    /** The most a screen's request may ask: the session, the yard's settings and its own. */
    private static final int MOST = 12;

    private static final ManyYears.Size SMALL = new ManyYears.Size("small", 3, 6);
    private static final ManyYears.Size LARGER = new ManyYears.Size("larger", 40, 12);

    /** Tables that grow with every lesson, and must not be read from end to end. */
    private static final Set<String> GROWING = Set.of(
            "lesson",
            "entry",
            "ridden_lesson",
            "ridden_exchange",
            "ridden_factor",
            "ridden_observed",
            "ridden_stop_sign",
            "practice_stop_sign",
            "lesson_count",
            "pair_state",
            "decision",
            "looked",
            "watch",
            "watch_tick",
            "plan",
            "practice",
            "look_in",
            "assignment",
            "focus_choice");

    private static App app;
    private static Statements statements;
    private static Screens small;
    private static Screens larger;
    private static Client coach;
    private static ManyYears many;

    @BeforeAll
    static void fill() {
        app = App.counted("yards");
        statements = app.bean(Statements.class);
        String hash = app.bean(PasswordEncoder.class).encode(PASSWORD);
        ManyYears few = new ManyYears(SMALL, 1, App.START, hash);
        many = new ManyYears(LARGER, 2, App.START, hash);
        few.fill(app.databaseUrl(), LocalPostgres.SUPERUSER);
        many.fill(app.databaseUrl(), LocalPostgres.SUPERUSER);
        // in either yard something was heard of a horse: where nothing was, one statement less is asked
        for (ManyYears of : List.of(few, many)) {
            say(of.riders().get(of.riders().size() - 1), "FRIGHT");
            say(of.riders().get(0), "FRIGHT");
        }
        app.renewed();
        small = screens(few);
        larger = screens(many);
        coach = larger.coach();
    }

    private static Screens screens(ManyYears of) {
        return new Screens(signedIn(of.coachName()), signedIn(of.riders().get(0).signInName()));
    }

    private static Client signedIn(String name) {
        Client client = app.client();
        client.signIn(name, PASSWORD);
        return client;
    }

    private static List<Statements.Ran> ran(Screens.Screen screen) {
        String path = Screens.paths(screen, 1).get(0);
        screen.who().get(path);
        return statements.during(() -> {
            Client.Reply reply = screen.who().get(path);
            assertThat(reply.status()).as(path).isEqualTo(200);
            return reply;
        });
    }

    @Test
    void askAsOftenInALargerYardAsInASmallOne() {
        Map<String, Integer> inSmall = new LinkedHashMap<>();
        Map<String, Integer> inLarger = new LinkedHashMap<>();
        small.all().forEach(s -> inSmall.put(s.name(), ran(s).size()));
        larger.all().forEach(s -> inLarger.put(s.name(), ran(s).size()));
        assertThat(inLarger).isEqualTo(inSmall);
        assertThat(inLarger)
                .allSatisfy((screen, count) -> assertThat(count).as(screen).isLessThanOrEqualTo(MOST));
    }

    /** Eight horses cost what one costs: their heights, strides and looks are read together. */
    @Test
    void theGroundAsksAsOftenForEightHorsesAsForOne() {
        int forOne = measured(1);
        assertThat(measured(8)).isEqualTo(forOne);
        assertThat(forOne).isLessThanOrEqualTo(MOST);
    }

    private static int measured(int horses) {
        List<String> pairs = coach.get("/api/v1/pairs/names")
                .body()
                .path("pairs")
                .valueStream()
                .limit(horses)
                .map(p -> p.path("id").asString())
                .toList();
        assertThat(pairs).hasSize(horses);
        Map<String, Object> body =
                Map.of("arena", "SMALL", "pairs", pairs, "pace", "TROT", "variant", "WORKING", "things", List.of());
        return statements
                .during(() -> {
                    Client.Reply reply = coach.post("/api/v1/ground/measures", body);
                    assertThat(reply.status()).isEqualTo(200);
                    return reply;
                })
                .size();
    }

    @Test
    void noStatementIsCompiledByTheDatabase() {
        assertThat(app.bean(DSLContext.class).fetchValue("show jit"))
                .as("it takes longer than running any of ours, once tables are large")
                .isEqualTo("off");
    }

    @Test
    void everyPairStandsOnOnePageAndTheLatestFirst() {
        List<JsonNode> all = pages("/api/v1/pairs", "pairs");
        assertThat(all)
                .extracting(p -> p.path("id").asString())
                .doesNotHaveDuplicates()
                .hasSize(LARGER.pairs());
        assertThat(all)
                .extracting(p -> Instant.parse(p.path("lastLessonAt").asString()))
                .isSortedAccordingTo(Comparator.reverseOrder());
        assertThat(all).allSatisfy(p -> assertThat(p.path("lessons").asInt()).isEqualTo(LARGER.lessons()));
        assertThat(coach.get("/api/v1/pairs/names").body().path("pairs").size()).isEqualTo(LARGER.pairs());
    }

    /** The inbox reads in full only what it shows; what it finds at a glance is what all the reports say. */
    @Test
    void theInboxShowsTheMostUrgentOfAllThatWaits() {
        assertInboxIsWhole();
        List<String> signs = List.of("FRIGHT", "FLINCHES", "BUCKS", "FALL");
        for (int i = 0; i < signs.size(); i++) {
            say(many.riders().get(i), signs.get(i));
        }
        assertInboxIsWhole();
    }

    /** A rider's device says so. */
    private static void say(ManyYears.Rider rider, String sign) {
        App.execute(
                app,
                "insert into reported_stop_sign select yard_id, gen_random_uuid(), id, rider_id, '%1$s', '%2$s', 'NONE', '%1$s' from pair where id = '%3$s'"
                        .formatted(App.START, sign, rider.pair()));
    }

    private static void assertInboxIsWhole() {
        List<String> all = everyThingThatWaits();
        JsonNode inbox = coach.get("/api/v1/inbox").body();
        List<String> shown = inbox.path("waiting")
                .valueStream()
                .map(w -> w.path("id").asString())
                .toList();
        assertThat(all).as("more waits than is shown").hasSizeGreaterThan(shown.size());
        assertThat(shown).isEqualTo(all.subList(0, shown.size()));
        assertThat(inbox.path("more").asInt()).isEqualTo(all.size() - shown.size());
    }

    /** All homework of all pairs read in full, in order. */
    private static List<String> everyThingThatWaits() {
        Viewer viewer = new Viewer(many.yard(), many.coach(), Role.COACH);
        return YardScope.as(
                viewer,
                () -> app.bean(TransactionOperations.class)
                        .execute(status -> app
                                .bean(LookIns.class)
                                .waiting(
                                        app.bean(PairRepository.class).findVisible(),
                                        app.bean(Clock.class).instant())
                                .stream()
                                .map(w -> w.id().toString())
                                .toList()));
    }

    @Test
    void everyLessonAndDecisionStandsOnOnePageAndTheLatestFirst() {
        String pair = "/api/v1/pairs/" + many.riders().get(0).pair();
        for (String list : List.of("lessons", "decisions")) {
            List<JsonNode> all = pages(pair + "/" + list, list);
            assertThat(all)
                    .extracting(n -> n.path("id").asString())
                    .doesNotHaveDuplicates()
                    .hasSize(LARGER.lessons());
            assertThat(all)
                    .extracting(n -> Instant.parse(
                            n.path(list.equals("lessons") ? "startedAt" : "at").asString()))
                    .isSortedAccordingTo(Comparator.reverseOrder());
        }
    }

    @Test
    void aCursorThatWasNotHandedOutIsAnIssue() {
        for (String cursor : List.of("x", "bm9uZQ", "%20", "AAAA")) {
            Client.Reply reply = coach.get("/api/v1/pairs?after=" + cursor);
            assertThat(reply.status()).isEqualTo(422);
            assertThat(reply.body().path("issues").path(0).path("path").asString())
                    .isEqualTo("after");
        }
    }

    private static List<JsonNode> pages(String path, String list) {
        List<JsonNode> all = new ArrayList<>();
        String next = "";
        do {
            JsonNode page = coach.get(path + next).body();
            page.path(list).forEach(all::add);
            next = page.path("next").isNull()
                    ? null
                    : "?after=" + page.path("next").asString();
        } while (next != null);
        return all;
    }

    /**
     * Asked of the planner: with sequential scans made dear it finds another way wherever an index leads there, and where it still reads a
     * growing table from end to end there is none. Tables of a test are small, so that otherwise it would scan them all.
     */
    @Test
    void noListReadsATableThatGrowsFromEndToEnd() throws SQLException {
        List<String> scanned = new ArrayList<>();
        try (Connection connection = DriverManager.getConnection(app.databaseUrl(), LocalPostgres.APP, "");
                Statement statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            for (Screens.Screen screen : larger.all()) {
                for (Statements.Ran ran : ran(screen)) {
                    for (String table : scans(statement, ran)) {
                        scanned.add(screen.name() + " scans " + table + ": " + ran.sql());
                    }
                    connection.rollback();
                }
            }
        }
        assertThat(scanned).isEmpty();
    }

    /** The growing tables that this statement's generic plan reads from end to end. */
    private static Set<String> scans(Statement statement, Statements.Ran ran) throws SQLException {
        String sql = ran.sql().strip();
        if (!sql.toLowerCase(java.util.Locale.ROOT).matches("(?s)(select|with).*") || sql.contains("set_config")) {
            return Set.of();
        }
        statement.execute("set local enable_seqscan = off");
        statement.execute("set local plan_cache_mode = force_generic_plan");
        statement.execute("select set_config('strophos.yard', '" + UUID.randomUUID() + "', true)");
        statement.execute("prepare asked as " + numbered(sql));
        Set<String> tables = new TreeSet<>();
        try (ResultSet plan = statement.executeQuery("explain execute asked" + nulls(sql))) {
            while (plan.next()) {
                Matcher m = SCAN.matcher(plan.getString(1));
                if (m.find() && GROWING.contains(m.group(1))) {
                    tables.add(m.group(1));
                }
            }
        }
        statement.execute("deallocate asked");
        return tables;
    }

    private static final Pattern SCAN = Pattern.compile("Seq Scan on (\\w+)");

    /** JDBC's places as PostgreSQL counts them; texts in the application's SQL hold no question marks. */
    private static String numbered(String sql) {
        StringBuilder all = new StringBuilder();
        int n = 0;
        for (char c : sql.toCharArray()) {
            all.append(c == '?' ? "$" + ++n : String.valueOf(c));
        }
        return all.toString();
    }

    private static String nulls(String sql) {
        long places = sql.chars().filter(c -> c == '?').count();
        return places == 0
                ? ""
                : "(" + Stream.generate(() -> "null").limit(places).collect(Collectors.joining(", ")) + ")";
    }
}

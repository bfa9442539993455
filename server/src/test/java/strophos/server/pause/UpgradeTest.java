package strophos.server.pause;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;

/** A yard filled by the version before: an unanswered stop sign, jumping homework that runs, devices with unsent records. */
class UpgradeTest {

    private static final String PASSWORD = "saltmarsh-ford";
    private static Client coach;
    private static JsonNode left;

    @BeforeAll
    static void signIn() throws IOException {
        coach = as("ottilie");
        try (InputStream in = UpgradeTest.class.getResourceAsStream("/upgrade/v6-device.json")) {
            left = Client.JSON.readTree(in.readAllBytes());
        }
    }

    private static Client as(String name) {
        Client client = App.upgraded().client();
        assertThat(client.signIn(name, PASSWORD).status()).isEqualTo(200);
        return client;
    }

    private static List<String> paused() {
        return coach.get("/api/v1/safety")
                .body()
                .path("horses")
                .valueStream()
                .filter(h -> h.path("isPaused").asBoolean())
                .map(h -> h.path("name").asString())
                .toList();
    }

    @Test
    void storedUnansweredStopSignsPauseFromTheUpgradeOn() {
        assertThat(paused())
                .as("Pepperwort's report was answered, and its look with pain was followed by a sound one")
                .containsExactly("Fennel", "Sindri");
    }

    @Test
    void jumpingHomeworkThatRunsStopsWithASentence() {
        String jumping = left.path("assignments").path("jumping").asString();
        JsonNode card = cards("rosalba")
                .filter(c -> c.path("id").asString().equals(jumping))
                .findFirst()
                .orElseThrow();
        assertThat(card.path("isPaused").asBoolean())
                .as("a cached web sees it, too")
                .isTrue();
        assertThat(card.path("stop").asString()).isEqualTo("HORSE_PAUSED");
        assertThat(card.path("turns").size()).isZero();
        assertThat(cards("mireille").map(c -> c.path("stop").isNull())).containsExactly(true);
    }

    private static Stream<JsonNode> cards(String rider) {
        return as(rider)
                .get("/api/v1/practice")
                .body()
                .path("pairs")
                .valueStream()
                .flatMap(p -> p.path("cards").valueStream());
    }

    static List<String> screens() throws IOException {
        signIn();
        List<String> paths = new java.util.ArrayList<>(List.of("today", "pairs", "inbox", "safety", "rules"));
        left.path("pairs").forEach(p -> paths.add("pairs/" + p.asString()));
        left.path("pairs").forEach(p -> paths.add("pairs/" + p.asString() + "/facts"));
        for (JsonNode lesson : left.path("lessons")) {
            for (String view : List.of("look", "plan", "homework", "debrief", "packet", "entries")) {
                paths.add("lessons/" + lesson.asString() + "/" + view);
            }
        }
        return paths;
    }

    @ParameterizedTest
    @MethodSource("screens")
    void everyScreenReads(String path) {
        assertThat(coach.get("/api/v1/" + path).status()).isEqualTo(200);
    }

    @Test
    void whateverWasSeenBeforeTheUpgradeIsHeardOf() {
        for (App app : List.of(App.upgraded(), App.battered())) {
            assertThat(App.query(app, "select count(*) > 0 from stop_sign")).isEqualTo("t");
            assertThat(App.query(app, NOT_HEARD)).isEqualTo("0");
        }
    }

    /** Two notes put together, and one that was taken back. */
    @Test
    void groundAndWeatherOfBeforeTheUpgradeAreKnown() {
        assertThat(
                        App.query(
                                App.battered(),
                                "select footing || ' ' || temperature_c || ' ' || humidity_pct from ridden_lesson where footing is not null"))
                .isEqualTo("DEEP 12 80");
    }

    /** Both left feet at once, marked on a clip before such a thing was observed on its rung. */
    @Test
    void landingsOfBeforeTheUpgradeAreOnTheirRung() {
        assertThat(
                        App.query(
                                App.battered(),
                                "select exercise || ' ' || rein || ' ' || feet || ' ' || lag_share from ridden_observed where kind = 'BEATS'"))
                .isEqualTo("tolt-stretches LEFT LEFT 60");
    }

    private static final String NOT_HEARD = """
            select count(*) from stop_sign s where not exists (
                select from horse_heard h
                where h.yard_id = s.yard_id and h.horse_id = s.horse_id and h.what = s.sign and h.last_at >= s.received_at)
            """;

    private static List<String> signsOf(String horse) {
        return coach.get("/api/v1/safety")
                .body()
                .path("horses")
                .valueStream()
                .filter(h -> h.path("name").asString().equals(horse))
                .flatMap(h -> h.path("signs").valueStream())
                .map(s -> s.path("sign").asString())
                .sorted()
                .toList();
    }

    @Test
    void theLookOfWhoeverLookedBeforeTheCoachPauses() {
        assertThat(signsOf("Fennel")).containsExactly("REFUSES_ONE_SIDE", "UNLEVEL");
    }

    @Test
    void rebuildingTheProjectionsChangesNoPause() {
        List<String> before = paused();
        List<String> fennel = signsOf("Fennel");
        App.upgraded().rebuilt();
        assertThat(paused()).isEqualTo(before);
        assertThat(signsOf("Fennel")).isEqualTo(fennel);
    }

    /** What the cached web of the version before would send, as it would. */
    @Test
    void whatWasNotSentIsSentAndCounts() {
        List<Map<String, Object>> entries = rows("coach", "entries");
        JsonNode answers =
                coach.post("/api/v1/entries", Map.of("entries", entries)).body().path("answers");
        assertThat(answers.valueStream().map(a -> a.path("outcome").asString()))
                .hasSize(entries.size())
                .allMatch(o -> o.equals("STORED") || o.equals("ALREADY"));
        JsonNode reported = as("rosalba")
                .post("/api/v1/practices", Map.of("practices", rows("rider", "practices")))
                .body()
                .path("answers");
        assertThat(reported.path(0).path("outcome").asString()).isIn("STORED", "ALREADY");
        assertThat(coach.get("/api/v1/safety")
                        .body()
                        .path("horses")
                        .valueStream()
                        .filter(h -> h.path("name").asString().equals("Sindri"))
                        .flatMap(h -> h.path("signs").valueStream())
                        .map(s -> s.path("sign").asString()))
                .contains("SORE_SPOT", "SWEAT_WITHOUT_WORK");
    }

    private static List<Map<String, Object>> rows(String whose, String table) {
        return left.path(whose)
                .path(table)
                .valueStream()
                .map(row -> {
                    Map<String, Object> bare = new LinkedHashMap<>(
                            Client.JSON.convertValue(row, new TypeReference<Map<String, Object>>() {}));
                    bare.remove("passage");
                    return bare;
                })
                .toList();
    }
}

package strophos.server.pair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** What is settled for a pair, and what a lesson or a stretch of it borrows, where it acts. */
class SettingsTest {

    private static final String SIDE_REINS = "side-reins.trot.circle";

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();

    private Client.Reply settle(int version, String... settled) {
        Map<String, Object> settings = new HashMap<>();
        for (int i = 0; i < settled.length; i += 2) {
            settings.put(settled[i], settled[i + 1]);
        }
        return coach.put("/api/v1/pairs/" + pair + "/settings", Map.of("version", version, "settings", settings));
    }

    private JsonNode get(String path) {
        Client.Reply reply = coach.get("/api/v1/" + path);
        assertThat(reply.status()).as("%s", reply.body()).isEqualTo(200);
        return reply.body();
    }

    private static List<String> texts(JsonNode list, String field) {
        return list.valueStream().map(n -> n.path(field).asString()).toList();
    }

    @Test
    void isChangedAtItsVersionAndSaidWithWhatTheSchoolHas() {
        JsonNode before = get("pairs/" + pair + "/school");
        assertThat(before.path("version").asInt()).isZero();
        assertThat(before.path("own").path("slack").isNull()).isTrue();

        JsonNode after = settle(0, "slack", "GOAL").body();
        assertThat(after.path("version").asInt()).isEqualTo(1);
        assertThat(after.path("own").path("slack").asString()).isEqualTo("GOAL");
        assertThat(after.path("schools")
                        .valueStream()
                        .map(s -> s.path("settings").path("slack").asString())
                        .distinct())
                .as("in every school")
                .containsExactly("GOAL");
        assertThat(settle(0, "slack", "FAULT").code()).isEqualTo("changed_meanwhile");
        assertThat(settle(1, "slack", "HARD").status()).isEqualTo(400);
        assertThat(settle(1).body().path("own").path("slack").isNull())
                .as("taken back")
                .isTrue();
    }

    @Test
    void decidesWhatIsOnTheStairAndSaysSoThere() {
        assertThat(texts(get("pairs/" + pair).path("stair"), "rung")).contains(SIDE_REINS);
        assertThat(get("pairs/" + pair).path("settled").isEmpty()).isTrue();

        settle(0, "sideReins", "NEVER", "order", "JAW_FIRST");
        JsonNode now = get("pairs/" + pair);
        assertThat(texts(now.path("stair"), "rung")).doesNotContain(SIDE_REINS);
        assertThat(texts(now.path("stair"), "strand").get(0)).isEqualTo("jaw");
        assertThat(texts(now.path("settled"), "exercise")).containsExactly("Surcingle and side reins");
        assertThat(now.path("first").path("order").asString()).isEqualTo("JAW_FIRST");
        assertThat(now.path("first").path("strands").valueStream().map(JsonNode::asString))
                .startsWith("jaw", "bend");
    }

    @Test
    void isSaidInThePlanAndBesideThePad() {
        settle(0, "leg", "OFF", "bit", "BITLESS", "landingLead", "CHANGED", "slack", "FAULT");
        String lesson = yard.lesson(pair);
        assertThat(texts(get("lessons/" + lesson + "/plan").path("plan").path("notes"), "code"))
                .contains("LEG_OFF_SETTLED");
        JsonNode packet = get("lessons/" + lesson + "/packet");
        assertThat(packet.path("settled").path("bit").asString()).isEqualTo("BITLESS");
        assertThat(packet.path("settled").path("slack").asString()).isEqualTo("FAULT");
        assertThat(packet.path("settled").path("landingLead").asString()).isEqualTo("CHANGED");
        assertThat(packet.path("headgear")
                        .path("all")
                        .valueStream()
                        .filter(h -> h.path("id").asString().equals("side-pull"))
                        .map(h -> h.path("bit").asString()))
                .containsExactly("BITLESS");
    }

    @Test
    void aLessonBorrowsASchoolAndGivesItBack() {
        String lesson = yard.lesson(pair);
        String school = "/api/v1/lessons/" + lesson + "/school";
        assertThat(coach.put(school, Map.of("school", "REWARD_BASED")).status()).isEqualTo(204);

        JsonNode packet = get("lessons/" + lesson + "/packet");
        assertThat(packet.path("lesson").path("borrowed").asString()).isEqualTo("REWARD_BASED");
        assertThat(packet.path("school").path("school").asString()).isEqualTo("REWARD_BASED");
        assertThat(packet.path("usual")
                        .valueStream()
                        .filter(u ->
                                packet.path("ownPads").has(u.path("exercise").asString()))
                        .map(u -> u.path("padKind").asString())
                        .distinct())
                .containsExactly("CHOICE");
        assertThat(texts(packet.path("rungs"), "exercise")).contains("target").doesNotContain("four-beats");
        assertThat(get("pairs/" + pair).path("school").asString())
                .as("the pair's own stays")
                .isEqualTo("GAITED");

        Map<String, Object> own = new HashMap<>();
        own.put("school", null);
        assertThat(coach.put(school, own).status()).isEqualTo(204);
        assertThat(get("lessons/" + lesson + "/packet")
                        .path("school")
                        .path("school")
                        .asString())
                .isEqualTo("GAITED");
    }

    @Test
    void aLessonThatHasBegunKeepsItsSchool() {
        String lesson = yard.lesson(pair);
        yard.send(List.of(yard.entry(lesson, "lesson_started", Map.of())));
        Client.Reply late = coach.put("/api/v1/lessons/" + lesson + "/school", Map.of("school", "CLASSICAL"));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.code()).isEqualTo("begun");
    }

    /** The segment's own policy, else the exercise's, else that of the school it is asked by (rules 6). */
    @Test
    void errorsAreLookedAtUnderThePolicyOfTheirStretch() {
        String lesson = yard.lesson(pair);
        List<Map<String, Object>> entries = new ArrayList<>(List.of(yard.entry(lesson, "lesson_started", Map.of())));
        entries.addAll(errors(lesson, Map.of(), true));
        entries.addAll(errors(lesson, Map.of("school", "REWARD_BASED"), false));
        entries.addAll(errors(lesson, Map.of("school", "REWARD_BASED", "correction", "PREVENT"), false));
        entries.add(yard.entry(lesson, "lesson_ended", Map.of()));
        yard.send(entries);

        JsonNode corrections =
                get("lessons/" + lesson + "/debrief").path("seen").path("corrections");
        assertThat(corrections.path("total").asInt()).isEqualTo(18);
        assertThat(corrections
                        .path("byPolicy")
                        .valueStream()
                        .map(c -> "%s %d of %d %s"
                                .formatted(
                                        c.path("policy").asString(),
                                        c.path("made").asInt(),
                                        c.path("total").asInt(),
                                        c.path("isConsistent").asString())))
                .containsExactly("AT_ONCE 6 of 6 true", "PREVENT 0 of 6 false", "IGNORE 0 of 6 true");
    }

    /** Six errors on an exercise that asks for no policy of its own. */
    private List<Map<String, Object>> errors(String lesson, Map<String, Object> how, boolean made) {
        Map<String, Object> ridden = new LinkedHashMap<>(Map.of(
                "exercise", "counter-bend", "gait", "WALK", "place", "RAIL", "rein", "LEFT", "mounted", "RIDER"));
        ridden.putAll(how);
        Map<String, Object> segment = yard.entry(lesson, "segment", ridden);
        List<Map<String, Object>> entries = new ArrayList<>(List.of(segment));
        for (int i = 0; i < 6; i++) {
            entries.add(yard.entry(lesson, "correction", Map.of("segment", segment.get("id"), "made", made)));
        }
        return entries;
    }
}

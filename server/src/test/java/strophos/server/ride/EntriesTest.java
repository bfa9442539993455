package strophos.server.ride;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class EntriesTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    @Test
    void storesEachEntryOnceHoweverOftenItIsSent() {
        String lesson = yard.lesson(yard.pair());
        List<Map<String, Object>> ride = yard.ride(lesson, 3, "TRY", 1, true);
        assertThat(outcomes(yard.send(ride))).containsOnly("STORED");
        assertThat(outcomes(yard.send(ride))).containsOnly("ALREADY");
        assertThat(log(lesson)).hasSize(ride.size());
    }

    @Test
    void givesTheSameDebriefInAnyOrderAndAnySplit() {
        String pair = yard.pair();
        String inOrder = yard.lesson(pair);
        yard.send(yard.ride(inOrder, 5, "BRACE", 2, true));
        String mixed = yard.lesson(pair);
        List<Map<String, Object>> ride = new ArrayList<>(yard.ride(mixed, 5, "BRACE", 2, true));
        Collections.shuffle(ride, new Random(3));
        yard.send(ride.subList(0, 5));
        yard.send(ride.subList(3, ride.size()));
        assertThat(yard.debrief(mixed).path("rows").path(0).path("pair"))
                .isEqualTo(yard.debrief(inOrder).path("rows").path(0).path("pair"));
    }

    /** Put on watch in one lesson for two weeks, ticked in the two after it: seen, then not. */
    @Test
    void looksAgainForWhatWasPutOnWatch() {
        String pair = yard.pair();
        String first = yard.lesson(pair);
        Map<String, Object> watch = yard.entry(
                first, "watch", Map.of("of", "fault", "name", "rein-given-away", "side", "LEFT", "weeks", 2));
        yard.send(List.of(watch));
        for (boolean seen : new boolean[] {true, false}) {
            yard.send(
                    List.of(yard.entry(yard.lesson(pair), "watched", Map.of("watch", watch.get("id"), "seen", seen))));
        }
        JsonNode on = packet(yard.lesson(pair)).path("watch");
        assertThat(on).hasSize(1);
        assertThat(on.get(0).path("name").asString()).isEqualTo("rein-given-away");
        assertThat(on.get(0).path("until").asString()).isEqualTo("2026-12-08");
        assertThat(on.get(0).path("asked").asInt() + " "
                        + on.get(0).path("seen").asInt())
                .isEqualTo("2 1");
        yard.send(List.of(yard.entry(first, "void", Map.of("target", watch.get("id")))));
        assertThat(packet(yard.lesson(pair)).path("watch")).isEmpty();
    }

    @Test
    void namesWhatThePairWasMarkedForBefore() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        List<Map<String, Object>> ride = yard.ride(lesson, 1, "YES", 0, false);
        Object segment = ride.get(1).get("id");
        for (String side : List.of("LEFT", "LEFT", "RIGHT")) {
            ride.add(yard.entry(lesson, "fault", Map.of("segment", segment, "name", "heel-up", "side", side)));
        }
        ride.add(yard.entry(
                lesson, "void", Map.of("target", ride.get(ride.size() - 1).get("id"))));
        yard.send(ride);
        assertThat(packet(lesson).path("seenBefore"))
                .as("a lesson's own are counted by its device")
                .isEmpty();
        JsonNode seen = packet(yard.lesson(pair)).path("seenBefore");
        assertThat(seen).hasSize(1);
        assertThat(seen.get(0).path("name").asString() + " "
                        + seen.get(0).path("side").asString() + " "
                        + seen.get(0).path("times").asInt())
                .isEqualTo("heel-up LEFT 2");
    }

    private static JsonNode packet(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/packet").body();
    }

    @Test
    void refusesAnotherContentUnderTheSameIdAndKeepsTheFirst() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> note = yard.entry(lesson, "note", Map.of("text", "first"));
        yard.send(List.of(note));
        Map<String, Object> other = new LinkedHashMap<>(note);
        other.put("payload", Map.of("text", "second"));
        JsonNode answers = yard.send(List.of(other));
        assertThat(codes(answers)).containsExactly("CONFLICT");
        assertThat(log(lesson).get(0).path("payload").path("text").asString()).isEqualTo("first");
    }

    @Test
    void neverFailsABatchForOneBadEntry() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> good = yard.entry(lesson, "note", Map.of("text", "good"));
        Map<String, Object> unknownKind = yard.entry(lesson, "from_tomorrow", Map.of("x", 1));
        Map<String, Object> badPayload = yard.entry(lesson, "exchange", Map.of("strength", 9));
        Map<String, Object> noId = yard.entry(lesson, "note", Map.of("text", "no id"));
        noId.remove("id");
        Map<String, Object> upperCase = yard.entry(lesson, "note", Map.of("text", "upper"));
        upperCase.put("id", upperCase.get("id").toString().toUpperCase());
        Map<String, Object> negative = yard.entry(lesson, "note", Map.of("text", "negative"));
        negative.put("atMs", -1);
        Map<String, Object> foreign = yard.entry(lesson, "note", Map.of("text", "foreign"));
        foreign.put("author", UUID.randomUUID().toString());
        Map<String, Object> nowhere = yard.entry(UUID.randomUUID().toString(), "note", Map.of("text", "x"));
        Map<String, Object> large = yard.entry(lesson, "note", Map.of("text", "x".repeat(9000)));
        JsonNode answers = yard.send(List.of(
                good, unknownKind, badPayload, noId, upperCase, negative, foreign, nowhere, large, "not an entry", 7));
        assertThat(outcomes(answers))
                .containsExactly(
                        "STORED",
                        "KEPT_ODD",
                        "KEPT_ODD",
                        "REFUSED",
                        "REFUSED",
                        "REFUSED",
                        "REFUSED",
                        "REFUSED",
                        "REFUSED",
                        "REFUSED",
                        "REFUSED");
        assertThat(codes(answers))
                .containsExactly(
                        "ENVELOPE",
                        "ENVELOPE",
                        "ENVELOPE",
                        "NOT_AUTHOR",
                        "UNKNOWN_LESSON",
                        "TOO_LARGE",
                        "ENVELOPE",
                        "ENVELOPE");
        assertThat(log(lesson)).hasSize(3);
        assertThat(yard.debrief(lesson).path("kept").asInt())
                .as("kept, shown, counted nowhere")
                .isEqualTo(2);
    }

    @Test
    void answersABatchThatIsNoBatchWithWhatIsWrong() {
        assertThat(coach.postText("/api/v1/entries", "{\"entries\": [").code()).isEqualTo("unreadable");
        assertThat(coach.postText("/api/v1/entries", "{}")
                        .body()
                        .path("issues")
                        .path(0)
                        .path("path")
                        .asString())
                .isEqualTo("entries");
        List<Map<String, Object>> many = Collections.nCopies(501, Map.of());
        assertThat(coach.post("/api/v1/entries", Map.of("entries", many))
                        .body()
                        .path("issues")
                        .path(0)
                        .path("code")
                        .asString())
                .isEqualTo("length");
        String huge = "{\"entries\": [\"" + "x".repeat(5_000_000) + "\"]}";
        assertThat(coach.postText("/api/v1/entries", huge).status()).isEqualTo(413);
    }

    @Test
    void putsEntriesOfSeveralLessonsWhereTheyBelong() {
        String pair = yard.pair();
        String first = yard.lesson(pair);
        String second = yard.lesson(pair);
        yard.send(List.of(
                yard.entry(first, "note", Map.of("text", "one")), yard.entry(second, "note", Map.of("text", "two"))));
        assertThat(log(first)).hasSize(1);
        assertThat(log(second)).hasSize(1);
    }

    @Test
    void keepsTheProjectionEqualToTheFold() {
        String lesson = yard.lesson(yard.pair());
        yard.send(yard.ride(lesson, 4, "WRONG", 2, true));
        JsonNode before = yard.debrief(lesson);
        Rebuild.Report report = App.demo().rebuilt();
        assertThat(report.lessons()).as("all of the demo's and the tests'").isGreaterThan(40);
        assertThat(report.lessonsChanged()).isZero();
        assertThat(report.pairsChanged()).isZero();
        assertThat(yard.debrief(lesson)).isEqualTo(before);
    }

    @Test
    void givesADeviceAllItNeedsToRideWithoutANetwork() {
        String lesson = yard.lesson(yard.pair());
        List<Map<String, Object>> ride = yard.ride(lesson, 1, "TRY", 1, false);
        yard.send(ride);
        JsonNode packet = coach.get("/api/v1/lessons/" + lesson + "/packet").body();
        assertThat(packet.path("entries").size()).isEqualTo(ride.size());
        assertThat(packet.path("rungs").size()).isGreaterThanOrEqualTo(6);
        assertThat(packet.path("serverMs").asLong()).isGreaterThanOrEqualTo(App.START.toEpochMilli());
    }

    private static List<JsonNode> log(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/entries")
                .body()
                .path("entries")
                .valueStream()
                .toList();
    }

    private static List<String> outcomes(JsonNode answers) {
        return answers.valueStream().map(a -> a.path("outcome").asString()).toList();
    }

    private static List<String> codes(JsonNode answers) {
        return answers.valueStream()
                .filter(a -> !a.path("code").isNull())
                .map(a -> a.path("code").asString())
                .toList();
    }
}

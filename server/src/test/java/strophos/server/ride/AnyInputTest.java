package strophos.server.ride;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SpecVersion;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.format.Draws;
import strophos.format.Format;
import strophos.format.SchemaReader;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Whatever a parser of JSON lets through: no batch fails, no lesson jams, and what was sent twice is the same. */
class AnyInputTest {

    private static final Path ROOT = Path.of(System.getProperty("strophos.root"));
    private static final Format FORMAT = SchemaReader.read(ROOT.resolve("format"));

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    /** A batch of entries whose payloads are these texts. */
    private static JsonNode send(List<Map<String, Object>> entries, List<String> payloads) {
        List<String> written = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            Map<String, Object> entry = new LinkedHashMap<>(entries.get(i));
            entry.remove("payload");
            String envelope = Client.JSON.writeValueAsString(entry);
            written.add(envelope.substring(0, envelope.length() - 1) + ",\"payload\":" + payloads.get(i) + "}");
        }
        Client.Reply reply = coach.postText("/api/v1/entries", "{\"entries\":[" + String.join(",", written) + "]}");
        assertThat(reply.status()).isEqualTo(200);
        return reply.body().path("answers");
    }

    private static List<String> outcomes(JsonNode answers) {
        return answers.valueStream().map(a -> a.path("outcome").asString()).toList();
    }

    @Test
    void keepsWhatCanBeKeptAndKnowsItAgainWhenItIsSentTwice() {
        String lesson = yard.lesson(yard.pair());
        List<Map<String, Object>> entries = new ArrayList<>();
        List<String> payloads = new ArrayList<>();
        for (Draws.Snippet odd : Draws.ODD) {
            entries.add(yard.entry(lesson, "from_tomorrow", Map.of()));
            payloads.add("{\"x\":" + odd.json() + "}");
        }
        assertThat(outcomes(send(entries, payloads)))
                .containsExactlyElementsOf(Draws.ODD.stream()
                        .map(odd -> odd.isPlain() ? "KEPT_ODD" : "REFUSED")
                        .toList());
        JsonNode again = send(entries, payloads);
        assertThat(outcomes(again))
                .as("numbers come back from the database written otherwise: 1e0 as 1, -0.0 as 0.0")
                .containsExactlyElementsOf(Draws.ODD.stream()
                        .map(odd -> odd.isPlain() ? "ALREADY" : "REFUSED")
                        .toList());
        assertThat(again.valueStream().map(a -> a.path("code").asString("")).filter(c -> !c.isEmpty()))
                .containsOnly("PAYLOAD");
    }

    /** A lesson of a hundred draws of every kind, sent in batches; everything that shows it still reads. */
    @Test
    void aLessonOfAnythingStillShows() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, 3, "TRY", 2, false));
        Draws draws = new Draws(new SplittableRandom(7));
        Set<String> outcomes = new HashSet<>();
        for (Format.Kind kind : FORMAT.kinds()) {
            List<Map<String, Object>> entries = new ArrayList<>();
            List<String> payloads = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                Map<String, Object> entry = yard.entry(lesson, kind.kind(), Map.of());
                entries.add(entry);
                payloads.add(
                        i % 2 == 0
                                ? draws.odd(kind, () -> entry.get("id").toString())
                                : draws.fitting(kind, () -> entry.get("id").toString()));
            }
            outcomes.addAll(outcomes(send(entries, payloads)));
        }
        assertThat(outcomes).containsExactlyInAnyOrder("STORED", "KEPT_ODD", "REFUSED");
        assertThat(yard.send(List.of(yard.entry(lesson, "lesson_ended", Map.of())))
                        .get(0)
                        .path("outcome")
                        .asString())
                .isEqualTo("STORED");
        for (String path : List.of(
                "debrief",
                "look",
                "plan",
                "homework",
                "packet",
                "entries",
                "files/entries.json",
                "files/entries.csv",
                "files/asks.csv",
                "files/tallies.csv")) {
            assertThat(coach.get("/api/v1/lessons/" + lesson + "/" + path).status())
                    .as(path)
                    .isEqualTo(200);
        }
        for (String path : List.of("pairs", "today", "safety", "pairs/" + pair, "pairs/" + pair + "/facts")) {
            assertThat(coach.get("/api/v1/" + path).status()).as(path).isEqualTo(200);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"-9223372036854775808", "9223372036854775807", "-1e300", "1e300", "18446744073709551617"})
    void aClockOutOfAllBoundsIsKeptAndMovesNothing(String offset) {
        String lesson = yard.lesson(yard.pair());
        yard.send(yard.ride(lesson, 2, "TRY", 1, false));
        JsonNode before =
                coach.get("/api/v1/lessons/" + lesson + "/debrief").body().path("rows");
        assertThat(outcomes(
                        send(List.of(yard.entry(lesson, "clock", Map.of())), List.of("{\"offsetMs\":" + offset + "}"))))
                .containsExactly("KEPT_ODD");
        assertThat(outcomes(yard.send(List.of(yard.entry(lesson, "note", Map.of("text", "goes on"))))))
                .containsExactly("STORED");
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/debrief").body().path("rows"))
                .isEqualTo(before);
    }

    @Test
    void aGaitNobodyHereKnowsIsRiddenAsItIsCalled() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        Map<String, Object> segment = yard.entry(
                lesson,
                "segment",
                Map.of(
                        "exercise",
                        "counter-bend",
                        "gait",
                        "TOLT",
                        "place",
                        "TRAIL",
                        "rein",
                        "LEFT",
                        "mounted",
                        "RIDER",
                        "stage",
                        "one-foot-on-the-ramp",
                        "side",
                        "RIGHT"));
        List<Map<String, Object>> ride =
                new ArrayList<>(List.of(yard.entry(lesson, "lesson_started", Map.of()), segment));
        for (int i = 0; i < 8; i++) {
            ride.add(yard.exchange(lesson, segment.get("id"), "YES"));
        }
        ride.add(yard.entry(lesson, "lesson_ended", Map.of()));
        assertThat(outcomes(yard.send(ride))).containsOnly("STORED");
        JsonNode row = yard.debrief(lesson).path("rows").path(0);
        assertThat(row.path("gait").asString() + " " + row.path("place").asString())
                .isEqualTo("TOLT TRAIL");
        for (String path : List.of("plan", "homework", "packet", "files/asks.csv")) {
            assertThat(coach.get("/api/v1/lessons/" + lesson + "/" + path).status())
                    .as(path)
                    .isEqualTo(200);
        }
        assertThat(coach.get("/api/v1/pairs/" + pair).status()).isEqualTo(200);
    }

    @Test
    void aNameThatStandsTwiceIsRefusedWithItsWholeBody() {
        String lesson = yard.lesson(yard.pair());
        String good = Client.JSON.writeValueAsString(yard.entry(lesson, "note", Map.of("text", "good")));
        String twice = good.replace("\"text\":", "\"text\":\"first\",\"text\":");
        Client.Reply reply = coach.postText("/api/v1/entries", "{\"entries\":[" + good + "," + twice + "]}");
        assertThat(reply.status() + " " + reply.code()).isEqualTo("400 name_twice");
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/entries").body().path("entries"))
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"\\u0000", "\\ud800", "\\udc00\\ud800"})
    void halfACharacterInANameIsNamedWithItsPlace(String half) {
        Client.Reply reply = coach.postText(
                "/api/v1/pairs", "{\"rider\":\"Rosalba" + half + "\",\"horse\":\"Sindri\",\"school\":\"GAITED\"}");
        assertThat(reply.status()).isEqualTo(400);
        assertThat(reply.body().path("issues").path(0).path("path").asString()).isEqualTo("rider");
    }

    /** á as one character and as a with its accent (Unicode Standard Annex 15, figure 3). */
    @Test
    void aNameIsKeptComposedAndATextOfTheLogAsItWasWritten() {
        String decomposed = "Rosalba\u0301";
        String pair = coach.postText(
                        "/api/v1/pairs",
                        "{\"rider\":\" " + decomposed + " \",\"horse\":\"Sindri\",\"school\":\"GAITED\"}")
                .body()
                .path("id")
                .asString();
        assertThat(coach.get("/api/v1/pairs/" + pair).body().path("rider").asString())
                .isEqualTo("Rosalb\u00e1");
        String lesson = yard.lesson(pair);
        yard.send(List.of(yard.entry(lesson, "note", Map.of("text", decomposed))));
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/entries")
                        .body()
                        .path("entries")
                        .path(0)
                        .path("payload")
                        .path("text")
                        .asString())
                .isEqualTo(decomposed);
    }

    /** The envelope is read as its schema says: a general validator is the oracle. */
    @Test
    void theEnvelopeIsWhatItsSchemaSays() throws JsonProcessingException {
        String lesson = yard.lesson(yard.pair());
        JsonSchema schema = JsonSchemaFactory.getInstance(
                        SpecVersion.VersionFlag.V202012,
                        b -> b.schemaMappers(m -> m.mapPrefix(
                                "strophos:/", ROOT.toUri().toString().replaceFirst("/?$", "/"))))
                .getSchema(SchemaLocation.of("strophos:/format/entry.json"));
        ObjectMapper exact = new ObjectMapper().enable(DeserializationFeature.USE_BIG_INTEGER_FOR_INTS);
        List<String> unlike = new ArrayList<>();
        for (String field : List.of("id", "lesson", "device", "author", "seq", "atMs", "kind", "v", "payload")) {
            List<String> values = new ArrayList<>(Draws.ODD.stream()
                    .filter(Draws.Snippet::isPlain)
                    .map(Draws.Snippet::json)
                    .toList());
            values.addAll(List.of("32767", "32768", "8640000000000000", "8640000000000001", "9007199254740992"));
            values.addAll(List.of("\"a\"", "\"note_2\"", "\"" + "a".repeat(40) + "\"", "\"" + "a".repeat(41) + "\""));
            // a line end at the end is what regular expressions of Java and of JSON Schema see differently
            values.removeIf(v -> v.endsWith("\\n\""));
            for (String value : values) {
                Map<String, Object> entry = yard.entry(lesson, "note", Map.of("text", "x"));
                String text = Client.JSON.writeValueAsString(entry);
                String old = "\"%s\":%s".formatted(field, Client.JSON.writeValueAsString(entry.get(field)));
                String sent = text.replace(old, "\"%s\":%s".formatted(field, value));
                boolean isValid = schema.validate(exact.readTree(whole(sent))).isEmpty();
                JsonNode answer = coach.postText("/api/v1/entries", "{\"entries\":[" + sent + "]}")
                        .body()
                        .path("answers")
                        .path(0);
                boolean isRefused = answer.path("code").asString("").equals("ENVELOPE");
                if (isValid == isRefused) {
                    unlike.add(field + " " + value + ": " + answer);
                }
            }
        }
        assertThat(unlike).isEmpty();
    }

    /** 1.0 as 1: to JSON Schema they are one number, to the validator's parser two. */
    private static String whole(String json) {
        return json.replaceAll(":(-?\\d+)(?:\\.0|e0)(?=[,}])", ":$1");
    }
}

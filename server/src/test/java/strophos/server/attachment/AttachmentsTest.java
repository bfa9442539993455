package strophos.server.attachment;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Samples;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/**
 * Voice notes and pictures beside the record. The Ogg page is the first of RFC 7845, 5.1.
 */
class AttachmentsTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static JsonNode speak(String lesson, String sha256) {
        return yard.send(List.of(yard.entry(lesson, "voice", Map.of("sha256", sha256, "durationMs", 700))))
                .path(0);
    }

    private static String header(HttpResponse<byte[]> reply, String name) {
        return reply.headers().firstValue(name).orElse("");
    }

    private static String path(String lesson, String sha256) {
        return "/api/v1/lessons/" + lesson + "/attachments/" + sha256;
    }

    /** The content with eight bytes more at its end, so that each test has its own digest. */
    private static byte[] own(byte[] content) {
        byte[] own = Arrays.copyOf(content, content.length + 8);
        byte[] tail = UUID.randomUUID().toString().substring(0, 8).getBytes(StandardCharsets.US_ASCII);
        System.arraycopy(tail, 0, own, content.length, tail.length);
        return own;
    }

    @ParameterizedTest
    @CsvSource({
        "voice.webm, video/webm",
        "voice.mp4, video/mp4",
        "dot.jpeg, image/jpeg",
        "dot.png, image/png",
        "dot.webp, image/webp"
    })
    void areTypedByTheirContent(String name, String type) throws Exception {
        byte[] content = own(Samples.of(name));
        String lesson = yard.lesson(yard.pair());
        String sha256 = Samples.digest(content);
        assertThat(speak(lesson, sha256).path("outcome").asString()).isEqualTo("STORED");
        assertThat(coach.putBytes(path(lesson, sha256), content).status()).isEqualTo(201);
        assertThat(coach.putBytes(path(lesson, sha256), content).status())
                .as("again")
                .isEqualTo(200);
        HttpResponse<byte[]> back = coach.fetch(path(lesson, sha256));
        assertThat(back.body()).isEqualTo(content);
        assertThat(header(back, "Content-Type")).isEqualTo(type);
        assertThat(header(back, "X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(header(back, "Content-Disposition")).startsWith("attachment");
    }

    @Test
    void oggIsTakenAndOtherThingsAreNot() throws Exception {
        byte[] page = HexFormat.of()
                .parseHex("4f67675300020000000000000000" + "01000000" + "00000000" + "00000000" + "01" + "13"
                        + "4f707573486561640101000080bb0000000000");
        assertThat(AttachmentType.of(page)).contains(AttachmentType.OGG);
        for (String other : List.of("<html><script>", "GIF89a", "%PDF-1.7", "", "#!/bin/sh")) {
            assertThat(AttachmentType.of(other.getBytes())).as(other).isEmpty();
        }
        byte[] html = ("<html>" + UUID.randomUUID()).getBytes();
        String lesson = yard.lesson(yard.pair());
        speak(lesson, Samples.digest(html));
        Client.Reply refused = coach.putBytes(path(lesson, Samples.digest(html)), html);
        assertThat(refused.status()).isEqualTo(415);
        assertThat(refused.body().path("code").asString()).isEqualTo("unknown_type");
    }

    @Test
    void areRefusedWhereNothingNamesThemOrTheyAreNotWhatTheyAreCalled() throws Exception {
        byte[] content = own(Samples.of("voice.webm"));
        String lesson = yard.lesson(yard.pair());
        assertThat(coach.putBytes(path(lesson, Samples.digest(content)), content)
                        .body()
                        .path("code")
                        .asString())
                .isEqualTo("not_named");
        String other = "0".repeat(64);
        speak(lesson, other);
        assertThat(coach.putBytes(path(lesson, other), content)
                        .body()
                        .path("issues")
                        .path(0)
                        .path("code")
                        .asString())
                .isEqualTo("not_the_content");
        assertThat(coach.fetch(path(lesson, other)).statusCode()).isEqualTo(404);
        assertThat(coach.fetch(path(lesson, "..%2f")).statusCode()).isIn(400, 404);
    }

    @Test
    void comeWithTheFilesOfTheLesson() throws Exception {
        byte[] content = own(Samples.of("voice.webm"));
        String lesson = yard.lesson(yard.pair());
        speak(lesson, Samples.digest(content));
        coach.putBytes(path(lesson, Samples.digest(content)), content);
        byte[] zip = coach.fetch("/api/v1/lessons/" + lesson + "/files/attachments.zip")
                .body();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            assertThat(in.getNextEntry().getName()).isEqualTo(Samples.digest(content) + ".webm");
            assertThat(in.readAllBytes()).isEqualTo(content);
            assertThat(in.getNextEntry()).isNull();
        }
        assertThat(yard.debrief(lesson).path("voices").path(0).path("sha256").asString())
                .isEqualTo(Samples.digest(content));
        assertThat(coach.get("/api/v1/attachments").body().path("bytes").asLong())
                .isGreaterThanOrEqualTo(content.length);
    }

    /** Without a guardian a rider is grown up; with one only the guardian's word opens it, and taking it back deletes the sound. */
    @Test
    void aMinorsVoiceIsKeptOnlyWithConsent() throws Exception {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        byte[] content = own(Samples.of("voice.webm"));
        String sha256 = Samples.digest(content);
        String packet = "/api/v1/lessons/" + lesson + "/packet";
        assertThat(coach.get(packet).body().path("maySpeak").asBoolean()).isTrue();
        coach.post("/api/v1/pairs/" + pair + "/guardians", Map.of("name", "Henrik Falk"));
        assertThat(coach.get(packet).body().path("maySpeak").asBoolean()).isFalse();
        assertThat(speak(lesson, sha256).path("code").asString()).isEqualTo("NO_CONSENT");

        assertThat(say(pair, true).path("mayRecord").asBoolean()).isTrue();
        assertThat(coach.get(packet).body().path("maySpeak").asBoolean()).isTrue();
        assertThat(speak(lesson, sha256).path("outcome").asString()).isEqualTo("STORED");
        assertThat(coach.putBytes(path(lesson, sha256), content).status()).isEqualTo(201);

        JsonNode after = say(pair, false);
        assertThat(after.path("mayRecord").asBoolean()).isFalse();
        assertThat(after.path("latest").path("saidBy").asString()).isEqualTo("Henrik Falk");
        assertThat(coach.fetch(path(lesson, sha256)).statusCode()).isEqualTo(404);
        assertThat(coach.putBytes(path(lesson, sha256), content)
                        .body()
                        .path("code")
                        .asString())
                .as("a device that comes late brings nothing back")
                .isEqualTo("no_consent");
    }

    /** The words and the points are kept either way; only the picture waits for a guardian, and goes with the guardian's word. */
    @Test
    void aMinorsStillsAreKeptOnlyWithConsentOfTheirOwn() throws Exception {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        byte[] content = own(Samples.of("dot.jpeg"));
        byte[] measured = own(Samples.of("dot.jpeg"));
        String packet = "/api/v1/lessons/" + lesson + "/packet";
        assertThat(coach.get(packet).body().path("mayKeepStills").asBoolean()).isTrue();
        coach.post("/api/v1/pairs/" + pair + "/guardians", Map.of("name", "Henrik Falk"));
        say(pair, true);
        assertThat(coach.get(packet).body().path("mayKeepStills").asBoolean())
                .as("a word on voices says nothing of pictures")
                .isFalse();
        assertThat(comment(lesson, Map.of("still", Samples.digest(content)))
                        .path("outcome")
                        .asString())
                .isEqualTo("STORED");
        assertThat(measure(lesson, Samples.digest(measured)).path("outcome").asString())
                .isEqualTo("STORED");
        assertThat(coach.putBytes(path(lesson, Samples.digest(content)), content)
                        .body()
                        .path("code")
                        .asString())
                .isEqualTo("no_consent");

        assertThat(say("picture-consent", pair, true).path("mayRecord").asBoolean())
                .isTrue();
        assertThat(coach.get(packet).body().path("mayKeepStills").asBoolean()).isTrue();
        for (byte[] still : List.of(content, measured)) {
            assertThat(coach.putBytes(path(lesson, Samples.digest(still)), still)
                            .status())
                    .isEqualTo(201);
            assertThat(coach.fetch(path(lesson, Samples.digest(still))).body()).isEqualTo(still);
        }
        say("picture-consent", pair, false);
        for (byte[] still : List.of(content, measured)) {
            assertThat(coach.fetch(path(lesson, Samples.digest(still))).statusCode())
                    .isEqualTo(404);
        }
    }

    /** What is spoken on a clip is a voice note; that it is taken back leaves the stills. */
    @Test
    void aVoiceOnAClipGoesWithTheWordOnVoices() throws Exception {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        byte[] still = own(Samples.of("dot.jpeg"));
        byte[] sound = own(Samples.of("voice.webm"));
        comment(
                lesson,
                Map.of(
                        "still",
                        Samples.digest(still),
                        "spoken",
                        Map.of("sha256", Samples.digest(sound), "durationMs", 700)));
        for (byte[] kept : List.of(still, sound)) {
            assertThat(coach.putBytes(path(lesson, Samples.digest(kept)), kept).status())
                    .as("a grown-up")
                    .isEqualTo(201);
        }
        coach.post("/api/v1/pairs/" + pair + "/guardians", Map.of("name", "Henrik Falk"));
        say(pair, true);
        say(pair, false);
        assertThat(coach.fetch(path(lesson, Samples.digest(sound))).statusCode())
                .isEqualTo(404);
        assertThat(coach.fetch(path(lesson, Samples.digest(still))).statusCode())
                .isEqualTo(200);
    }

    private static JsonNode comment(String lesson, Map<String, Object> more) {
        Map<String, Object> said = new HashMap<>(more);
        said.put("at", Map.of("base", clip(lesson), "ms", 4_300));
        said.put("text", "Here.");
        return yard.send(List.of(yard.entry(lesson, "comment", said))).path(0);
    }

    private static JsonNode measure(String lesson, String still) {
        Map<String, Object> said = Map.of(
                "at",
                Map.of("base", clip(lesson), "ms", 4_300),
                "shape",
                "EARS",
                "width",
                640,
                "height",
                360,
                "points",
                List.of(Map.of("x", 300, "y", 150), Map.of("x", 250, "y", 112)),
                "withinPx",
                2,
                "still",
                still);
        return yard.send(List.of(yard.entry(lesson, "frame_measure", said))).path(0);
    }

    private static Object clip(String lesson) {
        Map<String, Object> file =
                Map.of("fileName", "mine.mp4", "bytes", 9, "durationMs", 31_000, "digest", "ab".repeat(32));
        Map<String, Object> base = yard.entry(lesson, "time_base", Map.of("source", "CLIP", "clip", file));
        yard.send(List.of(base));
        return base.get("id");
    }

    private static JsonNode say(String pair, boolean isGiven) {
        return say("voice-consent", pair, isGiven);
    }

    private static JsonNode say(String consent, String pair, boolean isGiven) {
        return coach.post(
                        "/api/v1/pairs/" + pair + "/" + consent,
                        Map.of("id", UUID.randomUUID(), "given", isGiven, "saidBy", "Henrik Falk"))
                .body();
    }
}

package strophos.server.attachment;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Arrays;
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
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/**
 * Voice notes and pictures beside the record. The samples were made by Chromium 156: its MediaRecorder (webm, mp4) and its canvas
 * (jpeg, png, webp); the Ogg page is the first of RFC 7845, 5.1.
 */
class AttachmentsTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static byte[] sample(String name) throws IOException {
        try (InputStream in = AttachmentsTest.class.getResourceAsStream("/attachment/" + name)) {
            return in.readAllBytes();
        }
    }

    private static String digest(byte[] content) throws Exception {
        return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
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
        byte[] content = own(sample(name));
        String lesson = yard.lesson(yard.pair());
        String sha256 = digest(content);
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
        speak(lesson, digest(html));
        Client.Reply refused = coach.putBytes(path(lesson, digest(html)), html);
        assertThat(refused.status()).isEqualTo(415);
        assertThat(refused.body().path("code").asString()).isEqualTo("unknown_type");
    }

    @Test
    void areRefusedWhereNothingNamesThemOrTheyAreNotWhatTheyAreCalled() throws Exception {
        byte[] content = own(sample("voice.webm"));
        String lesson = yard.lesson(yard.pair());
        assertThat(coach.putBytes(path(lesson, digest(content)), content)
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
        byte[] content = own(sample("voice.webm"));
        String lesson = yard.lesson(yard.pair());
        speak(lesson, digest(content));
        coach.putBytes(path(lesson, digest(content)), content);
        byte[] zip = coach.fetch("/api/v1/lessons/" + lesson + "/files/attachments.zip")
                .body();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            assertThat(in.getNextEntry().getName()).isEqualTo(digest(content) + ".webm");
            assertThat(in.readAllBytes()).isEqualTo(content);
            assertThat(in.getNextEntry()).isNull();
        }
        assertThat(yard.debrief(lesson).path("voices").path(0).path("sha256").asString())
                .isEqualTo(digest(content));
        assertThat(coach.get("/api/v1/attachments").body().path("bytes").asLong())
                .isGreaterThanOrEqualTo(content.length);
    }

    /** Without a guardian a rider is grown up; with one only the guardian's word opens it, and taking it back deletes the sound. */
    @Test
    void aMinorsVoiceIsKeptOnlyWithConsent() throws Exception {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        byte[] content = own(sample("voice.webm"));
        String sha256 = digest(content);
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

    private static JsonNode say(String pair, boolean isGiven) {
        return coach.post(
                        "/api/v1/pairs/" + pair + "/voice-consent",
                        Map.of("id", UUID.randomUUID(), "given", isGiven, "saidBy", "Henrik Falk"))
                .body();
    }
}

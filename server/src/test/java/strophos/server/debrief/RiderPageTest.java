package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Samples;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Riders and guardians see what was chosen, and nothing else. */
class RiderPageTest {

    private static Client coach;
    private static Client imre;
    private static Client tobiah;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        imre = App.demo().as("imre");
        tobiah = App.demo().as("tobiah");
        yard = new Yard(coach);
    }

    private static Client.Reply page(Client who, String lesson) {
        return who.get("/api/v1/lessons/" + lesson + "/for-rider");
    }

    @Test
    void theRiderReadsTheChosenPartsAndNobodyElsesRiderDoes() {
        String lesson = yard.lesson(yard.pairOf("Tamarack"));
        yard.send(yard.ride(lesson, 9, "TRY", 1, true));
        assertThat(page(imre, lesson).status()).as("nothing is shown yet").isEqualTo(404);
        Map<String, Object> shown = yard.entry(
                lesson,
                "for_rider",
                Map.of(
                        "homework",
                        false,
                        "think",
                        "Look where you go.",
                        "better",
                        List.of(
                                Map.of("rung", "counter-bend.walk.rail", "better", "SINCE"),
                                Map.of("rung", "levade.walk.rail", "better", "SINCE"))));
        yard.send(List.of(shown));
        JsonNode read = page(imre, lesson).body();
        assertThat(read.path("think").asString()).isEqualTo("Look where you go.");
        assertThat(read.path("better").valueStream().map(b -> b.path("name").asString()))
                .as("what is not in the library is left out")
                .containsExactly("Counter-bend on the rail");
        assertThat(read.path("homework").isEmpty()).isTrue();
        assertThat(read.has("rows")).as("no numbers").isFalse();
        assertThat(page(tobiah, lesson).status()).isEqualTo(404);
        assertThat(imre.get("/api/v1/lessons/" + lesson + "/debrief").status()).isEqualTo(403);
        assertThat(imre.get("/api/v1/for-rider").body().path("pages").valueStream())
                .anyMatch(p -> p.path("lesson").asString().equals(lesson));
        yard.send(List.of(yard.entry(lesson, "void", Map.of("target", shown.get("id")))));
        assertThat(page(imre, lesson).status()).as("taken back").isEqualTo(404);
    }

    /** In a lesson nobody rode: what is planted in this pair's last lessons is read by other tests. */
    @Test
    void whatWasSaidOnClipsIsReadWhereItWasChosen() {
        String lesson = yard.lesson(yard.pairOf("Tamarack"));
        Map<String, Object> file =
                Map.of("fileName", "mine.mp4", "bytes", 9, "durationMs", 31_000, "digest", "ab".repeat(32));
        Map<String, Object> clip = yard.entry(lesson, "time_base", Map.of("source", "CLIP", "clip", file));
        Map<String, Object> at = Map.of("base", clip.get("id"), "ms", 4_300);
        yard.send(List.of(
                clip,
                yard.entry(lesson, "time_base", Map.of("source", "CLIP", "clip", file, "copyOf", clip.get("id"))),
                yard.entry(
                        lesson,
                        "comment",
                        Map.of(
                                "at",
                                at,
                                "untilMs",
                                9_000,
                                "text",
                                "Heel down.",
                                "cannotTell",
                                true,
                                "film",
                                List.of(Map.of("shot", "BEHIND")))),
                yard.entry(lesson, "for_rider", Map.of("homework", false))));
        assertThat(page(imre, lesson).body().path("clips")).as("not chosen").isEmpty();
        yard.send(List.of(yard.entry(lesson, "for_rider", Map.of("homework", false, "clips", true))));
        JsonNode shown = page(imre, lesson).body().path("clips").path(0);
        assertThat(shown.path("name").asString()).isEqualTo("mine.mp4");
        assertThat(shown.path("files")).as("the clip and its copy").hasSize(2);
        JsonNode said = shown.path("comments").path(0);
        assertThat(said.path("atMs").asInt()).isEqualTo(4_300);
        assertThat(said.path("untilMs").asInt()).isEqualTo(9_000);
        assertThat(said.path("text").asString()).isEqualTo("Heel down.");
        assertThat(said.path("cannotTell").asBoolean()).isTrue();
        assertThat(said.path("film").valueStream().map(JsonNode::asString)).containsExactly("BEHIND");
    }

    /** A still of what was shown is seen; one that was measured stays with the coach, and neither is seen by another rider. */
    @Test
    void aStillIsSeenWithTheWordsItBelongsTo() throws Exception {
        String lesson = yard.lesson(yard.pairOf("Tamarack"));
        // another test may have given this rider a guardian
        coach.post(
                "/api/v1/pairs/" + yard.pairOf("Tamarack") + "/picture-consent",
                Map.of("id", UUID.randomUUID(), "given", true, "saidBy", "Basma"));
        byte[] picture = Samples.of("dot.jpeg");
        byte[] measured = Arrays.copyOf(picture, picture.length + 1);
        Map<String, Object> file =
                Map.of("fileName", "mine.mp4", "bytes", 9, "durationMs", 31_000, "digest", "ab".repeat(32));
        Map<String, Object> clip = yard.entry(lesson, "time_base", Map.of("source", "CLIP", "clip", file));
        Map<String, Object> moment = Map.of("base", clip.get("id"), "ms", 4_300);
        List<Map<String, Object>> points = List.of(Map.of("x", 300, "y", 150), Map.of("x", 250, "y", 112));
        yard.send(List.of(
                clip,
                yard.entry(
                        lesson,
                        "comment",
                        Map.of(
                                "at",
                                moment,
                                "text",
                                "Heel down.",
                                "still",
                                Samples.digest(picture),
                                "drawing",
                                Map.of("width", 640, "height", 360, "strokes", List.of(Map.of("points", points))))),
                yard.entry(
                        lesson,
                        "frame_measure",
                        Map.of(
                                "at",
                                moment,
                                "shape",
                                "EARS",
                                "width",
                                640,
                                "height",
                                360,
                                "points",
                                points,
                                "withinPx",
                                2,
                                "still",
                                Samples.digest(measured)))));
        for (byte[] content : List.of(picture, measured)) {
            String at = "/api/v1/lessons/" + lesson + "/attachments/" + Samples.digest(content);
            assertThat(coach.putBytes(at, content).status()).isEqualTo(201);
        }
        yard.send(List.of(yard.entry(lesson, "for_rider", Map.of("homework", false))));
        String still = "/api/v1/lessons/" + lesson + "/for-rider/stills/";
        assertThat(imre.fetch(still + Samples.digest(picture)).statusCode())
                .as("not chosen")
                .isEqualTo(404);
        yard.send(List.of(yard.entry(lesson, "for_rider", Map.of("homework", false, "clips", true))));
        JsonNode said =
                page(imre, lesson).body().path("clips").path(0).path("comments").path(0);
        assertThat(said.path("still").asString()).isEqualTo(Samples.digest(picture));
        assertThat(said.path("drawing").path("strokes").path(0).path("points")).hasSize(2);
        assertThat(imre.fetch(still + Samples.digest(picture)).body()).isEqualTo(picture);
        assertThat(imre.fetch(still + Samples.digest(measured)).statusCode()).isEqualTo(404);
        assertThat(tobiah.fetch(still + Samples.digest(picture)).statusCode()).isEqualTo(404);
        JsonNode frame =
                yard.debrief(lesson).path("clips").path(0).path("frames").path(0);
        assertThat(frame.path("tells").path(0).path("of").asString()).isEqualTo("NECK_RISE");
        assertThat(frame.path("tells").path(0).path("value").asDouble()).isCloseTo(37.2, within(0.1));
    }

    @Test
    void aVoiceThatWasNotChosenIsNotHeard() {
        String lesson = yard.lesson(yard.pairOf("Tamarack"));
        yard.send(yard.ride(lesson, 1, "TRY", 1, true));
        String sound = "ab".repeat(32);
        yard.send(List.of(yard.entry(lesson, "for_rider", Map.of("homework", true))));
        assertThat(imre.get("/api/v1/lessons/" + lesson + "/for-rider/voices/" + sound)
                        .status())
                .isEqualTo(404);
    }
}

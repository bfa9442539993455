package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
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

    private static String pairOf(String horse) {
        return coach.get("/api/v1/pairs/names")
                .body()
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals(horse))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    private static Client.Reply page(Client who, String lesson) {
        return who.get("/api/v1/lessons/" + lesson + "/for-rider");
    }

    @Test
    void theRiderReadsTheChosenPartsAndNobodyElsesRiderDoes() {
        String lesson = yard.lesson(pairOf("Tamarack"));
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
        String lesson = yard.lesson(pairOf("Tamarack"));
        Map<String, Object> file =
                Map.of("fileName", "mine.mp4", "bytes", 9, "durationMs", 31_000, "digest", "ab".repeat(32));
        Map<String, Object> clip = yard.entry(lesson, "time_base", Map.of("source", "CLIP", "clip", file));
        Map<String, Object> at = Map.of("base", clip.get("id"), "ms", 4_300);
        yard.send(List.of(
                clip,
                yard.entry(lesson, "time_base", Map.of("source", "CLIP", "clip", file, "copyOf", clip.get("id"))),
                yard.entry(lesson, "comment", Map.of("at", at, "untilMs", 9_000, "text", "Heel down.")),
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
    }

    @Test
    void aVoiceThatWasNotChosenIsNotHeard() {
        String lesson = yard.lesson(pairOf("Tamarack"));
        yard.send(yard.ride(lesson, 1, "TRY", 1, true));
        String sound = "ab".repeat(32);
        yard.send(List.of(yard.entry(lesson, "for_rider", Map.of("homework", true))));
        assertThat(imre.get("/api/v1/lessons/" + lesson + "/for-rider/voices/" + sound)
                        .status())
                .isEqualTo(404);
    }
}

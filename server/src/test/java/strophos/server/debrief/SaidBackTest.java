package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Riders read what was said on their clips and say something back; the coach sees both, and answers. */
class SaidBackTest {

    private static Client coach;
    private static Client rosalba;
    private static Client tobiah;
    private static Yard yard;

    /** Of her own: what the demo's pairs tell is read by other tests. */
    private static String pair;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        tobiah = App.demo().as("tobiah");
        yard = new Yard(coach);
        pair = yard.pair();
        rosalba = yard.invited(pair, "RIDER");
    }

    /** A lesson on a video of Rosalba's, and a comment on it that she is shown. */
    private static class OnVideo {

        final String lesson = UUID.randomUUID().toString();
        final Map<String, Object> comment;
        final Map<String, Object> shown;

        OnVideo(String pair) {
            Client.Reply added =
                    coach.post("/api/v1/lessons", Map.of("id", lesson, "pair", pair, "minutes", 15, "isOnVideo", true));
            assertThat(added.status()).isEqualTo(201);
            Map<String, Object> file =
                    Map.of("fileName", "mine.mp4", "bytes", 9, "durationMs", 31_000, "digest", "ab".repeat(32));
            Map<String, Object> clip = yard.entry(lesson, "time_base", Map.of("source", "CLIP", "clip", file));
            comment = yard.entry(
                    lesson, "comment", Map.of("at", Map.of("base", clip.get("id"), "ms", 4_300), "text", "Heel down."));
            shown = yard.entry(lesson, "for_rider", Map.of("homework", true, "clips", true));
            yard.send(List.of(
                    yard.entry(lesson, "lesson_started", Map.of()),
                    clip,
                    comment,
                    yard.entry(lesson, "lesson_ended", Map.of()),
                    shown));
        }

        String words() {
            return "/api/v1/lessons/" + lesson + "/words";
        }

        Client.Reply say(Client who, Object comment, String text) {
            return who.post(words(), Map.of("id", UUID.randomUUID(), "comment", comment, "text", text));
        }

        Client.Reply say(Client who, String text) {
            return say(who, comment.get("id"), text);
        }

        /** On the coach's Today. */
        List<String> onToday() {
            return coach.get("/api/v1/inbox")
                    .body()
                    .path("words")
                    .valueStream()
                    .filter(w -> w.path("lesson").asString().equals(lesson))
                    .map(w -> w.path("by").asString() + ": " + w.path("text").asString())
                    .toList();
        }
    }

    @Test
    void aRiderReadsAndAnswersAndTheCoachSeesBoth() {
        OnVideo video = new OnVideo(pair);
        assertThat(coach.get(video.words()).body().path("readings")).isEmpty();
        assertThat(rosalba.post(video.words() + "/read", Map.of()).status()).isEqualTo(204);
        assertThat(video.say(rosalba, "  Which heel? ").status()).isEqualTo(201);
        assertThat(video.say(rosalba, "The left, I think.").status()).isEqualTo(201);
        JsonNode seen = coach.get(video.words()).body();
        assertThat(seen.path("readings").valueStream().map(r -> r.path("name").asString()))
                .containsExactly("Rosalba Thiele");
        assertThat(seen.path("words").valueStream().map(w -> w.path("text").asString()))
                .containsExactly("Which heel?", "The left, I think.");
        assertThat(seen.path("words").path(0).path("comment").asString()).isEqualTo(video.comment.get("id"));
        assertThat(seen.path("words").path(0).path("isOwn").asBoolean()).isFalse();
        assertThat(video.onToday())
                .as("a line a lesson, the latest")
                .containsExactly("Rosalba Thiele: The left, I think.");
        assertThat(coach.post(video.words() + "/read", Map.of()).status()).isEqualTo(204);
        assertThat(video.onToday()).as("the coach has read it").isEmpty();
        assertThat(coach.get(video.words()).body().path("readings"))
                .as("only riders and guardians are told")
                .hasSize(1);
        assertThat(line(rosalba, video.lesson).path("wordBy").isNull()).isTrue();
        assertThat(video.say(coach, "Yes, the left.").status()).isEqualTo(201);
        assertThat(line(rosalba, video.lesson).path("wordBy").asString())
                .as("said since the rider read the page last")
                .isEqualTo("Ottilie Brandvold");
        rosalba.post(video.words() + "/read", Map.of());
        assertThat(line(rosalba, video.lesson).path("wordBy").isNull()).isTrue();
    }

    private static JsonNode line(Client rider, String lesson) {
        return rider.get("/api/v1/for-rider")
                .body()
                .path("pages")
                .valueStream()
                .filter(p -> p.path("lesson").asString().equals(lesson))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void nothingIsSaidWhereNothingIsShown() {
        OnVideo video = new OnVideo(pair);
        assertThat(video.say(tobiah, "Not mine.").status()).isEqualTo(404);
        assertThat(tobiah.post(video.words() + "/read", Map.of()).status()).isEqualTo(404);
        Client.Reply toNothing = video.say(rosalba, UUID.randomUUID(), "To what?");
        assertThat(toNothing.status()).isEqualTo(422);
        assertThat(toNothing.body().path("issues").path(0).path("path").asString())
                .isEqualTo("comment");
        assertThat(video.say(rosalba, " ").status()).isEqualTo(422);
        assertThat(video.say(rosalba, "x".repeat(601)).status()).isEqualTo(422);
        yard.send(List.of(yard.entry(video.lesson, "void", Map.of("target", video.shown.get("id")))));
        assertThat(video.say(rosalba, "Too late?").status()).isEqualTo(404);
        assertThat(rosalba.get(video.words()).body().path("isShown").asBoolean())
                .isFalse();
        assertThat(rosalba.get(video.words()).body().path("words")).isEmpty();
    }

    @Test
    void aRepeatedWordIsKeptOnceAndNoLessonIsTalkedOverWithoutEnd() {
        OnVideo video = new OnVideo(pair);
        Map<String, Object> word = Map.of("id", UUID.randomUUID(), "comment", video.comment.get("id"), "text", "Once.");
        assertThat(rosalba.post(video.words(), word).status()).isEqualTo(201);
        assertThat(rosalba.post(video.words(), word).status()).isEqualTo(201);
        assertThat(rosalba.get(video.words()).body().path("words")).hasSize(1);
        for (int i = 1; i < 100; i++) {
            video.say(rosalba, "And " + i);
        }
        Client.Reply full = video.say(rosalba, "One more.");
        assertThat(full.status()).isEqualTo(409);
        assertThat(full.code()).isEqualTo("many_words");
        assertThat(rosalba.get(video.words()).body().path("words")).hasSize(100);
        coach.post(video.words() + "/read", Map.of());
    }

    @Test
    void aLessonOnVideoStandsOnTodayAndIsAboutWhatThePairIsLearning() {
        OnVideo video = new OnVideo(yard.pairOf("Skerry"));
        JsonNode today = coach.get("/api/v1/today")
                .body()
                .path("lessons")
                .valueStream()
                .filter(l -> l.path("lesson").path("id").asString().equals(video.lesson))
                .findFirst()
                .orElseThrow();
        assertThat(today.path("isOnVideo").asBoolean()).isTrue();
        JsonNode drafts = coach.get("/api/v1/lessons/" + video.lesson + "/homework")
                .body()
                .path("drafts");
        assertThat(drafts.valueStream().map(d -> d.path("rung").asString()))
                .as("nothing was asked on it: the rung in work")
                .hasSize(1);
        String met = yard.lesson(yard.pairOf("Skerry"));
        assertThat(coach.get("/api/v1/lessons/" + met + "/homework").body().path("drafts"))
                .as("one that is met for is about what was ridden")
                .isEmpty();
    }
}

package strophos.server.ride;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Whose a device is, and which times are believed: of what comes in now, and of what the version before had stored. */
class ClocksTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static Map<String, Object> by(Client author, Map<String, Object> entry) {
        entry.put("author", author.person());
        return entry;
    }

    private static String code(Client who, Map<String, Object> entry) {
        JsonNode answer = who.post("/api/v1/entries", Map.of("entries", List.of(entry)))
                .body()
                .path("answers")
                .path(0);
        return answer.path("outcome").asString() + answer.path("code").asString("");
    }

    @Test
    void aDeviceBelongsToWhoeverWroteOnItFirst() {
        String lesson = yard.lesson(yard.pair());
        yard.send(List.of(yard.entry(lesson, "lesson_started", Map.of())));
        Client kwame = App.demo().as("kwame");
        Map<String, Object> clock = by(kwame, yard.entry(lesson, "clock", Map.of("offsetMs", 315_360_000_000L)));
        assertThat(code(kwame, clock)).isEqualTo("REFUSEDFOREIGN_DEVICE");
        clock.put("device", "0f0f0000-0000-4000-8000-00000000c10c");
        assertThat(code(kwame, clock)).as("on a device of his own").isEqualTo("STORED");
        assertThat(startedAt(lesson)).isEqualTo(App.START.toString().substring(0, 10));
    }

    @Test
    void aLessonThatSomebodySaysBeginsInAnotherCenturyDoesNot() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> started = yard.entry(lesson, "lesson_started", Map.of());
        started.put("atMs", Instant.parse("2091-01-01T00:00:00Z").toEpochMilli());
        yard.send(List.of(started));
        assertThat(startedAt(lesson)).isEmpty();
        yard.send(List.of(yard.entry(lesson, "lesson_started", Map.of())));
        assertThat(startedAt(lesson)).isEqualTo(App.START.toString().substring(0, 10));
    }

    private static String startedAt(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/packet")
                .body()
                .path("lesson")
                .path("startedAt")
                .asString("")
                .split("T")[0];
    }

    /** The coach had moved a note of the assistant's by ten years; it stands where the assistant wrote it again. */
    @Test
    void whatTheVersionBeforeStoredIsReadAgain() throws IOException {
        Client ottilie = App.oddClocks().client();
        ottilie.signIn("ottilie", "saltmarsh-ford");
        JsonNode left;
        try (InputStream in = ClocksTest.class.getResourceAsStream("/upgrade/v8-device.json")) {
            left = Client.JSON.readTree(in.readAllBytes());
        }
        JsonNode lesson = ottilie.get(
                        "/api/v1/lessons/" + left.path("lessons").path("bent").asString() + "/debrief")
                .body();
        assertThat(lesson.path("notes").valueStream())
                .extracting(n -> n.path("text").asString())
                .contains("Held by the fence.")
                .doesNotContain("From the year 2100.");
    }
}

package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A yard and two devices that the version before filled, opened by this one: all is sent, and counts. */
class UpgradeTest {

    private static final String PASSWORD = "saltmarsh-ford";

    private static final List<String> ODD_KINDS = List.of("lesson_started", "lesson_ended", "rest", "note");

    private static AppProcess app;
    private static JsonNode left;

    @BeforeAll
    static void start() throws IOException {
        app = Stage.upgraded("upgraded");
        left = Visitor.JSON.readTree(Files.readString(Stage.LEFT.resolve("v6-device.json")));
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static Visitor withTheirDevice(String name, String whose, int width, int height) {
        return LeftDevice.of(left, whose, app.port(), width, height).signInOnScreen(name, PASSWORD);
    }

    @Test
    void everythingIsSentAndStopsWhatMustNotGoOn() {
        try (Visitor rosalba = withTheirDevice("rosalba", "rider", 390, 844);
                Visitor coach = withTheirDevice("ottilie", "coach", 1280, 800)) {
            theRiderSeesThatTheHorseRestsAndTheReportGoesOut(rosalba);
            clocksThatMayBeAnythingTakeNothing(coach, rosalba);
            whatWasNotSentIsSent(coach);
            jumpingIsStoppedWithASentenceToBoth(coach, rosalba);
            coach.assertQuiet();
            rosalba.assertQuiet();
        }
    }

    private static void theRiderSeesThatTheHorseRestsAndTheReportGoesOut(Visitor rosalba) {
        rosalba.page().getByText("Sindri is resting").first().waitFor();
        assertThat(rosalba.button("Start").count()).isZero();
        rosalba.page().getByText("Sweats without work").first().waitFor();
        rosalba.assertAccessible();
    }

    /** Reports and entries of clocks that nobody believes are taken; the screens that follow show all the same. */
    private static void clocksThatMayBeAnythingTakeNothing(Visitor coach, Visitor rosalba) {
        JsonNode card = rosalba.get("/api/v1/practice")
                .path("pairs")
                .path(0)
                .path("cards")
                .path(0);
        for (String startedAt : List.of(
                "+280000-01-01T00:00:00Z",
                "-999999999-01-01T00:00:00Z",
                "1970-01-01T00:00:00Z",
                "9999-12-31T23:59:59Z")) {
            Map<String, Object> report = new HashMap<>();
            report.put("id", UUID.randomUUID());
            report.put("assignment", card.path("id").asString());
            report.put(
                    "author", left.path("people").path("rider").path("person").asString());
            report.put("step", card.path("step").asInt());
            report.put(
                    "rung",
                    card.path("steps")
                            .path(card.path("step").asInt())
                            .path("rung")
                            .asString());
            report.put("startedAt", startedAt);
            for (String number : List.of("leftS", "rightS", "leftGood", "leftCounted", "rightGood", "rightCounted")) {
                report.put(number, 0);
            }
            report.put("feel", "EASY");
            report.put("stopSigns", List.of("SORE_SPOT"));
            report.put("question", null);
            report.put("secondBest", false);
            assertThat(rosalba.post("/api/v1/practices", Map.of("practices", List.of(report)))
                            .path("answers")
                            .path(0)
                            .path("outcome")
                            .asString())
                    .isEqualTo("STORED");
        }
        List<Map<String, Object>> entries = new ArrayList<>();
        for (String lesson : List.of("bent", "next")) {
            for (String kind : ODD_KINDS) {
                Map<String, Object> entry = new HashMap<>();
                entry.put("id", UUID.randomUUID());
                entry.put("lesson", left.path("lessons").path(lesson).asString());
                entry.put("device", UUID.fromString("0d0d0000-0000-4000-8000-000000000001"));
                entry.put(
                        "author",
                        left.path("people").path("coach").path("person").asString());
                entry.put("seq", entries.size());
                entry.put("atMs", 8_640_000_000_000_000L);
                entry.put("kind", kind);
                entry.put("v", 1);
                entry.put("payload", Map.of("text", "from a clock that nobody believes"));
                entries.add(entry);
            }
        }
        assertThat(coach.post("/api/v1/entries", Map.of("entries", entries))
                        .path("answers")
                        .valueStream())
                .allMatch(a -> a.path("outcome").asString().equals("STORED"));
    }

    private static void whatWasNotSentIsSent(Visitor coach) {
        coach.page().getByText("Sindri is paused: Sore spot").waitFor();
        coach.page().getByText("Fennel is paused: Uneven step").waitFor();
        String next = left.path("lessons").path("next").asString();
        coach.open("/lessons/" + next + "/ride");
        coach.exactly("Left rein").waitFor();
        coach.page().locator("[data-outbox=resting]").first().waitFor();
        assertThat(coach.get("/api/v1/lessons/" + next + "/entries")
                        .path("entries")
                        .size())
                .isEqualTo(left.path("coach").path("entries").size() + ODD_KINDS.size());
    }

    private static void jumpingIsStoppedWithASentenceToBoth(Visitor coach, Visitor rosalba) {
        Map<String, Object> cleared = new HashMap<>();
        cleared.put("id", UUID.randomUUID());
        cleared.put("kind", "CLEARED");
        cleared.put("whom", "VET");
        cleared.put("name", "Saltmarsh vets");
        cleared.put("onDay", Stage.DAY_AFTER_DUMP.toString());
        cleared.put("mayHandWalk", false);
        String horse = coach.get(
                        "/api/v1/pairs/" + left.path("pairs").path("sindri").asString())
                .path("horseId")
                .asString();
        coach.post("/api/v1/horses/" + horse + "/pause-answers", cleared);
        coach.open("/");
        coach.page().getByText("Stopped: it needs you").first().waitFor();
        rosalba.page().reload();
        rosalba.page().getByText("not for riding alone any more").waitFor();
        assertThat(rosalba.page().getByText("Sindri is resting").count()).isZero();
    }
}

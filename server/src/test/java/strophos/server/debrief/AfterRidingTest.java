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

/** What is said once a lesson was ridden, and where it is heard again. */
class AfterRidingTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static JsonNode after(String lesson) {
        return yard.debrief(lesson).path("after");
    }

    private static String note(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/packet")
                .body()
                .path("lastTime")
                .path("note")
                .asString(null);
    }

    @Test
    void asksTheRiderOnceTheRideIsOverAndUntilItIsSaid() {
        String lesson = yard.lesson(yard.pair());
        yard.send(yard.ride(lesson, 9, "TRY", 1, false));
        assertThat(after(lesson).path("isToBeAsked").asBoolean())
                .as("it goes on")
                .isFalse();
        yard.send(List.of(yard.entry(lesson, "lesson_ended", Map.of())));
        assertThat(after(lesson).path("isToBeAsked").asBoolean()).isTrue();
        yard.send(List.of(yard.entry(lesson, "rider_felt", Map.of("text", "lighter", "better", "RIGHT"))));
        assertThat(after(lesson).path("isToBeAsked").asBoolean()).isFalse();
        assertThat(after(lesson).path("felt").path("better").asString()).isEqualTo("RIGHT");
    }

    /** A device whose clock is days ahead says so first; what it says after is believed by that. */
    @Test
    void whatADeviceWithAWrongClockSaysIsHeardAsWell() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, 9, "TRY", 1, true));
        long ahead = 5L * 24 * 3_600_000;
        Map<String, Object> clock = yard.entry(lesson, "clock", Map.of("offsetMs", -ahead));
        Map<String, Object> said = yard.entry(lesson, "next_time", Map.of("text", "begin in walk"));
        for (Map<String, Object> entry : List.of(clock, said)) {
            entry.put("device", "0191d2c0-0000-7000-8000-0000000000aa");
            entry.put("atMs", (long) entry.get("atMs") + ahead);
        }
        yard.send(List.of(clock, said));
        assertThat(after(lesson).path("nextTime").asString()).isEqualTo("begin in walk");
        assertThat(note(yard.lesson(pair))).isEqualTo("begin in walk");
    }

    @Test
    void whatIsLeftForNextTimeStandsInTheNextLessonAndOnlyThere() {
        String pair = yard.pair();
        String first = yard.lesson(pair);
        yard.send(yard.ride(first, 9, "TRY", 1, true));
        Map<String, Object> said = yard.entry(first, "next_time", Map.of("text", "begin on the right rein"));
        yard.send(List.of(said));
        assertThat(after(first).path("nextTime").asString()).isEqualTo("begin on the right rein");
        String second = yard.lesson(pair);
        assertThat(note(second)).isEqualTo("begin on the right rein");
        assertThat(note(first)).as("not in its own").isNull();
        yard.send(yard.ride(second, 9, "TRY", 1, true));
        assertThat(note(yard.lesson(pair))).as("it was for the lesson after").isNull();
        yard.send(List.of(yard.entry(first, "void", Map.of("target", said.get("id")))));
        assertThat(note(second)).as("taken back").isNull();
    }
}

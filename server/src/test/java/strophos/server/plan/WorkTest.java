package strophos.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** What a horse did before a lesson, lessons of all its pairs together, and what the rules of load say of it. */
class WorkTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    /** A lesson of so many minutes on the left rein, so many days ago. */
    private static List<Map<String, Object>> ridden(String pair, int daysAgo, int minutes, int effort) {
        String lesson = yard.lesson(pair);
        Map<String, Object> segment = yard.segment(lesson, "LEFT");
        List<Map<String, Object>> all = List.of(
                yard.entry(lesson, "lesson_started", Map.of()),
                segment,
                yard.exchange(lesson, segment.get("id"), "YES"),
                yard.entry(lesson, "effort", Map.of("horse", 1)),
                yard.entry(lesson, "effort", Map.of("horse", effort)),
                yard.entry(lesson, "lesson_ended", Map.of()));
        long began =
                App.demo().bean(Clock.class).millis() - Duration.ofDays(daysAgo).toMillis();
        for (int i = 0; i < all.size(); i++) {
            boolean isEnd = i == all.size() - 1;
            all.get(i).put("atMs", began + (isEnd ? Duration.ofMinutes(minutes).toMillis() : i));
        }
        assertThat(yard.send(all).valueStream().map(a -> a.path("outcome").asString()))
                .containsOnly("STORED");
        return all;
    }

    private static JsonNode work(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/packet")
                .body()
                .path("plan")
                .path("work");
    }

    private static Stream<String> notes(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/plan")
                .body()
                .path("plan")
                .path("notes")
                .valueStream()
                .map(n -> n.path("code").asString());
    }

    @Test
    void anUnknownHorseHasDoneNothing() {
        JsonNode work = work(yard.lesson(yard.pair()));
        assertThat(work.path("daysSince").isNull()).isTrue();
        assertThat(work.path("weekLoad").asInt()).isZero();
    }

    @Test
    void countsMinutesTimesEffortOfAllWhoRideTheHorse() {
        String pair = yard.pair();
        String second = yard.secondPair(pair, "Kwame Odetoye");
        ridden(pair, 1, 20, 5);
        ridden(second, 1, 10, 2);
        ridden(pair, 9, 30, 1);
        JsonNode work = work(yard.lesson(pair));
        assertThat(work.path("daysSince").asInt()).isEqualTo(1);
        assertThat(work.path("minutesYesterday").asInt()).isEqualTo(30);
        assertThat(work.path("weekLoad").asInt()).as("20 × 5 and 10 × 2").isEqualTo(120);
        assertThat(work.path("weekLoadBefore").asInt()).isEqualTo(30);
    }

    @Test
    void aWeekThatRisesAndThreeDaysAlikeAreSaidInThePlan() {
        String pair = yard.pair();
        ridden(pair, 10, 30, 3);
        for (int ago = 3; ago > 0; ago--) {
            ridden(pair, ago, 30, 3);
        }
        assertThat(notes(yard.lesson(pair))).contains("WEEK_RISES", "SAME_WORK");
        assertThat(notes(yard.lesson(yard.pair()))).doesNotContain("WEEK_RISES", "SAME_WORK");
    }

    @Test
    void aLessonThatWasRiddenIsToldAsItWasBegun() {
        String pair = yard.pair();
        ridden(pair, 2, 20, 5);
        String before = (String) ridden(pair, 1, 20, 5).get(0).get("lesson");
        assertThat(work(before).path("weekLoad").asInt()).isEqualTo(100);
        assertThat(work(yard.lesson(pair)).path("weekLoad").asInt()).isEqualTo(200);
    }
}

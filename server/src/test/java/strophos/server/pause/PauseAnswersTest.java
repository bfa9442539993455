package strophos.server.pause;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** What ends a pause, what an answer must say, and what holds until it comes. */
class PauseAnswersTest extends HorseOfTwoRiders {
    @Test
    void onlyAnAnswerThatSaysWhoLookedEndsIt() {
        report("SORE_SPOT");
        assertThat(answers(answer("KEEP_RESTING")).status()).isEqualTo(201);
        assertThat(isPaused()).isTrue();
        Map<String, Object> called = answer("CALLED");
        called.put("mayHandWalk", true);
        assertThat(answers(called).status()).isEqualTo(201);
        assertThat(codes(plan(yard.lesson(other)))).startsWith("HAND_WALK");
        assertThat(seenBy(coach).orElseThrow().path("answers").size()).isEqualTo(2);
        Map<String, Object> cleared = answer("CLEARED");
        assertThat(answers(cleared).status()).isEqualTo(201);
        assertThat(answers(cleared).status()).as("sent again").isEqualTo(201);
        assertThat(isPaused()).isFalse();
        assertThat(Yard.card(rider, assignment).path("stop").isNull()).isTrue();
        assertThat(answers(answer("CLEARED")).code()).isEqualTo("not_paused");
    }

    @ParameterizedTest
    @CsvSource({
        "whom, missing",
        "name, missing",
        "onDay, missing",
    })
    void whoLookedAndWhenMustBeSaid(String field, String code) {
        report("SORE_SPOT");
        Map<String, Object> answer = answer("CLEARED");
        answer.remove(field);
        JsonNode issue = answers(answer).body().path("issues").path(0);
        assertThat(issue.path("code").asString()).isEqualTo(code);
        assertThat(issue.path("path").asString()).isEqualTo(field);
        assertThat(isPaused()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "onDay, 2026-11-25, a day on which somebody looked or was called: today (2026-11-24) at the latest",
        "onDay, 2026-11-23, a day on which somebody looked: not before the last stop sign (2026-11-24)",
        "untilDay, 2026-11-23, a last day: not before today (2026-11-24)",
    })
    void nobodyHasLookedTomorrowNorBeforeItWasSeen(String field, String day, String expected) {
        says(rider, pair, "BLOOD");
        Map<String, Object> answer = answer("CLEARED");
        answer.put("fastest", "WALK");
        answer.put(field, day);
        JsonNode issue = answers(answer).body().path("issues").path(0);
        assertThat(issue.path("path").asString()).isEqualTo(field);
        assertThat(issue.path("expected").asString()).isEqualTo(expected);
        assertThat(isPaused()).isTrue();
    }

    @Test
    void limitsAreKeptByPlanAndHomeworkUntilTheirLastDay() {
        report("UNLEVEL");
        Map<String, Object> cleared = answer("CLEARED");
        cleared.put("fastest", "WALK");
        cleared.put("minutes", 10);
        cleared.put("untilDay", "2026-12-24");
        cleared.put("words", "Straight lines, hard ground only.");
        assertThat(answers(cleared).status()).isEqualTo(201);
        assertThat(isPaused()).isFalse();
        String lesson = yard.lesson(other);
        JsonNode plan = plan(lesson);
        assertThat(codes(plan)).contains("CLEARED_FOR", "CLEARED_MINUTES");
        assertThat(plan.path("workS").asInt()).isLessThanOrEqualTo(600);
        assertThat(plan.path("blocks").valueStream())
                .isNotEmpty()
                .allSatisfy(
                        b -> assertThat(b.path("of").path("gait").asString()).isIn("HALT", "WALK", "REIN_BACK"));
        assertThat(keep(lesson, "light-wait-reinforce.trot.rail")
                        .body()
                        .path("issues")
                        .valueStream()
                        .map(i -> i.path("code").asString()))
                .contains("clearance");
        JsonNode card = Yard.card(rider, assignment);
        int seconds = card.path("turns")
                .valueStream()
                .mapToInt(t -> t.path("seconds").asInt())
                .sum();
        assertThat(seconds).as("both reins share the day's minutes").isLessThanOrEqualTo(600);
        assertThat(seenBy(otherRider)
                        .orElseThrow()
                        .path("answers")
                        .path(0)
                        .path("words")
                        .asString())
                .startsWith("Straight lines");
    }

    @Test
    void whatWasRiddenMeanwhileIsKeptAndShownAsSuch() {
        String lesson = yard.lesson(other);
        List<Map<String, Object>> before = yard.ride(lesson, 2, "TRY", 1, false);
        yard.send(before);
        says(rider, pair, "SORE_SPOT");
        Object segment = before.get(1).get("id");
        JsonNode late =
                yard.send(List.of(yard.exchange(lesson, segment, "YES"), yard.entry(lesson, "lesson_ended", Map.of())));
        assertThat(late.path(0).path("outcome").asString()).isEqualTo("STORED");
        assertThat(yard.debrief(lesson).path("isRiddenWhilePaused").asBoolean()).isTrue();
        Map<String, Object> report = Yard.report(rider, assignment, "EASY", List.of());
        rider.post("/api/v1/practices", Map.of("practices", List.of(report)));
        JsonNode card = Yard.card(rider, assignment);
        assertThat(card.path("pausedPractices").valueStream().map(JsonNode::asString))
                .containsExactly((String) report.get("id"));
        assertThat(card.path("easyRunning").asInt()).as("it opens nothing").isZero();
    }

    @Test
    void aRestOfTwoWeeksIsFollowedByTheWayBack() {
        String horse = yard.horse(pair);
        Map<String, Object> said = sign(rider, pair, "SWELLING");
        said.put("at", App.START.minusSeconds(21 * 86_400L).toString());
        rider.post("/api/v1/stop-signs", Map.of("signs", List.of(said)));
        answers(answer("CLEARED"));
        JsonNode plan = plan(yard.lesson(other));
        assertThat(codes(plan)).contains("BACK_TO_WORK", "SPARED");
        assertThat(plan.path("workS").asInt()).isLessThanOrEqualTo(20 * 60);
        assertThat(horse).isNotBlank();
    }

    @Test
    void nothingIsSetWhileTheHorseIsPaused() {
        String lesson = yard.ridden(other, 6, "TRY", 2);
        report("SORE_SPOT");
        JsonNode view = coach.get("/api/v1/lessons/" + lesson + "/homework").body();
        assertThat(view.path("drafts").size()).isZero();
        Client.Reply set = coach.post(
                "/api/v1/lessons/" + lesson + "/homework",
                Map.of("id", UUID.randomUUID(), "rung", RUNG, "daysAWeek", 4));
        assertThat(set.code()).isEqualTo("horse_paused");
    }

    @Test
    void whomToCallIsKeptWithTheYardAndTheHorse() {
        String horse = yard.horse(pair);
        Map<String, Object> numbers = new LinkedHashMap<>();
        numbers.put("horse", horse);
        numbers.put("contacts", List.of(Map.of("kind", "OWNER", "name", "Rosalba Thiele", "phone", "01632 960 155")));
        assertThat(coach.put("/api/v1/contacts", numbers).status()).isEqualTo(200);
        JsonNode contacts = otherRider.get("/api/v1/safety").body().path("contacts");
        assertThat(contacts.path(0).path("horse").asString())
                .as("the horse's own first")
                .isEqualTo(horse);
        assertThat(contacts.valueStream().map(c -> c.path("kind").asString())).contains("OWNER", "VET");
        assertThat(App.demo()
                        .as("imre")
                        .get("/api/v1/safety")
                        .body()
                        .path("contacts")
                        .valueStream()
                        .map(c -> c.path("kind").asString()))
                .contains("VET")
                .doesNotContain("OWNER");
        numbers.put("contacts", List.of(Map.of("kind", "OWNER", "name", "Rosalba", "phone", "call me")));
        assertThat(coach.put("/api/v1/contacts", numbers)
                        .body()
                        .path("issues")
                        .path(0)
                        .path("path")
                        .asString())
                .contains("phone");
        numbers.put("horse", UUID.randomUUID().toString());
        numbers.put("contacts", List.of());
        assertThat(coach.put("/api/v1/contacts", numbers).status()).isEqualTo(404);
    }

    @Test
    void theDayOfAnAnswerLiesInItsBounds() {
        report("SORE_SPOT");
        Map<String, Object> answer = answer("CLEARED");
        answer.put("untilDay", LocalDate.of(9999, 1, 1).toString());
        answer.put("fastest", "TROT");
        assertThat(answers(answer).body().path("issues").path(0).path("path").asString())
                .isEqualTo("untilDay");
    }
}

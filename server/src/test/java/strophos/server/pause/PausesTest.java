package strophos.server.pause;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Pain pauses the horse: every pair, lesson, plan and homework of it, until an answer says who looked (rules 8). */
class PausesTest {

    private static final String RUNG = "counter-bend.walk.rail";
    private static Client coach;
    private static Yard yard;
    private String pair;
    private String other;
    private String assignment;
    private Client rider;
    private Client otherRider;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    /** Two riders of one horse; the first has homework. */
    @BeforeEach
    void twoRiders() {
        pair = yard.pair();
        assignment = yard.homework(yard.ridden(pair, 6, "TRY", 2), RUNG);
        other = yard.secondPair(pair, "Lindiwe Achterberg");
        rider = yard.invited(pair, "RIDER");
        otherRider = yard.invited(other, "RIDER");
    }

    private Optional<JsonNode> seenBy(Client who) {
        String horse = yard.horse(pair);
        return who.get("/api/v1/safety")
                .body()
                .path("horses")
                .valueStream()
                .filter(h -> h.path("horse").asString().equals(horse))
                .findFirst();
    }

    private boolean isPaused() {
        return seenBy(coach).filter(h -> h.path("isPaused").asBoolean()).isPresent();
    }

    private JsonNode report(String sign) {
        Map<String, Object> report = Yard.report(rider, assignment, "GETTING_THERE", List.of(sign));
        return rider.post("/api/v1/practices", Map.of("practices", List.of(report)))
                .body()
                .path("answers")
                .path(0);
    }

    private JsonNode says(Client who, String ofPair, String sign) {
        Map<String, Object> said = sign(who, ofPair, sign);
        return who.post("/api/v1/stop-signs", Map.of("signs", List.of(said)))
                .body()
                .path("answers")
                .path(0);
    }

    private static Map<String, Object> sign(Client who, String ofPair, String sign) {
        Map<String, Object> said = new LinkedHashMap<>();
        said.put("id", UUID.randomUUID().toString());
        said.put("pair", ofPair);
        said.put("author", who.person());
        said.put("at", App.START.minusSeconds(60).toString());
        said.put("sign", sign);
        said.put("side", "NONE");
        return said;
    }

    private static Map<String, Object> answer(String kind) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("id", UUID.randomUUID().toString());
        answer.put("kind", kind);
        answer.put("mayHandWalk", false);
        if (!kind.equals("KEEP_RESTING")) {
            answer.put("whom", "VET");
            answer.put("name", "Saltmarsh vets");
            answer.put("onDay", "2026-11-24");
        }
        return answer;
    }

    private Client.Reply answers(Map<String, Object> answer) {
        return coach.post("/api/v1/horses/" + yard.horse(pair) + "/pause-answers", answer);
    }

    private static JsonNode plan(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/plan").body().path("plan");
    }

    private static Client.Reply keep(String lesson, String rung) {
        return coach.put(
                "/api/v1/lessons/" + lesson + "/plan",
                Map.of(
                        "version",
                        0,
                        "blocks",
                        List.of(
                                Map.of("rung", RUNG, "role", "WAY_IN", "seconds", 120, "longer", "NONE"),
                                Map.of("rung", rung, "role", "MAIN", "seconds", 120, "longer", "NONE"))));
    }

    private static List<String> codes(JsonNode plan) {
        return plan.path("notes")
                .valueStream()
                .map(n -> n.path("code").asString())
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"SORE_SPOT", "UNLEVEL", "REFUSES_ONE_SIDE", "SWEAT_WITHOUT_WORK", "BLOOD"})
    void aSignOfPainInAReportPausesEveryPairOfTheHorse(String sign) {
        assertThat(report(sign).path("outcome").asString()).isEqualTo("STORED");
        assertThat(isPaused()).isTrue();
        String lesson = yard.lesson(other);
        assertThat(plan(lesson).path("blocks").size()).isZero();
        assertThat(codes(plan(lesson))).startsWith("HORSE_PAUSED");
        assertThat(keep(lesson, "turn-away.walk.rail")
                        .body()
                        .path("issues")
                        .path(0)
                        .path("code")
                        .asString())
                .isEqualTo("nothing_ridden");
        assertThat(Yard.card(rider, assignment).path("stop").asString()).isEqualTo("HORSE_PAUSED");
        assertThat(Yard.card(rider, assignment).path("turns").size()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"FRIGHT, SIGN_OPEN", "RIDER_HURTS, SIGN_OPEN"})
    void aFrightOrASignOfTheRidersPausesOnlyTheHomework(String sign, String stop) {
        report(sign);
        assertThat(isPaused()).isFalse();
        assertThat(Yard.card(rider, assignment).path("stop").asString()).isEqualTo(stop);
        assertThat(plan(yard.lesson(other)).path("blocks").size()).isPositive();
    }

    @Test
    void aRiderOfAnotherPairSeesThePauseAndNotTheReport() {
        report("SORE_SPOT");
        assertThat(seenBy(rider).orElseThrow().path("signs").size()).isEqualTo(1);
        JsonNode seen = seenBy(otherRider).orElseThrow();
        assertThat(seen.path("isPaused").asBoolean()).isTrue();
        assertThat(seen.path("signs").size()).isZero();
        assertThat(seen.path("pairs").size()).isEqualTo(1);
        assertThat(seenBy(App.demo().as("imre"))).as("somebody else's horse").isEmpty();
    }

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
    void whatIsSeenWhileRidingPausesAndIsHeardByTheDebrief() {
        String lesson = yard.lesson(other);
        List<Map<String, Object>> ride = yard.ride(lesson, 4, "TRY", 1, false);
        Map<String, Object> flinches = yard.entry(lesson, "stop_sign", Map.of("sign", "FLINCHES", "side", "LEFT"));
        ride.add(flinches);
        yard.send(ride);
        assertThat(isPaused()).isTrue();
        assertThat(Yard.card(rider, assignment).path("stop").asString()).isEqualTo("HORSE_PAUSED");
        yard.send(List.of(yard.entry(lesson, "lesson_ended", Map.of())));
        JsonNode debrief = yard.debrief(lesson);
        assertThat(debrief.path("stopSigns").path(0).path("sign").asString()).isEqualTo("FLINCHES");
        assertThat(debrief.path("rows").path(0).path("advice").path("decision").asString())
                .isEqualTo("GET_HELP");
        yard.send(List.of(yard.entry(lesson, "void", Map.of("target", flinches.get("id")))));
        assertThat(isPaused()).as("after the end it is taken back by nobody").isTrue();
    }

    @Test
    void itsAuthorTakesItBackWithinTheLesson() {
        String lesson = yard.lesson(other);
        List<Map<String, Object>> ride = yard.ride(lesson, 2, "TRY", 1, false);
        Map<String, Object> blood = yard.entry(lesson, "stop_sign", Map.of("sign", "BLOOD", "side", "NONE"));
        ride.add(blood);
        yard.send(ride);
        assertThat(isPaused()).isTrue();
        yard.send(List.of(yard.entry(lesson, "void", Map.of("target", blood.get("id")))));
        assertThat(isPaused()).isFalse();
    }

    @Test
    void aLookWithPainPausesTheHorseAndNotOnlyTheLesson() {
        String lesson = yard.lesson(pair);
        Map<String, Object> look = new LinkedHashMap<>(Yard.goodLook());
        look.put("soundness", "UNLEVEL");
        yard.look(lesson, look);
        assertThat(isPaused()).isTrue();
        assertThat(codes(plan(yard.lesson(other)))).startsWith("HORSE_PAUSED");
    }

    @Test
    void whatTheRiderSaysAtOncePausesAndCanBeTakenBackByTheRiderOnly() {
        Map<String, Object> said = sign(rider, pair, "SWELLING");
        Map<String, Object> batch = Map.of("signs", List.of(said));
        assertThat(rider.post("/api/v1/stop-signs", batch)
                        .body()
                        .path("answers")
                        .path(0)
                        .path("outcome")
                        .asString())
                .isEqualTo("STORED");
        assertThat(rider.post("/api/v1/stop-signs", batch)
                        .body()
                        .path("answers")
                        .path(0)
                        .path("outcome")
                        .asString())
                .isEqualTo("ALREADY");
        Map<String, Object> changed = new LinkedHashMap<>(said);
        changed.put("sign", "BLOOD");
        assertThat(rider.post("/api/v1/stop-signs", Map.of("signs", List.of(changed)))
                        .body()
                        .path("answers")
                        .path(0)
                        .path("code")
                        .asString())
                .isEqualTo("CONFLICT");
        assertThat(isPaused()).isTrue();
        String path = "/api/v1/stop-signs/" + said.get("id") + "/take-back";
        assertThat(otherRider.post(path, Map.of()).status()).isEqualTo(404);
        assertThat(isPaused()).isTrue();
        assertThat(rider.post(path, Map.of()).status()).isEqualTo(204);
        assertThat(isPaused()).isFalse();
    }

    @Test
    void aSignIsTakenFromItsAuthorOfTheirOwnPairWhateverTheirClockSays() {
        assertThat(says(rider, other, "BLOOD").path("code").asString()).isEqualTo("UNKNOWN_PAIR");
        Map<String, Object> forged = sign(rider, pair, "BLOOD");
        forged.put("author", otherRider.person());
        assertThat(rider.post("/api/v1/stop-signs", Map.of("signs", List.of(forged)))
                        .body()
                        .path("answers")
                        .path(0)
                        .path("code")
                        .asString())
                .isEqualTo("NOT_AUTHOR");
        assertThat(isPaused()).isFalse();
        Map<String, Object> odd = sign(rider, pair, "BLOOD");
        odd.put("at", "+280000-01-01T00:00:00Z");
        rider.post("/api/v1/stop-signs", Map.of("signs", List.of(odd)));
        assertThat(seenBy(coach).orElseThrow().path("since").asString()).isEqualTo("2026-11-24");
    }

    @Test
    void behaviourAndAFallEndTheDayOfTheHorse() {
        says(rider, pair, "FALL");
        JsonNode seen = seenBy(otherRider).orElseThrow();
        assertThat(seen.path("isPaused").asBoolean()).isFalse();
        assertThat(seen.path("isDayOver").asBoolean()).isTrue();
        assertThat(codes(plan(yard.lesson(other)))).startsWith("DAY_OVER");
        assertThat(Yard.card(rider, assignment).path("stop").asString()).isEqualTo("DAY_OVER");
    }

    @Test
    void buckingInTwoLessonsRunningPausesTheHorse() {
        for (String ridden : List.of(pair, other)) {
            String lesson = yard.lesson(ridden);
            List<Map<String, Object>> ride = yard.ride(lesson, 2, "TRY", 1, false);
            Object segment = ride.get(1).get("id");
            ride.add(yard.entry(lesson, "sign", Map.of("segment", segment, "name", "bucks", "side", "NONE")));
            ride.add(yard.entry(lesson, "lesson_ended", Map.of()));
            assertThat(isPaused()).as("once").isFalse();
            yard.send(ride);
        }
        assertThat(isPaused()).isTrue();
    }

    @Test
    void aRiderHurtAtHomeIsHeardByTheCoachAndByNobodyElse() {
        says(rider, pair, "RIDER_HURTS");
        JsonNode heard = seenBy(coach).orElseThrow();
        assertThat(heard.path("isPaused").asBoolean() || heard.path("isDayOver").asBoolean())
                .isFalse();
        assertThat(heard.path("signs").path(0).path("sign").asString()).isEqualTo("RIDER_HURTS");
        assertThat(seenBy(otherRider)).isEmpty();
        assertThat(plan(yard.lesson(other)).path("blocks").size()).isPositive();
        assertThat(answers(answer("CLEARED")).status()).as("it was asked about").isEqualTo(201);
        assertThat(seenBy(coach)).isEmpty();
    }

    @Test
    void theRidersHurtWhileRidingStopsTheHomeworkOfThePair() {
        String lesson = yard.lesson(pair);
        List<Map<String, Object>> ride = yard.ride(lesson, 2, "TRY", 1, false);
        ride.add(yard.entry(lesson, "stop_sign", Map.of("sign", "RIDER_HURTS", "side", "NONE")));
        yard.send(ride);
        assertThat(isPaused()).isFalse();
        assertThat(Yard.card(rider, assignment).path("stop").asString()).isEqualTo("SIGN_OPEN");
        coach.post(
                "/api/v1/assignments/" + assignment + "/look-ins",
                Map.of("id", UUID.randomUUID(), "verdict", "CARRY_ON"));
        assertThat(Yard.card(rider, assignment).path("stop").isNull()).isTrue();
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
    void aPairOfTwoWhoAreOneAlreadyIsRefused() {
        String lindiwe = coach.get("/api/v1/pairs")
                .body()
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("id").asString().equals(other))
                .findFirst()
                .orElseThrow()
                .path("riderId")
                .asString();
        Map<String, Object> again = new LinkedHashMap<>();
        again.put("rider", "Lindiwe Achterberg");
        again.put("horse", "Sindri");
        again.put("school", "GAITED");
        again.put("riderId", lindiwe);
        again.put("horseId", yard.horse(pair));
        assertThat(coach.post("/api/v1/pairs", again).code()).isEqualTo("already_a_pair");
        again.put("horseId", UUID.randomUUID().toString());
        assertThat(coach.post("/api/v1/pairs", again)
                        .body()
                        .path("issues")
                        .path(0)
                        .path("path")
                        .asString())
                .isEqualTo("horseId");
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

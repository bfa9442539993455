package strophos.server.pause;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.server.harness.App;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Pain pauses the horse: every pair, lesson, plan and homework of it, until an answer says who looked (rules 8). */
class PausesTest extends HorseOfTwoRiders {
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
    void aPairOfTwoWhoAreOneAlreadyIsRefused() {
        String lindiwe = coach.get("/api/v1/pairs/names")
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
}

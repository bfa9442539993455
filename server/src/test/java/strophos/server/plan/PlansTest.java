package strophos.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class PlansTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static JsonNode plan(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/plan").body();
    }

    private static Map<String, Object> block(String rung, int seconds) {
        return Map.of("rung", rung, "role", "MAIN", "seconds", seconds, "longer", "NONE");
    }

    private static Client.Reply keep(String lesson, int version, List<?> blocks) {
        return coach.put("/api/v1/lessons/" + lesson + "/plan", Map.of("version", version, "blocks", blocks));
    }

    private static List<String> rungs(JsonNode view) {
        return view.path("plan")
                .path("blocks")
                .valueStream()
                .map(b -> b.path("of").path("rung").asString())
                .toList();
    }

    @Test
    void aPlanIsProposedBeforeAnyLookAndSaysThatItIsMissing() {
        JsonNode view = plan(yard.lesson(yard.pair()));
        assertThat(view.path("version").asInt()).isZero();
        assertThat(view.path("plan").path("blocks").size()).isBetween(2, 7);
        assertThat(view.path("plan").path("notes").valueStream())
                .anyMatch(n -> n.path("code").asString().equals("NO_LOOK"));
        assertThat(view.path("breaches").size()).isZero();
    }

    /** A new pair of the school of rewards begins on the ground, and not with its rider's seat. */
    @Test
    void aRewardBasedPairBeginsOnTheGround() {
        String pair = yard.pair();
        coach.put("/api/v1/pairs/" + pair + "/school", Map.of("school", "REWARD_BASED"));
        assertThat(plan(yard.lesson(pair)).path("plan").path("blocks").valueStream())
                .filteredOn(b -> b.path("role").asString().equals("MAIN"))
                .extracting(b -> b.path("of").path("rung").asString())
                .containsExactly("target.halt.rail");
    }

    @Test
    void theLookChangesIt() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> look = new LinkedHashMap<>(Yard.goodLook());
        look.put("leg", 1);
        yard.look(lesson, look);
        JsonNode view = plan(lesson);
        assertThat(view.path("plan").path("focus").path(0).asString()).isEqualTo("FORWARD");
        assertThat(rungs(view)).contains("light-wait-reinforce.walk.rail");
    }

    @Test
    void theCoachsOwnBlocksAreKeptInTheirOrder() {
        String lesson = yard.lesson(yard.pair());
        List<Map<String, Object>> own =
                List.of(block("step-back-rein.halt.rail", 300), block("counter-bend.walk.rail", 600));
        JsonNode kept = keep(lesson, 0, own).body();
        assertThat(kept.path("version").asInt()).isEqualTo(1);
        assertThat(kept.path("keptBy").asString()).isEqualTo("Ottilie Brandvold");
        assertThat(rungs(kept)).containsExactly("step-back-rein.halt.rail", "counter-bend.walk.rail");
        assertThat(rungs(coach.get("/api/v1/lessons/" + lesson + "/packet")
                        .body()
                        .path("plan")))
                .as("the same goes along to Ride")
                .containsExactly("step-back-rein.halt.rail", "counter-bend.walk.rail");
    }

    @Test
    void oneFaultMayHaveAKeyOfItsOwn() {
        String lesson = yard.lesson(yard.pair());
        JsonNode proposed = coach.get("/api/v1/lessons/" + lesson + "/plan").body();
        assertThat(proposed.path("latch").isNull()).isTrue();
        Map<String, Object> plan = new HashMap<>(Map.of("version", 0, "blocks", List.of()));
        plan.put("latch", Map.of("name", "leg-back", "side", "RIGHT"));
        Client.Reply kept = coach.put("/api/v1/lessons/" + lesson + "/plan", plan);
        assertThat(kept.body().path("latch").path("side").asString()).isEqualTo("RIGHT");
        JsonNode packet = coach.get("/api/v1/lessons/" + lesson + "/packet").body();
        assertThat(packet.path("plan").path("latch").path("name").asString()).isEqualTo("leg-back");
        plan.put("version", 1);
        plan.put("latch", Map.of("name", "Leg back!", "side", "RIGHT"));
        assertThat(coach.put("/api/v1/lessons/" + lesson + "/plan", plan)
                        .body()
                        .path("issues")
                        .path(0)
                        .path("path")
                        .asString())
                .isEqualTo("latch.name");
    }

    @Test
    void anOldVersionIsRefusedAndNothingIsLost() {
        String lesson = yard.lesson(yard.pair());
        List<Map<String, Object>> one = List.of(block("counter-bend.walk.rail", 600), block("turn-away.walk.rail", 60));
        assertThat(keep(lesson, 0, one).status()).isEqualTo(200);
        Client.Reply again = keep(lesson, 0, List.of(block("turn-away.walk.rail", 600)));
        assertThat(again.status()).isEqualTo(412);
        assertThat(again.code()).isEqualTo("changed_meanwhile");
        assertThat(rungs(plan(lesson))).hasSize(2);
        assertThat(keep(lesson, 1, one).body().path("version").asInt()).isEqualTo(2);
    }

    @Test
    void groundAndWeatherThatWereNotedChangeIt() {
        String lesson = yard.lesson(yard.pair());
        yard.look(lesson, Yard.goodLook());
        int workS = plan(lesson).path("plan").path("workS").asInt();
        yard.send(List.of(
                yard.entry(lesson, "conditions", Map.of("footing", "DEEP", "temperatureC", 12)),
                yard.entry(lesson, "conditions", Map.of("humidityPct", 80))));
        assertThat(plan(lesson).path("plan").path("workS").asInt()).isLessThan(workS);
        assertThat(plan(lesson)
                        .path("plan")
                        .path("notes")
                        .valueStream()
                        .map(n -> n.path("code").asString()))
                .contains("GROUND_DEEP");
        Map<String, Object> frozen = yard.entry(lesson, "conditions", Map.of("footing", "FROZEN", "temperatureC", -6));
        yard.send(List.of(frozen));
        Client.Reply trot =
                keep(lesson, 0, List.of(block("counter-bend.walk.rail", 300), block("inside-bend.trot.rail", 300)));
        assertThat(trot.status()).isEqualTo(422);
        assertThat(trot.body().path("issues").path(0).path("code").asString()).isEqualTo("day");
        yard.send(List.of(yard.entry(lesson, "void", Map.of("target", frozen.get("id")))));
        assertThat(plan(lesson)
                        .path("plan")
                        .path("notes")
                        .valueStream()
                        .map(n -> n.path("code").asString()))
                .as("taken back, the note before stands")
                .contains("GROUND_DEEP")
                .doesNotContain("GROUND_FROZEN");
    }

    @Test
    void aPlanThatWasKeptGivesWayToTheGroundUntilTheLessonIsOver() {
        String lesson = yard.lesson(yard.pair());
        yard.look(lesson, Yard.goodLook());
        List<String> own = List.of("counter-bend.walk.rail", "inside-bend.trot.rail");
        assertThat(keep(lesson, 0, own.stream().map(r -> block(r, 300)).toList())
                        .status())
                .isEqualTo(200);
        yard.send(List.of(yard.entry(lesson, "conditions", Map.of("footing", "FROZEN"))));
        assertThat(rungs(plan(lesson))).noneMatch(r -> r.contains(".trot."));
        yard.send(yard.ride(lesson, 3, "TRY", 1, true));
        assertThat(rungs(plan(lesson))).as("as it was kept").isEqualTo(own);
    }

    @Test
    void aPlanUnderTheHandIsJudgedByTheSameLimitsAndNotKept() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> look = new LinkedHashMap<>(Yard.goodLook());
        look.put("halt", 1);
        yard.look(lesson, look);
        String address = "/api/v1/lessons/" + lesson + "/plan/trial";
        JsonNode walk = coach.post(
                        address,
                        Map.of(
                                "blocks",
                                List.of(block("counter-bend.walk.rail", 300), block("turn-away.walk.rail", 240))))
                .body();
        assertThat(walk.path("isRefused").asBoolean()).isFalse();
        assertThat(walk.path("workS").asInt()).isEqualTo(540);
        assertThat(walk.path("leftS").asInt() + walk.path("rightS").asInt()).isEqualTo(540);
        JsonNode trot = coach.post(address, Map.of("blocks", List.of(block("inside-bend.trot.rail", 300))))
                .body();
        assertThat(trot.path("isRefused").asBoolean()).isTrue();
        assertThat(trot.path("breaches").valueStream().map(b -> b.path("limit").asString()))
                .contains("WALK_ONLY");
        assertThat(plan(lesson).path("version").asInt()).isZero();
    }

    @Test
    void withoutAHaltTrotIsRefusedWithItsPlace() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> look = new LinkedHashMap<>(Yard.goodLook());
        look.put("halt", 1);
        yard.look(lesson, look);
        Client.Reply reply =
                keep(lesson, 0, List.of(block("counter-bend.walk.rail", 300), block("inside-bend.trot.rail", 300)));
        assertThat(reply.status()).isEqualTo(422);
        JsonNode issue = reply.body().path("issues").path(0);
        assertThat(issue.path("code").asString()).isEqualTo("walk_only");
        assertThat(issue.path("path").asString()).isEqualTo("blocks[1]");
    }

    @Test
    void signsOfPainLeaveNothingToPlan() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> look = new LinkedHashMap<>(Yard.goodLook());
        look.put("soundness", "PAIN_SIGNS");
        yard.look(lesson, look);
        JsonNode view = plan(lesson);
        assertThat(view.path("plan").path("blocks").size()).isZero();
        assertThat(view.path("plan").path("notes").path(0).path("code").asString())
                .isEqualTo("HORSE_PAUSED");
        Client.Reply reply = keep(lesson, 0, List.of(block("counter-bend.walk.rail", 300)));
        assertThat(reply.body().path("issues").path(0).path("code").asString()).isEqualTo("nothing_ridden");
    }

    @Test
    void moreWorkThanAHorseShouldDoIsRefused() {
        String lesson = yard.lesson(yard.pair());
        Client.Reply reply =
                keep(lesson, 0, List.of(block("counter-bend.walk.rail", 1800), block("turn-away.walk.rail", 920)));
        assertThat(reply.body().path("issues").path(0).path("code").asString()).isEqualTo("work_cap");
    }

    @Test
    void whatIsNotOpenIsSaidAndTheCoachDecides() {
        String lesson = yard.lesson(yard.pair());
        JsonNode kept = keep(
                        lesson, 0, List.of(block("serpentine.trot.across", 300), block("counter-bend.walk.rail", 300)))
                .body();
        assertThat(kept.path("breaches").path(0).path("limit").asString()).isEqualTo("NOT_OPEN");
        assertThat(kept.path("version").asInt()).isEqualTo(1);
    }

    @Test
    void anUnknownRungIsNamedByItsPath() {
        Client.Reply reply = keep(yard.lesson(yard.pair()), 0, List.of(block("levade.walk.rail", 300)));
        assertThat(reply.body().path("issues").path(0).path("path").asString()).isEqualTo("blocks[0].rung");
    }

    @Test
    void theNextPlanIsAnotherOneBecauseOfADecisionAndSaysSo() {
        String pair = yard.pair();
        yard.ridden(pair, 9, "TRY", 1);
        String second = yard.ridden(pair, 9, "TRY", 1);
        coach.post(
                "/api/v1/lessons/" + second + "/decisions",
                Map.of(
                        "id", UUID.randomUUID(),
                        "rung", "counter-bend.walk.rail",
                        "chosen", "MOVE_ON",
                        "seen", "MOVE_ON"));
        String next = yard.lesson(pair);
        // the next lesson begins a moment after the two before it
        yard.send(List.of(yard.entry(next, "lesson_started", Map.of())));
        JsonNode view = plan(next);
        assertThat(rungs(view)).contains("inside-bend.walk.rail");
        JsonNode change = view.path("changes").path(0);
        assertThat(change.path("kind").asString()).isEqualTo("DECISION");
        assertThat(change.path("what").asString()).isEqualTo("MOVE_ON");
        assertThat(change.path("without").valueStream().map(p -> p.path("rung").asString()))
                .doesNotContain("inside-bend.walk.rail");
    }
}

package strophos.server.pause;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** A horse with two riders, homework for the first, and what they and the coach can say. */
abstract class HorseOfTwoRiders {

    static final String RUNG = "counter-bend.walk.rail";
    static Client coach;
    static Yard yard;
    String pair;
    String other;
    String assignment;
    Client rider;
    Client otherRider;

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

    Optional<JsonNode> seenBy(Client who) {
        String horse = yard.horse(pair);
        return who.get("/api/v1/safety")
                .body()
                .path("horses")
                .valueStream()
                .filter(h -> h.path("horse").asString().equals(horse))
                .findFirst();
    }

    boolean isPaused() {
        return seenBy(coach).filter(h -> h.path("isPaused").asBoolean()).isPresent();
    }

    JsonNode report(String sign) {
        Map<String, Object> report = Yard.report(rider, assignment, "GETTING_THERE", List.of(sign));
        return rider.post("/api/v1/practices", Map.of("practices", List.of(report)))
                .body()
                .path("answers")
                .path(0);
    }

    JsonNode says(Client who, String ofPair, String sign) {
        Map<String, Object> said = sign(who, ofPair, sign);
        return who.post("/api/v1/stop-signs", Map.of("signs", List.of(said)))
                .body()
                .path("answers")
                .path(0);
    }

    static Map<String, Object> sign(Client who, String ofPair, String sign) {
        Map<String, Object> said = new LinkedHashMap<>();
        said.put("id", UUID.randomUUID().toString());
        said.put("pair", ofPair);
        said.put("author", who.person());
        said.put("at", App.START.minusSeconds(60).toString());
        said.put("sign", sign);
        said.put("side", "NONE");
        return said;
    }

    static Map<String, Object> answer(String kind) {
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

    Client.Reply answers(Map<String, Object> answer) {
        return coach.post("/api/v1/horses/" + yard.horse(pair) + "/pause-answers", answer);
    }

    static JsonNode plan(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/plan").body().path("plan");
    }

    static Client.Reply keep(String lesson, String rung) {
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

    static List<String> codes(JsonNode plan) {
        return plan.path("notes")
                .valueStream()
                .map(n -> n.path("code").asString())
                .toList();
    }
}

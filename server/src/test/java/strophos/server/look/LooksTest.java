package strophos.server.look;

import static org.assertj.core.api.Assertions.assertThat;

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

class LooksTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static JsonNode view(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/look").body();
    }

    private static Map<String, Object> with(String check, Object value) {
        Map<String, Object> look = new LinkedHashMap<>(Yard.goodLook());
        look.put(check, value);
        return look;
    }

    private static List<String> kinds(JsonNode view) {
        return view.path("focus")
                .path("kinds")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
    }

    @Test
    void aLookInTheLogMakesTheFocusAndACorrectionMakesItAnew() {
        String lesson = yard.lesson(yard.pair());
        assertThat(view(lesson).path("look").isNull()).isTrue();
        Map<String, Object> look = yard.look(lesson, with("leg", 1));
        assertThat(kinds(view(lesson))).containsExactly("FORWARD");
        assertThat(view(lesson).path("look").path("leg").asInt()).isEqualTo(1);
        yard.send(List.of(yard.entry(lesson, "amend", Map.of("target", look.get("id"), "payload", with("halt", 1)))));
        assertThat(kinds(view(lesson))).containsExactly("STOP_BACK");
        assertThat(view(lesson).path("focus").path("limits").path(0).asString()).isEqualTo("WALK_ONLY");
        yard.send(List.of(yard.entry(lesson, "void", Map.of("target", look.get("id")))));
        assertThat(view(lesson).path("look").isNull()).isTrue();
    }

    @Test
    void whatWasNotLookedAtIsMissingNotBad() {
        String lesson = yard.lesson(yard.pair());
        yard.look(lesson, Map.of("leg", 3));
        JsonNode focus = view(lesson).path("focus");
        assertThat(focus.path("missing").size()).isEqualTo(13);
        assertThat(focus.path("lacking").valueStream().map(JsonNode::asString))
                .as("without these nothing can be said of the day")
                .containsExactly("SOUNDNESS", "CALM", "RIDER", "HALT", "BEND", "SHOULDERS");
        assertThat(focus.path("kinds").path(0).asString()).isEqualTo("NEXT_RUNG");
        assertThat(view(lesson).path("look").path("halt").isNull()).isTrue();
    }

    /** The same look, in two schools: each begins its suppling elsewhere. */
    @Test
    void aSchoolPutsWhatSupplesInItsOwnOrder() {
        Map<String, Object> stiff = with("bendLeft", 1);
        stiff.putAll(Map.of("jawLeft", 1, "jawRight", 1, "hindLeft", 1, "hindRight", 1));
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        yard.look(lesson, stiff);
        List<String> classical = kinds(view(lesson));
        coach.put("/api/v1/pairs/" + pair + "/school", Map.of("version", 1, "school", "PRESSURE_AND_RELEASE"));
        assertThat(kinds(view(lesson))).hasSize(2).isNotEqualTo(classical);
    }

    @Test
    void aFindingSaysAtHowManyStationsItWasSeen() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> look = with("leg", 1);
        look.put("legAt", Map.of("inHand", true));
        yard.look(lesson, look);
        assertThat(certainty(lesson)).isEqualTo("SUSPECTED");
        look.put("legAt", Map.of("inHand", true, "mounted", true));
        yard.look(lesson, look);
        assertThat(certainty(lesson)).isEqualTo("FOUND");
        assertThat(view(lesson).path("look").path("legAt").path("mounted").asBoolean())
                .isTrue();
    }

    private static String certainty(String lesson) {
        return view(lesson)
                .path("focus")
                .path("findings")
                .valueStream()
                .filter(f -> f.path("rowId").asString().equals("focus.leg"))
                .findFirst()
                .orElseThrow()
                .path("certainty")
                .asString();
    }

    @Test
    void aLookOutOfItsBoundsIsKeptAndMakesNoFocus() {
        String lesson = yard.lesson(yard.pair());
        JsonNode answers = yard.send(List.of(yard.entry(lesson, "first_look", Map.of("calm", 9))));
        assertThat(answers.path(0).path("outcome").asString()).isEqualTo("KEPT_ODD");
        assertThat(view(lesson).path("look").isNull()).isTrue();
    }

    @Test
    void whatTheCoachChoseStandsBesideWhatWasAdvised() {
        String lesson = yard.lesson(yard.pair());
        yard.look(lesson, with("bendRight", 1));
        Map<String, Object> choice = Map.of(
                "id", UUID.randomUUID(), "chosen", List.of("FORWARD"), "reason", "She has bent enough this week.");
        for (int i = 0; i < 2; i++) {
            Client.Reply reply = coach.post("/api/v1/lessons/" + lesson + "/focus", choice);
            assertThat(reply.status()).isEqualTo(201);
            JsonNode made = reply.body().path("choice");
            assertThat(made.path("chosen").path(0).asString()).isEqualTo("FORWARD");
            assertThat(made.path("advised").path(0).asString()).isEqualTo("BEND");
            assertThat(made.path("by").asString()).isEqualTo("Ottilie Brandvold");
        }
    }

    @Test
    void signsOfPainCannotBeChosenAway() {
        String lesson = yard.lesson(yard.pair());
        yard.look(lesson, with("soundness", "UNLEVEL"));
        Client.Reply reply = coach.post(
                "/api/v1/lessons/" + lesson + "/focus", Map.of("id", UUID.randomUUID(), "chosen", List.of("BEND")));
        assertThat(reply.status()).isEqualTo(409);
        assertThat(reply.code()).isEqualTo("help_first");
    }

    @Test
    void moreThanTwoThingsAreTooMany() {
        String lesson = yard.lesson(yard.pair());
        Client.Reply reply = coach.post(
                "/api/v1/lessons/" + lesson + "/focus",
                Map.of("id", UUID.randomUUID(), "chosen", List.of("BEND", "RIDER", "FORWARD")));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.body().path("issues").path(0).path("code").asString()).isEqualTo("length");
    }

    @Test
    void theLastThreeLooksComeWithTheNextLesson() {
        String pair = yard.pair();
        for (int leg = 0; leg < 4; leg++) {
            yard.look(yard.lesson(pair), with("leg", leg));
        }
        // a device's clock may be ahead of the server's: looks of the future are none yet
        JsonNode before = coach.get("/api/v1/lessons/" + yard.lesson(pair) + "/packet")
                .body()
                .path("looksBefore");
        assertThat(before.size()).isLessThanOrEqualTo(3);
    }
}

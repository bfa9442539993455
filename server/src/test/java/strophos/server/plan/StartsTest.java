package strophos.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** What a plan can be begun from: last time's, and what was kept under a name. */
class StartsTest {

    private static final String RUNG = "counter-bend.walk.rail";
    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static List<Map<String, Object>> blocks(int seconds) {
        return List.of(Map.of("rung", RUNG, "role", "MAIN", "seconds", seconds, "longer", "NONE"));
    }

    private static JsonNode starts(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/plan/starts").body();
    }

    private static Client.Reply keep(UUID id, String name, List<Map<String, Object>> blocks) {
        return coach.put("/api/v1/plan-templates/" + id, Map.of("name", name, "blocks", blocks));
    }

    private static List<String> names(String lesson) {
        return starts(lesson)
                .path("templates")
                .valueStream()
                .map(t -> t.path("name").asString())
                .toList();
    }

    @Test
    void lastTimeIsThePlanOfTheLastLessonThatWasRidden() {
        String pair = yard.pair();
        assertThat(starts(yard.lesson(pair)).path("last").isNull()).isTrue();
        String before = yard.lesson(pair);
        coach.put("/api/v1/lessons/" + before + "/plan", Map.of("version", 0, "blocks", blocks(300)));
        String next = yard.lesson(pair);
        assertThat(starts(next).path("last").isNull())
                .as("planned and not ridden")
                .isTrue();
        yard.send(
                List.of(yard.entry(before, "lesson_started", Map.of()), yard.entry(before, "lesson_ended", Map.of())));
        JsonNode last = starts(next).path("last").path("plan");
        assertThat(last.path("blocks").path(0).path("seconds").asInt()).isEqualTo(300);
        assertThat(last.path("parts").path(0).path("name").asString()).isEqualTo("Counter-bend on the rail");
        assertThat(starts(before).path("last").isNull()).as("not its own").isTrue();
    }

    @Test
    void aTemplateIsKeptChangedAndRemoved() {
        String lesson = yard.lesson(yard.pair());
        UUID id = UUID.randomUUID();
        assertThat(keep(id, "  A quiet day  ", blocks(240)).status()).isEqualTo(200);
        assertThat(names(lesson)).contains("A quiet day");
        assertThat(keep(id, "A quieter day", blocks(180)).status()).isEqualTo(200);
        assertThat(names(lesson)).contains("A quieter day").doesNotContain("A quiet day");
        assertThat(coach.delete("/api/v1/plan-templates/" + id).status()).isEqualTo(204);
        assertThat(names(lesson)).doesNotContain("A quieter day");
        assertThat(coach.delete("/api/v1/plan-templates/" + id).status()).isEqualTo(404);
    }

    @Test
    void whatCannotBeKeptIsSaid() {
        UUID id = UUID.randomUUID();
        keep(id, "Taken", blocks(240));
        assertThat(keep(UUID.randomUUID(), "Taken", blocks(240)).body().toString())
                .contains("template_name_taken");
        assertThat(keep(UUID.randomUUID(), " ", blocks(240)).status()).isEqualTo(422);
        assertThat(keep(UUID.randomUUID(), "None", List.of()).status()).isEqualTo(422);
        List<Map<String, Object>> unknown = new ArrayList<>(blocks(240));
        unknown.add(Map.of("rung", "no-such.walk.rail", "role", "LAST", "seconds", 60, "longer", "NONE"));
        assertThat(keep(UUID.randomUUID(), "Unknown", unknown).body().toString())
                .contains("unknown_id");
        coach.delete("/api/v1/plan-templates/" + id);
    }

    @Test
    void aYardKeepsAHundred() {
        List<UUID> made = new ArrayList<>();
        String lesson = yard.lesson(yard.pair());
        for (int i = names(lesson).size(); i < 100; i++) {
            UUID id = UUID.randomUUID();
            made.add(id);
            keep(id, "Plan " + i, blocks(60));
        }
        assertThat(keep(UUID.randomUUID(), "One more", blocks(60)).body().toString())
                .contains("too_many_templates");
        assertThat(keep(made.get(0), "Changed", blocks(60)).status())
                .as("one that is there")
                .isEqualTo(200);
        made.forEach(id -> coach.delete("/api/v1/plan-templates/" + id));
    }

    /** A locked block is kept as such, in plans and in templates. */
    @Test
    void aLockIsKept() {
        String lesson = yard.lesson(yard.pair());
        List<Map<String, Object>> locked = List.of(
                Map.of("rung", RUNG, "role", "MAIN", "seconds", 300, "longer", "NONE", "locked", true),
                Map.of("rung", "inside-bend.walk.rail", "role", "SECOND", "seconds", 300, "longer", "NONE"));
        JsonNode kept = coach.put("/api/v1/lessons/" + lesson + "/plan", Map.of("version", 0, "blocks", locked))
                .body()
                .path("plan")
                .path("blocks");
        assertThat(kept.valueStream().map(b -> b.path("locked").asBoolean())).containsExactly(true, false);
    }
}

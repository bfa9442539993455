package strophos.server.horse;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class PainCountTest {

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();

    private Client.Reply count(String id, List<String> seen) {
        return coach.post("/api/v1/pairs/" + pair + "/pain-counts", Map.of("id", id, "seen", seen));
    }

    /** 8 or more of 24: a vet before more training (Dyson and others 2018, from memory). */
    @Test
    void fromEightOnAVetLooksFirst() {
        List<String> all = coach.get("/api/v1/pairs/" + pair + "/pain-counts")
                .body()
                .path("questions")
                .valueStream()
                .map(q -> q.path("id").asString())
                .toList();
        assertThat(all).hasSize(24);
        count(UUID.randomUUID().toString(), all.subList(0, 7));
        String id = UUID.randomUUID().toString();
        count(id, all.subList(3, 11));
        JsonNode counts = count(id, List.of()).body().path("counts");

        assertThat(counts.valueStream()
                        .map(c -> c.path("count").asInt() + " "
                                + c.path("isVetFirst").asBoolean()))
                .as("the latest first; said twice it is said once")
                .containsExactly("8 true", "7 false");
        assertThat(notes()).as("the plan says it before anybody mounts").contains("VET_FIRST");
        assertThat(count(UUID.randomUUID().toString(), List.of("yawns")).status())
                .isEqualTo(422);
        count(UUID.randomUUID().toString(), all.subList(0, 7));
        assertThat(notes()).as("counted again, with fewer").doesNotContain("VET_FIRST");
    }

    private List<String> notes() {
        return coach.get("/api/v1/lessons/" + yard.lesson(pair) + "/plan")
                .body()
                .path("plan")
                .path("notes")
                .valueStream()
                .map(n -> n.path("code").asString())
                .toList();
    }

    @Test
    void aCountIsTheHorsesWhoeverRodeIt() {
        count(UUID.randomUUID().toString(), List.of("rears"));
        String second = yard.secondPair(pair, "Lindiwe Achterberg");

        assertThat(coach.get("/api/v1/pairs/" + second + "/pain-counts")
                        .body()
                        .path("counts")
                        .size())
                .isEqualTo(1);
    }
}

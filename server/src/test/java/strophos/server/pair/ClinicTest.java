package strophos.server.pair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import strophos.core.school.School;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Two strangers at the gate, perhaps without a network: made by a device, and known by their ids when they come in. */
class ClinicTest {

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);

    @Test
    void aPairThatADeviceMadeIsKnownByItsIdHoweverOftenItIsSaid() {
        Map<String, Object> pair = new LinkedHashMap<>();
        pair.put("rider", "Maren Falk");
        pair.put("horse", "Skerry the second");
        pair.put("school", "GAITED");
        for (String id : new String[] {"id", "newRiderId", "newHorseId"}) {
            pair.put(id, UUID.randomUUID().toString());
        }
        assertThat(coach.post("/api/v1/pairs", pair).status()).isEqualTo(201);
        Client.Reply again = coach.post("/api/v1/pairs", pair);

        assertThat(again.status()).isEqualTo(201);
        assertThat(again.body().path("id").asString()).isEqualTo(pair.get("id"));
        JsonNode there = coach.get("/api/v1/pairs/" + pair.get("id")).body();
        assertThat(there.path("horseId").asString()).isEqualTo(pair.get("newHorseId"));
        assertThat(there.path("horse").asString()).isEqualTo("Skerry the second");
        assertThat(coach.get("/api/v1/pairs/names")
                        .body()
                        .path("pairs")
                        .valueStream()
                        .filter(p -> p.path("horse").asString().equals("Skerry the second")))
                .hasSize(1);
    }

    @Test
    void nobodyWhoIsNoRiderBecomesOneByTheIdOfANewcomer() {
        Client.Reply reply = coach.post(
                "/api/v1/pairs",
                Map.of("rider", "Maren Falk", "horse", "Skerry", "school", "GAITED", "newRiderId", coach.person()));

        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.body().path("issues").path(0).path("path").asString()).isEqualTo("newRiderId");
    }

    @Test
    void twoWhoArePairedAlreadyKeepTheirPairWhateverIdIsSaidNext() {
        Map<String, Object> pair =
                new LinkedHashMap<>(Map.of("rider", "Maren Falk", "horse", "Knot", "school", "GAITED"));
        pair.put("newRiderId", UUID.randomUUID().toString());
        pair.put("newHorseId", UUID.randomUUID().toString());
        String first = coach.post("/api/v1/pairs", pair).body().path("id").asString();
        pair.put("id", UUID.randomUUID().toString());

        assertThat(coach.post("/api/v1/pairs", pair).body().path("id").asString())
                .isEqualTo(first);
    }

    /** What a first lesson needs is the same as of a pair that was added where there is a network, but for names and ids. */
    @ParameterizedTest
    @EnumSource(School.class)
    void aBlankHoldsWhatTheFirstLessonOfANewPairHolds(School school) {
        JsonNode blank = coach.get("/api/v1/clinic/" + school).body();
        Map<String, Object> pair = Map.of("rider", "Noor Haldane", "horse", "Vesper", "school", school.name());
        String id = coach.post("/api/v1/pairs", pair).body().path("id").asString();
        JsonNode packet =
                coach.get("/api/v1/lessons/" + yard.lesson(id) + "/packet").body();

        for (String part :
                new String[] {"rungs", "usual", "looksBefore", "watch", "seenBefore", "headgear", "school"}) {
            assertThat(blank.path(part)).as(part).isEqualTo(packet.path(part));
        }
        assertThat(blank.path("plan").path("nudges"))
                .isEqualTo(packet.path("plan").path("nudges"));
        assertThat(blank.path("plan").path("plan").path("blocks").isEmpty()).isTrue();
    }

    @Test
    void aSchoolThatIsNoneIsNotThere() {
        assertThat(coach.get("/api/v1/clinic/CIRCUS").status()).isEqualTo(404);
    }
}

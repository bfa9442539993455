package strophos.server.outing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** A horse goes out: the days round it, the lessons that do not fit them, and the plan of the day before (rules 9). */
class OutingsTest {

    private static final LocalDate TODAY = LocalDate.ofInstant(App.START, ZoneId.of("Europe/London"));

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static Client.Reply add(String pair, String id, LocalDate travelOn, LocalDate countsOn) {
        return coach.post(
                "/api/v1/pairs/" + pair + "/outings",
                Map.of(
                        "id",
                        id,
                        "what",
                        "The river fields",
                        "travelOn",
                        travelOn.toString(),
                        "countsOn",
                        countsOn.toString(),
                        "isFirst",
                        true));
    }

    private static List<String> texts(JsonNode list, String name) {
        return list.valueStream().map(n -> n.path(name).asString()).toList();
    }

    private static JsonNode plan(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/plan").body().path("plan");
    }

    @Test
    void theDayBeforeIsPlannedEasyUntilItIsTakenOff() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        String id = UUID.randomUUID().toString();
        int usual = plan(lesson).path("workS").asInt();
        assertThat(add(pair, id, TODAY.plusDays(1), TODAY.plusDays(2)).status()).isEqualTo(201);
        JsonNode outing =
                add(pair, id, TODAY.plusDays(1), TODAY.plusDays(2)).body().path("outings");
        assertThat(outing.size()).as("the same sent twice").isEqualTo(1);
        assertThat(texts(outing.path(0).path("days"), "kind"))
                .containsExactly("EASY", "TRAVEL_AND_LOOK_AROUND", "COUNTS", "REST_OR_HACK");
        assertThat(texts(outing.path(0).path("warnings"), "warning"))
                .as("45 minutes are in the diary today")
                .containsExactly("NOT_EASY_BEFORE_TRAVEL");
        JsonNode easy = plan(lesson);
        assertThat(texts(easy.path("notes"), "code")).contains("OUTING_EASY");
        assertThat(easy.path("workS").asInt()).isLessThanOrEqualTo(22 * 60).isLessThan(usual);

        Client.Reply away = coach.put("/api/v1/pairs/" + pair + "/outings/" + id + "/away", Map.of("isPutAway", true));
        assertThat(away.body().path("outings").path(0).path("isPutAway").asBoolean())
                .isTrue();
        assertThat(texts(plan(lesson).path("notes"), "code")).doesNotContain("OUTING_EASY");
        assertThat(plan(lesson).path("workS").asInt()).isEqualTo(usual);
    }

    /** Another rider of the same horse rides the same horse. */
    @Test
    void anOutingIsTheHorses() {
        String pair = yard.pair();
        String other = yard.secondPair(pair, "Lindiwe Achterberg");
        add(pair, UUID.randomUUID().toString(), TODAY.minusDays(2), TODAY.minusDays(1));
        assertThat(texts(plan(yard.lesson(other)).path("notes"), "code")).contains("OUTING_AFTER");
    }

    @ParameterizedTest
    @CsvSource({"1, 0, travel_not_before", "-31, 0, travel_not_before", "401, 401, outing_too_far"})
    void aDayThatCannotBeIsNamed(int travelIn, int countsIn, String code) {
        Client.Reply reply =
                add(yard.pair(), UUID.randomUUID().toString(), TODAY.plusDays(travelIn), TODAY.plusDays(countsIn));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(texts(reply.body().path("issues"), "code")).containsExactly(code);
    }

    /** The plan counts the same minutes; it has its own way to them. */
    @Test
    void theLastWeekIsThatOfThePlan() {
        String pair = coach.get("/api/v1/pairs/names")
                .body()
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals("Quillon"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        JsonNode work = coach.get("/api/v1/pairs/" + pair + "/work").body();
        assertThat(work.path("weeks").size()).isEqualTo(8);
        assertThat(work.path("weeks").path(7).path("from").asString())
                .isEqualTo(TODAY.minusDays(7).toString());
        JsonNode ofPlan = coach.get("/api/v1/lessons/" + yard.lesson(pair) + "/packet")
                .body()
                .path("plan")
                .path("work");
        assertThat(work.path("weeks").path(7).path("load").asInt())
                .isPositive()
                .isEqualTo(ofPlan.path("weekLoad").asInt());
        assertThat(work.path("weeks").path(6).path("load").asInt())
                .isEqualTo(ofPlan.path("weekLoadBefore").asInt());
        assertThat(work.path("strain").asDouble())
                .isCloseTo(
                        work.path("alike").asDouble()
                                * work.path("weeks").path(7).path("load").asInt(),
                        within(60.0));
    }
}

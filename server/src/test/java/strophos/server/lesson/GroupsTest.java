package strophos.server.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** Several pairs taught together: a lesson and a log each, one group, and everybody sees only whom they may. */
class GroupsTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    /** What was asked for, to be asked for again. */
    private record Asked(String group, List<Map<String, Object>> members, Map<String, Object> body) {

        String lesson(int at) {
            return (String) members.get(at).get("lesson");
        }
    }

    private static Asked group(String... pairs) {
        String group = UUID.randomUUID().toString();
        List<Map<String, Object>> members = Stream.of(pairs)
                .map(p -> Map.<String, Object>of("lesson", UUID.randomUUID().toString(), "pair", p))
                .toList();
        return new Asked(
                group,
                members,
                Map.of("id", group, "plannedAt", App.START.toString(), "minutes", 60, "members", members));
    }

    private static JsonNode packet(Client who, String lesson) {
        return who.get("/api/v1/lessons/" + lesson + "/packet").body();
    }

    private static List<String> together(JsonNode lesson) {
        return lesson.path("group")
                .path("lessons")
                .valueStream()
                .map(l -> l.path("lesson").asString())
                .toList();
    }

    private static Client.Reply join(String lesson, String group) {
        return coach.put("/api/v1/lessons/" + lesson + "/group", Collections.singletonMap("group", group));
    }

    private static List<String> codes(Client.Reply reply) {
        return reply.body()
                .path("issues")
                .valueStream()
                .map(i -> i.path("code").asString())
                .toList();
    }

    @Test
    void eachPairHasALessonOfItsOwnInTheGroup() {
        Asked asked = group(yard.pair(), yard.pair(), yard.pair());
        assertThat(coach.post("/api/v1/groups", asked.body()).status()).isEqualTo(201);
        assertThat(coach.post("/api/v1/groups", asked.body()).status())
                .as("asked again after a lost answer")
                .isEqualTo(201);
        List<String> lessons = asked.members().stream()
                .map(m -> (String) m.get("lesson"))
                .sorted()
                .toList();
        for (String lesson : lessons) {
            JsonNode of = packet(coach, lesson).path("lesson");
            assertThat(of.path("group").path("id").asString()).isEqualTo(asked.group());
            assertThat(together(of)).containsExactlyElementsOf(lessons);
            assertThat(of.path("minutes").asInt()).isEqualTo(60);
        }
        yard.send(yard.ride(asked.lesson(0), 3, "TRY", 1, true));
        assertThat(packet(coach, asked.lesson(0)).path("entries")).isNotEmpty();
        assertThat(packet(coach, asked.lesson(1)).path("entries"))
                .as("a log each")
                .isEmpty();
    }

    @Test
    void aRiderSeesNobodyElseOfTheGroup() {
        String first = yard.pair();
        Asked asked = group(first, yard.pair());
        coach.post("/api/v1/groups", asked.body());
        Client rider = yard.invited(first, "RIDER");
        JsonNode lessons = rider.get("/api/v1/today").body().path("lessons");
        assertThat(lessons.valueStream().map(l -> l.path("lesson").path("id").asString()))
                .contains(asked.lesson(0))
                .doesNotContain(asked.lesson(1));
        assertThat(lessons.valueStream().map(l -> l.path("lesson").path("group")))
                .allMatch(JsonNode::isNull);
    }

    @Test
    void aPairJoinsAndLeaves() {
        Asked asked = group(yard.pair(), yard.pair());
        coach.post("/api/v1/groups", asked.body());
        String late = yard.lesson(yard.pair());
        assertThat(packet(coach, late).path("lesson").path("group").isNull()).isTrue();
        assertThat(join(late, asked.group()).status()).isEqualTo(204);
        assertThat(together(packet(coach, asked.lesson(0)).path("lesson")))
                .hasSize(3)
                .contains(late);
        assertThat(join(asked.lesson(0), null).status()).isEqualTo(204);
        assertThat(together(packet(coach, late).path("lesson"))).containsExactlyInAnyOrder(asked.lesson(1), late);
        String fresh = UUID.randomUUID().toString();
        join(asked.lesson(1), fresh);
        join(asked.lesson(0), fresh);
        assertThat(together(packet(coach, asked.lesson(0)).path("lesson")))
                .as("two lessons of the day make a group of their own")
                .containsExactlyInAnyOrder(asked.lesson(0), asked.lesson(1));
        join(asked.lesson(0), null);
        assertThat(packet(coach, asked.lesson(1)).path("lesson").path("group").isNull())
                .as("one alone is no group")
                .isTrue();
    }

    @Test
    void whatCannotBeTaughtTogetherIsSaidAndNothingIsAdded() {
        String pair = yard.pair();
        String sameHorse = yard.secondPair(pair, "Emeka Lindqvist");
        Asked clash = group(pair, sameHorse);
        Client.Reply refused = coach.post("/api/v1/groups", clash.body());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(codes(refused)).containsExactly("horse_twice");
        assertThat(coach.get("/api/v1/lessons/" + clash.lesson(0) + "/packet").status())
                .isEqualTo(404);

        Client.Reply twice = coach.post("/api/v1/groups", group(pair, pair).body());
        assertThat(codes(twice)).containsExactlyInAnyOrder("rider_twice", "horse_twice");

        Client.Reply unknown = coach.post(
                "/api/v1/groups", group(pair, UUID.randomUUID().toString()).body());
        assertThat(unknown.body().path("issues").get(0).path("path").asString()).isEqualTo("members[1].pair");
    }

    @Test
    void aLessonOfAnotherDayAndANinthAreRefused() {
        List<String> pairs = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            pairs.add(yard.pair());
        }
        Asked full = group(pairs.toArray(String[]::new));
        assertThat(coach.post("/api/v1/groups", full.body()).status()).isEqualTo(201);
        String ninth = yard.lesson(yard.pair());
        assertThat(codes(join(ninth, full.group()))).containsExactly("too_many_in_group");
        assertThat(packet(coach, ninth).path("lesson").path("group").isNull()).isTrue();

        Asked two = group(yard.pair(), yard.pair());
        coach.post("/api/v1/groups", two.body());
        String tomorrow = UUID.randomUUID().toString();
        coach.post(
                "/api/v1/lessons",
                Map.of(
                        "id",
                        tomorrow,
                        "pair",
                        yard.pair(),
                        "plannedAt",
                        App.START.plus(Duration.ofDays(1)).toString(),
                        "minutes",
                        45));
        assertThat(codes(join(tomorrow, two.group()))).containsExactly("other_day");
    }
}

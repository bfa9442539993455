package strophos.server.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static strophos.server.ground.OnGround.FT;
import static strophos.server.ground.OnGround.way;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** A set-up as a whole: what is in the way, courses, a lesson's ground, and one ground for a group. */
class LessonGroundTest {

    private static Client coach;
    private static Yard yard;
    private static OnGround ground;

    @BeforeAll
    static void signIn() {
        ground = OnGround.start();
        coach = ground.coach();
        yard = ground.yard();
    }

    private static Map<String, Object> row(String id, double x, double y) {
        return Map.of("id", id, "row", Map.of("first", way(x, y, 90), "poles", 4, "poleM", 3, "isRaised", false));
    }

    private static Map<String, Object> circle(String id, double sizeM) {
        return circle(id, sizeM, "A");
    }

    private static Map<String, Object> circle(String id, double sizeM, String letter) {
        return Map.of(
                "id",
                id,
                "figure",
                Map.of(
                        "form", "CIRCLE", "rein", "LEFT", "at", letter, "sizeM", sizeM, "toM", 10, "count", 3,
                        "cornerM", 3));
    }

    private static Map<String, Object> fences(String id, Map<String, Object> first, double fenceM, Double... apartM) {
        return Map.of(
                "id",
                id,
                "fences",
                Map.of("first", first, "distancesM", List.of(apartM), "fenceM", fenceM, "widthM", 3));
    }

    private static JsonNode measured(String arena, List<String> pairs, Object... things) {
        Client.Reply reply = coach.post(
                "/api/v1/ground/measures",
                Map.of(
                        "arena",
                        arena,
                        "pairs",
                        pairs,
                        "pace",
                        "TROT",
                        "variant",
                        "WORKING",
                        "things",
                        List.of(things)));
        assertThat(reply.status()).as("%s", reply.body()).isEqualTo(200);
        return reply.body().path("things");
    }

    /** The circle of 20 m at A passes 18.66 m from A at x = 15, and so does the third pole. */
    @Test
    void whatStandsInTheWayIsNamedOnBothSides() {
        JsonNode things = measured("SMALL", List.of(), circle("circle", 20), row("poles", 15, 16), row("far", 15, 24));
        assertThat(things.path(0).path("inTheWayOf").valueStream().map(JsonNode::asString))
                .containsExactly("poles");
        assertThat(things.path(1).path("inTheWayOf").valueStream().map(JsonNode::asString))
                .contains("circle");
        // and a run to the one leads over the other
        assertThat(things.path(1).path("inTheWayOf").valueStream().map(JsonNode::asString))
                .contains("far");
    }

    /** The circle of 12 m about X goes over the middles of a fan that points to X: it is ridden on it. One at A is not. */
    @Test
    void aCircleIsRiddenOnItsFan() {
        Map<String, Object> fan =
                Map.of("id", "fan", "fan", Map.of("middle", way(10, 20, 90), "poles", 4, "middleM", 6, "poleM", 3));
        JsonNode things = measured("SMALL", List.of(), fan, circle("round", 12, "X"), circle("other", 12, "C"));
        assertThat(things.path(1).path("inTheWayOf").size()).isZero();
        assertThat(things.path(0).path("inTheWayOf").valueStream().map(JsonNode::asString))
                .containsExactly("other");
    }

    /** By hand: a line of 18.29 m, half a circle of 10 m with a stride straight at each end, at 350 m a minute. */
    @Test
    void aCourseOverFencesThatStand() {
        String pair = ground.jumping(12 * FT);
        Map<String, Object> course = Map.of(
                "id",
                "course",
                "course",
                Map.of(
                        "over",
                        List.of(
                                Map.of("fences", "line", "isReversed", false),
                                Map.of("fences", "single", "isReversed", true)),
                        "turnM",
                        5,
                        "speedMMin",
                        350));
        JsonNode things = measured(
                "STANDARD",
                List.of(pair),
                fences("line", way(5, 12, 90), 0.8, 18.29),
                fences("single", way(15, 30.29, 90), 0.8),
                course);
        JsonNode told = things.path(2).path("course");
        double turn = 5 * Math.PI + 2 * 3.66;
        assertThat(told.path("lengthM").asDouble()).isCloseTo(18.29 + turn, within(1e-6));
        assertThat(told.path("allowedS").asDouble()).isCloseTo((18.29 + turn) * 60 / 350, within(1e-6));
        assertThat(told.path("legs").size()).isEqualTo(2);
        JsonNode line = told.path("legs").path(0);
        assertThat(line.path("turnDeg").asDouble()).isZero();
        assertThat(line.path("horses").path(0).path("strides").asDouble()).isCloseTo(4, within(0.01));
        assertThat(told.path("legs").path(1).path("turnDeg").asDouble()).isCloseTo(-180, within(1e-6));
        assertThat(told.path("horses").path(0).path("pair").asString()).isEqualTo(pair);
        // it is in nobody's way whose fences it goes over, and its line holds the run between them
        assertThat(things.path(2).path("inTheWayOf").size()).isZero();
        // a fence was taken away
        assertThat(measured("STANDARD", List.of(pair), course)
                        .path(0)
                        .path("refusal")
                        .path("code")
                        .asString())
                .isEqualTo("NO_COURSE");
    }

    /** Low fences 3 m apart: a bounce for a horse of 12 ft (9 to 12 ft), 34 cm too wide for a pony whose stride is 2.66 m. */
    @Test
    void aRowOfCavalettiIsABounce() {
        List<String> pairs = List.of(ground.jumping(12 * FT), ground.jumping(2.66));
        JsonNode horses = measured("SMALL", pairs, fences("cavaletti", way(5, 15, 90), 0.4, 3.0))
                .path(0)
                .path("fences")
                .path("gaps")
                .path(0)
                .path("horses");
        JsonNode horse = horses.path(0);
        assertThat(horse.path("nearest").asInt()).isZero();
        assertThat(horse.path("counts").size()).isZero();
        assertThat(horse.path("bounce").path("leastM").asDouble()).isCloseTo(9 * FT, within(1e-9));
        assertThat(horse.path("bounce").path("wideM").asDouble()).isZero();
        assertThat(horses.path(1).path("bounce").path("wideM").asDouble()).isCloseTo(0.34, within(1e-9));
    }

    /** Poles in walk beside a circle in trot: each is told in its own gait. */
    @Test
    void aThingIsToldInTheGaitItIsRiddenIn() {
        Map<String, Object> walk = new HashMap<>(row("walk", 15, 16));
        walk.put("pace", "WALK");
        JsonNode things = measured("SMALL", List.of(yard.pair()), walk, row("trot", 5, 16));
        assertThat(things.path(0).path("row").path("apartM").asDouble()).isCloseTo(0.85 * 138 / 165, within(1e-9));
        assertThat(things.path(1).path("row").path("apartM").asDouble()).isCloseTo(1.30 * 138 / 165, within(1e-9));
    }

    private static Map<String, Object> setUp(int version, String arena, Object... things) {
        return Map.of(
                "version", version, "arena", arena, "pace", "TROT", "variant", "WORKING", "things", List.of(things));
    }

    /** What stands in a lesson comes with its plan and goes along to the ride, with this horse's numbers and without tapes. */
    @Test
    void aLessonsGroundGoesAlong() {
        String pair = ground.jumping(12 * FT);
        String lesson = yard.lesson(pair);
        String at = "/api/v1/lessons/" + lesson + "/ground";
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/plan")
                        .body()
                        .path("ground")
                        .isNull())
                .isTrue();
        Object line = fences("line", way(5, 12, 90), 0.8, 21.95);
        JsonNode first = coach.put(at, setUp(0, "STANDARD", line)).body();
        assertThat(first.path("version").asInt()).isEqualTo(1);
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/plan").body().path("ground"))
                .isEqualTo(first);
        JsonNode ride =
                coach.get("/api/v1/lessons/" + lesson + "/packet").body().path("ground");
        assertThat(ride.path("stands")).isEqualTo(first);
        JsonNode thing = first.path("measured").path("things").path(0);
        assertThat(thing.path("spots").size()).isZero();
        assertThat(thing.path("fences")
                        .path("gaps")
                        .path(0)
                        .path("horses")
                        .path(0)
                        .path("nearest")
                        .asInt())
                .isEqualTo(5);
        assertThat(coach.put(at, setUp(0, "SMALL")).status()).isEqualTo(412);
        JsonNode cleared = coach.put(at, setUp(1, "SMALL")).body();
        assertThat(cleared.path("version").asInt()).isEqualTo(2);
        assertThat(cleared.path("things").size()).isZero();
        assertThat(coach.put("/api/v1/lessons/" + UUID.randomUUID() + "/ground", setUp(0, "SMALL"))
                        .status())
                .isEqualTo(404);
        assertThat(coach.put(at, setUp(2, "nowhere"))
                        .body()
                        .path("issues")
                        .path(0)
                        .path("path")
                        .asString())
                .isEqualTo("arena");
    }

    /** The two-cone drill goes along: an order of its own for each lesson, the same as often as it is asked for. */
    @Test
    void theDrillIsDrawnForTheLesson() {
        String pair = yard.pair();
        JsonNode one = ridden(yard.lesson(pair));
        String lesson = yard.lesson(pair);
        JsonNode other = ridden(lesson);
        assertThat(one.path("onCones").valueStream().map(JsonNode::asString)).containsExactly("two-cones");
        assertThat(one.path("coneParts").path(0).asString()).isEqualTo("FORWARD");
        assertThat(one.path("coneParts")).isNotEqualTo(other.path("coneParts"));
        assertThat(ridden(lesson)).isEqualTo(other);
    }

    private static JsonNode ridden(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/packet").body().path("ground");
    }

    /** A step of 1.20 m by its poles, and half of 2.73 · 138/165 by its height. */
    @Test
    void thePlanSaysTheNumbersOfItsHorse() {
        String pair = ground.stepping(1.20);
        String lesson = yard.lesson(pair);
        String at = "/api/v1/lessons/" + lesson + "/plan";
        Map<String, Object> block = new HashMap<>(
                Map.of("rung", "poles-straight.walk.rail", "role", "MAIN", "seconds", 300, "longer", "NONE"));
        JsonNode kept =
                coach.put(at, Map.of("version", 0, "blocks", List.of(block))).body();
        JsonNode ground =
                kept.path("plan").path("blocks").path(0).path("ground").path("forHorse");
        assertThat(ground.path("isMeasured").asBoolean()).isFalse();
        assertThat(ground.path("poles").path("fromM").asDouble()).isCloseTo(0.80 * 138 / 165, within(1e-9));
        // once round the two cones, and nothing of a track that is as long as its arena
        String other = "/api/v1/lessons/" + yard.lesson(yard.pair()) + "/plan";
        block.put("rung", "two-cones.walk.circle");
        Map<String, Object> track = new HashMap<>(block);
        track.put("rung", "counter-bend.walk.rail");
        JsonNode blocks = coach.put(other, Map.of("version", 0, "blocks", List.of(block, track)))
                .body()
                .path("plan")
                .path("blocks");
        double lengthM = 4 * Math.PI * 3.048 / 2;
        JsonNode cones = blocks.path(0).path("ground").path("forHorse");
        assertThat(cones.path("steps").asDouble()).isCloseTo(2 * lengthM / (1.87 * 138 / 165), within(1e-6));
        assertThat(blocks.path(1).path("ground").path("forHorse").isNull()).isTrue();
    }

    private static Map<String, Object> need(String pair, Map<String, Object> thing, int fromMin, int minutes) {
        return Map.of("thing", thing, "pair", pair, "pace", "TROT", "fromS", 60 * fromMin, "lastsS", 60 * minutes);
    }

    private static JsonNode merged(Object... needs) {
        Client.Reply reply = coach.post("/api/v1/ground/merged", Map.of("arena", "SMALL", "needs", List.of(needs)));
        assertThat(reply.status()).as("%s", reply.body()).isEqualTo(200);
        return reply.body();
    }

    /** Steps of 1.20 and 1.20 m share a row at 1.20 m; one of 0.95 m has its own; neither lies on the circle that is ridden meanwhile. */
    @Test
    void aGroupsGroundIsOne() {
        String one = ground.stepping(1.20);
        String same = ground.stepping(1.20);
        String pony = ground.stepping(0.95);
        JsonNode ground = merged(
                need(one, row("one", 15, 14), 5, 10),
                need(same, row("same", 15, 14), 5, 10),
                need(pony, row("pony", 15, 14), 5, 10),
                need(one, circle("circle", 20), 15, 10));
        assertThat(ground.path("noRoom").size()).isZero();
        assertThat(ground.path("things").size()).isEqualTo(3);
        JsonNode shared = thing(ground, one, "row");
        assertThat(shared.path("pairs").size()).isEqualTo(2);
        assertThat(shared.path("thing").path("pace").asString()).isEqualTo("TROT");
        assertThat(shared.path("thing").path("row").path("apartM").asDouble()).isEqualTo(1.20);
        assertThat(thing(ground, pony, "row")
                        .path("thing")
                        .path("row")
                        .path("apartM")
                        .asDouble())
                .isEqualTo(0.95);
        List<Object> things = new ArrayList<>();
        ground.path("things").forEach(t -> things.add(t.path("thing")));
        JsonNode laid = measured("SMALL", List.of(), things.toArray());
        for (JsonNode t : ground.path("things")) {
            JsonNode thing = t.path("thing");
            boolean isMoved =
                    !thing.path("laidS").isNull() || !thing.path("awayS").isNull();
            if (!isMoved) {
                String id = t.path("thing").path("id").asString();
                JsonNode view = laid.valueStream()
                        .filter(v -> v.path("id").asString().equals(id))
                        .findFirst()
                        .orElseThrow();
                assertThat(view.path("refusal").isNull()).isTrue();
            }
        }
    }

    private static JsonNode thing(JsonNode ground, String pair, String kind) {
        return ground.path("things")
                .valueStream()
                .filter(t -> !t.path("thing").path(kind).isNull())
                .filter(t ->
                        t.path("pairs").valueStream().anyMatch(p -> p.asString().equals(pair)))
                .findFirst()
                .orElseThrow();
    }

    /** A pen in which a circle along the fence leaves no room: the poles are laid when the circle is done. */
    @Test
    void whatMustMoveSaysWhen() {
        String pair = yard.pair();
        UUID pen = UUID.randomUUID();
        coach.put(
                "/api/v1/ground/arenas/" + pen,
                Map.of(
                        "version",
                        0,
                        "isPutAway",
                        false,
                        "arena",
                        Map.of(
                                "name",
                                "The pen",
                                "shape",
                                "OVAL",
                                "widthM",
                                12,
                                "lengthM",
                                12,
                                "slopePct",
                                0,
                                "isLettered",
                                false,
                                "landmarks",
                                List.of())));
        JsonNode ground = coach.post(
                        "/api/v1/ground/merged",
                        Map.of(
                                "arena",
                                pen,
                                "needs",
                                List.of(
                                        need(pair, circle("wide", 12), 0, 10),
                                        need(pair, circle("small", 6, "A"), 0, 10),
                                        need(pair, circle("small too", 6, "C"), 0, 10),
                                        need(
                                                pair,
                                                Map.of(
                                                        "id",
                                                        "poles",
                                                        "row",
                                                        Map.of(
                                                                "first",
                                                                way(6, 3, 90),
                                                                "poles",
                                                                3,
                                                                "poleM",
                                                                4,
                                                                "isRaised",
                                                                false)),
                                                12,
                                                5))))
                .body();
        JsonNode poles = thing(ground, pair, "row").path("thing");
        assertThat(poles.path("laidS").asInt()).isEqualTo(12 * 60);
        assertThat(poles.path("awayS").isNull()).isTrue();
    }

    /** Steps of 1.10, 1.20 and 1.34 m share a fan of 11.65°; one of 0.85 m gets a row. */
    @Test
    void aGroupsFanIsShared() {
        List<Object> needs = new ArrayList<>();
        List<String> pairs = new ArrayList<>();
        for (double step : new double[] {1.10, 1.20, 1.34, 0.85}) {
            String pair = ground.stepping(step);
            pairs.add(pair);
            needs.add(need(
                    pair,
                    Map.of(
                            "id",
                            "fan " + step,
                            "fan",
                            Map.of("middle", way(10, 14, 90), "poles", 4, "middleM", 6, "poleM", 3)),
                    5,
                    10));
        }
        JsonNode ground = merged(needs.toArray());
        JsonNode fan = thing(ground, pairs.get(0), "fan");
        assertThat(fan.path("pairs").size()).isEqualTo(3);
        assertThat(fan.path("thing").path("fan").path("gapDeg").asDouble()).isCloseTo(11.65, within(0.005));
        assertThat(thing(ground, pairs.get(3), "row")
                        .path("thing")
                        .path("row")
                        .path("apartM")
                        .asDouble())
                .isEqualTo(0.85);
    }

    @Test
    void whatCannotBeMergedIsSaidByItsPlace() {
        String pair = yard.pair();
        Client.Reply nothing = coach.post("/api/v1/ground/merged", Map.of("arena", "SMALL", "needs", List.of()));
        assertThat(nothing.status()).isEqualTo(422);
        Client.Reply none = coach.post(
                "/api/v1/ground/merged",
                Map.of("arena", "SMALL", "needs", List.of(need(pair, Map.of("id", "none"), 0, 5))));
        assertThat(none.body().path("issues").path(0).path("path").asString()).isEqualTo("needs[0].thing");
        // too large for the arena: named, and nothing else is lost
        JsonNode ground = merged(need(pair, circle("wide", 40), 0, 5), need(pair, row("poles", 15, 14), 0, 5));
        assertThat(ground.path("noRoom").path(0).path("thing").path("id").asString())
                .isEqualTo("wide");
        assertThat(ground.path("things").size()).isEqualTo(1);
    }
}

package strophos.server.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static strophos.server.ground.OnGround.FT;
import static strophos.server.ground.OnGround.way;

import java.util.HashMap;
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

/** What stands on the ground and whom it suits; the geometry is held in core. */
class GroundTest {

    private static Client coach;
    private static Yard yard;
    private static OnGround ground;

    @BeforeAll
    static void signIn() {
        ground = OnGround.start();
        coach = ground.coach();
        yard = ground.yard();
    }

    private static Client.Reply measure(String arena, List<String> pairs, String pace, Map<?, ?>... things) {
        return coach.post(
                "/api/v1/ground/measures",
                Map.of(
                        "arena",
                        arena,
                        "pairs",
                        pairs,
                        "pace",
                        pace,
                        "variant",
                        pace.equals("WALK") ? "MEDIUM" : "WORKING",
                        "things",
                        List.of(things)));
    }

    /** The path of the first issue. */
    private static String path(Client.Reply refused) {
        return refused.body().path("issues").path(0).path("path").asString();
    }

    private static String code(Client.Reply refused) {
        return refused.body().path("issues").path(0).path("code").asString();
    }

    private static Map<String, Object> figure(String form, String rein, String at, double sizeM) {
        return Map.of(
                "id",
                "f",
                "figure",
                Map.of("form", form, "rein", rein, "at", at, "sizeM", sizeM, "toM", 10, "count", 3, "cornerM", 3));
    }

    /** A horse of 138 cm: θ = 1.5 · 1.38 / 10 rad; a stride of 2.73 · 138/165. */
    @Test
    void aFigureAsThisHorseGoesIt() {
        String pair = yard.pair();
        JsonNode view = measure("SMALL", List.of(pair), "TROT", figure("CIRCLE", "RIGHT", "A", 20))
                .body();
        JsonNode circle = view.path("things").path(0).path("figure");
        assertThat(circle.path("lengthM").asDouble()).isCloseTo(62.83, within(0.005));
        JsonNode horse = circle.path("horses").path(0);
        assertThat(horse.path("mostBendDeg").asDouble()).isCloseTo(Math.toDegrees(1.5 * 1.38 / 10), within(1e-9));
        assertThat(horse.path("bendsDeg").path(0).asDouble()).isNegative();
        double stride = 2.73 * 138 / 165;
        assertThat(view.path("horses").path(0).path("stride").path("lengthM").asDouble())
                .isCloseTo(stride, within(1e-9));
        assertThat(horse.path("steps").asDouble()).isCloseTo(2 * 20 * Math.PI / stride, within(1e-9));
        JsonNode middle = view.path("things").path(0).path("spots").path(0);
        assertThat(middle.path("kind").asString()).isEqualTo("MIDDLE");
        assertThat(middle.path("tapes").size()).isEqualTo(2);
    }

    /** Even on 10 m to the left, on 12 m to the right: a circle of 10 m to the right is refused to it, and nothing else told. */
    @Test
    void aCircleSmallerThanItsLastEvenOneIsRefusedToThatHorse() {
        String pair = yard.pair();
        yard.look(yard.lesson(pair), Yard.goodLook());
        JsonNode left = onTen(pair, "LEFT");
        assertThat(left.path("tooTight").isNull()).isTrue();
        assertThat(left.path("seconds").asDouble()).isPositive();
        JsonNode right = onTen(pair, "RIGHT");
        assertThat(right.path("tooTight").path("reason").asString()).isEqualTo("EVEN");
        assertThat(right.path("tooTight").path("leastM").asDouble()).isEqualTo(12);
        assertThat(right.path("tooTight").path("where").path("y").asDouble()).isCloseTo(0, within(1e-9));
        assertThat(List.of("seconds", "steps", "fewerM", "moreM", "rightLegsMoreM"))
                .allSatisfy(told -> assertThat(right.path(told).isNull()).isTrue());
    }

    private static JsonNode onTen(String pair, String rein) {
        return measure("SMALL", List.of(pair), "TROT", figure("CIRCLE", rein, "A", 10))
                .body()
                .path("things")
                .path(0)
                .path("figure")
                .path("horses")
                .path(0);
    }

    @ParameterizedTest
    @CsvSource({
        "SMALL, CIRCLE, B, 21, LEAVES",
        "SMALL, CIRCLE, Q, 10, NO_LETTER",
        "SMALL, HALF_VOLTE, X, 8, NOT_ON_TRACK",
        "SMALL, QUARTER_LINE, A, 8, ",
        "STANDARD, SPIRAL, A, 8, WIDENS"
    })
    void whatCannotBeRiddenSaysWhy(String arena, String form, String at, double sizeM, String code) {
        JsonNode thing = measure(arena, List.of(), "TROT", figure(form, "LEFT", at, sizeM))
                .body()
                .path("things")
                .path(0);
        assertThat(thing.path("refusal").path("code").asString("")).isEqualTo(code == null ? "" : code);
        assertThat(thing.path("figure").isNull()).isEqualTo(code != null);
    }

    /** Steps of 1.10, 1.20 and 1.34 m on rc 6 m: 11.65°, lines at 5.41, 5.90 and 6.59 m; one of 0.85 m is left out by name. */
    @Test
    void oneFanForThreeHorses() {
        List<String> three = List.of(ground.stepping(1.20), ground.stepping(1.34), ground.stepping(1.10));
        Map<String, Object> fan =
                Map.of("id", "fan", "fan", Map.of("middle", way(10, 10), "poles", 4, "middleM", 6, "poleM", 3));
        JsonNode view =
                measure("SMALL", three, "TROT", fan).body().path("things").path(0);
        assertThat(view.path("fan").path("gapDeg").asDouble()).isCloseTo(11.65, within(0.005));
        assertThat(view.path("fan")
                        .path("horses")
                        .valueStream()
                        .map(h -> h.path("lineM").asDouble()))
                .satisfiesExactly(
                        l -> assertThat(l).isCloseTo(5.90, within(0.005)),
                        l -> assertThat(l).isCloseTo(6.59, within(0.005)),
                        l -> assertThat(l).isCloseTo(5.41, within(0.005)));
        assertThat(view.path("bars").size()).isEqualTo(4);
        String pony = ground.stepping(0.85);
        JsonNode four = measure("SMALL", List.of(three.get(0), three.get(1), three.get(2), pony), "TROT", fan)
                .body()
                .path("things")
                .path(0)
                .path("fan");
        assertThat(four.path("gapDeg").asDouble()).isCloseTo(11.65, within(0.005));
        assertThat(four.path("horses").valueStream().filter(h -> !h.path("fits").asBoolean()))
                .singleElement()
                .satisfies(h -> assertThat(h.path("pair").asString()).isEqualTo(pony));
    }

    /** 9.5 ft in 72 ft: six with the fence 1.68 m in, seven with it 1.22 m out. */
    @Test
    void aPonyMeetsALineBuiltForHorses() {
        String pair = ground.jumping(9.5 * FT);
        Map<String, Object> line = Map.of(
                "id",
                "line",
                "fences",
                Map.of("first", way(5, 10), "distancesM", List.of(72 * FT), "fenceM", 0.6, "widthM", 3));
        JsonNode gap = measure("STANDARD", List.of(pair), "JUMPING", line)
                .body()
                .path("things")
                .path(0)
                .path("fences")
                .path("gaps")
                .path(0)
                .path("horses")
                .path(0);
        JsonNode six = gap.path("counts").path(0);
        assertThat(six.path("strides").asInt()).isEqualTo(6);
        assertThat(six.path("moveOutM").asDouble()).isCloseTo(-1.68, within(0.005));
        JsonNode seven = gap.path("counts").path(1);
        assertThat(seven.path("moveOutM").asDouble()).isCloseTo(1.22, within(0.005));
        assertThat(seven.path("suits").asString()).isEqualTo("SHORT");
    }

    @Test
    void aRowIsLaidAsItSuitsAndSaysWhomItDoesNot() {
        String pair = ground.stepping(1.20);
        Map<String, Object> row =
                new HashMap<>(Map.of("first", way(15, 10), "poles", 4, "poleM", 3, "isRaised", false));
        JsonNode suited = measure("SMALL", List.of(pair), "TROT", Map.of("id", "r", "row", row))
                .body()
                .path("things")
                .path(0)
                .path("row");
        assertThat(suited.path("apartM").asDouble()).isCloseTo(1.20, within(1e-9));
        assertThat(suited.path("horses").path(0).path("wideM").asDouble()).isZero();
        row.put("apartM", 1.40);
        JsonNode wide = measure("SMALL", List.of(pair), "TROT", Map.of("id", "r", "row", row))
                .body()
                .path("things")
                .path(0);
        assertThat(wide.path("row").path("horses").path(0).path("wideM").asDouble())
                .isCloseTo(0.2, within(1e-9));
        assertThat(wide.path("spots").size()).isEqualTo(8);
        // a step somebody measured wrong
        String wrong = ground.stepping(30);
        row.remove("apartM");
        assertThat(measure("SMALL", List.of(wrong), "TROT", Map.of("id", "r", "row", row))
                        .body()
                        .path("things")
                        .path(0)
                        .path("refusal")
                        .path("code")
                        .asString())
                .isEqualTo("NO_ROW");
    }

    /** D to S in 20 × 60: 21.7 % sideways, 37.36 m; a horse of 138 cm on circles of 10 m and 9 m, by the triangle. */
    @Test
    void twoTracks() {
        JsonNode things = measure(
                        "STANDARD",
                        List.of(yard.pair()),
                        "TROT",
                        Map.of("id", "y", "sideways", Map.of("from", "D", "to", "S")),
                        Map.of("id", "q", "quarters", Map.of("rein", "LEFT", "at", "A", "foreM", 10, "hindM", 9)),
                        Map.of("id", "n", "sideways", Map.of("from", "D", "to", "D")))
                .body()
                .path("things");
        JsonNode line = things.path(0).path("sideways");
        assertThat(100 * line.path("sideShare").asDouble()).isCloseTo(21.7, within(0.05));
        assertThat(line.path("lengthM").asDouble()).isCloseTo(37.36, within(0.005));
        assertThat(line.path("isForTeaching").asBoolean()).isTrue();
        assertThat(line.path("ends").valueStream().map(e -> e.path("to").asString()))
                .containsExactly("R", "S", "B", "E");
        double w = 0.75 * 1.38;
        double angle = Math.asin((25 + w * w - 4.5 * 4.5) / (10 * w)) - Math.asin(w / 10);
        JsonNode horse = things.path(1).path("quarters").path("horses").path(0);
        assertThat(horse.path("angleDeg").asDouble()).isCloseTo(Math.toDegrees(angle), within(1e-9));
        assertThat(horse.path("hindFor30M").asDouble()).isLessThan(9);
        assertThat(things.path(2).path("refusal").path("code").asString()).isEqualTo("NO_WAY");
    }

    @Test
    void whatIsAskedWronglyIsRefusedByItsPath() {
        String unknown = UUID.randomUUID().toString();
        assertThat(path(measure("SMALL", List.of(unknown), "TROT"))).isEqualTo("pairs[0]");
        assertThat(path(measure("none", List.of(), "TROT"))).isEqualTo("arena");
        assertThat(path(measure("SMALL", List.of(), "TROT", figure("VOLTE", "LEFT", "B", 12))))
                .isEqualTo("things[0].figure.sizeM");
        assertThat(path(measure("SMALL", List.of(), "TROT", figure("VOLTE", "NONE", "B", 8))))
                .isEqualTo("things[0].figure.rein");
        assertThat(path(measure("SMALL", List.of(), "TROT", Map.of("id", "none"))))
                .isEqualTo("things[0]");
    }

    private static Map<String, Object> arena(String name, double widthM, double lengthM, boolean isLettered) {
        return Map.of(
                "name",
                name,
                "shape",
                "RECTANGLE",
                "widthM",
                widthM,
                "lengthM",
                lengthM,
                "slopePct",
                0,
                "isLettered",
                isLettered,
                "landmarks",
                List.of(Map.of("name", "gate", "x", -1, "y", 4)));
    }

    @Test
    void anArenaAndASetUpAreKeptByTheirVersion() {
        UUID arena = UUID.randomUUID();
        String at = "/api/v1/ground/arenas/" + arena;
        JsonNode room = coach.put(
                        at, Map.of("version", 0, "isPutAway", false, "arena", arena("The meadow", 25, 45, true)))
                .body();
        JsonNode kept = room.path("arenas")
                .valueStream()
                .filter(a -> a.path("drawn").path("id").asString().equals(arena.toString()))
                .findFirst()
                .orElseThrow();
        assertThat(kept.path("version").asInt()).isEqualTo(1);
        assertThat(kept.path("drawn").path("letters").path("M").path("y").asDouble())
                .isEqualTo(39);
        assertThat(kept.path("drawn").path("letters").path("gate").path("x").asDouble())
                .isEqualTo(-1);
        assertThat(coach.put(at, Map.of("version", 0, "isPutAway", false, "arena", arena("Other", 25, 45, true)))
                        .status())
                .isEqualTo(412);
        assertThat(code(coach.put(at, Map.of("version", 1, "isPutAway", false, "arena", arena("Other", 45, 25, true)))))
                .isEqualTo("shorter_than_wide");
        String layout = "/api/v1/ground/layouts/" + UUID.randomUUID();
        Map<String, Object> circle = figure("CIRCLE", "LEFT", "E", 12);
        JsonNode first = coach.put(
                        layout,
                        Map.of(
                                "version",
                                0,
                                "name",
                                "Circles",
                                "arena",
                                arena,
                                "isPutAway",
                                false,
                                "things",
                                List.of(circle)))
                .body();
        assertThat(first.path("version").asInt()).isEqualTo(1);
        assertThat(coach.get(layout).body()).isEqualTo(first);
        assertThat(first.path("things").path(0).path("figure").path("at").asString())
                .isEqualTo("E");
        assertThat(coach.get("/api/v1/ground")
                        .body()
                        .path("layouts")
                        .valueStream()
                        .map(l -> l.path("name").asString()))
                .contains("Circles");
    }

    /** 40 m in 44 paces; whoever asks has their own. */
    @Test
    void paces() {
        Client kwame = App.demo().as("kwame");
        assertThat(kwame.get("/api/v1/ground").body().path("isPaceWalked").asBoolean())
                .isFalse();
        JsonNode room = kwame.put("/api/v1/ground/pace", Map.of("lengthM", 40, "paces", 44))
                .body();
        assertThat(room.path("paceM").asDouble()).isCloseTo(40.0 / 44, within(1e-9));
        assertThat(code(kwame.put("/api/v1/ground/pace", Map.of("lengthM", 40, "paces", 400))))
                .isEqualTo("no_pace");
        assertThat(coach.get("/api/v1/ground").body().path("paceM").asDouble()).isEqualTo(0.914);
    }
}

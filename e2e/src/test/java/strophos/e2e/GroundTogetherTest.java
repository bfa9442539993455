package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The ground of a group, put together from what each rides, goes along to the ride; and the drill between two cones. */
class GroundTogetherTest {

    /** Poles in walk for a horse of 1.65 m, from and to (common practice, no source). */
    private static final double[] WALK_POLES = {0.80, 0.90};

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    private static void plan(Visitor coach, String lesson, String... rungs) {
        String at = "/api/v1/lessons/" + lesson + "/plan";
        int version = coach.get(at).path("version").asInt();
        List<Map<String, Object>> blocks = List.of(rungs).stream()
                .map(rung -> Map.<String, Object>of("rung", rung, "role", "MAIN", "seconds", 240, "longer", "NONE"))
                .toList();
        coach.put(at, Map.of("version", version, "blocks", blocks));
    }

    private static String two(double value) {
        return String.format(Locale.UK, "%.2f", value);
    }

    /** Penny Black is 165 cm, Fennel 158, Skerry 128: walk poles by their height suit two together, and the pony alone. */
    @Test
    void oneGroundForAGroup() {
        try (FaultProxy proxy = new FaultProxy(app.port());
                Visitor coach = new Visitor(proxy.port(), 1280, 800).signIn("ottilie")) {
            List<JsonNode> group = coach.get("/api/v1/today")
                    .path("lessons")
                    .valueStream()
                    .map(l -> l.path("lesson"))
                    .filter(l -> !l.path("group").isNull())
                    .toList();
            assertThat(group).hasSize(3);
            group.forEach(l -> plan(coach, l.path("id").asString(), "poles-straight.walk.rail"));
            coach.open("/");
            coach.link("Their ground").click();
            coach.button("Put together what they ride").click();
            coach.page().getByText("Nothing has to be moved in between.").waitFor();
            double shared = (WALK_POLES[0] + WALK_POLES[1] * 158 / 165) / 2;
            double pony = (WALK_POLES[0] + WALK_POLES[1]) / 2 * 128 / 165;
            coach.exactly("Poles 1").click();
            coach.page()
                    .getByText(two(pony) + " m apart, from middle to middle.")
                    .waitFor();
            coach.exactly("Poles 2").click();
            coach.page()
                    .getByText(two(shared) + " m apart, from middle to middle.")
                    .waitFor();
            assertThat(coach.page().getByText("In the way of").count()).isZero();
            coach.assertAccessible();
            coach.button("Use this ground for").click();
            coach.page().getByText("Saved. It shows on plan and ride for").waitFor();

            // on the ride, and with no network too
            String skerry = group.stream()
                    .filter(l -> l.path("horse").asString().equals("Skerry"))
                    .findFirst()
                    .orElseThrow()
                    .path("id")
                    .asString();
            coach.isKeptForNoNetwork();
            coach.open("/lessons/" + skerry + "/ride");
            coach.page().getByText("Figures, poles and fences for this horse").waitFor();
            proxy.set(FaultProxy.Mode.CUT);
            coach.open("/lessons/" + skerry + "/ride");
            coach.page().getByText("Figures, poles and fences for this horse").click();
            coach.page()
                    .getByText("they lie %s cm too wide."
                            .formatted(String.format(
                                    Locale.UK,
                                    "%.0f",
                                    100 * (Double.parseDouble(two(shared)) - WALK_POLES[1] * 128 / 165))))
                    .waitFor();
            coach.page()
                    .getByText(two(pony) + " m apart, from middle to middle.")
                    .waitFor();
            proxy.set(FaultProxy.Mode.PASS);
            coach.forgive();
        }
    }

    /** By its plan a lesson begins between the cones: one touch brings the next part, drawn by lot. */
    @Test
    void theDrillOnRide() {
        try (Visitor coach = new Visitor(app.port(), 390, 844).signIn("ottilie")) {
            JsonNode pair = coach.post(
                    "/api/v1/pairs",
                    Map.of("rider", "Emeka Lindqvist", "horse", "Whimbrel", "heightCm", 150, "school", "CLASSICAL"));
            String id = UUID.randomUUID().toString();
            coach.post(
                    "/api/v1/lessons",
                    Map.of("id", id, "pair", pair.path("id").asString(), "plannedAt", Stage.START, "minutes", 45));
            plan(coach, id, "two-cones.walk.circle");
            List<String> parts = coach.get("/api/v1/lessons/" + id + "/packet")
                    .path("ground")
                    .path("coneParts")
                    .valueStream()
                    .map(JsonNode::asString)
                    .toList();
            assertThat(parts.get(0)).isEqualTo("FORWARD");
            coach.open("/lessons/" + id + "/ride");
            coach.button("Begin the lesson").click();
            Locator key = coach.page().locator("[data-cone-part]");
            key.getByText("Round the cone, bent towards it").waitFor();
            key.click();
            Map<String, String> words = Map.of(
                    "BACK", "Halt, quarters out a step",
                    "PIVOT", "Pivot, and ride out",
                    "COUNTER", "Half a circle in counter-bend",
                    "CHANGE", "At the middle");
            key.getByText(Pattern.compile("^" + words.get(parts.get(1)))).waitFor();
            assertThat(key.boundingBox().height).isGreaterThanOrEqualTo(48);
            coach.assertAccessible();
            coach.exactly("End").click();
            coach.assertQuiet();
        }
    }

    /** Two lines of fences, and a course over both: its length by hand is two lines, a half circle and what is straight beside it. */
    @Test
    void aCourseOverTwoLines() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            coach.open("/ground");
            coach.page()
                    .getByLabel("Arena", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("STANDARD");
            coach.button("+ Fences").click();
            coach.button("Another fence").click();
            coach.fill("Across, m", "5");
            coach.fill("From A, m", "15");
            coach.fill("Fence 1 to 2, m", "21.95");
            coach.button("+ Fences").click();
            coach.fill("Across, m", "15");
            coach.fill("From A, m", "36.95");
            coach.fill("Way, °", "270");
            coach.button("+ Course").click();
            double length = 21.95 + Math.PI * 5 + 2 * 3.66;
            coach.page()
                    .getByText("3 fences, %.0f m, %d s allowed.".formatted(length, (int) Math.ceil(length * 60 / 350)))
                    .waitFor();
            assertThat(coach.page().getByText("In the way of").count()).isZero();
            coach.assertAccessible();
            coach.page()
                    .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Fences 2: leave out"))
                    .click();
            coach.page().getByText("2 fences, 22 m, 4 s allowed.").waitFor();
            coach.assertQuiet();
        }
    }
}

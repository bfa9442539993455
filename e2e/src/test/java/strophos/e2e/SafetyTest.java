package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Somebody says that something is wrong, where there is no network: the horse is paused on that device at once, for its other
 * rider at the next contact, and until an answer says who looked.
 */
class SafetyTest {

    private static final String RUNG = "counter-bend.walk.rail";

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    @Test
    void painPausesTheHorseOnTwoDevicesThroughClearAndLimits() {
        try (FaultProxy proxy = new FaultProxy(app.port());
                Visitor coach = new Visitor(proxy.port(), 390, 844).signIn("ottilie");
                Visitor imre = new Visitor(app.port(), 390, 844)) {
            String ofNoor = lessonOf(coach, pairOf(coach, "Vesper"));
            String pair = secondRiderOfVesper(coach);
            String other = lessonOf(coach, pair);
            imre.signIn("imre");
            imre.button("Start").last().waitFor();
            int cards = imre.button("Start").count();
            // both lessons lie on the coach's device
            coach.open("/lessons/" + other + "/ride");
            coach.button("Begin the lesson").waitFor();
            coach.open("/lessons/" + ofNoor + "/ride");
            Rider noor = Rider.inOpenLesson(coach).begin().touch(2).sees(2).isAllSent();

            coach.isKeptForNoNetwork();
            proxy.set(FaultProxy.Mode.CUT);
            wrong(coach, "Flinches");
            coach.page().getByText("Stop. Get off.").waitFor();
            assertThat(coach.page().getByText("Saltmarsh vets").isVisible()).isTrue();
            assertThat(coach.page().locator("[data-riding]").count())
                    .as("no exercise is offered")
                    .isZero();
            coach.assertAccessible();
            coach.open("/lessons/" + other + "/ride");
            coach.page().getByText("Vesper is paused").waitFor();
            assertThat(coach.button("Begin the lesson").count())
                    .as("the other pair's lesson, without a network")
                    .isZero();
            // the other device has not heard of it: what is ridden meanwhile is kept
            imre.page().reload();
            imre.button("Start").nth(cards - 1).waitFor();

            proxy.set(FaultProxy.Mode.PASS);
            noor.open();
            coach.page().locator("[data-stopped]").waitFor();
            noor.isAllSent();
            imre.page().reload();
            imre.page().getByText("Vesper is resting").waitFor();
            assertThat(imre.button("Start").count()).isEqualTo(cards - 1);
            assertThat(imre.get("/api/v1/safety")
                            .path("horses")
                            .valueStream()
                            .filter(h -> h.path("name").asString().equals("Vesper"))
                            .flatMap(h -> h.path("signs").valueStream()))
                    .as("the pause, not the report")
                    .isEmpty();
            imre.assertAccessible();

            planIsEmpty(coach, other);
            answers(coach);
            coach.open("/lessons/" + other + "/plan");
            coach.page().getByText("Walk only, 20 minutes a day at the most").waitFor();
            imre.page().reload();
            imre.button("Start").nth(cards - 1).waitFor();
            imre.page().getByText("Walk only, 20 minutes a day at the most").waitFor();
            assertThat(plan(coach, other).path("blocks").valueStream())
                    .isNotEmpty()
                    .noneMatch(b -> b.path("of").path("gait").asString().equals("TROT"));
            coach.forgive();
            coach.open("/lessons/" + noor.lesson() + "/debrief");
            coach.page().locator("[data-stopped-by='1']").waitFor();
            coach.assertAccessible();
            coach.assertQuiet();
            imre.assertQuiet();
        }
    }

    private static void wrong(Visitor who, String sign) {
        who.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new com.microsoft.playwright.Page.GetByRoleOptions().setName("Something's wrong"))
                .first()
                .click();
        who.assertAccessible();
        who.exactly(sign).click();
    }

    private static void planIsEmpty(Visitor coach, String lesson) {
        coach.open("/lessons/" + lesson + "/plan");
        coach.page().getByText("Vesper is paused: Flinches").waitFor();
        coach.assertAccessible();
        assertThat(plan(coach, lesson).path("blocks").size()).isZero();
        assertThat(coach.button("Save this plan").count()).isZero();
    }

    /** First the vet is called, then she clears it for walk, twenty minutes a day. */
    private static void answers(Visitor coach) {
        coach.open("/");
        Locator vesper = coach.page()
                .getByRole(AriaRole.ARTICLE, new com.microsoft.playwright.Page.GetByRoleOptions().setName("Vesper"));
        open(vesper);
        vesper.getByText("Somebody was called").click();
        vesper.getByRole(AriaRole.BUTTON, named("Vet")).last().click();
        vesper.getByLabel("Name").fill("Saltmarsh vets");
        coach.assertAccessible();
        vesper.getByText("Save: somebody was called").click();
        coach.page().getByText("Vet called: Saltmarsh vets").waitFor();
        open(vesper);
        vesper.getByText("Cleared to be ridden").click();
        vesper.getByText("Clear Vesper").click();
        vesper.getByRole(AriaRole.ALERT).waitFor();
        coach.forgive();
        vesper.getByRole(AriaRole.BUTTON, named("Vet")).last().click();
        vesper.getByLabel("Name").fill("Saltmarsh vets");
        vesper.getByText("Walk only").click();
        vesper.getByLabel("Minutes a day").fill("20");
        vesper.getByText("Clear Vesper").click();
        coach.page().getByText("Vesper is cleared within limits").waitFor();
    }

    private static Locator.GetByRoleOptions named(String name) {
        return new Locator.GetByRoleOptions().setName(name).setExact(true);
    }

    private static void open(Locator horse) {
        horse.getByRole(AriaRole.BUTTON, named("Answer")).click();
    }

    @Test
    void aRiderIsHeardAtHomeWithoutANetworkAndTakesAMistakeBack() {
        try (FaultProxy proxy = new FaultProxy(app.port());
                Visitor imre = new Visitor(proxy.port(), 390, 844).signIn("imre");
                Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            imre.isKeptForNoNetwork();
            coach.isKeptForNoNetwork();
            imre.button("Start").first().click();
            proxy.set(FaultProxy.Mode.CUT);
            wrong(imre, "Swelling");
            imre.page().getByText("Stop. Get off.").waitFor();
            imre.assertAccessible();
            imre.button("Understood").click();
            imre.page().getByText("Tamarack is paused").waitFor();
            assertThat(imre.page().getByRole(AriaRole.TIMER).count())
                    .as("the practice has ended")
                    .isZero();
            imre.page().reload();
            imre.page().getByText("Tamarack is paused").waitFor();

            proxy.set(FaultProxy.Mode.PASS);
            imre.page().evaluate("window.dispatchEvent(new Event('online'))");
            // nothing moves under the thumb of whoever reads the day: it is said over the page, and shown when touched
            coach.button("Tamarack is paused: Swelling").click();
            coach.page().getByText("Nobody rides Tamarack").waitFor();
            wrong(imre, "A fall");
            imre.page().getByText("No more riding today.").waitFor();
            imre.button("That was a mistake").click();
            imre.page().getByText("Tamarack is paused").waitFor();
            Await.until("the fall is taken back", Duration.ofSeconds(20), () -> !isDayOver(coach, "Tamarack"));
            coach.assertQuiet();
        }
    }

    private static boolean isDayOver(Visitor coach, String horse) {
        return coach.get("/api/v1/safety")
                .path("horses")
                .valueStream()
                .filter(h -> h.path("name").asString().equals(horse))
                .anyMatch(h -> h.path("isDayOver").asBoolean());
    }

    @Test
    void theHeatAnswersAtOnceAndStopsTheRide() {
        try (Visitor coach = new Visitor(app.port(), 390, 844).signIn("ottilie")) {
            String pair = pairOf(coach, "Quillon");
            String lesson = lessonOf(coach, pair);
            coach.open("/lessons/" + lesson + "/ride");
            coach.page().getByText("Ground and weather").click();
            coach.fill("°C", "32");
            coach.fill("% humidity", "65");
            coach.button("good").click();
            coach.page().locator("[data-heat=LIGHT_ONLY]").waitFor();
            coach.fill("°C", "41");
            coach.fill("% humidity", "80");
            coach.button("Begin the lesson").focus();
            coach.page().locator("[data-heat=STOP]").waitFor();
            coach.assertAccessible();
            coach.button("Begin the lesson").click();
            coach.page().locator("[data-nudge=STOP_HEAT]").first().waitFor();
            coach.assertQuiet();
        }
    }

    /** Imre rides Vesper, too, and has homework with her. */
    private static String secondRiderOfVesper(Visitor coach) {
        JsonNode vesper = named(coach, "Vesper");
        JsonNode tamarack = named(coach, "Tamarack");
        Map<String, Object> second = new HashMap<>();
        second.put("rider", "Imre Castellan");
        second.put("horse", "Vesper");
        second.put("school", "CLASSICAL");
        second.put("riderId", tamarack.path("riderId").asString());
        second.put("horseId", vesper.path("horseId").asString());
        String pair = coach.post("/api/v1/pairs", second).path("id").asString();
        String lesson = lessonOf(coach, pair);
        coach.post("/api/v1/entries", Map.of("entries", ridden(coach, lesson)));
        coach.post(
                "/api/v1/lessons/" + lesson + "/homework",
                Map.of("id", UUID.randomUUID(), "rung", RUNG, "daysAWeek", 5));
        return pair;
    }

    private static List<Map<String, Object>> ridden(Visitor coach, String lesson) {
        String author = coach.get("/api/v1/session").path("me").path("person").asString();
        String device = UUID.randomUUID().toString();
        List<Map<String, Object>> entries = new ArrayList<>();
        String segment = UUID.randomUUID().toString();
        entries.add(entry(entries, lesson, device, author, "lesson_started", Map.of(), null));
        entries.add(entry(
                entries,
                lesson,
                device,
                author,
                "segment",
                Map.of(
                        "exercise", "counter-bend",
                        "gait", "WALK",
                        "place", "RAIL",
                        "rein", "LEFT",
                        "mounted", "RIDER"),
                segment));
        entries.add(entry(
                entries,
                lesson,
                device,
                author,
                "exchange",
                Map.of("segment", segment, "strength", 2, "response", "YES"),
                null));
        entries.add(entry(entries, lesson, device, author, "lesson_ended", Map.of(), null));
        return entries;
    }

    private static Map<String, Object> entry(
            List<?> before,
            String lesson,
            String device,
            String author,
            String kind,
            Map<String, Object> payload,
            String id) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("id", id == null ? UUID.randomUUID().toString() : id);
        entry.put("lesson", lesson);
        entry.put("device", device);
        entry.put("author", author);
        entry.put("seq", before.size());
        entry.put("atMs", java.time.Instant.parse(Stage.START).toEpochMilli() + 1000L * before.size());
        entry.put("kind", kind);
        entry.put("v", 1);
        entry.put("payload", payload);
        return entry;
    }

    private static JsonNode named(Visitor coach, String horse) {
        return coach.get("/api/v1/pairs/names")
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals(horse))
                .findFirst()
                .orElseThrow();
    }

    private static String pairOf(Visitor coach, String horse) {
        return named(coach, horse).path("id").asString();
    }

    private static String lessonOf(Visitor coach, String pair) {
        String lesson = UUID.randomUUID().toString();
        coach.post("/api/v1/lessons", Map.of("id", lesson, "pair", pair, "plannedAt", Stage.START, "minutes", 45));
        return lesson;
    }

    private static JsonNode plan(Visitor coach, String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/plan").path("plan");
    }
}

package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A group lesson on a phone: put together on Today, ridden without a network, a log each. */
class GroupOnScreenTest {

    private static AppProcess app;
    private static FaultProxy proxy;

    @BeforeAll
    static void start() {
        app = Stage.demo();
        proxy = new FaultProxy(app.port());
    }

    @AfterAll
    static void stop() {
        proxy.close();
    }

    private static void pair(Visitor coach, String rider, String horse) {
        Map<String, Object> pair = new LinkedHashMap<>();
        pair.put("rider", rider);
        pair.put("horse", horse);
        pair.put("heightCm", 158);
        pair.put("school", "CLASSICAL");
        coach.post("/api/v1/pairs", pair);
    }

    private static Locator other(Visitor coach, String horse) {
        return coach.page()
                .getByRole(
                        AriaRole.NAVIGATION,
                        new Page.GetByRoleOptions().setName("Group lesson").setExact(true))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(horse));
    }

    /** What stands in a lesson's log once all is sent: kind and rein, in order. */
    private static List<String> log(Rider of) {
        return of.entries().stream()
                .filter(e -> List.of("lesson_started", "segment", "exchange", "tally", "lesson_ended")
                        .contains(e.path("kind").asString()))
                .map(GroupOnScreenTest::said)
                .toList();
    }

    private static String said(JsonNode entry) {
        String kind = entry.path("kind").asString();
        JsonNode payload = entry.path("payload");
        return switch (kind) {
            case "segment" -> kind + " " + payload.path("rein").asString();
            case "tally" ->
                "tally %d of %d at %d"
                        .formatted(
                                payload.path("good").asInt(),
                                payload.path("good").asInt()
                                        + payload.path("others").asInt(),
                                payload.path("strength").asInt());
            default -> kind;
        };
    }

    private static void tally(Visitor coach, String name) {
        Locator sheet = coach.page()
                .getByRole(AriaRole.DIALOG)
                .or(coach.page().getByRole(AriaRole.REGION))
                .filter(new Locator.FilterOptions().setHasText("Tally: " + name));
        sheet.first().waitFor();
        sheet.first()
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("8").setExact(true))
                .first()
                .click();
        sheet.first()
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("6").setExact(true))
                .last()
                .click();
        sheet.first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("2 light"))
                .click();
    }

    @Test
    void aGroupIsRiddenWithoutANetwork() {
        try (Visitor coach = new Visitor(proxy.port(), 390, 844).signIn("ottilie")) {
            pair(coach, "Emeka Lindqvist", "Curlew");
            pair(coach, "Rosalba Thiele", "Whimbrel");
            coach.open("/");
            coach.page()
                    .getByLabel("Pair", new Page.GetByLabelOptions().setExact(true))
                    .selectOption(
                            new com.microsoft.playwright.options.SelectOption().setLabel("Curlew and Emeka Lindqvist"));
            coach.button("Another pair rides too").click();
            coach.page()
                    .getByLabel("Another pair rides too")
                    .locator("xpath=self::select")
                    .selectOption(new com.microsoft.playwright.options.SelectOption()
                            .setLabel("Whimbrel and Rosalba Thiele"));
            coach.exactly("Add the group lesson").click();
            coach.page().getByText("Group lesson, 2 pairs").waitFor();
            coach.assertAccessible();

            coach.page()
                    .clock()
                    .install(new Clock.InstallOptions()
                            .setTime(Instant.parse(Stage.START).toEpochMilli()));
            coach.page()
                    .getByRole(AriaRole.LISTITEM)
                    .filter(new Locator.FilterOptions().setHasText("Group lesson, 2 pairs"))
                    .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Ride together"))
                    .click();
            coach.button("Begin all together")
                    .and(coach.page().locator(":enabled"))
                    .waitFor();
            coach.page().getByText("Ground and weather").click();
            coach.exactly("deep").click();
            coach.page().locator("[data-ground=DEEP]").waitFor();
            coach.assertAccessible();
            Rider curlew = Rider.inOpenLesson(coach);
            coach.isKeptForNoNetwork();
            proxy.set(FaultProxy.Mode.CUT);

            coach.button("Begin all together").click();
            curlew.onThePad().touch(4).sees(4);
            other(coach, "Whimbrel").click();
            Rider whimbrel = Rider.inOpenLesson(coach).onThePad().sees(0);
            assertThat(whimbrel.lesson()).isNotEqualTo(curlew.lesson());
            coach.assertAccessible();
            coach.page().clock().fastForward(40_000);
            coach.page().keyboard().press(".");
            other(coach, "Curlew").and(coach.page().locator("[aria-current]")).waitFor();
            curlew.sees(4);
            coach.exactly("All onto the right rein").click();
            tally(coach, "Whimbrel: left rein");
            other(coach, "Whimbrel").click();
            // the pad of the other pair looks alike: it begins anew on this rein, too
            other(coach, "Whimbrel").and(coach.page().locator("[aria-current]")).waitFor();
            whimbrel.sees(0).touch(1).sees(1);
            coach.exactly("End").click();
            coach.exactly("End their lessons too").click();
            coach.page()
                    .getByText("Still riding")
                    .waitFor(new Locator.WaitForOptions()
                            .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));

            proxy.set(FaultProxy.Mode.PASS);
            coach.page().evaluate("window.dispatchEvent(new Event('online'))");
            Await.until(
                    "both logs are sent",
                    Duration.ofSeconds(60),
                    () -> log(curlew).contains("lesson_ended") && log(whimbrel).contains("lesson_ended"));
            assertThat(List.of(curlew, whimbrel))
                    .as("one ground")
                    .allMatch(r -> r.entries().stream()
                            .anyMatch(e ->
                                    e.path("payload").path("footing").asString().equals("DEEP")));
            assertThat(log(curlew))
                    .containsExactly(
                            "lesson_started",
                            "segment LEFT",
                            "exchange",
                            "exchange",
                            "exchange",
                            "exchange",
                            "segment RIGHT",
                            "lesson_ended");
            assertThat(log(whimbrel))
                    .containsExactly(
                            "lesson_started",
                            "segment LEFT",
                            "segment RIGHT",
                            "tally 6 of 8 at 2",
                            "exchange",
                            "lesson_ended");
        }
    }

    @Test
    void aLessonOfTheDayJoinsAndLeaves() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            pair(coach, "Emeka Lindqvist", "Dunlin");
            pair(coach, "Rosalba Thiele", "Knot");
            Rider.inNewLesson(coach, "Dunlin");
            Rider.inNewLesson(coach, "Knot");
            coach.open("/");
            coach.button("the group")
                    .or(coach.button("Teach pairs together"))
                    .first()
                    .click();
            Locator dunlin = coach.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Dunlin"));
            Locator knot = coach.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Knot"));
            dunlin.click();
            dunlin.and(coach.page().locator("[aria-pressed=true]")).waitFor();
            knot.click();
            coach.page()
                    .getByRole(AriaRole.LISTITEM)
                    .filter(new Locator.FilterOptions().setHasText("Group lesson, "))
                    .filter(new Locator.FilterOptions().setHasText("Dunlin"))
                    .filter(new Locator.FilterOptions().setHasText("Knot"))
                    .first()
                    .waitFor();
            coach.assertAccessible();
            knot.click();
            knot.and(coach.page().locator("[aria-pressed=false]")).waitFor();
            dunlin.click();
            dunlin.and(coach.page().locator("[aria-pressed=false]")).waitFor();
            coach.assertQuiet();
        }
    }
}

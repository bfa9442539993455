package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A plan under the hand: drawn, stretched, moved by keys, taken back, kept under a name; and the question "did that help?" on Ride. */
class PlanOnScreenTest {

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    private static void pair(Visitor coach, String horse) {
        Map<String, Object> pair = new LinkedHashMap<>();
        pair.put("rider", "Emeka Lindqvist");
        pair.put("horse", horse);
        pair.put("heightCm", 158);
        pair.put("school", "CLASSICAL");
        coach.post("/api/v1/pairs", pair);
    }

    private static Locator blocks(Visitor coach) {
        return coach.page().locator("[data-line-block]");
    }

    private static List<String> names(Visitor coach) {
        return blocks(coach).evaluateAll("bs => bs.map(b => b.getAttribute('aria-label'))") instanceof List<?> all
                ? all.stream().map(String::valueOf).toList()
                : List.of();
    }

    private static void sees(Visitor coach, String what, List<String> expected) {
        Await.until(
                what + ": " + expected,
                Duration.ofSeconds(20),
                () -> names(coach).equals(expected));
    }

    private static void drag(Visitor coach, Locator what, double byX) {
        BoundingBox box = what.boundingBox();
        Mouse mouse = coach.page().mouse();
        double x = box.x + box.width / 2;
        double y = box.y + 30;
        mouse.move(x, y);
        mouse.down();
        mouse.move(x + Math.signum(byX) * 10, y, new Mouse.MoveOptions().setSteps(3));
        mouse.move(x + byX, y, new Mouse.MoveOptions().setSteps(12));
        mouse.up();
    }

    @Test
    void aPlanIsDrawnAndMovedByKeys() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            pair(coach, "Curlew");
            Rider ride = Rider.inNewLesson(coach, "Curlew");
            coach.open("/lessons/" + ride.lesson() + "/plan");
            blocks(coach).first().waitFor();
            List<String> proposed = names(coach);
            assertThat(proposed).hasSizeGreaterThanOrEqualTo(4);
            coach.assertAccessible();

            BoundingBox third = blocks(coach).nth(2).boundingBox();
            drag(coach, blocks(coach).nth(1), third.width);
            List<String> dragged = List.of(proposed.get(0), proposed.get(2), proposed.get(1));
            Await.until(
                    "the second block stands after the third",
                    Duration.ofSeconds(20),
                    () -> names(coach).subList(0, 3).equals(dragged));
            coach.exactly("Undo").click();
            sees(coach, "taken back", proposed);
            coach.exactly("Redo").click();
            Await.until(
                    "done again",
                    Duration.ofSeconds(20),
                    () -> names(coach).subList(0, 3).equals(dragged));
            coach.page().keyboard().press("Control+z");
            sees(coach, "taken back by keys", proposed);

            blocks(coach).nth(1).click();
            drag(coach, coach.page().locator("[data-line-edge='1']"), 80);
            Await.until(
                    "the second block is longer",
                    Duration.ofSeconds(20),
                    () -> !names(coach).get(1).equals(proposed.get(1)));
            coach.exactly("Undo").click();
            sees(coach, "as long as before", proposed);

            blocks(coach).nth(1).press("l");
            coach.page().locator("[data-line-block='1'] svg.lucide-lock").waitFor();
            blocks(coach).nth(1).press("Alt+ArrowLeft");
            Await.until(
                    "the second block is the first",
                    Duration.ofSeconds(20),
                    () -> names(coach).get(0).equals(proposed.get(1)));
            coach.page().locator("[data-line-block='0'] svg.lucide-lock").waitFor();
            assertThat(coach.page().evaluate("document.activeElement.dataset.lineBlock"))
                    .as("the focus goes along")
                    .isEqualTo("0");
            coach.assertQuiet();
        }
    }

    @Test
    void theRulesSpeakWhileAnEdgeIsDrawn() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            pair(coach, "Sanderling");
            Rider ride = Rider.inNewLesson(coach, "Sanderling");
            coach.open("/lessons/" + ride.lesson() + "/plan");
            blocks(coach).nth(1).click();
            List<String> proposed = names(coach);
            BoundingBox edge = coach.page().locator("[data-line-edge='1']").boundingBox();
            Mouse mouse = coach.page().mouse();
            double x = edge.x + edge.width / 2;
            double y = edge.y + 30;
            mouse.move(x, y);
            mouse.down();
            mouse.move(x + 10, y, new Mouse.MoveOptions().setSteps(3));
            mouse.move(x + 700, y, new Mouse.MoveOptions().setSteps(10));
            Locator said = coach.page().locator("[data-on-trial=said]");
            said.getByText("Your plan: longer than the lesson.").waitFor();
            mouse.move(x, y, new Mouse.MoveOptions().setSteps(10));
            mouse.up();
            coach.page()
                    .locator("[data-on-trial]")
                    .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
            assertThat(names(coach)).as("nothing was kept").isEqualTo(proposed);
            coach.assertQuiet();
        }
    }

    @Test
    void aPlanIsKeptUnderANameAndUsedInAnotherLesson() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            pair(coach, "Whimbrel");
            Rider first = Rider.inNewLesson(coach, "Whimbrel");
            coach.open("/lessons/" + first.lesson() + "/plan");
            blocks(coach).first().press("Delete");
            coach.page().getByText(", with changes").first().waitFor();
            List<String> changed = names(coach);
            coach.page().getByLabel("A name for this plan").fill("Whimbrel’s quiet day");
            coach.exactly("Keep it for other lessons").click();
            coach.exactly("Use it: Whimbrel’s quiet day").waitFor();
            Rider next = Rider.inNewLesson(coach, "Whimbrel");
            coach.open("/lessons/" + next.lesson() + "/plan");
            coach.exactly("Use it: Whimbrel’s quiet day").click();
            sees(coach, "the plan under that name", changed);
            coach.exactly("Remove Whimbrel’s quiet day").click();
            coach.page().getByText("Removed: Whimbrel’s quiet day.").waitFor();
            coach.page()
                    .getByRole(AriaRole.STATUS)
                    .filter(new Locator.FilterOptions().setHasText("Removed"))
                    .getByText("Undo")
                    .click();
            coach.exactly("Use it: Whimbrel’s quiet day").waitFor();
            coach.assertAccessible();
            coach.assertQuiet();
        }
    }

    @Test
    void didThatHelpIsAskedByOneKeyAndToldInTheDebrief() {
        try (Visitor coach = new Visitor(app.port(), 390, 844).signIn("ottilie")) {
            pair(coach, "Dunlin");
            Rider ride = Rider.inNewLesson(coach, "Dunlin").begin();
            ride.isAllSent();
            BoundingBox pad = coach.button("Yes at strength 2").boundingBox();
            coach.button("Did that help?").first().click();
            probe(coach, "BEFORE");
            ride.isAllSent();
            assertThat(coach.button("Yes at strength 2").boundingBox().y)
                    .as("nothing moves under the thumb")
                    .isEqualTo(pad.y);
            String begun = coach.page().locator("[data-probe]").innerText();
            assertThat(begun).contains("0 of 4");
            coach.assertAccessible();
            ride.touch(4);
            probe(coach, "BETWEEN");
            coach.page().getByText("Now ride another exercise").waitFor();
            other(coach).click();
            coach.button("Back to").waitFor();
            ride.touch(1);
            coach.button("Back to").click();
            probe(coach, "AFTER");
            ride.touch(4);
            probe(coach, "SAY");
            coach.assertAccessible();
            coach.exactly("That helped").click();
            coach.page()
                    .locator("[data-probe]")
                    .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
            coach.exactly("End").click();
            coach.page().getByText("This lesson is over.").first().waitFor();
            ride.isAllSent();
            coach.debrief(ride.lesson());
            coach.page().getByText("Did that help?").first().click();
            coach.page().getByText("You said:").first().waitFor();
            coach.page().getByText("4 of 4 after").first().waitFor();
            coach.assertAccessible();
            coach.assertQuiet();
        }
    }

    private static void probe(Visitor coach, String step) {
        coach.page().locator("[data-probe='" + step + "']").waitFor();
    }

    /** Any other exercise of the bar. */
    private static Locator other(Visitor coach) {
        return coach.page()
                .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Exercise"))
                .locator("button[aria-pressed=false]")
                .first();
    }
}

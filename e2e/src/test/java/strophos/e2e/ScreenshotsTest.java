package strophos.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Every main view of the demo, looked at by axe and kept as a picture; {@code ./strophos screenshots} keeps them. */
class ScreenshotsTest {

    private static final Path FOLDER = Path.of(System.getProperty("strophos.root"))
            .resolve(System.getProperty("strophos.screenshots", "e2e/target/screenshots"));
    private static final List<String> ANSWERS = List.of(
            "Yes at strength 2",
            "Yes at strength 1",
            "Try at strength 2",
            "Yes at strength 2",
            "Yes at strength 2",
            "Brace at strength 3",
            "Yes at strength 2",
            "Yes at strength 1");

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo("screenshots");
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    @Test
    void theDoor() {
        try (Visitor anybody = new Visitor(app.port(), 1280, 800)) {
            anybody.open("/");
            anybody.button("Sign in").waitFor();
            keep(anybody, "sign-in");
        }
    }

    @Test
    void theTable() {
        try (Visitor coach = coach(1280, 800)) {
            coach.page()
                    .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Tamarack"))
                    .waitFor();
            keep(coach, "today");
            coach.link("Pairs").click();
            coach.page()
                    .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Pairs"))
                    .waitFor();
            coach.page().getByText("Tamarack").waitFor();
            keep(coach, "pairs");
            coach.page().getByText("Tamarack").click();
            coach.page().getByText("On the way").waitFor();
            keep(coach, "pair");
            coach.link("21 Nov").click();
            coach.page().locator("summary").first().waitFor();
            keep(coach, "debrief");
        }
    }

    @Test
    void theSand() {
        try (Visitor coach = coach(390, 844)) {
            coach.page()
                    .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Tamarack"))
                    .waitFor();
            keep(coach, "today-phone");
            coach.page()
                    .getByRole(AriaRole.LISTITEM)
                    .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Tamarack"))
                    .getByRole(AriaRole.LINK, new com.microsoft.playwright.Locator.GetByRoleOptions().setName("Ride"))
                    .click();
            coach.button("Begin the lesson").waitFor();
            keep(coach, "ride-start-phone");
            coach.button("Begin the lesson").click();
            ride(coach, "Left rein", 0);
            ride(coach, "Right rein", 1);
            coach.page().locator("[data-waiting='0']").waitFor();
            keep(coach, "ride-phone");
            coach.page().setViewportSize(1280, 800);
            keep(coach, "ride");
            coach.page().evaluate("document.documentElement.className = 'sun'");
            coach.page().setViewportSize(390, 844);
            keep(coach, "ride-sun-phone");
        }
    }

    @Test
    void theNight() {
        try (Visitor coach = coach(1280, 800)) {
            coach.page().evaluate("document.documentElement.className = 'dark'");
            coach.link("Pairs").click();
            coach.page().getByText("Tamarack").click();
            coach.page().getByText("On the way").waitFor();
            keep(coach, "pair-night");
        }
    }

    /** Some answers on a rein, twenty to forty seconds apart. */
    private static void ride(Visitor coach, String rein, int turn) {
        coach.button(rein).click();
        Instant at = Instant.parse(Stage.START).plusSeconds(60 + 300L * turn);
        for (String answer : ANSWERS) {
            at = at.plusSeconds(20 + answer.length());
            coach.page().clock().setFixedTime(at.toEpochMilli());
            coach.button(answer).click();
        }
    }

    private static Visitor coach(int width, int height) {
        Visitor coach = new Visitor(app.port(), width, height);
        coach.page().clock().setFixedTime(Instant.parse(Stage.START).toEpochMilli());
        return coach.signIn("ottilie");
    }

    private static void keep(Visitor visitor, String name) {
        visitor.page().evaluate("document.fonts.ready.then(() => undefined)");
        visitor.assertAccessible();
        visitor.picture(FOLDER.resolve(name + ".png"));
        visitor.assertQuiet();
    }
}

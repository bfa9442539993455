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
        app = Stage.demo("pictures");
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
            anybody.assertAccessible();
        }
    }

    @Test
    void theTable() {
        try (Visitor coach = coach(1280, 800)) {
            coach.page()
                    .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Tamarack"))
                    .last()
                    .waitFor();
            coach.page().getByText("Marzipan is paused: Sore spot").waitFor();
            keep(coach, "today");
            coach.link("Pairs").click();
            coach.page()
                    .getByRole(
                            AriaRole.HEADING,
                            new Page.GetByRoleOptions().setName("Pairs").setExact(true))
                    .waitFor();
            coach.link("Tamarack").waitFor();
            coach.link("Tamarack").click();
            coach.page().getByText("Working on").waitFor();
            keep(coach, "pair");
            coach.link("21 Nov").click();
            coach.page().getByText("Soft after").waitFor();
            keep(coach, "debrief");
            plait(coach);
            coach.link("Set homework").click();
            coach.button("Set homework").waitFor();
            keep(coach, "homework");
            coach.open("/library/shoulder-in");
            coach.page().getByText("What the rider reads").waitFor();
            keep(coach, "library");
            coach.open("/pairs/" + pair(coach, "Marzipan") + "/tack");
            coach.page().getByLabel("Headgear").selectOption("pelham");
            coach.page().getByText("kg on tongue and bars").waitFor();
            keep(coach, "tack");
            ground(coach);
            contact(coach);
            clip(coach);
        }
    }

    /** The last lesson's video, on the frame on which the horse answers. */
    private static void clip(Visitor coach) {
        coach.open("/lessons/" + lastLesson(coach, "Sindri") + "/clip");
        coach.page()
                .getByLabel("Find the file horse.webm")
                .setInputFiles(Path.of(System.getProperty("strophos.root"), "examples", "clip", "horse.webm"));
        coach.exactly("Pad").click();
        coach.page()
                .locator("[data-asks] button", new Page.LocatorOptions().setHasText("after the aid"))
                .first()
                .click();
        coach.page().waitForFunction("() => Math.abs(document.querySelector('video').currentTime - 10) < 0.1");
        coach.page().evaluate("() => window.scrollTo(0, 0)");
        keep(coach, "clip");
    }

    private static String lastLesson(Visitor coach, String horse) {
        return coach.get("/api/v1/pairs/" + pair(coach, horse) + "/lessons")
                .path("lessons")
                .path(0)
                .path("id")
                .asString();
    }

    /** Both reins of the last lesson that was measured. */
    private static void contact(Visitor coach) {
        coach.open("/lessons/" + lastLesson(coach, "Vesper") + "/contact");
        coach.page().locator("[data-spans]").first().waitFor();
        keep(coach, "contact");
    }

    /** Where the horse braced while something was held too long. */
    private static void plait(Visitor coach) {
        com.microsoft.playwright.Locator drawing = coach.page().locator("[data-plait]");
        drawing.scrollIntoViewIfNeeded();
        coach.button("held too long").click();
        coach.button("Brace").click();
        coach.page().locator("[data-meeting] p").first().waitFor();
        drawing.evaluate("it => window.scrollTo(0, it.getBoundingClientRect().top + window.scrollY - 80)");
        keep(coach, "plait");
    }

    /** One fan for the group of the day, on the circle it is ridden on. */
    private static void ground(Visitor coach) {
        coach.open("/ground?pair=" + pair(coach, "Penny Black") + "&pair=" + pair(coach, "Fennel"));
        coach.button("Fan for the group · 2 things").click();
        coach.exactly("Fan").click();
        coach.page().getByText("from pole to pole").waitFor();
        coach.page().evaluate("window.scrollTo(0, 520)");
        keep(coach, "ground");
    }

    @Test
    void theSand() {
        try (Visitor coach = coach(390, 844)) {
            coach.page()
                    .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Tamarack"))
                    .last()
                    .waitFor();
            coach.page().getByText("Marzipan is paused: Sore spot").waitFor();
            keep(coach, "today-phone");
            lookAndPlan(coach);
            coach.open("/");
            coach.page()
                    .getByRole(AriaRole.LISTITEM)
                    .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Tamarack"))
                    .getByRole(AriaRole.LINK, new com.microsoft.playwright.Locator.GetByRoleOptions().setName("Ride"))
                    .click();
            coach.button("Begin the lesson").waitFor();
            coach.button("Begin the lesson").click();
            ride(coach, "Left rein", 0);
            ride(coach, "Right rein", 1);
            coach.page().locator("[data-waiting='0']").waitFor();
            coach.page().waitForFunction(CLOCKS_AGREE);
            keep(coach, "ride-phone");
            coach.button("What you saw").click();
            coach.button("Lower leg").click();
            coach.page().getByLabel("leg back, left").click();
            coach.button("What you saw").click();
            coach.button("Lower leg").click();
            keep(coach, "ride-seen-phone");
            coach.button("Close").click();
            coach.page().evaluate("document.documentElement.className = 'sun'");
            keep(coach, "ride-sun-phone");
            coach.page().evaluate("document.documentElement.className = 'light'");
            coach.button("Something's wrong").click();
            keep(coach, "wrong-phone");
            coach.exactly("Flinches").click();
            coach.page().getByText("Stop. Get off.").waitFor();
            coach.page().locator("[data-waiting='0']").waitFor();
            coach.assertAccessible();
            coach.button("That was a mistake").click();
            coach.button("Something's wrong").waitFor();
            coach.page().locator("[data-waiting='0']").waitFor();
        }
    }

    /** Tamarack's look of the day on the phone, then what follows from it at the table. */
    private static void lookAndPlan(Visitor coach) {
        coach.page()
                .getByRole(AriaRole.LISTITEM)
                .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Tamarack"))
                .getByRole(AriaRole.LINK, new com.microsoft.playwright.Locator.GetByRoleOptions().setName("First look"))
                .click();
        coach.button("Sound").click();
        coach.page().getByLabel("3: well").first().click();
        coach.page().getByLabel("2: half way").last().click();
        coach.page()
                .getByLabel("even", new Page.GetByLabelOptions().setExact(true))
                .first()
                .click();
        coach.page().getByLabel("base only").last().click();
        coach.page().getByLabel("15 m circle").last().click();
        coach.page().evaluate("window.scrollTo(0, 150)");
        keep(coach, "look-phone");
        for (String check :
                List.of("3: looks, stays", "3: soon back", "both, 3: gives", "both, 3: steps under", "3: prompt")) {
            coach.button(check).click();
        }
        coach.page()
                .getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName("Halt from walk").setExact(true))
                .getByRole(AriaRole.BUTTON)
                .nth(3)
                .click();
        coach.page()
                .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("You are looking"))
                .getByRole(AriaRole.BUTTON, new com.microsoft.playwright.Locator.GetByRoleOptions().setName("mounted"))
                .click();
        coach.button("3: level").click();
        coach.button("Save the look").click();
        coach.page().getByText("Today is about").waitFor();
        coach.page().setViewportSize(1280, 800);
        keep(coach, "look");
        coach.link("To the plan").click();
        coach.page().getByText("A proposal; not saved yet").waitFor();
        coach.page().locator("[data-line-block]").nth(1).click();
        coach.button("Save this plan").click();
        coach.page().getByText("Saved by Ottilie Brandvold, as proposed").waitFor();
        keep(coach, "plan");
        coach.page().setViewportSize(390, 844);
    }

    @Test
    void theRidersPhone() {
        try (Visitor imre = new Visitor(app.port(), 390, 844)) {
            imre.page().clock().setFixedTime(Instant.parse(Stage.START).toEpochMilli());
            imre.signIn("imre");
            imre.page().getByText("What you two can do").waitFor();
            keep(imre, "practice-phone");
            imre.page()
                    .getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Start").setExact(true))
                    .click();
            imre.page().getByText("Put the phone away and mount").waitFor();
            imre.page()
                    .clock()
                    .setFixedTime(Instant.parse(Stage.START).plusSeconds(40).toEpochMilli());
            imre.page().locator("[data-turn='0']").waitFor();
            imre.button("End and report").click();
            imre.page().getByText("How did it go?").waitFor();
            imre.assertAccessible();
        }
    }

    /** Some answers on a rein, half a minute apart; well under the five minutes after which a change is asked for. */
    private static void ride(Visitor coach, String rein, int turn) {
        coach.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(rein).setExact(true))
                .click();
        // written with the time of the touch, before the clock goes on
        coach.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(rein).setExact(true).setPressed(true))
                .waitFor();
        Instant at = Instant.parse(Stage.START).plusSeconds(60 + 260L * turn);
        for (String answer : ANSWERS) {
            at = at.plusSeconds(14 + answer.length());
            coach.page().clock().setFixedTime(at.toEpochMilli());
            coach.button(answer).click();
        }
    }

    private static Visitor coach(int width, int height) {
        Visitor coach = new Visitor(app.port(), width, height);
        coach.page().clock().setFixedTime(Instant.parse(Stage.START).toEpochMilli());
        return coach.signIn("ottilie");
    }

    private static String pair(Visitor coach, String horse) {
        return coach.get("/api/v1/pairs/names")
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals(horse))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    /** The clocks of a ride, which run each by itself, have come to the same time: that of the stretch is its rein's, too. */
    private static final String CLOCKS_AGREE = """
            () => {
                const said = document.body.innerText
                const here = said.match(/here (\\d+:\\d\\d)/)
                return !here || said.split(here[1]).length > 2
            }
            """;

    private static void keep(Visitor visitor, String name) {
        visitor.page().evaluate("document.fonts.ready.then(() => undefined)");
        visitor.assertAccessible();
        visitor.picture(FOLDER.resolve(name + ".png"));
        visitor.assertQuiet();
    }
}

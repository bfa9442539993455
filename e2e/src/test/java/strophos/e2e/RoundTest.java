package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.function.Consumer;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * The whole job once round in an empty yard: set up, first look, plan, ride, debrief, homework, practice, answer, and a
 * next plan that is another one because of them and says so. Each step in a fresh browser, the server restarted between
 * them; the look and the report are made without a network.
 */
class RoundTest {

    private static final String PASSWORD = "a long password";
    private static final String LEG = "Light leg";

    private static AppProcess app;
    private static FaultProxy proxy;
    private static String lesson;
    private static String invitation;

    @BeforeAll
    static void start() {
        app = Stage.empty("round");
        proxy = new FaultProxy(app.port());
    }

    @AfterAll
    static void stop() {
        proxy.close();
        app.close();
    }

    @Test
    void onceRound() {
        step(RoundTest::setUpTheYard);
        asCoach(RoundTest::lookWithoutANetwork);
        asCoach(RoundTest::planFromTheLook);
        asCoach(RoundTest::rideThePlan);
        asCoach(RoundTest::decideAndSetHomework);
        step(RoundTest::joinAndReportWithoutANetwork);
        asCoach(RoundTest::answer);
        step(RoundTest::readTheAnswer);
        asCoach(RoundTest::theNextPlanIsAnotherOne);
    }

    /** A fresh browser on a server that has just been started again. */
    private static void step(Consumer<Visitor> what) {
        try (Visitor visitor = new Visitor(proxy.port(), 390, 844)) {
            what.accept(visitor);
            visitor.assertQuiet();
        }
        app.kill();
        app.start();
    }

    private static void asCoach(Consumer<Visitor> what) {
        step(coach -> {
            coach.signInOnScreen("ottilie", PASSWORD);
            what.accept(coach);
        });
    }

    private static void setUpTheYard(Visitor coach) {
        coach.open("/");
        coach.page().getByLabel("Set-up token").fill(Stage.SETUP_TOKEN);
        coach.fill("Name of the yard", "Saltmarsh Ford");
        coach.fill("Your name", "Ottilie Brandvold");
        coach.fill("Sign-in name", "ottilie");
        coach.page().getByLabel("Password").fill(PASSWORD);
        coach.fill("Rider", "Tobiah Wren");
        coach.fill("Horse", "Marzipan");
        coach.fill("Height at the withers, cm", "144");
        coach.button("Open the yard").click();
        coach.button("Add the lesson").click();
        Locator look = coach.link("First look");
        look.waitFor();
        lesson = look.getAttribute("href").replaceAll(".*/lessons/([^/]+)/look", "$1");
    }

    private static Locator in(Visitor coach, String row, String key) {
        return coach.page()
                .getByRole(
                        AriaRole.GROUP, new Page.GetByRoleOptions().setName(row).setExact(true))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(key));
    }

    private static void lookWithoutANetwork(Visitor coach) {
        coach.open("/lessons/" + lesson + "/look");
        coach.isKeptForNoNetwork();
        coach.open("/lessons/" + lesson + "/look");
        coach.exactly("Sound").click();
        proxy.set(FaultProxy.Mode.CUT);
        in(coach, "You are looking", "mounted").click();
        coach.exactly("3: level").click();
        in(coach, "You are looking", "in hand").click();
        for (String check : new String[] {"3: looks, stays", "1: late, strong"}) {
            coach.exactly(check).click();
        }
        in(coach, "Halt from walk", "3: soft").click();
        coach.page().getByLabel("3: well").first().click();
        coach.page().getByLabel("3: well").last().click();
        in(coach, "Jaw and poll", "both, 3: gives").click();
        in(coach, "Answer to the leg: seen", "mounted").click();
        coach.assertAccessible();
        coach.exactly("Uneven step").click();
        coach.exactly("Save the look").click();
        coach.page().getByText("Saved on this device.").waitFor();
        coach.link("Ride").click();
        coach.page().getByText("Nothing is ridden today").waitFor();
        assertThat(coach.button("Begin the lesson").count())
                .as("signs of pain stop the ride before the server has heard of them")
                .isZero();
        coach.link("First look").click();
        coach.exactly("Sound").click();
        coach.exactly("Save the change").click();
        coach.page().getByText("Saved on this device.").waitFor();
        proxy.set(FaultProxy.Mode.PASS);
        coach.page().evaluate("window.dispatchEvent(new Event('online'))");
        coach.page().getByText("Light, wait, reinforce; leg off between.").waitFor();
        coach.page()
                .getByText("Why", new Page.GetByTextOptions().setExact(true))
                .click();
        assertThat(coach.page().getByText("No answer to the leg: 2 or less").count())
                .isEqualTo(1);
        coach.assertAccessible();
        coach.forgive();
    }

    private static void planFromTheLook(Visitor coach) {
        coach.open("/lessons/" + lesson + "/plan");
        coach.page()
                .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Forward"))
                .waitFor();
        coach.page()
                .getByText("Before more leg: rule out pain, teeth and weight.")
                .waitFor();
        JsonNode proposed = coach.get("/api/v1/lessons/" + lesson + "/plan");
        int main = indexOfMain(proposed);
        int before =
                proposed.path("plan").path("blocks").path(main).path("workS").asInt();
        block(coach, main).click();
        coach.page().getByText("The first look found it: Forward.").waitFor();
        coach.exactly("A minute more").click();
        coach.page().getByText("Saved by Ottilie Brandvold, with changes").waitFor();
        JsonNode kept = coach.get("/api/v1/lessons/" + lesson + "/plan");
        int after = kept.path("plan").path("blocks").path(main).path("workS").asInt();
        assertThat(after).isGreaterThan(before);
        coach.exactly("Undo").click();
        coach.page().getByText("Saved by Ottilie Brandvold, as proposed").waitFor();
        coach.assertAccessible();
    }

    private static int indexOfMain(JsonNode view) {
        JsonNode blocks = view.path("plan").path("blocks");
        for (int i = 0; i < blocks.size(); i++) {
            if (blocks.path(i).path("role").asString().equals("MAIN")) {
                return i;
            }
        }
        throw new AssertionError("A plan without a main thing: " + view);
    }

    private static Locator block(Visitor coach, int index) {
        return coach.page().locator("[data-line-block]").nth(index);
    }

    private static void rideThePlan(Visitor coach) {
        coach.open("/lessons/" + lesson + "/ride");
        coach.page().getByText("Helmet to your local standard").waitFor();
        coach.exactly("Begin the lesson").click();
        JsonNode blocks =
                coach.get("/api/v1/lessons/" + lesson + "/plan").path("plan").path("blocks");
        int turnsBefore = blocks.path(0).path("turns").size();
        // each touch on "Next" is the plan's next turn, in its order
        for (int turn = 0; turn < turnsBefore; turn++) {
            next(coach, turn);
        }
        coach.page()
                .locator("[aria-pressed=true]")
                .filter(new Locator.FilterOptions().setHasText(LEG))
                .waitFor();
        for (int turn = turnsBefore; turn < turnsBefore + 2; turn++) {
            for (int i = 0; i < 5; i++) {
                coach.button(i == 2 ? "Try at strength 3" : "Yes at strength 2").click();
            }
            next(coach, turn);
        }
        coach.exactly("Rest").click();
        coach.page().getByText("Resting").first().waitFor();
        coach.exactly("Left rein").click();
        coach.page()
                .getByText("Resting")
                .first()
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
        coach.exactly("End").click();
        coach.page().getByText("This lesson is over.").waitFor();
        coach.page().locator("[data-outbox=resting]").waitFor();
    }

    /** From this turn of the plan to the one after it. */
    private static void next(Visitor coach, int turn) {
        coach.page().locator("[data-turn='%d']".formatted(turn)).click();
        coach.page().locator("[data-turn='%d']".formatted(turn + 1)).waitFor();
    }

    private static void decideAndSetHomework(Visitor coach) {
        coach.debrief(lesson);
        coach.exactly("Confirm: Stay").click();
        coach.page().getByText("Ottilie Brandvold chose: Stay").waitFor();
        coach.assertAccessible();
        coach.link("Set homework").click();
        // three touches: what, how many days, set
        coach.button("Light, wait, reinforce, walk").click();
        coach.exactly("3").click();
        coach.exactly("Set homework").click();
        coach.page().getByText("Set already: 1").waitFor();
        coach.assertAccessible();
        String pair = coach.get("/api/v1/lessons/" + lesson + "/debrief")
                .path("lesson")
                .path("pair")
                .asString();
        coach.open("/pairs/" + pair);
        coach.exactly("Invite").click();
        Locator link = coach.page().getByLabel("Invitation link");
        link.waitFor();
        invitation = link.inputValue().replaceAll(".*/join", "/join");
        coach.assertAccessible();
    }

    private static void joinAndReportWithoutANetwork(Visitor rider) {
        rider.open(invitation);
        rider.page().getByText("Welcome, Tobiah Wren").waitFor();
        rider.assertAccessible();
        rider.fill("Sign-in name", "tobiah");
        rider.page().getByLabel("Password").fill(PASSWORD);
        rider.exactly("Sign in").click();
        rider.page().getByText("Light, wait, reinforce").first().waitFor();
        rider.assertAccessible();
        rider.isKeptForNoNetwork();
        proxy.set(FaultProxy.Mode.CUT);
        report(rider, "Not yet");
        rider.page().locator("[data-practices='1']").waitFor();
        rider.page().reload();
        rider.page().locator("[data-practices='1']").waitFor();
        proxy.set(FaultProxy.Mode.PASS);
        rider.page().evaluate("window.dispatchEvent(new Event('online'))");
        rider.page()
                .locator("[data-practices='1']")
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
        rider.forgive();
        report(rider, "Not yet");
        rider.page().getByText("History").click();
        rider.page().getByText("L 5 · R 0 min").nth(1).waitFor();
    }

    private static void report(Visitor rider, String feel) {
        rider.exactly("Report without the timer").click();
        for (int i = 0; i < 5; i++) {
            rider.page().getByLabel("One more").first().click();
        }
        rider.page().getByLabel("A question for your coach").fill("She does not hear the first one.");
        rider.assertAccessible();
        rider.exactly(feel).click();
    }

    private static void answer(Visitor coach) {
        coach.page().getByText("She does not hear the first one.").first().waitFor();
        coach.assertAccessible();
        coach.page().getByLabel("A sentence for the rider").fill("Half as strong, and wait longer.");
        coach.button("Carry on").click();
        coach.page()
                .getByText("She does not hear the first one.")
                .first()
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
    }

    private static void readTheAnswer(Visitor rider) {
        rider.signInOnScreen("tobiah", PASSWORD);
        rider.page().getByText("Half as strong, and wait longer.").waitFor();
        rider.page().getByText("What you two can do").waitFor();
        assertThat(rider.link("Ride").count()).isZero();
    }

    private static void theNextPlanIsAnotherOne(Visitor coach) {
        coach.fill("At", "19:00");
        coach.button("Add the lesson").click();
        Locator added = coach.page()
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("19:00"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("First look"));
        added.waitFor();
        String next = added.getAttribute("href").replaceAll(".*/lessons/([^/]+)/look", "$1");
        coach.open("/lessons/" + next + "/plan");
        // on a phone it shows its title alone
        coach.page().getByText("What changed this plan").click();
        coach.page()
                .getByText("The rider reported “not yet” on Light, wait, reinforce")
                .waitFor();
        JsonNode view = coach.get("/api/v1/lessons/" + next + "/plan");
        JsonNode change = view.path("changes")
                .valueStream()
                .filter(c -> c.path("kind").asString().equals("REPORT"))
                .findFirst()
                .orElseThrow();
        assertThat(change.path("with")).isNotEqualTo(change.path("without"));
        coach.assertAccessible();
    }
}

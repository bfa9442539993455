package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * The slice from the door to the decision, in one run on the packaged application: sign in, today, a pair's stair, a
 * ride through a cut network, a reloaded tab and a restarted server, the debrief recomputed from the exported entries,
 * and a decision that changes with the record and changes the stair.
 */
class ThreadTest {

    private static final String RUNG = "counter-bend.walk.rail";

    private static AppProcess app;
    private static FaultProxy proxy;

    @BeforeAll
    static void start() {
        app = Stage.demo("thread");
        proxy = new FaultProxy(app.port());
    }

    @AfterAll
    static void stop() {
        proxy.close();
        app.close();
    }

    @Test
    void fromTheDoorToTheDecision() {
        try (Visitor coach = new Visitor(proxy.port(), 390, 844)) {
            coach.page()
                    .clock()
                    .install(new com.microsoft.playwright.Clock.InstallOptions()
                            .setTime(Instant.parse(Stage.START).toEpochMilli()));
            refuseAWrongPassword(coach);
            coach.signIn("ottilie");
            String first = rideGood(coach);
            confirm(coach, first, "Stay");

            String lesson = putInALesson(coach);
            begin(coach, lesson);
            choose(coach, "Counter-bend");
            touches(coach, "Left rein", 9, 1);
            rideThroughFaults(coach, lesson);
            debriefIsWhatTheEntriesSay(coach, lesson);
            fiveWrongChangeTheAdviceAndVoidingThemChangesItBack(coach, lesson);
            confirm(coach, lesson, "Move on");
            theStairHasChanged(coach, lesson);
            coach.assertQuiet();
        }
    }

    private void refuseAWrongPassword(Visitor coach) {
        coach.open("/");
        coach.page().getByLabel("Sign-in name").fill("ottilie");
        coach.page().getByLabel("Password").fill("guess");
        coach.button("Sign in").click();
        assertThat(coach.page().getByRole(AriaRole.ALERT).innerText()).contains("name or password is wrong");
        coach.forgive();
    }

    /** Vesper's lesson of the day: nine of ten good on each rein. Its id. */
    private String rideGood(Visitor coach) {
        coach.page()
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Vesper"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Ride"))
                .click();
        String lesson = coach.page().url().replaceAll(".*/lessons/([^/]+)/ride", "$1");
        begin(coach, lesson);
        choose(coach, "Counter-bend");
        touches(coach, "Left rein", 9, 1);
        touches(coach, "Right rein", 9, 1);
        moreOfAnAskChangedAndTakenBack(coach, lesson);
        allSent(coach);
        end(coach);
        return lesson;
    }

    /** A long touch says more of an ask; from the list it is changed, then taken back. All of it stays in the log. */
    private static void moreOfAnAskChangedAndTakenBack(Visitor coach, String lesson) {
        coach.button("Brace at strength 3").click(new Locator.ClickOptions().setDelay(600));
        Locator more =
                coach.page().getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("More about this ask"));
        // written at the touch: the sheet may be closed without a word, and opened again from the list
        coach.exactly("Close").click();
        coach.button("Brace at strength 3, 1 so far").waitFor();
        coach.page().getByTitle("All touches").click();
        inTouches(coach, "Brace, 3 clear", "Change").click();
        more.getByText("missed").click();
        coach.assertAccessible();
        more.getByText("Save").click();
        coach.button("Brace at strength 3, 1 so far").waitFor();

        coach.page().getByTitle("All touches").click();
        inTouches(coach, "Brace, 3 clear", "Change").click();
        more.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("What came"))
                .getByText("Yes")
                .click();
        more.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Answered at"))
                .getByText("light")
                .click();
        more.getByText("Save").click();
        coach.button("Yes at strength 2, 10 so far").waitFor();

        coach.page().getByTitle("All touches").click();
        inTouches(coach, "Yes, 2 light", "Undo").click();
        inTouches(coach, "Yes, 2 light", "Put back").waitFor();
        coach.assertAccessible();
        coach.exactly("Close").click();
        coach.button("Yes at strength 2, 9 so far").waitFor();
        allSent(coach);
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/entries")
                        .path("entries")
                        .valueStream())
                .extracting(e -> e.path("kind").asString())
                .contains("release", "amend", "void");
    }

    private static Locator inTouches(Visitor coach, String said, String key) {
        return coach.page()
                .getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("All touches"))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(said))
                .first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(key));
    }

    private void begin(Visitor coach, String lesson) {
        coach.open("/lessons/" + lesson + "/ride");
        coach.page().getByText("Helmet to your local standard").waitFor();
        coach.button("Begin the lesson").click();
        coach.exactly("Left rein").waitFor();
    }

    private static void choose(Visitor coach, String exercise) {
        coach.exactly(exercise).click();
        coach.page()
                .locator("[aria-pressed=true]")
                .filter(new Locator.FilterOptions().setHasText(exercise))
                .waitFor();
    }

    private static void touches(Visitor coach, String rein, int yes, int tries) {
        coach.exactly(rein).click();
        for (int i = 0; i < yes; i++) {
            coach.button("Yes at strength 2").click();
        }
        for (int i = 0; i < tries; i++) {
            coach.button("Try at strength 3").click();
        }
    }

    private static void allSent(Visitor coach) {
        coach.page().locator("[data-outbox=resting]").waitFor();
    }

    private static void end(Visitor coach) {
        coach.exactly("End").click();
        coach.page().getByText("This lesson is over.").waitFor();
        allSent(coach);
    }

    private String putInALesson(Visitor coach) {
        coach.open("/");
        coach.page()
                .getByLabel("Pair")
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Vesper and Noor Haldane"));
        coach.fill("At", "16:30");
        coach.button("Add the lesson").click();
        Locator added = coach.page()
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("16:30"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Ride"));
        added.waitFor();
        return added.getAttribute("href").replaceAll(".*/lessons/([^/]+)/ride", "$1");
    }

    /** Network cut, tab reloaded, answers swallowed, server killed and started again: all there, each once. */
    private void rideThroughFaults(Visitor coach, String lesson) {
        coach.isKeptForNoNetwork();
        allSent(coach);

        proxy.set(FaultProxy.Mode.CUT);
        touches(coach, "Right rein", 4, 0);
        coach.page().locator("[data-outbox=offline]").waitFor();
        // a touch is painted before it is kept: the rein's and the four answers lie on the device
        coach.page().locator("[data-waiting='5']").waitFor();
        coach.page().reload();
        coach.button("Yes at strength 2, 4 so far").waitFor();
        coach.button("Yes at strength 2").click();
        coach.button("Yes at strength 2, 5 so far").waitFor();

        long before = proxy.swallowed();
        proxy.set(FaultProxy.Mode.SWALLOW);
        coach.page().evaluate("window.dispatchEvent(new Event('online'))");
        Await.until("an answer was swallowed", Duration.ofSeconds(90), () -> proxy.swallowed() > before);
        app.kill();
        proxy.set(FaultProxy.Mode.CUT);
        coach.button("Yes at strength 2").click();
        coach.button("Yes at strength 2, 6 so far").waitFor();
        app.start();
        proxy.set(FaultProxy.Mode.PASS);
        touches(coach, "Right rein", 3, 1);
        coach.page().evaluate("window.dispatchEvent(new Event('online'))");
        allSent(coach);
        coach.forgive();
        end(coach);

        JsonNode entries = coach.get("/api/v1/lessons/" + lesson + "/entries").path("entries");
        List<String> ids =
                entries.valueStream().map(e -> e.path("id").asString()).toList();
        Set<String> once = new HashSet<>(ids);
        assertThat(ids).hasSameSizeAs(once);
        assertThat(entries.valueStream().filter(e -> e.path("kind").asString().equals("exchange")))
                .hasSize(20);
    }

    /** Of the advice; what changed is opened on demand as well. */
    private static Locator why(Visitor coach) {
        return coach.page().locator("summary", new Page.LocatorOptions().setHasText("Why"));
    }

    /** The line of the only exercise, opened. */
    private static void openTheLine(Visitor coach) {
        coach.page().locator("h3 button[aria-expanded=false]").click();
        why(coach).waitFor();
    }

    /** The test counts for itself: from the exported entries, by segment's rein, no voids in this lesson so far. */
    private void debriefIsWhatTheEntriesSay(Visitor coach, String lesson) {
        coach.debrief(lesson);
        openTheLine(coach);
        for (String rein : List.of("LEFT", "RIGHT")) {
            Counted counted = count(coach, lesson, rein);
            double n = counted.strengths().size();
            double z = 1.959963984540054;
            double p = counted.yes() / n;
            double middle = (p + z * z / (2 * n)) / (1 + z * z / n);
            double half = z * Math.sqrt(p * (1 - p) / n + z * z / (4 * n * n)) / (1 + z * z / n);
            String shown = "%s: %d of %.0f YES, 95 %% interval %d to %d percent, mean strength %.1f"
                    .formatted(
                            // counter-bend works the outer side
                            rein.equals("LEFT") ? "right (left rein)" : "left (right rein)",
                            counted.yes(),
                            n,
                            Math.round(100 * (middle - half)),
                            Math.round(100 * (middle + half)),
                            counted.strengths().stream()
                                    .mapToInt(Integer::intValue)
                                    .average()
                                    .orElseThrow());
            assertThat(coach.page().getByLabel(shown).count()).as(shown).isEqualTo(1);
        }
        assertThat(coach.page().getByText("Move on: it is there on both sides.").isVisible())
                .isTrue();
        why(coach).click();
        assertThat(coach.page()
                        .getByText("right (left rein): 9 of 10 good")
                        .first()
                        .isVisible())
                .isTrue();
        coach.assertAccessible();
    }

    private record Counted(int yes, List<Integer> strengths) {}

    private static Counted count(Visitor coach, String lesson, String rein) {
        Map<String, String> reins = new HashMap<>();
        List<Integer> strengths = new ArrayList<>();
        int yes = 0;
        for (JsonNode e : coach.get("/api/v1/lessons/" + lesson + "/entries").path("entries")) {
            JsonNode said = e.path("payload");
            if (e.path("kind").asString().equals("segment")) {
                reins.put(e.path("id").asString(), said.path("rein").asString());
            } else if (rein.equals(reins.get(said.path("segment").asString()))) {
                strengths.add(said.path("strength").asInt());
                yes += said.path("response").asString().equals("YES") ? 1 : 0;
            }
        }
        return new Counted(yes, strengths);
    }

    private void fiveWrongChangeTheAdviceAndVoidingThemChangesItBack(Visitor coach, String lesson) {
        coach.open("/lessons/" + lesson + "/ride");
        coach.button("Carry on with this lesson").click();
        for (int i = 0; i < 5; i++) {
            coach.button("Something else at strength 2").click();
        }
        coach.button("Something else at strength 2, 5 so far").waitFor();
        end(coach);
        coach.debrief(lesson);
        openTheLine(coach);
        assertThat(coach.page().getByText("Move on: it is there").count()).isZero();
        assertThat(coach.button("Confirm: Move on").count()).isZero();

        coach.open("/lessons/" + lesson + "/ride");
        coach.button("Carry on with this lesson").click();
        coach.page()
                .getByText("Counter-bend on the rail, walk, right rein")
                .first()
                .waitFor();
        // the first takes back the segment that going on began, the others the five
        coach.button("Undo").click();
        coach.button("Put back").waitFor();
        for (int left = 4; left >= 0; left--) {
            coach.page().keyboard().press("Control+z");
            coach.button("Something else at strength 2, " + left + " so far").waitFor();
        }
        end(coach);
        coach.debrief(lesson);
        coach.page().getByText("Move on: it is there on both sides.").waitFor();
    }

    private static void confirm(Visitor coach, String lesson, String decision) {
        coach.debrief(lesson);
        coach.button("Confirm: " + decision).click();
        coach.page().getByText("Ottilie Brandvold chose: " + decision).waitFor();
    }

    private void theStairHasChanged(Visitor coach, String lesson) {
        String pair = coach.get("/api/v1/lessons/" + lesson + "/debrief")
                .path("lesson")
                .path("pair")
                .asString();
        coach.link("To the stair").click();
        coach.page().getByLabel("Counter-bend on the rail, walk, rail: passed").waitFor();
        assertThat(coach.page()
                        .getByLabel("Inside bend on the rail, walk, rail: open")
                        .count())
                .isEqualTo(1);
        assertThat(coach.get("/api/v1/pairs/" + pair).path("decisions").valueStream())
                .filteredOn(d -> d.path("rung").asString().equals(RUNG))
                .hasSize(2);
        coach.assertAccessible();
    }
}

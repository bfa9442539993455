package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A pair of each school from its stair to the debrief, and a stretch that borrows another. */
class SchoolsOnScreenTest {

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    private static String pair(Visitor coach, String horse, String school) {
        Map<String, Object> pair = new LinkedHashMap<>();
        pair.put("rider", "Basma Haldane");
        pair.put("horse", horse);
        pair.put("heightCm", 150);
        pair.put("school", school);
        return coach.post("/api/v1/pairs", pair).path("id").asString();
    }

    private static Locator said(Visitor coach, String text) {
        return coach.page().getByText(text).first();
    }

    /** What is never done, its way of touching in, an exercise that it teaches, and what is done about an error there. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "CLASSICAL | Classical | The neck is never forced in | counter-bend.walk.rail | Counter-bend | prevent",
                "PRESSURE_AND_RELEASE | Pressure and release | Nothing is released while the horse braces"
                        + " | counter-bend.walk.rail | Counter-bend | when clear",
                "REWARD_BASED | Reward-based | No pressure on a frightened horse | target.halt.rail | Target | ignore",
                "FORWARD_SEAT | Forward seat | Nobody is pulled to the base | counter-bend.walk.rail | Counter-bend | at once",
                "GAITED | Gaited | A wrong gait is never let pass | counter-bend.walk.rail | Counter-bend | at once",
            })
    void aPairIsTaughtAsItsSchoolTeaches(
            String school, String name, String never, String rung, String shortName, String error) {
        boolean isByChoice = school.equals("REWARD_BASED");
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            String horse = "Cormorant " + name;
            coach.open("/pairs/" + pair(coach, horse, school));
            said(coach, "School: " + name).waitFor();
            said(coach, never).waitFor();

            Rider ride = Rider.inNewLesson(coach, horse);
            coach.open("/lessons/" + ride.lesson() + "/plan");
            coach.page().getByLabel("Add another exercise …").selectOption(rung);
            said(coach, ", with changes").waitFor();
            ride.open();
            said(coach, never).waitFor();
            ride.begin();
            coach.button(shortName).first().click();
            answer(coach, ride, isByChoice);
            coach.button("Figure and bend").click();
            Locator policy = coach.page()
                    .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("An error here"))
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(error));
            assertThat(policy.getAttribute("aria-pressed")).isEqualTo("true");
            coach.assertAccessible();
            coach.button("Close").click();
            coach.exactly("Let pass").click();
            coach.exactly("End").click();
            said(coach, "This lesson is over.").waitFor();
            ride.isAllSent();
            coach.debrief(ride.lesson());
            said(coach, "(" + error + ")").waitFor();
            coach.assertAccessible();
            coach.assertQuiet();
        }
    }

    private static void answer(Visitor coach, Rider ride, boolean isByChoice) {
        if (!isByChoice) {
            ride.touch(3).sees(3);
            return;
        }
        for (int i = 0; i < 3; i++) {
            coach.button("Comes, " + i + " so far").click();
        }
        coach.button("Comes, 3 so far").waitFor();
    }

    @Test
    void aStretchBorrowsASchoolAndGivesItBack() {
        try (Visitor coach = new Visitor(app.port(), 390, 844).signIn("ottilie")) {
            pair(coach, "Cormorant", "CLASSICAL");
            Rider ride = Rider.inNewLesson(coach, "Cormorant").begin().touch(2).sees(2);
            coach.button("Figure and bend").click();
            coach.exactly("Reward-based").click();
            said(coach, "No pressure on a frightened horse").waitFor();
            coach.assertAccessible();
            coach.button("Close").click();
            coach.button("Comes, 0 so far").click();
            coach.button("Comes, 1 so far").waitFor();
            coach.button("Figure and bend").click();
            coach.exactly("Classical").click();
            coach.button("Close").click();
            ride.sees(2);
            ride.isAllSent();
            Await.until(
                    "the stretch says what it borrowed",
                    Duration.ofSeconds(30),
                    () -> ride.entries().stream()
                            .filter(e -> e.path("kind").asString().equals("segment"))
                            .map(e -> e.path("payload").path("school").asString("-"))
                            .toList()
                            .equals(List.of("-", "REWARD_BASED", "-")));
            coach.assertQuiet();
        }
    }

    @Test
    void whatIsSettledForAPairActsOnItsStairAndInItsPlan() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            String id = pair(coach, "Osprey", "GAITED");
            coach.open("/pairs/" + id);
            said(coach, "Where good teachers disagree").click();
            coach.page()
                    .getByLabel("Side reins", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("NEVER");
            said(coach, "Left out for these two: Surcingle and side reins.").waitFor();
            coach.page().getByLabel("The leg between two aids").selectOption("OFF");
            said(coach, "Settled for these two:").waitFor();
            coach.assertAccessible();
            Rider ride = Rider.inNewLesson(coach, "Osprey");
            coach.open("/lessons/" + ride.lesson() + "/plan");
            said(coach, "The leg comes off between two aids: settled for these two.")
                    .waitFor();
            coach.page().getByLabel("Taught as").selectOption("REWARD_BASED");
            said(coach, "Borrowed for this lesson").waitFor();
            coach.assertAccessible();
            coach.page().getByLabel("Add another exercise …").selectOption("target.halt.rail");
            said(coach, ", with changes").waitFor();
            ride.begin();
            coach.button("Target").first().click();
            coach.button("Comes, 0 so far").waitFor();
            coach.assertQuiet();
        }
    }

    /** The own gait of a gaited horse by its name, and one that it is not to use, one touch away. */
    @Test
    void aGaitedHorseHasItsOwnGaitBesideThePad() {
        try (Visitor coach = new Visitor(app.port(), 390, 844).signIn("ottilie")) {
            String id = pair(coach, "Kestrel", "GAITED");
            coach.open("/pairs/" + id + "/about");
            coach.fill("Own gait, if the horse is gaited", "tölt");
            coach.exactly("Save").click();
            coach.exactly("Save").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
            Rider ride = Rider.inNewLesson(coach, "Kestrel");
            ride.open();
            said(coach, "Own gait: tölt").waitFor();
            ride.begin();
            coach.exactly("tölt").click();
            ride.touch(1).sees(1);
            ride.isAllSent();
            Await.until(
                    "the gait is in the record",
                    Duration.ofSeconds(30),
                    () -> ride.entries().stream().anyMatch(SchoolsOnScreenTest::isOwnGait));
            coach.assertAccessible();
            coach.assertQuiet();
        }
    }

    private static boolean isOwnGait(JsonNode entry) {
        return entry.path("payload").path("gait").asString("").equals("OWN_GAIT");
    }
}

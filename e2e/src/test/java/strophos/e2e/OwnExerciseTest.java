package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What a coach makes: used at once from the plan to the rider's phone without a network. */
class OwnExerciseTest {

    private static final Path PICTURE =
            Path.of(System.getProperty("strophos.root")).resolve("server/src/test/resources/attachment/dot.png");

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

    private static Visitor coach() {
        return new Visitor(app.port(), 1280, 800).signIn("ottilie");
    }

    @Test
    void oneOfMyOwnIsPlannedRiddenJudgedAndPractisedWithoutANetwork() {
        try (Visitor coach = coach()) {
            String exercise = make(coach);
            Rider ride = Rider.inNewLesson(coach, "Tamarack");
            String at = "/lessons/" + ride.lesson();
            coach.open(at + "/plan");
            coach.page().getByLabel("Add another exercise …").selectOption(exercise + ".walk.rail");
            coach.page()
                    .locator("[data-line-block]")
                    .filter(new Locator.FilterOptions().setHasText("Gate halt"))
                    .waitFor();
            ride.begin();
            coach.exactly("Gate halt").click();
            ride.touch(4).sees(4).isAllSent();
            coach.exactly("End").click();
            coach.page().getByText("This lesson is over.").waitFor();
            ride.isAllSent();
            coach.debrief(ride.lesson());
            coach.page().getByText("Gate halt").first().waitFor();
            coach.open(at + "/homework");
            coach.button("Gate halt, walk").click();
            coach.exactly("Set homework").click();
            coach.page()
                    .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Gate halt, walk"))
                    .waitFor();
            coach.assertAccessible();
            coach.assertQuiet();
        }
        practiseWithoutANetwork();
    }

    /** Name, feel, two touches, a picture. Its id. */
    private static String make(Visitor coach) {
        coach.link("Library").click();
        coach.link("New exercise").click();
        coach.fill("What do you call it?", "Gate halt");
        coach.fill("When it goes well, it feels like", "Your horse waits for you.");
        coach.exactly("your horse is frightened").click();
        coach.page().locator("input[type=file]").setInputFiles(PICTURE);
        coach.page().getByAltText("The coach’s picture of this exercise").waitFor();
        coach.assertAccessible();
        coach.exactly("Save exercise").click();
        coach.page()
                .getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("Gate halt").setExact(true))
                .waitFor();
        coach.assertAccessible();
        return coach.page().url().replaceAll(".*/library/", "");
    }

    private static void practiseWithoutANetwork() {
        try (Visitor rider = new Visitor(proxy.port(), 390, 844).signIn("imre")) {
            Locator card = rider.page()
                    .getByRole(
                            AriaRole.HEADING,
                            new Page.GetByRoleOptions().setName("Gate halt").setExact(true));
            card.waitFor();
            Locator picture = rider.page().getByAltText("The coach’s picture of this exercise");
            picture.waitFor();
            rider.isKeptForNoNetwork();
            rider.assertAccessible();
            proxy.set(FaultProxy.Mode.CUT);
            rider.page().reload();
            card.waitFor();
            assertThat(picture.evaluate("p => p.decode().then(() => p.naturalWidth)"))
                    .as("the picture is there without a network")
                    .isEqualTo(4);
            rider.exactly("Report without the timer").click();
            rider.page().getByLabel("One more").first().click();
            rider.exactly("Easy").click();
            rider.page().locator("[data-practices='1']").waitFor();
            proxy.set(FaultProxy.Mode.PASS);
        }
    }

    @Test
    void aProgrammeOfFiveStagesIsEnteredAndSet() {
        try (Visitor coach = coach()) {
            coach.link("Library").click();
            coach.link("New programme").click();
            coach.fill("What do you call the programme?", "Past the tractor");
            List<String> stages = List.of("Look at it", "It stands", "It runs", "It rolls away", "It comes past");
            for (int i = 0; i < stages.size(); i++) {
                if (i > 0) {
                    coach.exactly("Add a stage").click();
                }
                coach.page().getByLabel("What do you call it?").nth(i).fill(stages.get(i));
                coach.page()
                        .getByLabel("When it goes well, it feels like")
                        .nth(i)
                        .fill("Calm, and one breath out.");
                coach.page().getByLabel("Where").nth(i).selectOption("SPOT");
            }
            coach.page().getByLabel("Days at least").first().fill("14");
            coach.assertAccessible();
            coach.exactly("Save programme").click();
            coach.page()
                    .getByRole(
                            AriaRole.HEADING,
                            new Page.GetByRoleOptions()
                                    .setName("Past the tractor")
                                    .setExact(true))
                    .waitFor();
            coach.assertAccessible();
            Rider ride = Rider.inNewLesson(coach, "Pepperwort");
            coach.open("/lessons/" + ride.lesson() + "/homework");
            coach.page().getByLabel("One of your programmes").selectOption("Past the tractor");
            coach.page().getByText("Past the tractor: stage 1 of 5").waitFor();
            coach.page().getByText("the next step opens in 14 days").waitFor();
            coach.assertAccessible();
            coach.assertQuiet();
        }
    }
}

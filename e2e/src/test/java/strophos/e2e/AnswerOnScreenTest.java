package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.Duration;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A video that nobody asked for: looked at, answered with the homework, read by the rider, and asked back about. */
class AnswerOnScreenTest {

    private static final Path DRAWN = Path.of(System.getProperty("strophos.root"), "examples", "clip", "horse.webm");
    private static final String SAID = "Here the hind feet come too late.";
    private static final String ASKED = "Is it worse on the left rein?";

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    private static Locator link(Visitor who, String named) {
        return who.page().getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(named));
    }

    private static JsonNode words(Visitor coach, String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/words");
    }

    @Test
    void fromTheVideoToTheHomeworkAndBack() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie");
                Visitor imre = new Visitor(app.port(), 390, 844).signIn("imre")) {
            coach.open("/pairs/" + coach.pairOf("Tamarack"));
            coach.button("A video came").click();
            coach.page().locator("[data-open-clip] input[type=file]").last().setInputFiles(DRAWN);
            coach.exactly("Play").waitFor();
            String lesson = coach.page().url().replaceFirst(".*/lessons/([^/]+)/clip.*", "$1");
            coach.page().keyboard().press("c");
            coach.page().keyboard().type(SAID);
            coach.page().keyboard().press("Enter");
            Locator answer = coach.page().locator("[data-answer]");
            answer.getByLabel("A sentence for the rider").fill("Keep it short.");
            coach.button("Carry on").click();
            answer.getByText("You answered: Carry on").waitFor();
            coach.button("Show Imre Castellan").click();
            coach.page()
                    .locator("[data-answer-shown]")
                    .getByText("Not read yet.")
                    .waitFor();
            coach.assertAccessible();
            coach.open("/today");
            link(coach, "Debrief").last().waitFor();

            imre.open("/practice");
            link(imre, "what your coach says").click();
            imre.page().getByText(SAID).waitFor();
            imre.page().getByText("Keep it short.").waitFor();
            imre.button("Answer, 0:00.0").click();
            imre.fill("Your answer to 0:00.0", ASKED);
            imre.assertAccessible();
            imre.exactly("Send it").click();
            imre.page().locator("[data-words]").getByText(ASKED).waitFor();
            assertThat(words(coach, lesson)
                            .path("readings")
                            .path(0)
                            .path("name")
                            .asString())
                    .isEqualTo("Imre Castellan");

            coach.open("/today");
            link(coach, ASKED).click();
            coach.page().getByText("Imre Castellan read it").waitFor();
            coach.button("Answer, 0:00.0").click();
            coach.fill("Your answer to 0:00.0", "Yes, there most.");
            coach.exactly("Send it").click();
            Await.until(
                    "it is answered",
                    Duration.ofSeconds(20),
                    () -> words(coach, lesson).path("words").size() == 2);
            coach.open("/today");
            coach.button("A video came").first().waitFor();
            assertThat(link(coach, ASKED).count()).as("it has been read").isZero();
            imre.open("/practice");
            link(imre, "Ottilie Brandvold answered you").click();
            imre.page().getByText("Yes, there most.").waitFor();
            coach.assertQuiet();
            imre.assertQuiet();
        }
    }

    /** What was asked on the clip's pad later begins where the video was talked about. */
    @Test
    void oneThatWasAnsweredCanStillBeRead() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            coach.open("/pairs/" + coach.pairOf("Skerry"));
            coach.button("A video came").click();
            coach.page().locator("[data-open-clip] input[type=file]").last().setInputFiles(DRAWN);
            coach.exactly("Play").waitFor();
            String lesson = coach.page().url().replaceFirst(".*/lessons/([^/]+)/clip.*", "$1");
            coach.page().keyboard().press("c");
            coach.page().keyboard().type(SAID);
            coach.page().keyboard().press("Enter");
            coach.button("Show Maren Falk").click();
            coach.page().locator("[data-answer-shown]").waitFor();
            coach.exactly("Pad").click();
            coach.button("Begin on the clip").click();
            coach.page().locator("[data-clip-pad]").waitFor();
            coach.page().keyboard().press("2");
            coach.page().keyboard().press("y");
            Await.until(
                    "the ask arrives",
                    Duration.ofSeconds(20),
                    () -> coach.get("/api/v1/lessons/" + lesson + "/debrief")
                                    .path("lesson")
                                    .path("exchanges")
                                    .asInt()
                            == 1);
            coach.assertQuiet();
        }
    }
}

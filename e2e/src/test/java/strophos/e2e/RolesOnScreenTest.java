package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What a rider and a guardian see on the screen: their own, and no button that would be refused. */
class RolesOnScreenTest {

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    @Test
    void aRiderSeesHisOwnPairAndNothingToRecord() {
        try (Visitor imre = new Visitor(app.port(), 390, 844).signInOnScreen("imre")) {
            imre.page().getByText("What you two can do").waitFor();
            imre.assertAccessible();
            imre.link("Lessons").click();
            imre.page().getByText("Tamarack").waitFor();
            assertThat(imre.page().getByText("Vesper").count()).isZero();
            assertThat(imre.link("Ride").count()).isZero();
            assertThat(imre.link("First look").count()).isZero();
            imre.page().getByText("Tamarack").click();
            imre.page().getByText("The stair").waitFor();
            assertThat(imre.page().locator("a[href$='/debrief']").count()).isZero();
            assertThat(imre.button("Invite").count()).isZero();
            imre.assertAccessible();
            imre.assertQuiet();
        }
    }

    @Test
    void aGuardianSeesTheChildsPair() {
        try (Visitor basma = new Visitor(app.port(), 1280, 800).signInOnScreen("basma")) {
            basma.button("Report without the timer").first().waitFor();
            basma.link("Horses").click();
            basma.page().getByText("Vesper").waitFor();
            assertThat(basma.page().getByText("Tamarack").count()).isZero();
            basma.assertQuiet();
        }
    }
}

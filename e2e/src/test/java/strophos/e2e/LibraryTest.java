package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The library, and a pair of each school. */
class LibraryTest {

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    private static Visitor coach(int width, int height) {
        return new Visitor(app.port(), width, height).signIn("ottilie");
    }

    /** Somebody who never saw it can set renvers out: bend, side and the order of the aids, on either rein. */
    @Test
    void anExerciseIsFoundAndSetOut() {
        try (Visitor coach = coach(390, 844)) {
            coach.link("Library").click();
            coach.page().getByRole(AriaRole.SEARCHBOX).fill("renv");
            coach.page().getByText("1 exercise").waitFor();
            coach.exactly("As a stair").click();
            coach.page().getByText("Arrow keys walk the stair").waitFor();
            coach.assertAccessible();
            coach.link("Renvers").last().click();
            var right =
                    coach.page().getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("On the right rein"));
            right.getByText("Bent to the left").waitFor();
            assertThat(right.getByRole(AriaRole.LISTITEM).first().textContent())
                    .startsWith("Right leg: push, light.")
                    .contains("behind the girth");
            coach.assertAccessible();
            coach.link("All exercises").click();
            coach.page().getByLabel("School").selectOption("Gaited");
            coach.link("Short stretches out of a good walk").click();
            coach.page().getByText("Correct at once").waitFor();
            coach.assertQuiet();
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Tamarack   | breath and seat          | The neck is never forced in
            Marzipan   | look and energy          | Nothing is released while the horse braces
            Pepperwort | marker and reward        | No pressure on a frightened horse
            Skerry     | eye and seat             | Nobody is pulled to the base of a fence
            Sindri     | seat and posture         | A wrong gait is never let pass
            """)
    void aPairIsTaughtByItsSchool(String horse, String ladder, String notAllowed) {
        try (Visitor coach = coach(1280, 800)) {
            coach.link("Pairs").click();
            coach.link(horse).first().click();
            coach.page().getByText(notAllowed).waitFor();
            coach.page().getByText(ladder).first().waitFor();
            coach.assertAccessible();
            coach.assertQuiet();
        }
    }

    @Test
    void anotherSchoolSaysWhatItChangesBeforeItDoes() {
        try (Visitor coach = coach(1280, 800)) {
            coach.link("Pairs").click();
            coach.link("Fennel").click();
            coach.page().getByText("School: Classical").waitFor();
            coach.page().getByText("Another school").click();
            coach.page().getByLabel("Another school").selectOption("Gaited");
            coach.page().getByText("exercises leave it").waitFor();
            coach.assertAccessible();
            coach.button("Teach Fennel by this school").click();
            coach.page().getByText("School: Gaited").waitFor();
            coach.assertQuiet();
        }
    }
}

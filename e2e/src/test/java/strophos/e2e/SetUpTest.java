package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** An empty installation: the token leads to a yard with its first pair, by mouse and keyboard alone. */
class SetUpTest {

    @Test
    void theTokenLeadsToTheYard() {
        try (AppProcess app = Stage.empty("setup");
                Visitor coach = new Visitor(app.port(), 1280, 800)) {
            coach.open("/");
            coach.page().getByLabel("Set-up token").fill("a guess");
            coach.fill("Name of the yard", "Saltmarsh Ford");
            coach.fill("Your name", "Ottilie Brandvold");
            coach.fill("Sign-in name", "ottilie");
            coach.page().getByLabel("Password").fill("a long password");
            coach.fill("Rider", "Maren Falk");
            coach.fill("Horse", "Skerry");
            coach.fill("Height at the withers, cm", "128");
            coach.button("Open the yard").click();
            coach.page().getByText("This is not the token").waitFor();
            assertThat(coach.page().getByLabel("Name of the yard").inputValue())
                    .as("a refusal loses nothing")
                    .isEqualTo("Saltmarsh Ford");
            coach.forgive();

            coach.page().getByLabel("Set-up token").fill(Stage.SETUP_TOKEN);
            coach.assertAccessible();
            coach.button("Open the yard").click();
            coach.page().getByText("No lesson today.").waitFor();
            coach.assertAccessible();
            coach.button("Add the lesson").click();
            coach.page()
                    .getByRole(AriaRole.HEADING, new com.microsoft.playwright.Page.GetByRoleOptions().setName("Skerry"))
                    .waitFor();
            coach.button("Sign out").click();
            coach.page().getByLabel("Sign-in name").waitFor();
            coach.signIn("ottilie", "a long password");
            coach.page()
                    .getByRole(AriaRole.HEADING, new com.microsoft.playwright.Page.GetByRoleOptions().setName("Skerry"))
                    .waitFor();
            coach.assertQuiet();
        }
    }
}

package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.TimeoutError;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A yard that the version before filled, with clocks nobody believes and devices that hold what is not sent, upgraded, and sent
 * everything that a hostile client can think of: every screen of every role still shows.
 */
class BatteredTest {

    private static final String PASSWORD = "saltmarsh-ford";

    /** Goes to a screen as a link does, without loading the page anew. */
    private static final String GO =
            "path => { history.pushState({}, '', path); dispatchEvent(new PopStateEvent('popstate')) }";

    /** The screen of this address stands, and has what it waits for. */
    private static final String STANDS = """
            path => {
              const main = document.querySelector('main#page')
              const texts = [...(main?.querySelectorAll('[role=status]') ?? [])].map(s => s.textContent)
              return main?.dataset.at === path && main.querySelector('h1, h2') !== null
                && !texts.includes('One moment …')
            }
            """;

    private static AppProcess app;
    private static JsonNode left;

    @BeforeAll
    static void start() throws IOException {
        app = Stage.battered("battered");
        left = Visitor.JSON.readTree(Files.readString(Stage.LEFT.resolve("v32-device.json")));
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static void see(Visitor visitor, List<String> paths) {
        for (String path : paths) {
            visitor.page().evaluate(GO, path);
            stands(visitor, path);
            String text = visitor.page().locator("main#page").innerText();
            assertThat(text).as(path).doesNotContain("Something went wrong on the server", "cannot be shown");
        }
        visitor.assertQuiet();
    }

    private static void stands(Visitor visitor, String path) {
        try {
            visitor.page().waitForFunction(STANDS, path);
        } catch (TimeoutError e) {
            throw new AssertionError(
                    path + " never stood: " + visitor.page().locator("body").innerText(), e);
        }
    }

    private static List<String> screensOfTheYard() {
        List<String> paths = new ArrayList<>(List.of("/today", "/pairs", "/ground", "/device"));
        left.path("pairs")
                .forEach(p -> paths.addAll(List.of("/pairs/" + p.asString(), "/pairs/" + p.asString() + "/history")));
        for (JsonNode lesson : left.path("lessons")) {
            for (String screen : List.of("look", "plan", "homework", "debrief", "contact", "clip", "record")) {
                paths.add("/lessons/" + lesson.asString() + "/" + screen);
            }
        }
        return paths;
    }

    @Test
    void everyScreenOfEveryRoleStillShows() {
        try (Visitor coach = LeftDevice.of(left, "coach", app.port(), 1280, 800).signInOnScreen("ottilie", PASSWORD)) {
            see(coach, screensOfTheYard());
            see(coach, List.of("/mirror"));
            String lesson = left.path("lessons").path("next").asString();
            coach.open("/lessons/" + lesson + "/ride");
            coach.page().locator("[data-outbox=resting]").first().waitFor();
            coach.assertQuiet();
            theGuardianComesIn(coach);
        }
        try (Visitor assistant = new Visitor(app.port(), 1280, 800).signInOnScreen("kwame", PASSWORD)) {
            see(assistant, screensOfTheYard());
        }
        try (Visitor rider = LeftDevice.of(left, "rider", app.port(), 390, 844).signInOnScreen("rosalba", PASSWORD)) {
            see(
                    rider,
                    List.of(
                            "/",
                            "/pairs",
                            "/pairs/" + left.path("pairs").path("sindri").asString(),
                            "/device"));
        }
    }

    private static void theGuardianComesIn(Visitor coach) {
        String pair = "/api/v1/pairs/" + left.path("pairs").path("sindri").asString();
        JsonNode people =
                coach.post(pair + "/guardians", Map.of("name", "Basma Haddad")).path("people");
        String guardian = people.valueStream()
                .filter(p -> p.path("role").asString().equals("GUARDIAN")
                        && !p.path("canSignIn").asBoolean())
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        String token = coach.post(pair + "/invitations", Map.of("person", guardian))
                .path("token")
                .asString();
        try (Visitor basma = new Visitor(app.port(), 390, 844)) {
            basma.open("/");
            basma.button("Sign in").waitFor();
            basma.post("/api/v1/join", Map.of("token", token, "signInName", "basma", "password", PASSWORD));
            basma.open("/");
            basma.page().locator("main#page").waitFor();
            see(
                    basma,
                    List.of(
                            "/",
                            "/pairs",
                            "/pairs/" + left.path("pairs").path("sindri").asString(),
                            "/device"));
        }
    }
}

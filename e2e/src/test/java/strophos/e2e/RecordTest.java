package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is done with the record beside the pad: looked for again, taken out as files, taken in from elsewhere. */
class RecordTest {

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    /** Seen, put on watch from the touches, and ticked in the pair's next lesson. */
    @Test
    void whatIsSeenIsLookedForAgain() {
        try (Visitor coach = new Visitor(app.port(), 390, 844)) {
            coach.signIn("ottilie");
            Rider.inNewLesson(coach).begin();
            coach.page().keyboard().press("s");
            coach.exactly("Lower leg").click();
            coach.button("leg back, left").click();
            coach.page().keyboard().press("a");
            coach.button("Put on watch for 4 weeks").click();
            coach.button("Seen mounted: watch it for 4 weeks").click();
            coach.page().getByText("On watch for 4 weeks").first().waitFor();
            coach.assertAccessible();
            coach.page().keyboard().press("a");
            coach.exactly("End").click();
            coach.link("To the debrief").waitFor();
            Rider next = Rider.inNewLesson(coach).begin();
            coach.page().keyboard().press("s");
            Locator watch = coach.page().getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("leg back"));
            assertThat(watch.textContent()).contains("not looked for yet");
            coach.assertAccessible();
            watch.getByText("Seen").click();
            watch.locator("[aria-pressed=true]").getByText("Seen").waitFor();
            coach.page().keyboard().press("Escape");
            next.isAllSent();
            JsonNode on = coach.get(
                            "/api/v1/lessons/" + Rider.inNewLesson(coach).lesson() + "/packet")
                    .path("watch");
            assertThat(on).hasSize(1);
            assertThat(on.get(0).path("name").asString() + " "
                            + on.get(0).path("seen").asInt() + " of "
                            + on.get(0).path("asked").asInt())
                    .isEqualTo("leg-back 1 of 1");
            coach.assertQuiet();
        }
    }

    /** A table kept elsewhere is taken in without the line that cannot be read; what is taken out is known when it comes again. */
    @Test
    void theRecordGoesOutAndComesIn() throws IOException {
        try (Visitor coach = new Visitor(app.port(), 1280, 800)) {
            coach.signIn("ottilie");
            String lesson = Rider.inNewLesson(coach).lesson();
            coach.open("/lessons/" + lesson + "/record");
            choose(coach, "asks.csv", "side;strength;answer\nleft;2;yes\nleft;2;no idea\nright;light;brace\n");
            coach.page()
                    .getByLabel("All of it is")
                    .selectOption(new SelectOption().setLabel("Counter-bend on the rail"));
            coach.page().getByText("1 cell cannot be read").waitFor();
            coach.page().getByText("no idea").first().waitFor();
            coach.assertAccessible();
            coach.page().getByText("Leave out the line").click();
            coach.button("Import 2 asks").click();
            coach.page().getByText("entries imported").waitFor();
            coach.button("Another file").click();
            String out = coach.page()
                    .waitForDownload(
                            () -> coach.link("Save All entries as JSON").click())
                    .path()
                    .toString();
            choose(coach, "entries.json", Files.readString(Path.of(out)));
            coach.page().getByText("already here").waitFor();
            coach.page().getByText("Nothing new in this file").waitFor();
            coach.assertQuiet();
        }
    }

    private static void choose(Visitor visitor, String name, String text) {
        visitor.page()
                .locator("input[type=file]")
                .setInputFiles(new FilePayload(name, "text/plain", text.getBytes(StandardCharsets.UTF_8)));
    }
}

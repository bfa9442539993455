package strophos.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** {@code ./strophos bench plait}: script in a frame while the plait of a lesson of 3 000 entries is seen closer and moved along. */
class PlaitRun {

    private static final int ENTRIES = 3_000;
    private static final int FRAMES = 300;

    private static LessonLog ridden(Visitor coach) {
        LessonLog log = LessonLog.of(coach, "Whimbrel");
        String segment = "";
        for (int i = 0; i < ENTRIES; i++) {
            if (i % 250 == 0) {
                segment = log.segment(i % 500 == 0 ? "LEFT" : "RIGHT");
            }
            log.waits(1);
            switch (i % 7) {
                case 3 -> log.fault(segment, "leg-back");
                case 5 -> log.fault(segment, "hands-high");
                case 6 -> log.ask(segment, "BRACE");
                default -> log.ask(segment, "YES");
            }
        }
        log.send();
        return log;
    }

    @Test
    void aFrameOfThreeThousandEntries() throws IOException {
        try (AppProcess app = Stage.demo("bench_plait");
                Visitor coach = new Visitor(app.port(), 1280, 800)) {
            coach.signIn("ottilie");
            LessonLog log = ridden(coach);
            coach.debrief(log.lesson());
            Page page = coach.page();
            Locator drawing = page.locator("[data-plait]");
            drawing.scrollIntoViewIfNeeded();
            coach.button("leg back").click();
            coach.button("Brace").click();
            page.locator("[data-meeting] p").first().waitFor();
            // closer and further, never to where little is left to draw
            FrameScript script = FrameScript.of(coach, drawing, FRAMES, i -> i % 20 < 10 ? -30 : 30);
            String said = "%d entries, %s".formatted(ENTRIES, script.said());
            Files.writeString(Path.of(System.getProperty("strophos.root"), "e2e/target/plait.txt"), said + "\n");
            script.assertWithin(ENTRIES + " entries");
        }
    }
}

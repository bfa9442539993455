package strophos.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import strophos.core.contact.ReinSeries;
import strophos.core.contact.StandInSensor;
import strophos.core.exchange.Side;

/** {@code ./strophos bench ribbon}: script in a frame while 270 000 samples a rein are seen closer, from far and from near. */
class RibbonRun {

    private static final int FRAMES = 200;
    private static final double RATE_HZ = 100;
    private static final int SECONDS = 2_700;

    @TempDir
    private static Path files;

    private static Path table() throws IOException {
        ReinSeries series = StandInSensor.measure(
                StandInSensor.Script.of(RATE_HZ, new StandInSensor.Stretch(SECONDS, 160, 0.03, 3, 3.4, 1.5, 0)), 1);
        StringBuilder text = new StringBuilder("time (s),left (kg),right (kg)\n");
        for (int i = 0; i < series.length(); i++) {
            text.append(String.format(
                    Locale.ROOT,
                    "%.2f,%.2f,%.2f%n",
                    i / RATE_HZ,
                    series.at(Side.LEFT, i) / 100.0,
                    series.at(Side.RIGHT, i) / 100.0));
        }
        return Files.writeString(files.resolve("long.csv"), text);
    }

    @Test
    void aFrameOfALongRecording() throws IOException {
        try (AppProcess app = Stage.demo("bench_ribbon");
                Visitor coach = new Visitor(app.port(), 1280, 800)) {
            coach.signIn("ottilie");
            LessonLog log = LessonLog.of(coach, "Whimbrel");
            log.segment("LEFT");
            log.waits(SECONDS);
            log.send();
            coach.open("/lessons/" + log.lesson() + "/contact");
            Page page = coach.page();
            long begun = System.nanoTime();
            page.setInputFiles("input[type=file]", table());
            coach.exactly("Add to this lesson").waitFor();
            double readS = (System.nanoTime() - begun) / 1e9;
            coach.exactly("Add to this lesson").click();
            page.locator("[data-spans]").first().waitFor();
            double sentS = (System.nanoTime() - begun) / 1e9 - readS;
            Locator ribbon = page.locator("[data-ribbon]").first();
            FrameScript far = FrameScript.of(coach, ribbon, FRAMES, i -> i % 20 < 10 ? -30 : 30);
            ribbon.focus();
            for (int i = 0; i < 11; i++) {
                page.keyboard().press("+");
            }
            FrameScript near = FrameScript.of(coach, ribbon, FRAMES, i -> i % 20 < 10 ? -30 : 30);
            String said = "%d samples a rein, written and read in %.1f s, sent in %.1f s%nfrom far, %s%nfrom near, %s%n"
                    .formatted((int) (SECONDS * RATE_HZ), readS, sentS, far.said(), near.said());
            Files.writeString(Path.of(System.getProperty("strophos.root"), "e2e/target/ribbon.txt"), said);
            far.assertWithin("from far");
            near.assertWithin("from near");
        }
    }
}

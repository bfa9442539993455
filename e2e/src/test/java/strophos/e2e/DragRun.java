package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** {@code ./strophos bench drag}: how many frames a second are painted while a thing of a full set-up hangs on the hand. */
class DragRun {

    private static final int THINGS = 20;
    private static final int MOVES = 400;
    private static final double FRAMES_LEAST = 58;

    /** Notes the time of every frame. */
    private static final String WATCH_FRAMES = """
            () => {
              window.frames60 = []
              const next = (at) => { frames60.push(at); requestAnimationFrame(next) }
              requestAnimationFrame(next)
            }
            """;

    @Test
    void sixtyFramesWhileDragging() throws IOException {
        try (AppProcess app = Stage.demo("bench_drag");
                Visitor coach = new Visitor(app.port(), 1280, 800)) {
            coach.signIn("ottilie");
            coach.open("/ground");
            coach.page()
                    .getByLabel("Arena", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("STANDARD");
            Stream.of("+ Figure", "+ Fan", "+ Poles", "+ Fences")
                    .flatMap(kind -> Stream.generate(() -> kind).limit(THINGS / 4))
                    .forEach(kind -> coach.button(kind).click());
            coach.button("+ Cone").click();
            Locator cone = coach.page().locator("[data-thing]").last();
            cone.locator("path").first().waitFor();
            BoundingBox box = cone.boundingBox();
            double x = box.x + box.width / 2;
            double y = box.y + box.height / 2;
            coach.page().mouse().move(x, y);
            coach.page().mouse().down();
            coach.page().evaluate(WATCH_FRAMES);
            for (int i = 1; i <= MOVES; i++) {
                double turn = i * 2 * Math.PI / 100;
                coach.page().mouse().move(x + 40 * Math.sin(turn), y - 120 * (1 - Math.cos(turn)) / 2);
            }
            @SuppressWarnings("unchecked")
            List<Number> frames = (List<Number>) coach.page().evaluate("() => frames60");
            coach.page().mouse().up();
            double seconds =
                    (frames.get(frames.size() - 1).doubleValue() - frames.get(0).doubleValue()) / 1000;
            double rate = (frames.size() - 1) / seconds;
            String said = "%d things on the ground, %d moves in %.1f s: %.1f frames a second (aim %.0f)"
                    .formatted(THINGS + 1, MOVES, seconds, rate, FRAMES_LEAST);
            Files.writeString(Path.of(System.getProperty("strophos.root"), "e2e/target/drag.txt"), said + "\n");
            assertThat(rate).as(said).isGreaterThanOrEqualTo(FRAMES_LEAST);
        }
    }
}

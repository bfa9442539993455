package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A frozen frame: measured, drawn on, kept as a picture, and seen by the rider who has no video. */
class FrameOnScreenTest {

    private static final Path DRAWN = Path.of(System.getProperty("strophos.root"), "examples", "clip");

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    private static LessonLog ridden(Visitor coach) {
        LessonLog log = LessonLog.of(coach, "Skerry");
        log.segment("counter-bend", "WALK", "RAIL", "LEFT", "RIDER");
        log.waits(60);
        log.send();
        return log;
    }

    private static void open(Visitor coach, LessonLog log, String file) {
        coach.open("/lessons/" + log.lesson() + "/clip");
        coach.page().locator("[data-open-clip] input[type=file]").last().setInputFiles(DRAWN.resolve(file));
        coach.exactly("Play").waitFor();
    }

    /** Touches the picture at a share of its width and height, as it is shown now. */
    private static void touch(Visitor coach, double right, double down) {
        BoundingBox box = coach.page().locator("[data-stage]").boundingBox();
        coach.page().mouse().click(box.x + right * box.width, box.y + down * box.height);
    }

    private static JsonNode frame(Visitor coach, LessonLog log) {
        return coach.get("/api/v1/lessons/" + log.lesson() + "/debrief")
                .path("clips")
                .path(0)
                .path("frames")
                .path(0);
    }

    /**
     * Where a touch lands is reckoned here from the picture's own size: as large as it fits into its place, in the middle of it. Turned,
     * it is higher than wide, with bars at its sides.
     */
    @ParameterizedTest
    @CsvSource({"horse.webm, 1280, 800", "horse.webm, 390, 844", "turned.mp4, 1280, 800"})
    void aPointStandsOnTheFrameWhereItWasTouched(String file, int width, int height) {
        try (Visitor coach = new Visitor(app.port(), width, height).signIn("ottilie")) {
            LessonLog log = ridden(coach);
            open(coach, log, file);
            coach.exactly("Measure").click();
            coach.exactly("Line").click();
            touch(coach, 0.45, 0.4);
            touch(coach, 0.55, 0.6);
            coach.page().locator("[data-frame-lines] li").first().waitFor();
            coach.assertAccessible();
            BoundingBox box = coach.page().locator("[data-stage]").boundingBox();
            coach.exactly("Keep").click();
            Await.until(
                    "it is kept",
                    Duration.ofSeconds(20),
                    () -> frame(coach, log).has("shape"));
            JsonNode kept = frame(coach, log);
            double shown = Math.min(
                    box.width / kept.path("width").asInt(),
                    box.height / kept.path("height").asInt());
            double[][] touched = {{0.45, 0.4}, {0.55, 0.6}};
            for (int i = 0; i < 2; i++) {
                JsonNode point = kept.path("points").path(i);
                double right = (touched[i][0] - 0.5) * box.width / shown
                        + kept.path("width").asInt() / 2.0;
                double down = (touched[i][1] - 0.5) * box.height / shown
                        + kept.path("height").asInt() / 2.0;
                assertThat(point.path("x").asInt()).isCloseTo((int) Math.round(right), within(2));
                assertThat(point.path("y").asInt()).isCloseTo((int) Math.round(down), within(2));
            }
            coach.assertQuiet();
        }
    }

    /** Two and a quarter times as large, the same touch covers less of the frame, and is known as much better. */
    @Test
    void closerIsMoreExact() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            LessonLog log = ridden(coach);
            open(coach, log, "horse.webm");
            coach.exactly("Measure").click();
            coach.exactly("Line").click();
            coach.button("Closer").click();
            coach.button("Closer").click();
            touch(coach, 0.3, 0.5);
            touch(coach, 0.7, 0.5);
            coach.page().getByText("Level, as far as the points can tell").waitFor();
            coach.exactly("Keep").click();
            Await.until(
                    "it is kept",
                    Duration.ofSeconds(20),
                    () -> frame(coach, log).has("shape"));
            JsonNode points = frame(coach, log).path("points");
            int apart =
                    points.path(1).path("x").asInt() - points.path(0).path("x").asInt();
            int width = frame(coach, log).path("width").asInt();
            assertThat(apart / (double) width).isCloseTo(0.4 / 2.25, within(0.01));
        }
    }

    /** Said and drawn without a network, sent with its picture afterwards, and read by the rider who has not got the file. */
    @Test
    void aDrawingReachesTheRiderAsAStill() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie");
                Visitor imre = new Visitor(app.port(), 390, 844).signIn("imre")) {
            LessonLog log = LessonLog.ofPair(coach, coach.pairOf("Tamarack"));
            log.say("for_rider", Map.of("homework", false, "clips", true));
            log.send();
            open(coach, log, "horse.webm");
            coach.exactly("Draw").click();
            coach.context().setOffline(true);
            BoundingBox box = coach.page().locator("[data-stage]").boundingBox();
            coach.page().mouse().move(box.x + 0.3 * box.width, box.y + 0.3 * box.height);
            coach.page().mouse().down();
            coach.page().mouse().move(box.x + 0.5 * box.width, box.y + 0.3 * box.height);
            coach.page().mouse().move(box.x + 0.6 * box.width, box.y + 0.5 * box.height);
            coach.page().mouse().up();
            coach.page().getByLabel("Comment at 0:00.0").fill("Longer here.");
            coach.button("Add the comment").click();
            coach.page().locator("[data-comments] li").getByText("Longer here.").waitFor();
            coach.context().setOffline(false);
            String still = "/api/v1/lessons/" + log.lesson() + "/debrief";
            Await.until(
                    "the words have come",
                    Duration.ofSeconds(30),
                    () -> !coach.get(still)
                            .path("clips")
                            .path(0)
                            .path("comments")
                            .isEmpty());
            Locator picture = imre.page().locator("[data-still] img");
            Await.until("the picture has come", Duration.ofSeconds(30), () -> {
                imre.open("/lessons/" + log.lesson() + "/for-rider");
                imre.page().getByText("Longer here.").waitFor();
                picture.scrollIntoViewIfNeeded();
                return picture.isVisible() && (int) picture.evaluate("(img) => img.naturalWidth") > 0;
            });
            assertThat(imre.page().locator("[data-still] svg path").count()).isPositive();
            imre.assertAccessible();
            coach.forgive();
        }
    }
}

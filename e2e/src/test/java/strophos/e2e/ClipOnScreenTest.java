package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A video that stays on its device: opened, stepped, commented, marked, and found again on another. */
class ClipOnScreenTest {

    /** Drawn with every landing known (scripts/draw-clip.mjs). */
    private static final Path DRAWN = Path.of(System.getProperty("strophos.root"), "examples", "clip");

    private static final Map<String, String> KEYS =
            Map.of("LEFT_FORE", "e", "RIGHT_FORE", "r", "LEFT_HIND", "d", "RIGHT_HIND", "f");

    private static final String STILL = "a still";

    /** Eight strides of four feet. */
    private static final int LANDINGS = 32;

    /** Within two frames of what was chosen. */
    private static final String TOGETHER = "() => { const [a, b] = document.querySelectorAll('video');"
            + " return a.currentTime > 2.05 && Math.abs(b.currentTime - a.currentTime - 10) < 0.067 }";

    private static AppProcess app;

    @TempDir
    private static Path files;

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

    private static void choose(Visitor coach, Path file) {
        coach.page().locator("[data-open-clip] input[type=file]").last().setInputFiles(file);
    }

    private static Locator moment(Visitor coach) {
        return coach.page().locator("[data-moment]");
    }

    /** The frame that is seen at a moment, brought there as a hand on the slider does. */
    private static void seek(Visitor coach, int ms) {
        String seen = "(ms) => new Promise((resolve) => {"
                + " const video = document.querySelector('video');"
                + " video.requestVideoFrameCallback((_, frame) => resolve(frame.mediaTime * 1000));"
                + " const slider = document.querySelector('[data-play-keys] input');"
                + " Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(slider, ms);"
                + " slider.dispatchEvent(new Event('input', { bubbles: true })) })";
        Object at = coach.page().evaluate(seen, ms);
        assertThat(((Number) at).doubleValue()).as("a frame round %d ms", ms).isCloseTo(ms, within(34.0));
    }

    /** The planted wait of a second and the release 0.4 s after the answer, by keys; a touch of the ride says where the clip lies. */
    @Test
    void anAskReadFromTheFramesSaysThePlantedTimes() throws IOException {
        JsonNode ask = Visitor.JSON
                .readTree(Files.readString(DRAWN.resolve("horse.json")))
                .path("ask");
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            LessonLog log = ridden(coach);
            coach.open("/lessons/" + log.lesson() + "/clip");
            choose(coach, DRAWN.resolve("horse.webm"));
            coach.exactly("Pad").click();
            seek(coach, 1000);
            coach.page().getByLabel("What was touched").selectOption(new SelectOption().setIndex(1));
            coach.button("It is the frame at 0:01.0").click();
            coach.button("Aid begins").waitFor();
            seek(coach, ask.path("askedMs").asInt());
            coach.page().keyboard().press("i");
            seek(coach, ask.path("reinforcedMs").asInt());
            coach.page().keyboard().press("k");
            seek(coach, ask.path("answerMs").asInt());
            coach.page().keyboard().press("2");
            coach.page().keyboard().press("y");
            coach.page()
                    .getByText("1.6 s after the aid · asked again after 1.0 s")
                    .first()
                    .waitFor();
            seek(coach, ask.path("letGoMs").asInt());
            coach.page().keyboard().press("g");
            coach.page().getByText("The release came 0.4 s after the answer.").waitFor();
            coach.page().getByText("Waited 1.0 s before asking again").waitFor();
            coach.assertAccessible();
            settles("the release", () -> timing(coach, log).path("releases").isObject());
            JsonNode timing = timing(coach, log);
            assertThat(timing.path("waits").path("middleMs").asInt()).isCloseTo(1000, within(100));
            assertThat(timing.path("releases").path("middleMs").asInt()).isCloseTo(400, within(100));
            coach.assertQuiet();
        }
    }

    /**
     * As phones and messengers make them: sixty frames a second, frames of unlike length, a recording that was never closed, and one that
     * was filmed upright. Each opens and is stepped frame by frame, from its first step on.
     */
    @ParameterizedTest
    @CsvSource({
        "sixty, 16.7 16.7 16.7 16.7",
        "unlike, 100 66.7 33.3 100",
        "unclosed, 33.3 33.3 33.3 33.3",
        "turned, 33.3 33.3 33.3 33.3"
    })
    void filesOfAllKindsAreSteppedFrameByFrame(String file, String steps) throws IOException {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            LessonLog log = ridden(coach);
            coach.open("/lessons/" + log.lesson() + "/clip");
            choose(coach, DRAWN.resolve(file + (file.equals("turned") ? ".mp4" : ".webm")));
            coach.exactly("Play").waitFor();
            coach.page().evaluate(WATCH);
            seek(coach, 1000);
            for (String step : steps.split(" ")) {
                double before = seen(coach);
                coach.page().keyboard().press("ArrowRight");
                coach.page().waitForFunction("before => window.seenMs > before", before);
                // what is looked for in smaller pieces stays on its frame
                coach.page().waitForFunction("() => !document.querySelector('video').seeking");
                assertThat(seen(coach) - before).as(file).isCloseTo(Double.parseDouble(step), within(1.0));
            }
            boolean isUpright = (boolean) coach.page()
                    .evaluate("() => { const v = document.querySelector('video');"
                            + " return v.videoHeight > v.videoWidth }");
            assertThat(isUpright).isEqualTo(file.equals("turned"));
            coach.assertQuiet();
        }
    }

    /** Keeps when the frame begins that is seen. */
    private static final String WATCH = "() => { const video = document.querySelector('video');"
            + " const watch = () => video.requestVideoFrameCallback((_, frame) => {"
            + " window.seenMs = frame.mediaTime * 1000; watch() }); watch() }";

    private static double seen(Visitor coach) {
        return ((Number) coach.page().evaluate("() => window.seenMs")).doubleValue();
    }

    /** The same clip twice, from the pace and from the walk: frame by frame and playing they stay together. */
    @Test
    void twoPicturesGoTogetherFromAMomentThatWasChosen() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            LessonLog log = ridden(coach);
            coach.open("/lessons/" + log.lesson() + "/clip");
            choose(coach, DRAWN.resolve("horse.webm"));
            coach.exactly("Play").waitFor();
            seek(coach, 2000);
            coach.button("This one again beside it").first().click();
            Locator second = coach.page().locator("[data-beside]");
            second.getByLabel("One frame on").click();
            second.getByLabel("Where in the clip").fill("12000");
            coach.page()
                    .waitForFunction("() => Math.abs(document.querySelectorAll('video')[1].currentTime - 12) < 0.05");
            coach.button("Same moment: go together").click();
            coach.assertAccessible();
            coach.page().getByText("10.0 s ahead of the first").waitFor();
            coach.page().locator("[data-moment]").first().click();
            for (int i = 0; i < 5; i++) {
                coach.page().keyboard().press("ArrowRight");
            }
            coach.page().waitForFunction(TOGETHER);
            coach.page().keyboard().press("Space");
            coach.page().waitForFunction("() => document.querySelectorAll('video')[0].currentTime > 3.5");
            coach.page().keyboard().press("Space");
            coach.page()
                    .waitForFunction(
                            "() => [...document.querySelectorAll('video')].every(v => v.paused && !v.seeking)");
            coach.page().waitForFunction(TOGETHER);
            coach.button("One picture again").click();
            assertThat(coach.page().locator("video").count()).isOne();
            coach.assertQuiet();
        }
    }

    @Test
    void eightStridesAreMarkedByKeysAloneAndSayThePlantedLag() throws IOException {
        JsonNode known = Visitor.JSON.readTree(Files.readString(DRAWN.resolve("horse.json")));
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            LessonLog log = ridden(coach);
            coach.open("/lessons/" + log.lesson() + "/clip");
            choose(coach, DRAWN.resolve("horse.webm"));
            moment(coach).waitFor();
            coach.assertAccessible();
            List<JsonNode> landings = known.path("landings")
                    .valueStream()
                    .filter(l -> l.path("gait").asString().equals("pace"))
                    .limit(LANDINGS)
                    .toList();
            for (JsonNode landing : landings) {
                seek(coach, landing.path("ms").asInt());
                coach.page().keyboard().press(KEYS.get(landing.path("foot").asString()));
            }
            Locator feet = coach.page().locator("[data-feet]");
            assertThat(feet.getByText("8 ×").count()).isEqualTo(4);
            coach.assertAccessible();
            // a page that goes takes nothing with it
            coach.page().reload();
            choose(coach, DRAWN.resolve("horse.webm"));
            assertThat(coach.page().locator("[data-lags]").first().innerText())
                    .contains("Together: two beats")
                    .contains("Apart: four clear beats");
            coach.exactly("Keep them").click();
            coach.page().locator("[data-footfalls] li").waitFor();
            arrives(coach, log.lesson(), "footfalls");
            JsonNode told = clips(coach, log.lesson()).path(0).path("footfalls").path(0);
            assertThat(told.path("left").path("share").asDouble()).isCloseTo(0.06, within(0.03));
            assertThat(told.path("right").path("share").asDouble()).isCloseTo(0.24, within(0.03));
            assertThat(told.path("left").path("strides").asInt()).isEqualTo(8);
            assertThat(told.path("strideS").asDouble()).isCloseTo(1.07, within(0.03));
            coach.debrief(log.lesson());
            coach.page().locator("[data-clip]").getByText("Together: two beats").waitFor();
            coach.assertQuiet();
        }
    }

    @Test
    void theClipIsPlayedByKeysAlone() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            LessonLog log = ridden(coach);
            coach.open("/lessons/" + log.lesson() + "/clip");
            choose(coach, DRAWN.resolve("horse.webm"));
            moment(coach).waitFor();
            seek(coach, 4000);
            double before = at(coach);
            coach.page().keyboard().press("ArrowRight");
            settles("a frame on", () -> at(coach) > before);
            assertThat(at(coach) - before).as("one frame on").isCloseTo(1 / 30.0, within(0.002));
            coach.page().keyboard().press("ArrowLeft");
            settles("a frame back", () -> at(coach) < before + 0.01);
            assertThat(at(coach)).as("and back").isCloseTo(before, within(0.002));
            coach.page().keyboard().press("3");
            assertThat(coach.page().evaluate("document.querySelector('video').playbackRate"))
                    .isEqualTo(0.25);
            coach.page().keyboard().press(" ");
            coach.button("Pause").waitFor();
            coach.page().keyboard().press(" ");
            coach.button("Play").waitFor();
            coach.page().keyboard().press("1");
            seek(coach, 9000);
            coach.page().keyboard().press("l");
            settles("five seconds back", () -> at(coach) < 5);
            assertThat(coach.page().evaluate("document.querySelector('video').paused"))
                    .isEqualTo(false);
            coach.page().keyboard().press("+");
            assertThat(coach.page().locator("[data-stage] > div").getAttribute("style"))
                    .contains("scale(1.5)");
            coach.assertQuiet();
        }
    }

    /** Where the frame that is seen stands, in seconds. */
    private static double at(Visitor coach) {
        return Integer.parseInt(coach.page().locator("[data-play-keys] input").inputValue()) / 1000.0;
    }

    @Test
    void aVideoIsFoundAgainOnAnotherDeviceAndAWrongOneIsRefused() throws IOException {
        Path copied = Files.copy(DRAWN.resolve("horse.webm"), files.resolve("VID-0815.webm"));
        Path noVideo = Files.writeString(files.resolve("notes.mp4"), "ask for a video from the side");
        Path empty = Files.createFile(files.resolve("empty.mp4"));
        String lesson;
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            LessonLog log = ridden(coach);
            lesson = log.lesson();
            List<String> sent = new CopyOnWriteArrayList<>();
            coach.page().onRequest(request -> sent.add(size(request)));
            coach.open("/lessons/" + lesson + "/clip");
            choose(coach, DRAWN.resolve("horse.webm"));
            moment(coach).waitFor();
            seek(coach, 4300);
            coach.context().setOffline(true);
            coach.fill("Comment at 0:04.3", "The left pair lands together.");
            coach.exactly("Add the comment").click();
            coach.page().locator("[data-comments] li").waitFor();
            coach.context().setOffline(false);
            coach.forgive();
            arrives(coach, lesson, "comments");
            settles("the frame that was spoken about", () -> sent.contains(STILL));
            assertThat(sent)
                    .as("nothing else of the file leaves the device")
                    .filteredOn(s -> !s.equals("small"))
                    .containsOnly(STILL);
        }
        try (Visitor coach = new Visitor(app.port(), 390, 844).signIn("ottilie")) {
            coach.open("/lessons/" + lesson + "/clip");
            // readable without the file
            coach.page().getByText("The left pair lands together.").waitFor();
            coach.assertAccessible();
            Locator find = coach.page().getByLabel("Find the file horse.webm");
            find.setInputFiles(DRAWN.resolve("another.webm"));
            coach.page()
                    .getByText("This is not horse.webm: another.webm is 0:02 long")
                    .waitFor();
            find.setInputFiles(noVideo);
            coach.page().getByText("This browser cannot play notes.mp4.").waitFor();
            find.setInputFiles(empty);
            coach.page().getByText("empty.mp4 is empty.").waitFor();
            // a copy from a messenger is confirmed by hand
            find.setInputFiles(DRAWN.resolve("horse-smaller.webm"));
            coach.page().getByText("Is it the same one?").waitFor();
            coach.assertAccessible();
            coach.exactly("The same, made smaller").click();
            moment(coach).waitFor();
            coach.exactly("0:04.3").click();
            settles("where the comment is", () -> Math.abs(at(coach) - 4.3) < 0.1);
            coach.exactly("Close the video").click();
            // the same under another name needs no question, and the copy none any more
            find.setInputFiles(copied);
            moment(coach).waitFor();
            coach.exactly("Close the video").click();
            find.setInputFiles(DRAWN.resolve("horse-smaller.webm"));
            moment(coach).waitFor();
            coach.exactly("Take back, 0:04.3").click();
            coach.exactly("Put it back").click();
            coach.exactly("0:04.3").waitFor();
            assertThat(clips(coach, lesson)).hasSize(1);
        }
    }

    /** What the coach said is read on the rider's page, and seen on the rider's own copy, within a tenth of a second. */
    @Test
    void theRiderSeesWhatIsMeantOnTheOwnCopy() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie");
                Visitor imre = new Visitor(app.port(), 390, 844).signIn("imre")) {
            LessonLog log = LessonLog.ofPair(coach, coach.pairOf("Tamarack"));
            String clip = log.say(
                    "time_base",
                    Map.of(
                            "source",
                            "CLIP",
                            "clip",
                            Map.of(
                                    "fileName",
                                    "mine.mp4",
                                    "bytes",
                                    9,
                                    "durationMs",
                                    29_333,
                                    "digest",
                                    "e".repeat(64))));
            log.say("comment", Map.of("at", Map.of("base", clip, "ms", 12_500), "text", "Four clear beats here."));
            log.say(
                    "comment",
                    Map.of("at", Map.of("base", clip, "ms", 20_000), "untilMs", 22_000, "text", "And here it trots."));
            log.say("for_rider", Map.of("homework", false, "clips", true));
            log.send();
            imre.open("/lessons/" + log.lesson() + "/for-rider");
            imre.page().getByText("Four clear beats here.").waitFor();
            imre.assertAccessible();
            Locator find = imre.page().getByLabel("Find the file mine.mp4");
            find.setInputFiles(DRAWN.resolve("another.webm"));
            imre.page().getByText("This is not mine.mp4").waitFor();
            find.setInputFiles(DRAWN.resolve("horse-smaller.webm"));
            imre.exactly("The same, made smaller").click();
            imre.exactly("0:12.5").click();
            settles("where it was said", () -> Math.abs(at(imre) - 12.5) < 0.1);
            imre.assertAccessible();
            imre.exactly("0:20.0–0:22.0").click();
            settles("the stretch is played", () -> at(imre) > 20 && at(imre) < 22.1);
            imre.button("Pause").click();
            imre.assertQuiet();
        }
    }

    private static JsonNode clips(Visitor coach, String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/debrief").path("clips");
    }

    private static JsonNode timing(Visitor coach, LessonLog log) {
        return clips(coach, log.lesson()).path(0).path("timing");
    }

    private static void arrives(Visitor coach, String lesson, String what) {
        settles(what, () -> !clips(coach, lesson).path(0).path(what).isEmpty());
    }

    private static void settles(String what, BooleanSupplier is) {
        Await.until(what, Duration.ofSeconds(20), is);
    }

    private static String size(Request request) {
        if (request.url().contains("/attachments/")) {
            return STILL;
        }
        byte[] body = request.postDataBuffer();
        return body == null || body.length < 4_000 ? "small" : body.length + " to " + request.url();
    }
}

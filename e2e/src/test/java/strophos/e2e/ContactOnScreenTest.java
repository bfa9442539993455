package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import strophos.core.contact.ReinSeries;
import strophos.core.contact.StandInSensor;
import strophos.core.contact.TensionUnit;
import strophos.core.exchange.Side;
import tools.jackson.databind.JsonNode;

/** A sensor's table goes in, its ribbon and its figures come out, and the table again. */
class ContactOnScreenTest {

    /** Two minutes of trot; in the second the right rein gains 0.05 kg a second. */
    private static final ReinSeries TROT = StandInSensor.measure(
            StandInSensor.Script.of(
                    50,
                    new StandInSensor.Stretch(60, 158, 0.03, 3, 3.5, 1.5, 0),
                    new StandInSensor.Stretch(60, 158, 0.03, 3, 3.5, 1.5, 0.05)),
            11);

    private static AppProcess app;

    @TempDir
    private static Path files;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    /** As a sensor in another country writes it: newtons, commas, semicolons, a title above the heading, the right rein first. */
    private static Path table() throws IOException {
        String lines = IntStream.range(0, TROT.length())
                .mapToObj(i -> "%d;%s;%s".formatted(20 * i, newtons(Side.RIGHT, i), newtons(Side.LEFT, i)))
                .collect(Collectors.joining("\n"));
        return Files.writeString(
                files.resolve("messung.csv"), "Messung vom Vormittag\n\nZeit_ms;rechts_N;links_N\n" + lines + "\n");
    }

    private static String newtons(Side side, int i) {
        return "%.3f"
                .formatted(TensionUnit.N.ofKg(TROT.at(side, i) / (double) ReinSeries.HUNDREDTHS))
                .replace('.', ',');
    }

    private static LessonLog ridden(Visitor coach) {
        LessonLog log = LessonLog.of(coach, "Vesper");
        log.segment("counter-bend", "TROT", "RAIL", "LEFT", "RIDER");
        log.waits(60);
        log.segment("counter-bend", "TROT", "RAIL", "RIGHT", "RIDER");
        log.waits(60);
        log.send();
        return log;
    }

    @Test
    void aTableOfAnySensorBecomesARibbonWithItsFigures() throws IOException {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            LessonLog log = ridden(coach);
            coach.open("/lessons/" + log.lesson() + "/contact");
            coach.page().getByLabel("From, kg").fill("2");
            coach.page().getByLabel("To, kg").fill("4,5");
            coach.exactly("Save").click();
            coach.page().setInputFiles("input[type=file]", table());
            Locator found = coach.page().locator("[data-import]");
            found.getByText("2:00 min, 50 samples a second").waitFor();
            assertThat(found.getByLabel("Unit").inputValue()).isEqualTo("N");
            assertThat(found.getByLabel("Left rein").inputValue()).isEqualTo("2");
            coach.assertAccessible();
            coach.exactly("Add to this lesson").click();
            coach.page().locator("[data-spans]").first().waitFor();

            JsonNode recording = coach.get("/api/v1/lessons/" + log.lesson() + "/contact")
                    .path("recordings")
                    .path(0);
            assertThat(recording.path("rateHz").asDouble()).isEqualTo(50);
            coach.page().getByText("One more exercise").click();
            List<String> said = coach.page().locator("[data-spans] > li").allInnerTexts();
            assertThat(said).hasSize(2);
            // what got heavy stands first
            assertThat(said.get(1)).contains("158 steps a minute").doesNotContain("heavy from");
            JsonNode heavy = recording.path("spans").path(1).path("right").path("heavy");
            // 3.5 kg and 0.05 kg a second: over 4.5 kg after 20 s
            assertThat(heavy.path("overFromS").asDouble()).isCloseTo(20, within(2.5));
            assertThat(said.get(0))
                    .contains("heavy from %.0f s on, after about %.0f m"
                            .formatted(
                                    heavy.path("overFromS").asDouble(),
                                    heavy.path("overFromM").asDouble()));
            for (JsonNode span : recording.path("spans")) {
                assertThat(span.path("left").path("levelKg").asDouble())
                        .as("recomputed from what was put in")
                        .isCloseTo(median(Side.LEFT, span), within(0.1));
            }
            coach.assertAccessible();
            byKeysToASecond(coach);
            Download csv = coach.page()
                    .waitForDownload(
                            () -> coach.page().getByText("Export as CSV").click());
            List<String> lines = Files.readAllLines(csv.path(), StandardCharsets.UTF_8);
            assertThat(lines).hasSize(TROT.length() + 1);
            assertThat(lines.get(1))
                    .isEqualTo(String.format(
                            Locale.ROOT,
                            "0.000,%.2f,%.2f",
                            TROT.at(Side.LEFT, 0) / 100.0,
                            TROT.at(Side.RIGHT, 0) / 100.0));
            coach.assertQuiet();
        }
    }

    /** The median of each second's highest, over the stretch: what the level is about. */
    private static double median(Side side, JsonNode span) {
        double[] highest = IntStream.range((int) Math.ceil(span.path("fromS").asDouble()), (int)
                        Math.floor(span.path("toS").asDouble()))
                .mapToDouble(s -> IntStream.range(50 * s, 50 * (s + 1))
                                .map(i -> TROT.at(side, i))
                                .max()
                                .orElseThrow()
                        / 100.0)
                .sorted()
                .toArray();
        return highest[highest.length / 2];
    }

    /** The last measured lesson of the demo's Vesper: an earlier one on the same scale, and the answers of all of them. */
    @Test
    void anEarlierDayAndTheAnswersStandBesideWhatWasMeasured() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            String pair = coach.get("/api/v1/pairs/names")
                    .path("pairs")
                    .valueStream()
                    .filter(p -> p.path("rider").asString().equals("Noor Haldane"))
                    .findFirst()
                    .orElseThrow()
                    .path("id")
                    .asString();
            String lesson = coach.get("/api/v1/pairs/" + pair + "/lessons")
                    .path("lessons")
                    .valueStream()
                    .map(l -> l.path("id").asString())
                    .filter(l -> !coach.get("/api/v1/lessons/" + l + "/contact")
                            .path("recordings")
                            .isEmpty())
                    .findFirst()
                    .orElseThrow();
            coach.open("/lessons/" + lesson + "/contact");
            coach.page().locator("[data-asks]").waitFor();
            coach.page().getByLabel("Earlier day").selectOption(new SelectOption().setIndex(1));
            Locator beside = coach.page().locator("[data-beside]");
            beside.waitFor();
            assertThat(beside.locator("[data-ribbon]").count()).isEqualTo(2);
            coach.button("Reckon it over the measured lessons").click();
            Locator answers = coach.page().locator("[data-answers]");
            answers.waitFor();
            assertThat(answers.innerText()).containsPattern("\\d+ asks of 12 measured lessons");
            coach.assertAccessible();
            coach.assertQuiet();
        }
    }

    private static void byKeysToASecond(Visitor coach) {
        Locator ribbon = coach.page().locator("[data-ribbon]").first();
        ribbon.focus();
        String before = coach.page()
                .evaluate("() => document.querySelector('[data-ribbon]').toDataURL()")
                .toString();
        for (int i = 0; i < 12; i++) {
            coach.page().keyboard().press("+");
        }
        coach.page().waitForFunction("was => document.querySelector('[data-ribbon]').toDataURL() !== was", before);
    }

    /** A letter, a table whose time runs backwards, and one of nonsense: each is said what is wrong with it, and nothing is stored. */
    @Test
    void whatIsNoRecordingIsSaidAndNotStored() throws IOException {
        try (Visitor coach = new Visitor(app.port(), 390, 844).signIn("ottilie")) {
            LessonLog log = ridden(coach);
            coach.open("/lessons/" + log.lesson() + "/contact");
            String letter = "Dear Ottilie,\nthe mare was better today.\nNoor\n";
            coach.page().setInputFiles("input[type=file]", Files.writeString(files.resolve("letter.txt"), letter));
            coach.page().getByText("No measured values were found in this file").waitFor();
            String backwards = IntStream.range(0, 400)
                    .mapToObj(i -> "%d,3.1,2.9".formatted(i < 100 ? 20 * i : 8000 - 20 * i))
                    .collect(Collectors.joining("\n"));
            coach.page()
                    .setInputFiles(
                            "input[type=file]",
                            Files.writeString(files.resolve("back.csv"), "ms,left kg,right kg\n" + backwards));
            coach.page()
                    .getByText("More than one line in twenty cannot be read")
                    .waitFor();
            coach.page().getByText("lines are left out").click();
            coach.page().getByText("the time goes back").first().waitFor();
            assertThat(coach.exactly("Add to this lesson").count()).isZero();
            assertThat(coach.get("/api/v1/lessons/" + log.lesson() + "/contact")
                            .path("recordings")
                            .size())
                    .isZero();
            coach.assertAccessible();
        }
    }
}

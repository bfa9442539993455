package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** From the rider's own word to what is left for next time, and the one page the rider takes home. */
class DebriefOnScreenTest {

    /** Of a phone, in pixels. */
    private static final int SCREEN = 844;

    private static final String NOTE = "Begin on the right rein, in walk.";
    private static final String THINK = "Look where you want to go.";

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    private static String tamarack(Visitor coach) {
        return coach.get("/api/v1/pairs/names")
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals("Tamarack"))
                .map(p -> p.path("id").asString())
                .findFirst()
                .orElseThrow();
    }

    /** Two rungs that are not there yet, on both reins, six asks each; on the right rein of the first the coach rides for a while. */
    private static LessonLog ridden(Visitor coach, String pair) {
        List<JsonNode> rungs = coach.get("/api/v1/pairs/" + pair)
                .path("stair")
                .valueStream()
                .filter(s -> s.path("works").asString().equals("INSIDE"))
                .filter(s -> List.of("IN_WORK", "OPEN").contains(s.path("state").asString()))
                .limit(2)
                .toList();
        LessonLog log = LessonLog.ofPair(coach, pair);
        for (JsonNode rung : rungs) {
            for (String rein : List.of("LEFT", "RIGHT")) {
                asks(log, segment(log, rung, rein, "RIDER"), "nynnyn");
                if (rung == rungs.get(0) && rein.equals("RIGHT")) {
                    asks(log, segment(log, rung, rein, "COACH"), "yyy");
                    asks(log, segment(log, rung, rein, "RIDER"), "yyyy");
                }
            }
        }
        log.send();
        return log;
    }

    private static String segment(LessonLog log, JsonNode rung, String rein, String mounted) {
        return log.segment(
                rung.path("exercise").asString(),
                rung.path("gait").asString(),
                rung.path("place").asString(),
                rein,
                mounted);
    }

    private static void asks(LessonLog log, String segment, String answers) {
        for (char answer : answers.toCharArray()) {
            log.waits(20).ask(segment, answer == 'y' ? "YES" : "TRY");
        }
    }

    @Test
    void theRiderFirstThenAllInTwoScreensAndOnePageToTakeHome() throws IOException {
        try (Visitor coach = new Visitor(app.port(), 390, SCREEN).signIn("ottilie")) {
            String pair = tamarack(coach);
            String lesson = ridden(coach, pair).lesson();
            theRiderFirst(coach, lesson);
            decide(coach);
            coach.page().locator("h3 button[aria-expanded=false]").first().click();
            handedBack(coach);
            show(coach);
            coach.open("/pairs/" + pair + "/history");
            coach.page().getByText("Two lessons beside each other").waitFor();
            coach.assertAccessible();
            theNoteStandsInTheNextLesson(coach, pair);
            coach.assertQuiet();
        }
        takenHome();
    }

    private static void theRiderFirst(Visitor coach, String lesson) {
        coach.open("/lessons/" + lesson + "/debrief");
        coach.page().getByText("What did you feel? What was different?").waitFor();
        assertThat(coach.page().locator("[data-numbers]").count()).isZero();
        coach.assertAccessible();
        coach.fill("In Imre Castellan’s words", "Lighter at the end.");
        coach.exactly("Right").click();
        coach.exactly("Keep it, and show the numbers").click();
        coach.page().locator("[data-felt]").getByText("Lighter at the end.").waitFor();
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/debrief")
                        .path("after")
                        .path("felt")
                        .path("better")
                        .asString())
                .isEqualTo("RIGHT");
    }

    /** All that is to be decided, and what is left for next time, on two screens of a phone. */
    private static void decide(Visitor coach) {
        Locator next = coach.page().locator("[data-what-next]");
        assertThat(next.boundingBox().y + next.boundingBox().height).isLessThan(2 * SCREEN);
        coach.assertAccessible();
        coach.button("Agree with all").click();
        coach.page().getByText("Ottilie Brandvold chose:").nth(1).waitFor();
        coach.fill("For the next plan, in a line", NOTE);
        coach.exactly("Keep").click();
        coach.page().locator("[data-next-time]").getByText(NOTE).waitFor();
    }

    /** The counts as they were written: before 2 of 6, the coach 3 of 3, after 4 of 4; 100 less 33 points. */
    private static void handedBack(Visitor coach) {
        Locator strip = coach.page().locator("[data-hand-backs]");
        for (String count : new String[] {"2 of 6 YES", "3 of 3 YES", "4 of 4 YES"}) {
            strip.getByText(count).waitFor();
        }
        strip.getByText("After less before: 67 points").waitFor();
        coach.assertAccessible();
    }

    private static void show(Visitor coach) {
        coach.page()
                .locator("summary")
                .filter(new Locator.FilterOptions().setHasText("For Imre"))
                .click();
        coach.fill("One thing to think of", THINK);
        coach.assertAccessible();
        coach.exactly("Show it to Imre Castellan").click();
        coach.page().locator("[data-for-rider=shown]").waitFor();
    }

    private static void theNoteStandsInTheNextLesson(Visitor coach, String pair) {
        String next = UUID.randomUUID().toString();
        coach.post(
                "/api/v1/lessons",
                Map.of("id", next, "pair", pair, "plannedAt", "2026-11-26T16:00:00Z", "minutes", 45));
        for (String page : new String[] {"look", "plan"}) {
            coach.open("/lessons/" + next + "/" + page);
            coach.page().locator("[data-last-note]").getByText(NOTE).waitFor();
        }
    }

    private static void takenHome() throws IOException {
        try (Visitor imre = new Visitor(app.port(), 390, SCREEN).signIn("imre")) {
            imre.page().locator("[data-rider-line]").first().click();
            imre.page().getByText(THINK).waitFor();
            imre.assertAccessible();
            JsonNode homework = imre.get("/api/v1/practice")
                    .path("pairs")
                    .path(0)
                    .path("cards")
                    .path(0);
            String task = homework.path("steps")
                    .path(homework.path("step").asInt())
                    .path("name")
                    .asString();
            byte[] pdf = imre.page().pdf(new Page.PdfOptions().setFormat("A4"));
            try (PDDocument paper = Loader.loadPDF(pdf)) {
                assertThat(paper.getNumberOfPages()).isEqualTo(1);
                assertThat(new PDFTextStripper().getText(paper))
                        .contains(THINK, task, "It should feel like this")
                        .doesNotContain("%", "Brandvold chose");
            }
            imre.assertQuiet();
        }
    }
}

package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What stands on the ground, for whom it suits, and setting it out; the numbers are worked out here from what was measured. */
class GroundTest {

    private static final double FT = 0.3048;
    private static final String DAY = "2026-11-20";

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    private static String pairOf(Visitor coach, String horse) {
        return coach.get("/api/v1/pairs/names")
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals(horse))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    private static Visitor onGround(Visitor coach, String... horses) {
        String pairs = String.join(
                "&",
                List.of(horses).stream().map(h -> "pair=" + pairOf(coach, h)).toList());
        coach.open("/ground?" + pairs);
        for (String horse : horses) {
            coach.button(horse + ": leave out").waitFor();
        }
        return coach;
    }

    private static String two(double value) {
        return String.format(Locale.UK, "%.2f", value);
    }

    /** A step over trot poles, so far from one to the next. */
    private static void measured(Visitor coach, String horse, double stepM) {
        coach.post(
                "/api/v1/pairs/" + pairOf(coach, horse) + "/strides",
                Map.of(
                        "id",
                        UUID.randomUUID(),
                        "pace",
                        "TROT",
                        "way",
                        "POLES",
                        "distanceM",
                        stepM,
                        "count",
                        1,
                        "on",
                        DAY));
    }

    /** Skerry steps 9.5 ft; 72 ft were built for five of 12: six with the fence moved in, seven with it moved out. */
    @Test
    void aPonyMeetsALineBuiltForHorses() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            JsonNode measure = coach.get("/api/v1/pairs/" + pairOf(coach, "Skerry") + "/strides")
                    .path("measures")
                    .path(0);
            double own =
                    measure.path("distanceM").asDouble() / measure.path("count").asDouble();
            double line = 72 * FT;
            onGround(coach, "Skerry");
            coach.page()
                    .getByLabel("Arena", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("STANDARD");
            coach.button("+ Fences").click();
            coach.button("Another fence").click();
            coach.fill("Fence 1 to 2, m", String.valueOf(line));
            coach.page()
                    .getByText("%.1f strides of %s m lie between.".formatted(line / own - 1, two(own)))
                    .waitFor();
            coach.page().getByText("Long 6").waitFor();
            coach.page().getByText("Short 7").waitFor();
            assertThat(two(line - 7 * own)).isEqualTo("1.68");
            assertThat(two(8 * own - line)).isEqualTo("1.22");
            coach.button("Move fence 2 1.22 m out").waitFor();
            coach.assertAccessible();
            coach.button("Move fence 2 1.68 m in").click();
            coach.page().getByText("6 as they are").waitFor();
            coach.page().keyboard().press("Control+z");
            coach.button("Move fence 2 1.68 m in").waitFor();
            coach.assertQuiet();
        }
    }

    /** Steps of 1.10, 1.20 and 1.34 m, poles 6 m from the middle: gap (1.10 + 1.34) / 12, a line each; 0.85 m is left out by name. */
    @Test
    void oneFanForThreeHorses() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            measured(coach, "Pepperwort", 1.10);
            measured(coach, "Fennel", 1.20);
            measured(coach, "Vesper", 1.34);
            measured(coach, "Marzipan", 0.85);
            onGround(coach, "Pepperwort", "Fennel", "Vesper");
            coach.button("+ Fan").click();
            double gap = (1.10 + 1.34) / 12;
            coach.page()
                    .getByText(two(Math.toDegrees(gap)) + "° from pole to pole.")
                    .waitFor();
            assertThat(two(Math.toDegrees(gap))).isEqualTo("11.65");
            for (double step : new double[] {1.10, 1.20, 1.34}) {
                coach.page()
                        .getByText("Ride %s m from where the poles point to: steps of %s m."
                                .formatted(two(step / gap), two(step)))
                        .waitFor();
            }
            coach.page()
                    .getByLabel("For", new Page.GetByLabelOptions().setExact(true))
                    .selectOption(pairOf(coach, "Marzipan"));
            coach.page()
                    .getByText("Marzipan does not fit: the line would lie %s m out".formatted(two(0.85 / gap)))
                    .waitFor();
            coach.assertAccessible();
            coach.button("Add a row for Marzipan, 0.85 m apart").click();
            coach.page().getByText("0.85 m apart, from middle to middle.").waitFor();
            coach.assertQuiet();
        }
    }

    /** A cone by hand and by keys, half metres at a time; the way back; where it stands by two tapes, worked out from the letters. */
    @Test
    void aConeIsTakenByHandAndByKeys() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            coach.open("/ground");
            coach.page()
                    .getByLabel("Arena", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("SMALL");
            coach.button("+ Cone").click();
            Locator cone = coach.page().locator("[data-thing]").last();
            // drawn as soon as it is measured
            cone.locator("path").first().waitFor();
            BoundingBox box = cone.boundingBox();
            double x = box.x + box.width / 2;
            double y = box.y + box.height / 2;
            coach.page().mouse().move(x, y);
            coach.page().mouse().down();
            coach.page().mouse().move(x + 30, y + 60, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
            // while it hangs on the hand its two tapes go with it
            assertThat(coach.page().locator("[data-tape]").count()).isEqualTo(2);
            coach.page().mouse().up();
            Locator across = coach.page().getByLabel("Across, m", new Page.GetByLabelOptions().setExact(true));
            assertThat(Double.parseDouble(across.inputValue())).isGreaterThan(10);
            coach.page().keyboard().press("Control+z");
            assertThat(across.inputValue()).isEqualTo("10");
            assertThat(coach.page().locator("[data-tape]").count()).isZero();
            cone.focus();
            coach.page().keyboard().press("ArrowRight");
            coach.page().keyboard().press("Shift+ArrowRight");
            coach.page().keyboard().press("ArrowUp");
            assertThat(across.inputValue()).isEqualTo("10.6");
            assertThat(coach.page()
                            .getByLabel("From A, m", new Page.GetByLabelOptions().setExact(true))
                            .inputValue())
                    .isEqualTo("20.5");
            coach.page()
                    .getByText(two(Math.hypot(20 - 10.6, 0.5)) + " m")
                    .first()
                    .waitFor();
            coach.assertQuiet();
        }
    }

    /** In the sand: ticked off, the network gone, still there to read; moved since, it is to be set out again. On paper too. */
    @Test
    void theSheetIsTickedOffWithNoNetworkAndPrinted() throws IOException {
        try (FaultProxy proxy = new FaultProxy(app.port());
                Visitor coach = new Visitor(proxy.port(), 390, 844).signIn("ottilie")) {
            coach.open("/ground");
            coach.isKeptForNoNetwork();
            coach.page()
                    .getByLabel("Arena", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("SMALL");
            coach.button("+ Poles").click();
            coach.page().getByText("m apart, from middle to middle.").waitFor();
            coach.exactly("Set out").click();
            Locator spots = coach.page().getByRole(AriaRole.CHECKBOX);
            spots.nth(1).click();
            coach.page().getByText("1 of 8").waitFor();
            coach.assertAccessible();
            byte[] pdf = coach.page().pdf(new Page.PdfOptions().setFormat("A4"));
            try (PDDocument paper = Loader.loadPDF(pdf)) {
                String text = new PDFTextStripper().getText(paper);
                assertThat(paper.getNumberOfPages()).isEqualTo(1);
                assertThat(text).contains("Ground sheet", "Pole 4, right end");
                // the quarter line, a third of the way up: the first pole's left end from F, by Pythagoras
                String first = two(Math.hypot(20 - 13.5, 13.33 - 6));
                assertThat(text).contains("F " + first + " m");
            }
            proxy.set(FaultProxy.Mode.CUT);
            coach.open("/ground");
            coach.page().getByText("1 of 8").waitFor();
            coach.page().getByRole(AriaRole.CHECKBOX).nth(2).click();
            coach.page().getByText("2 of 8").waitFor();
            proxy.set(FaultProxy.Mode.PASS);
            coach.forgive();
            coach.open("/ground");
            coach.exactly("Set out").click();
            coach.page().getByText("2 of 8").waitFor();
            coach.exactly("Set up").click();
            coach.fill("From A, m", "15");
            coach.exactly("Set out").click();
            coach.page().getByText("moved since").first().waitFor();
            coach.page().getByText("0 of 8").waitFor();
            coach.assertQuiet();
        }
    }

    /** Kept for the yard, and set up again by somebody else. */
    @Test
    void aSetUpIsKeptForTheYard() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            coach.open("/ground");
            coach.button("+ Figure").click();
            coach.page().getByLabel("Which figure").selectOption("FIGURE_EIGHT");
            coach.page().getByText("The bend changes once, after 31 m.").waitFor();
            coach.fill("Name of this set-up", "Eights at X");
            coach.button("Save this set-up").click();
            coach.button("Eights at X · 1 thing").waitFor();
            coach.assertQuiet();
        }
        try (Visitor kwame = new Visitor(app.port(), 1280, 800).signIn("kwame")) {
            kwame.open("/ground");
            kwame.button("Eights at X · 1 thing").click();
            kwame.button("Figure of eight · X").click();
            kwame.page().getByText("The bend changes once, after 31 m.").waitFor();
            // whoever helps sets out what the coach keeps
            assertThat(kwame.button("Save this set-up").count()).isZero();
            assertThat(kwame.button("Save the arena").count()).isZero();
            kwame.assertAccessible();
            kwame.assertQuiet();
        }
    }
}

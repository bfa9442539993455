package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What happened together in a lesson: chosen, counted, listed, and set right. */
class PlaitOnScreenTest {

    private static final int ASKS = 8;

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    private static Locator kind(Visitor coach, String strand, String name) {
        return coach.page()
                .getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName(strand).setExact(true))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
    }

    /** On each rein eight asks half a minute apart; the second and the fifth braced, just after the leg slid back. */
    private static LessonLog ridden(Visitor coach) {
        LessonLog log = LessonLog.of(coach, "Whimbrel");
        for (String rein : new String[] {"LEFT", "RIGHT"}) {
            String segment = log.segment(rein);
            for (int i = 0; i < ASKS; i++) {
                log.waits(30);
                boolean isBrace = i == 1 || i == 4;
                if (isBrace) {
                    log.fault(segment, "leg-back");
                    log.waits(2);
                }
                log.ask(segment, isBrace ? "BRACE" : "YES");
            }
        }
        log.send();
        return log;
    }

    @Test
    void whatHappenedTogether() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            LessonLog log = ridden(coach);
            coach.debrief(log.lesson());
            Locator drawing = coach.page().locator("[data-plait]");
            drawing.scrollIntoViewIfNeeded();
            kind(coach, "Rider", "leg back").click();
            kind(coach, "Horse", "Brace").click();
            coach.page().getByText("Brace: 4 of 4 with leg back, left.").waitFor();
            coach.assertAccessible();
            // from one meeting to the next, by keys, close up
            drawing.focus();
            for (int i = 0; i < 8; i++) {
                drawing.press("+");
            }
            drawing.press("n");
            drawing.press("n");
            Locator entry = coach.page().locator("[data-entry=exchange]");
            entry.getByText("Brace, 2 light").waitFor();
            // it was none: set right here, everything counts anew
            coach.button("Change").click();
            coach.exactly("Try").click();
            coach.exactly("Save").click();
            coach.page().getByText("Brace: 3 of 3 with leg back, left.").waitFor();
            coach.button("As a list").click();
            Locator list = coach.page()
                    .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Events shown, in order"));
            coach.button("The whole lesson").click();
            // four faults and three braces
            assertThat(list.getByRole(AriaRole.BUTTON).count()).isEqualTo(7);
            coach.assertAccessible();
            list.getByRole(AriaRole.BUTTON).first().click();
            coach.button("Take back").click();
            coach.page().getByText("Brace: 3 of 3 with leg back, left.").waitFor();
            kind(coach, "Rider", "leg back, left 3").waitFor();
            coach.button("Put back").click();
            kind(coach, "Rider", "leg back, left 4").waitFor();
            coach.assertQuiet();
        }
    }
}

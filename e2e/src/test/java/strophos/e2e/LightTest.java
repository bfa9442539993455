package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Recording that leaves a teacher's eyes on the horse: turns counted afterwards, notes that are spoken. */
class LightTest {

    /** Half an hour: four turns, an ask about every twenty seconds. */
    private static final int ASKS_A_TURN = 22;

    private static AppProcess app;
    private static FaultProxy proxy;

    @BeforeAll
    static void start() {
        app = Stage.demo();
        proxy = new FaultProxy(app.port());
    }

    @AfterAll
    static void stop() {
        proxy.close();
    }

    /** The same half hour, once with every ask touched in, once with a touch a minute and a tally a turn: the rates agree within ten points. */
    @Test
    void aTouchAMinuteAndTalliesTellTheSameRates() {
        List<List<Boolean>> truth = new ArrayList<>();
        SplittableRandom random = new SplittableRandom(15);
        for (int turn = 0; turn < 4; turn++) {
            double chance = turn % 2 == 0 ? 0.8 : 0.5;
            truth.add(random.doubles(ASKS_A_TURN).mapToObj(d -> d < chance).toList());
        }
        try (Visitor coach = new Visitor(app.port(), 1280, 800)) {
            coach.signIn("ottilie");
            JsonNode touched = ridden(coach, truth, false);
            JsonNode tallied = ridden(coach, truth, true);
            for (String side : List.of("left", "right")) {
                assertThat(100 * rate(tallied.path(side)))
                        .as(side)
                        .isCloseTo(100 * rate(touched.path(side)), Offset.offset(10.0));
                assertThat(touched.path(side).path("tallied").asInt()).isZero();
                assertThat(tallied.path(side).path("tallied").asInt()).isGreaterThan(20);
            }
            coach.assertQuiet();
        }
    }

    private static double rate(JsonNode side) {
        return side.path("yes").asDouble() / side.path("asks").asInt();
    }

    /** Rides these turns, left and right in turn; what came on both sides of the horse. */
    private static JsonNode ridden(Visitor coach, List<List<Boolean>> truth, boolean isTallied) {
        Rider rider = Rider.inNewLesson(coach).begin();
        coach.exactly("Counter-bend").click();
        for (int turn = 0; turn < truth.size(); turn++) {
            coach.exactly(turn % 2 == 0 ? "Left rein" : "Right rein").click();
            List<Boolean> asks = truth.get(turn);
            for (int i = 0; i < asks.size(); i++) {
                if (!isTallied || i % 3 == 0) {
                    coach.page().keyboard().press("2");
                    coach.page().keyboard().press(asks.get(i) ? "y" : "n");
                }
            }
            if (isTallied) {
                tally(coach, (int) asks.stream().filter(is -> is).count());
            }
        }
        rider.isAllSent();
        coach.exactly("End").click();
        coach.link("To the debrief").waitFor();
        rider.isAllSent();
        return coach.get("/api/v1/lessons/" + rider.lesson() + "/debrief")
                .path("rows")
                .valueStream()
                .filter(row -> row.path("exercise").asString().equals("counter-bend"))
                .findFirst()
                .orElseThrow()
                .path("pair");
    }

    /** As somebody remembers it: about twenty, and the good ones in proportion. */
    private static void tally(Visitor coach, int good) {
        coach.exactly("Tally").click();
        key(coach, "About how many times was it asked?", "20").click();
        key(coach, "How many were good?", String.valueOf(Math.round(20f * good / ASKS_A_TURN)))
                .click();
        coach.assertAccessible();
        key(coach, "About how strongly?", "2 light").click();
        coach.page().getByText("Tally:").first().waitFor();
    }

    private static Locator key(Visitor coach, String group, String name) {
        return coach.page()
                .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(group))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(name).setExact(true));
    }

    /** Spoken without a network, kept here, sent when there is one, played in the debrief; the minor's lesson has no microphone. */
    @Test
    void aNoteIsSpokenCutSentAndPlayed() {
        try (Visitor coach = new Visitor(proxy.port(), 390, 844)) {
            coach.context().grantPermissions(List.of("microphone"));
            coach.signIn("ottilie");
            Rider minor = Rider.inNewLesson(coach).begin();
            coach.exactly("Note").waitFor();
            assertThat(coach.button("hold to talk").count()).isZero();
            coach.exactly("End").click();
            minor.isAllSent();

            Rider rider = Rider.inNewLesson(coach, "Tamarack").begin();
            proxy.set(FaultProxy.Mode.CUT);
            Locator microphone = coach.button("hold to talk");
            microphone.hover();
            coach.page().mouse().down();
            coach.page()
                    .getByRole(AriaRole.TIMER, new Page.GetByRoleOptions().setName("Listening"))
                    .waitFor();
            coach.page().getByText("0:01").first().waitFor();
            coach.page().mouse().up();
            coach.page().getByText("Spoken note").first().waitFor();
            coach.assertAccessible();
            proxy.set(FaultProxy.Mode.PASS);
            rider.isAllSent();
            coach.exactly("End").click();
            coach.link("To the debrief").waitFor();
            rider.isAllSent();
            coach.forgive();
            coach.link("To the debrief").click();
            coach.page()
                    .locator("summary")
                    .filter(new Locator.FilterOptions().setHasText("Notes"))
                    .click();
            coach.button("Play the note of").click();
            coach.page().waitForFunction("() => document.querySelector('audio')?.currentTime > 0");
            coach.assertAccessible();
            coach.assertQuiet();
        }
    }
}

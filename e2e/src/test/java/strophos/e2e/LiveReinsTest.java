package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A sensor is read while it is ridden, by the simulated one: a network is needed only at the end, and what was measured is kept. */
class LiveReinsTest {

    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    /** Connected, zeroed and told apart while the horse stands. */
    private static void connect(Visitor coach) {
        coach.button("Connect the simulated sensor").click();
        coach.button("Both hang: set to zero").click();
        coach.button("Let the simulated sensor pull the left rein").click();
        coach.page().getByText("Both reins are being measured").waitFor();
    }

    /** The same from the pad, which stands open again afterwards. */
    static void connectWhileRiding(Visitor coach) {
        coach.page().keyboard().press("s");
        coach.exactly("Contact").click();
        coach.exactly("Rein sensor").click();
        connect(coach);
        coach.exactly("Close").click();
    }

    /** Seconds of both reins that lie on the device. */
    private static long keptPieces(Visitor coach) {
        return Long.parseLong(coach.page().evaluate("""
                        async () => {
                          let pieces = 0
                          for (const { name } of await indexedDB.databases()) {
                            const open = indexedDB.open(name)
                            const db = await new Promise((done) => (open.onsuccess = () => done(open.result)))
                            if (db.objectStoreNames.contains('pieces')) {
                              const asked = db.transaction('pieces').objectStore('pieces').count()
                              pieces += await new Promise((done) => (asked.onsuccess = () => done(asked.result)))
                            }
                            db.close()
                          }
                          return String(pieces)
                        }
                        """).toString());
    }

    private static JsonNode recordings(Visitor coach, Rider rider) {
        return coach.get("/api/v1/lessons/" + rider.lesson() + "/contact").path("recordings");
    }

    private static void untilSent(Visitor coach, Rider rider, int recordings) {
        Await.until("all recordings are whole", PATIENCE, () -> {
            JsonNode there = recordings(coach, rider);
            return there.size() == recordings
                    && there.valueStream().allMatch(r -> r.path("isWhole").asBoolean());
        });
    }

    @Test
    void bothReinsAreMeasuredWithoutANetworkAndSentAfterCuts() {
        try (Visitor coach = new Visitor(app.port(), 390, 844)) {
            coach.signIn("ottilie").isKeptForNoNetwork();
            Rider rider = Rider.inNewLesson(coach);
            rider.open();
            coach.page().getByText("Rein sensor").click();
            coach.page().getByText("No sensor is connected").waitFor();
            coach.assertAccessible();
            coach.context().setOffline(true);
            connect(coach);
            coach.assertAccessible();
            coach.button("Begin the lesson").click();
            rider.onThePad().touch(3).sees(3);
            Await.until("ten seconds are kept", PATIENCE, () -> keptPieces(coach) >= 5);
            assertThat(coach.page().locator("[data-strip] [data-rein=left]").innerText())
                    .as("a number, at 390 × 844 above the pad")
                    .containsPattern("\\d\\.\\d\\s+kg");
            assertThat(coach.page().evaluate("document.documentElement.scrollHeight <= window.innerHeight"))
                    .as("nothing is pushed out of a phone by the strip")
                    .isEqualTo(true);
            coach.assertAccessible();
            coach.page().locator("[data-strip]").click();
            coach.page()
                    .getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Rein sensor"))
                    .waitFor();
            coach.page().getByText("This sensor is simulated").waitFor();
            coach.assertAccessible();
            coach.exactly("Close").click();
            coach.exactly("End").click();
            coach.link("To the debrief").waitFor();
            rider.outbox("offline").waitFor();
            assertThat(recordings(coach, rider)).isEmpty();
            // the first two tries at a minute break down
            int[] cuts = {2};
            coach.page().route("**/chunks/*", route -> {
                if (cuts[0]-- > 0) {
                    route.abort();
                } else {
                    route.resume();
                }
            });
            coach.context().setOffline(false);
            rider.isAllSent();
            untilSent(coach, rider, 1);
            JsonNode recording = recordings(coach, rider).path(0);
            assertThat(recording.path("name").asString()).isEqualTo("Simulated sensor");
            assertThat(recording.path("rateHz").asInt()).isEqualTo(100);
            assertThat(recording.path("seconds").asDouble()).isGreaterThan(10);
            assertThat(recording.path("faults")).as("no gap").isEmpty();
            JsonNode walk = recording.path("spans").path(0);
            // the simulated one walks first: 0.9 and 1.1 kg, and noise lifts a level by 0.1 (docs/contact.md)
            assertThat(walk.path("left").path("levelKg").asDouble()).isCloseTo(1.0, within(0.15));
            assertThat(walk.path("right").path("levelKg").asDouble()).isCloseTo(1.2, within(0.15));
            assertThat(keptPieces(coach)).as("nothing stays on the device").isZero();
            coach.page().unroute("**/chunks/*");
            coach.forgive();
            coach.debrief(rider.lesson());
            coach.page()
                    .locator("summary", new Page.LocatorOptions().setHasText(Pattern.compile("^Contact$")))
                    .click();
            coach.page().getByText("Simulated sensor").waitFor();
            coach.assertQuiet();
        }
    }

    /** The tablet closes the tab in the middle of a lesson: what was kept until then is sent by the next one, and it can be measured on. */
    @Test
    void aTabThatIsClosedLeavesWhatItMeasured() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800)) {
            coach.signIn("ottilie");
            Rider rider = Rider.inNewLesson(coach);
            rider.open();
            coach.page().getByText("Rein sensor").click();
            connect(coach);
            coach.button("Begin the lesson").click();
            rider.onThePad();
            Await.until("four seconds are kept", PATIENCE, () -> keptPieces(coach) >= 2);
            Page closed = coach.page();
            coach.openTab();
            rider.goOn().touch(1).isAllSent();
            assertThat(recordings(coach, rider))
                    .as("it still runs in the other tab")
                    .isEmpty();
            closed.close();
            rider.touch(1).isAllSent();
            untilSent(coach, rider, 1);
            assertThat(recordings(coach, rider).path(0).path("seconds").asDouble())
                    .isGreaterThanOrEqualTo(4);
            connectWhileRiding(coach);
            Await.until("it goes on", PATIENCE, () -> keptPieces(coach) >= 1);
            coach.page().locator("[data-strip]").click();
            coach.button("Stop measuring").click();
            coach.page().getByText("No sensor is connected").waitFor();
            untilSent(coach, rider, 2);
        }
    }
}

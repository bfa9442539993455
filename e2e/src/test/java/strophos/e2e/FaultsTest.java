package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Locator;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * What can go wrong while a lesson is recorded, in Debian's Chromium on the packaged application: whatever it is, every
 * touch that was shown is there afterwards, once, and by whoever made it.
 */
class FaultsTest {

    private static final String DATABASE = "faults";

    private static AppProcess app;
    private static FaultProxy proxy;

    @BeforeAll
    static void start() {
        app = Stage.demo(DATABASE);
        proxy = new FaultProxy(app.port());
    }

    @AfterAll
    static void stop() {
        proxy.close();
        app.close();
    }

    @Test
    void aCutForTwoHundredAsksAClosedTabAndAServerKilledInTheBatch() {
        as("ottilie", coach -> {
            Rider rider = Rider.inNewLesson(coach).begin().isAllSent();
            coach.isKeptForNoNetwork();
            proxy.set(FaultProxy.Mode.CUT);
            rider.touch(200).sees(200);
            coach.page().close();
            coach.openTab();
            rider.goOn().sees(200);
            proxy.set(FaultProxy.Mode.PASS);
            coach.page().evaluate("window.dispatchEvent(new Event('online'))");
            rider.outbox("waiting").waitFor();
            app.kill();
            app.start();
            rider.isAllSent();
            assertThatEachIsThereOnce(rider.asks(), 200);
        });
    }

    @Test
    void aPhotoOfALookWaitsForTheNetwork() {
        as("ottilie", coach -> {
            Rider rider = Rider.inNewLesson(coach, "Quillon");
            String photos = "/api/v1/pairs/"
                    + coach.get("/api/v1/lessons/" + rider.lesson() + "/packet")
                            .path("lesson")
                            .path("pair")
                            .asString() + "/photos";
            int before = coach.get(photos).path("photos").size();
            coach.open("/lessons/" + rider.lesson() + "/look");
            coach.button("From the left").waitFor();
            coach.isKeptForNoNetwork();
            proxy.set(FaultProxy.Mode.CUT);
            coach.button("From the left").click();
            coach.assertAccessible();
            coach.button("Take it").and(coach.page().locator(":enabled")).click();
            coach.page().getByText("Saved on this device.").waitFor();
            coach.page().reload();
            coach.page().getByText("Saved on this device.").waitFor();
            coach.assertAccessible();
            proxy.set(FaultProxy.Mode.PASS);
            coach.page().evaluate("window.dispatchEvent(new Event('online'))");
            coach.page().getByText("Kept with the horse’s photos.").waitFor();
            JsonNode after = coach.get(photos).path("photos");
            assertThat(after.size()).isEqualTo(before + 1);
            assertThat(after.path(0).path("view").asString()).isEqualTo("LEFT");
        });
    }

    @Test
    void aLessonThatNobodyPlannedBegunWithoutANetwork() {
        as("ottilie", coach -> {
            Rider.inNewLesson(coach).begin().isAllSent();
            coach.isKeptForNoNetwork();
            proxy.set(FaultProxy.Mode.CUT);
            coach.open("/");
            coach.page().getByText("No network").waitFor();
            coach.assertAccessible();
            coach.exactly("Vesper and Noor Haldane").click();
            coach.button("Begin the lesson").click();
            Rider rider = Rider.inOpenLesson(coach).onThePad().touch(3).sees(3);
            proxy.set(FaultProxy.Mode.PASS);
            rider.isAllSent();
            assertThatEachIsThereOnce(rider.asks(), 3);
            coach.open("/");
            coach.link("Carry on riding")
                    .and(coach.page().locator("[href*='" + rider.lesson() + "']"))
                    .waitFor();
        });
    }

    @Test
    void aDatabaseThatWasAwayAndTwoDevicesThatSeeEachOther() {
        as(
                "ottilie",
                coach -> as("kwame", helper -> {
                    setClock(helper, Instant.parse(Stage.START).plus(Duration.ofHours(1)));
                    Rider first =
                            Rider.inNewLesson(coach).begin().touch(3).sees(3).isAllSent();
                    Rider second = first.joinedBy(helper).goOn().sees(3);
                    second.touch(2).sees(5);
                    first.sees(5);
                    Stage.withoutDatabase(() -> {
                        first.touch(4).sees(9);
                        first.outbox("offline").waitFor();
                        // a server without its database is as good as none: the lesson is on the device
                        coach.page().reload();
                        first.goOn().sees(9).touch(1).sees(10);
                    });
                    first.isAllSent();
                    second.sees(10).touch(1).sees(11).isAllSent();
                    first.sees(11);
                    assertThatEachIsThereOnce(first.asks(), 11);
                    assertThat(first.asks())
                            .extracting(e -> e.path("author").asString())
                            .containsOnly(person(coach), person(helper));
                    theHourIsTakenBack(first, helper);
                }));
    }

    /** The device an hour ahead says so, and its asks stand within a quarter of an hour of the others'. */
    private static void theHourIsTakenBack(Rider rider, Visitor ahead) {
        long[] offsets = {0, 0};
        long[] at = {Long.MAX_VALUE, Long.MIN_VALUE};
        for (JsonNode e : rider.entries()) {
            int of = e.path("author").asString().equals(person(ahead)) ? 1 : 0;
            if (e.path("kind").asString().equals("clock")) {
                offsets[of] = e.path("payload").path("offsetMs").asLong();
            }
        }
        for (JsonNode e : rider.asks()) {
            int of = e.path("author").asString().equals(person(ahead)) ? 1 : 0;
            long corrected = e.path("atMs").asLong() + offsets[of];
            at[0] = Math.min(at[0], corrected);
            at[1] = Math.max(at[1], corrected);
        }
        assertThat(at[1] - at[0]).isBetween(0L, Duration.ofMinutes(15).toMillis());
    }

    @Test
    void twoTabsOfOneDevice() {
        as("ottilie", coach -> {
            Rider rider = Rider.inNewLesson(coach).begin().touch(5).sees(5);
            var first = coach.page();
            coach.openTab();
            rider.goOn().sees(5).touch(5).sees(10);
            first.bringToFront();
            first.keyboard().press("2");
            first.keyboard().press("y");
            rider.sees(11).isAllSent();
            assertThatEachIsThereOnce(rider.asks(), 11);
            assertThat(rider.entries())
                    .extracting(e -> e.path("device").asString())
                    .as("one device, one count")
                    .containsOnly(rider.entries().get(0).path("device").asString());
        });
    }

    @Test
    void aClockThatStepsBack() {
        as("ottilie", coach -> {
            setClock(coach, Instant.parse(Stage.START));
            Rider rider = Rider.inNewLesson(coach).begin().touch(3).sees(3);
            coach.page()
                    .clock()
                    .setSystemTime(Instant.parse(Stage.START)
                            .minus(Duration.ofHours(1))
                            .toEpochMilli());
            rider.touch(3).sees(6).isAllSent();
            assertThatEachIsThereOnce(rider.asks(), 6);
            List<Long> times =
                    rider.asks().stream().map(e -> e.path("atMs").asLong()).toList();
            assertThat(times).isSorted().doesNotHaveDuplicates();
        });
    }

    @Test
    void aDeviceWithoutRoom() {
        as("ottilie", coach -> {
            Rider rider = Rider.inNewLesson(coach).begin().touch(2).sees(2).isAllSent();
            CDPSession chromium = coach.context().newCDPSession(coach.page());
            JsonObject quota = new JsonObject();
            quota.addProperty("origin", "http://127.0.0.1:" + proxy.port());
            quota.addProperty("quotaSize", 1);
            chromium.send("Storage.overrideQuotaForOrigin", quota);
            // what the browser thinks is left is a while old: some are kept yet, and shown
            Locator lost = coach.page().getByText("Not saved: this device has no room left.");
            Await.until("a touch is not kept", Duration.ofMinutes(2), () -> rider.touch(1) != null && lost.isVisible());
            int kept = rider.shown();
            quota.remove("quotaSize");
            chromium.send("Storage.overrideQuotaForOrigin", quota);
            Await.until(
                    "touches are kept again", Duration.ofMinutes(2), () -> rider.touch(1) != null && !lost.isVisible());
            // the last touch is shown at once, and may be on its way into the store yet
            rider.isAllSent();
            int shown = rider.shown();
            Await.until(
                    "what is shown is there",
                    Duration.ofSeconds(20),
                    () -> rider.asks().size() >= shown);
            assertThat(shown).isGreaterThan(kept);
            assertThatEachIsThereOnce(rider.asks(), shown);
            coach.forgive();
        });
    }

    @Test
    void aSessionThatEndedWithoutANetwork() {
        as("ottilie", coach -> {
            Rider rider = Rider.inNewLesson(coach).begin().isAllSent();
            proxy.set(FaultProxy.Mode.CUT);
            rider.touch(4).sees(4);
            Stage.sql(DATABASE, "delete from spring_session");
            proxy.set(FaultProxy.Mode.PASS);
            coach.page().evaluate("window.dispatchEvent(new Event('online'))");
            coach.button("Sign in to send 4").click();
            coach.fill("Sign-in name", "ottilie");
            coach.page().getByLabel("Password").fill(Stage.DEMO_PASSWORD);
            coach.button("Sign in").click();
            rider.onThePad().sees(4).isAllSent();
            assertThatEachIsThereOnce(rider.asks(), 4);
        });
    }

    @Test
    void signingOutWithSomethingUnsentAndAnotherOnTheSameDevice() {
        as("ottilie", coach -> {
            String ottilie = person(coach);
            Rider rider = Rider.inNewLesson(coach).begin().isAllSent();
            coach.context().route("**/api/v1/entries", route -> route.abort());
            rider.touch(2).sees(2);
            rider.outbox("offline").waitFor();
            coach.open("/");
            coach.button("Sign out").click();
            coach.page().getByText("2 touches made on this device").waitFor();
            coach.context().unroute("**/api/v1/entries");

            coach.signInOnScreen("kwame");
            String kwame = person(coach);
            rider.goOn().touch(1).sees(1).isAllSent();
            assertThat(rider.asks())
                    .extracting(e -> e.path("author").asString())
                    .containsExactly(kwame);
            coach.open("/");
            coach.button("Sign out").click();

            coach.signInOnScreen("ottilie");
            rider.goOn().sees(3).isAllSent();
            assertThatEachIsThereOnce(rider.asks(), 3);
            assertThat(rider.asks())
                    .extracting(e -> e.path("author").asString())
                    .containsExactlyInAnyOrder(kwame, ottilie, ottilie);
        });
    }

    /** The tablet is handed on where there is no network: nobody's name stays on it, and the session is ended when there is one. */
    @Test
    void signingOutWithoutANetworkLeavesNoName() {
        as("ottilie", coach -> {
            Rider.inNewLesson(coach).begin().touch(2).sees(2).isAllSent();
            coach.open("/");
            coach.button("Sign out").waitFor();
            coach.context().setOffline(true);
            coach.button("Sign out").click();
            coach.button("Sign in").waitFor();
            assertThat(coach.page().evaluate(KEPT).toString())
                    .contains("counters")
                    .doesNotContain("Tamarack", "Ottilie", "Imre", "exchange");
            coach.context().setOffline(false);
            coach.page().reload();
            coach.button("Sign in").waitFor();
            assertThat(coach.get("/api/v1/session").path("me").isNull()).isTrue();
        });
    }

    /** All that lies on the device, as text. */
    private static final String KEPT = """
            async () => {
              const all = { local: { ...localStorage } }
              for (const { name } of await indexedDB.databases()) {
                const open = indexedDB.open(name)
                const db = await new Promise((done) => (open.onsuccess = () => done(open.result)))
                for (const table of db.objectStoreNames) {
                  const rows = db.transaction(table).objectStore(table).getAll()
                  all[table] = await new Promise((done) => (rows.onsuccess = () => done(rows.result)))
                }
                db.close()
              }
              return JSON.stringify(all)
            }
            """;

    private static void as(String name, Consumer<Visitor> what) {
        try (Visitor visitor = new Visitor(proxy.port(), 390, 844)) {
            what.accept(visitor.signInOnScreen(name));
        }
    }

    private static void setClock(Visitor visitor, Instant to) {
        visitor.page().clock().install(new Clock.InstallOptions().setTime(to.toEpochMilli()));
    }

    private static String person(Visitor visitor) {
        return visitor.get("/api/v1/session").path("me").path("person").asString();
    }

    private static void assertThatEachIsThereOnce(List<JsonNode> asks, int count) {
        assertThat(asks).extracting(e -> e.path("id").asString()).hasSize(count).doesNotHaveDuplicates();
        assertThat(asks)
                .extracting(e -> e.path("device").asString() + e.path("seq").asLong())
                .doesNotHaveDuplicates();
    }
}

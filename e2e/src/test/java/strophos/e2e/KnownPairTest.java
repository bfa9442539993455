package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a coach knows of a pair beside its lessons, and two strangers who begin without a network. */
class KnownPairTest {

    private static AppProcess app;

    @BeforeAll
    static void start() {
        app = Stage.demo();
    }

    private static JsonNode named(Visitor coach, String horse) {
        return coach.get("/api/v1/pairs/names")
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals(horse))
                .findFirst()
                .orElseThrow();
    }

    private static boolean isThere(Visitor coach, String horse) {
        return coach.get("/api/v1/pairs/names")
                .path("pairs")
                .valueStream()
                .anyMatch(p -> p.path("horse").asString().equals(horse));
    }

    private static Locator heading(Visitor coach, String name) {
        return coach.page()
                .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name))
                .first();
    }

    @Test
    void twoNamesRideWithoutANetworkAndJoinTheYard() {
        try (FaultProxy proxy = new FaultProxy(app.port());
                Visitor coach = new Visitor(proxy.port(), 390, 844).signIn("ottilie")) {
            coach.link("Somebody new").click();
            coach.page()
                    .getByText("It works without a network too: they join your yard when there is one.")
                    .waitFor();
            coach.isKeptForNoNetwork();
            coach.assertAccessible();

            proxy.set(FaultProxy.Mode.CUT);
            coach.open("/");
            heading(coach, "No network").waitFor();
            coach.link("Somebody new").click();
            coach.fill("Rider", "Basma Haldane");
            coach.fill("Horse", "Cormorant");
            coach.page().getByLabel("School").selectOption("PRESSURE_AND_RELEASE");
            coach.exactly("Ride").click();
            coach.button("Begin the lesson").click();
            Rider ride = Rider.inOpenLesson(coach).onThePad().touch(5).sees(5);
            coach.page().reload();
            ride.onThePad().sees(5);

            proxy.set(FaultProxy.Mode.PASS);
            ride.isAllSent();
            Await.until("the pair has joined", Duration.ofSeconds(60), () -> isThere(coach, "Cormorant"));
            Await.until(
                    "all asks are there",
                    Duration.ofSeconds(60),
                    () -> ride.asks().size() == 5);
            JsonNode pair = named(coach, "Cormorant");
            assertThat(pair.path("rider").asString()).isEqualTo("Basma Haldane");
            coach.open("/pairs/" + pair.path("id").asString());
            heading(coach, "Cormorant").waitFor();
        }
    }

    @Test
    void whatIsKnownIsWrittenDownOnceAndReadBeforeTheNextLesson() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            String pair = "/pairs/" + named(coach, "Quillon").path("id").asString();
            coach.open(pair + "/about");
            coach.fill("Afraid of", "Flapping rugs");
            coach.button("Save").first().click();
            coach.fill("Signal", "One click");
            coach.fill("Its one meaning", "Trot");
            coach.exactly("Add").click();
            coach.page().getByText("One click").first().waitFor();
            coach.fill("Signal", "one click");
            coach.fill("Its one meaning", "Come to me");
            coach.exactly("Add").click();
            coach.page().getByText("means two things").waitFor();
            coach.assertAccessible();

            coach.open(pair + "/tack");
            coach.exactly("Add a piece").click();
            coach.page().getByLabel("Which headgear").selectOption("pelham");
            coach.fill("Call it", "Pelham, 13.5 cm");
            coach.exactly("Save").click();
            coach.page().getByText("kg on tongue and bars").waitFor();
            coach.exactly("90°").click();
            // 4 kg on 8 cm below and 5 above: 4 × 8 / 5 = 6.4 at the chin, 10.4 in the mouth (statics, by hand)
            coach.page()
                    .getByText("4 kg in the hand: 6.4 kg at the chin, 10.4 kg on tongue and bars.")
                    .waitFor();
            coach.assertAccessible();

            coach.open(pair);
            coach.page().getByText("Afraid of: Flapping rugs").waitFor();
            coach.page().getByText("Pelham").first().waitFor();
            coach.page().getByText("One signal means two things").waitFor();
            coach.assertAccessible();

            Rider ride = Rider.inNewLesson(coach, "Quillon");
            ride.open();
            Locator worn = coach.page().getByLabel("Headgear today");
            worn.waitFor();
            assertThat(worn.inputValue()).isEqualTo("pelham");
            worn.selectOption("cavesson");
            Await.until(
                    "what is worn is sent",
                    Duration.ofSeconds(30),
                    () -> ride.entries().stream()
                            .anyMatch(e -> e.path("payload")
                                    .path("headgear")
                                    .asString("")
                                    .equals("cavesson")));
            coach.assertQuiet();
        }
    }

    /** The browser's own stand-in for a camera; the second photo is taken over the first. */
    @Test
    void theSameSideIsPhotographedAgainOverTheEarlierOne() {
        try (Visitor coach = new Visitor(app.port(), 390, 844).signIn("ottilie")) {
            coach.open("/pairs/" + named(coach, "Penny Black").path("id").asString() + "/photos");
            coach.exactly("Take a photo").click();
            coach.exactly("Take it").click();
            coach.exactly("The same again").click();
            coach.exactly("Earlier photo").waitFor();
            coach.exactly("Take it").click();
            coach.page().getByLabel("Then, and now").waitFor();
            coach.assertAccessible();
            coach.assertQuiet();
        }
    }

    /** 8 or more of the 24 behaviours: a vet before more training (Dyson and others 2018, from memory). */
    @Test
    void eightBehavioursUnderTheRiderAreSaidBeforeTheNextPlan() {
        try (Visitor coach = new Visitor(app.port(), 390, 844).signIn("ottilie")) {
            String pair = "/pairs/" + named(coach, "Fennel").path("id").asString();
            coach.open(pair + "/count");
            coach.exactly("Begin the count").click();
            coach.assertAccessible();
            for (int i = 0; i < 24; i++) {
                coach.page().getByText("%d of 24".formatted(i + 1)).waitFor();
                coach.exactly(i < 8 ? "Yes" : "No").click();
            }
            heading(coach, "8 of 24 seen").waitFor();
            coach.exactly("Save this count").click();
            coach.page()
                    .getByText("8 of 24: have a vet look before more training.")
                    .waitFor();
            coach.assertAccessible();
            Rider ride = Rider.inNewLesson(coach, "Fennel");
            ride.open();
            coach.page()
                    .getByText("8 of 24 behaviours were seen under the rider: a vet before more training.")
                    .waitFor();
            coach.assertQuiet();
        }
    }

    /** The eve of an outing is an easy day: on the pair's page, in the plan, before Ride begins and on Today. */
    @Test
    void whereTheHorseGoesMakesTheDayBeforeEasy() {
        try (Visitor coach = new Visitor(app.port(), 1280, 800).signIn("ottilie")) {
            coach.open("/pairs/" + named(coach, "Quillon").path("id").asString());
            heading(coach, "Work and days away").waitFor();
            coach.page().getByText("Add an outing").click();
            coach.fill("What for", "The river fields");
            coach.page().getByLabel("The day it is for").fill("2026-11-26");
            coach.page().getByLabel("Journey out").fill("2026-11-25");
            coach.button("Add it").click();
            coach.page().getByText("The day itself").first().waitFor();
            coach.assertAccessible();
            Rider ride = Rider.inNewLesson(coach, "Quillon");
            String easy = "The river fields is on Thursday 26 November: an easy day today, 22 minutes at most.";
            coach.open("/lessons/" + ride.lesson() + "/plan");
            coach.page().getByText(easy).first().waitFor();
            coach.open("/lessons/" + ride.lesson() + "/ride");
            coach.page().getByText(easy).waitFor();
            coach.open("/");
            coach.page()
                    .getByText(
                            "A look round the hill farm is on Friday 27 November: an easy day today, 22 minutes at most.")
                    .waitFor();
            coach.assertQuiet();
        }
    }

    /** Beside the track, by thumb: a watch from mark to mark, a touch a stride, and the poles that follow. */
    @Test
    void aStrideIsMeasuredFromMarkToMark() {
        try (Visitor coach = new Visitor(app.port(), 390, 844).signIn("ottilie")) {
            coach.open("/pairs/" + named(coach, "Quillon").path("id").asString());
            coach.link("Strides and poles").click();
            coach.page()
                    .getByText("Not measured: the usual of a horse of 160 cm")
                    .first()
                    .waitFor();
            coach.assertAccessible();
            coach.button("At the first mark").click();
            for (int i = 0; i < 3; i++) {
                coach.button("Stride · " + i).click();
            }
            coach.button("At the second mark").click();
            coach.fill("Strides", "11.5");
            coach.fill("Seconds", "8.6");
            coach.button("Save the measure").click();
            coach.page().getByText("11.5 strides in 30 m, 8.6 s").waitFor();
            coach.page().getByText("1.30 m apart").waitFor();
            coach.assertAccessible();
            coach.button("Leave out").click();
            coach.button("Count it again").waitFor();
            assertThat(coach.page().getByText("1.30 m apart").count()).isZero();
            coach.assertQuiet();
        }
    }
}

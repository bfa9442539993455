package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A tab that was opened before the upgrade goes on with the web of the version before (docs/running.md says how it is kept): it
 * records and sends to the new server, and what it could not send the new web sends from the same device's store.
 */
class PreviousWebTest {

    private static final Map<String, String> TYPES = Map.of(
            "js",
            "text/javascript",
            "css",
            "text/css",
            "svg",
            "image/svg+xml",
            "woff2",
            "font/woff2",
            "html",
            "text/html");
    private static final String SENDING = "**/api/v1/entries";

    private static AppProcess app;
    private static Map<String, byte[]> files;

    @BeforeAll
    static void start() throws IOException {
        app = Stage.demo("previous");
        files = new HashMap<>();
        try (InputStream in = PreviousWebTest.class.getResourceAsStream("/previous-web.zip");
                ZipInputStream zip = new ZipInputStream(Objects.requireNonNull(in))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put("/" + entry.getName(), zip.readAllBytes());
            }
        }
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    @Test
    void theWebOfTheVersionBeforeRecordsAndSendsAndItsStoreIsSentByTheNewOne() {
        try (Visitor coach = Visitor.withoutServiceWorker(app.port(), 390, 844)) {
            coach.page()
                    .clock()
                    .install(new com.microsoft.playwright.Clock.InstallOptions()
                            .setTime(Instant.parse(Stage.START).toEpochMilli()));
            coach.context().route(url -> !url.contains("/api/") && !url.contains("/actuator/"), this::previous);
            coach.signInOnScreen("ottilie");
            String lesson = vesper(coach);
            coach.open("/lessons/" + lesson + "/ride");
            coach.button("Begin the lesson").click();
            coach.exactly("Left rein").click();
            touch(coach, 3);
            Await.until("three asks are sent", Duration.ofSeconds(20), () -> asks(coach, lesson) == 3);

            coach.context().route(SENDING, Route::abort);
            touch(coach, 2);
            coach.page().locator("[data-waiting='2']").waitFor();
            coach.context().unrouteAll();
            assertThat(asks(coach, lesson)).as("two wait on the device").isEqualTo(3);

            coach.page().reload();
            coach.page().locator("[data-outbox=resting]").waitFor();
            coach.button("Yes at strength 2, 5 so far").waitFor();
            Await.until("all five are sent", Duration.ofSeconds(20), () -> asks(coach, lesson) == 5);
            touch(coach, 1);
            coach.button("Yes at strength 2, 6 so far").waitFor();
            // it may rest for a moment before it notices what there is to send
            Await.until("the sixth ask is sent", Duration.ofSeconds(20), () -> asks(coach, lesson) == 6);
        }
    }

    private void previous(Route route) {
        String path = java.net.URI.create(route.request().url()).getPath();
        String file = files.containsKey(path) ? path : "/index.html";
        route.fulfill(new Route.FulfillOptions()
                .setContentType(TYPES.getOrDefault(file.substring(file.lastIndexOf('.') + 1), "application/json"))
                .setBodyBytes(files.get(file)));
    }

    private static void touch(Visitor coach, int times) {
        for (int i = 0; i < times; i++) {
            coach.button("Yes at strength 2").click();
        }
    }

    private static String vesper(Visitor coach) {
        coach.page()
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Vesper"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Ride"))
                .click();
        return coach.page().url().replaceAll(".*/lessons/([^/]+)/ride", "$1");
    }

    private static int asks(Visitor coach, String lesson) {
        List<JsonNode> entries = coach.get("/api/v1/lessons/" + lesson + "/entries")
                .path("entries")
                .valueStream()
                .toList();
        return (int) entries.stream()
                .filter(e -> e.path("kind").asString().equals("exchange"))
                .count();
    }
}

package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody with a browser of their own. What the browser complains about is kept, and must be nothing. */
final class Visitor implements AutoCloseable {

    static final JsonMapper JSON = JsonMapper.shared();
    private static final Path ROOT = Path.of(System.getProperty("strophos.root"));

    private static final int PATIENCE_MS = 60_000;

    private final BrowserContext context;
    private Page page;
    /** Signed in, and nothing opened yet. */
    private boolean isAtTheDoor;

    private final String origin;
    /** Debian's Chromium is built without it; a tablet's is not, and must be told whose it is. */
    private static final String NO_BLUETOOTH =
            "Error with Permissions-Policy header: Unrecognized feature: 'bluetooth'.";

    private final List<String> complaints = new ArrayList<>();
    private final List<String> foreign = new ArrayList<>();

    Visitor(int port, int width, int height) {
        this(port, width, height, ServiceWorkerPolicy.ALLOW);
    }

    /** With a browser that fetches every file itself, so that a test can stand in for the server's. */
    static Visitor withoutServiceWorker(int port, int width, int height) {
        return new Visitor(port, width, height, ServiceWorkerPolicy.BLOCK);
    }

    private Visitor(int port, int width, int height, ServiceWorkerPolicy workers) {
        origin = "http://127.0.0.1:" + port;
        context = Stage.browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        .setServiceWorkers(workers)
                        .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE)
                        .setLocale("en-GB")
                        .setTimezoneId("Europe/London"));
        page = context.newPage();
        page.onConsoleMessage(m -> {
            boolean isComplaint = m.type().equals("error") || m.type().equals("warning");
            if (isComplaint && !m.text().equals(NO_BLUETOOTH)) {
                complaints.add(m.text() + " at " + m.location());
            }
        });
        page.onPageError(complaints::add);
        context.onRequest(r -> {
            if (!r.url().startsWith(origin)
                    && !r.url().startsWith("data:")
                    && !r.url().startsWith("blob:")) {
                foreign.add(r.url());
            }
        });
        page.setDefaultTimeout(PATIENCE_MS);
    }

    /** What this visitor sees: Today first, when nothing was opened since signing in. */
    Page page() {
        if (isAtTheDoor) {
            open("/").getByRole(AriaRole.NAVIGATION).waitFor();
        }
        return page;
    }

    Page open(String path) {
        isAtTheDoor = false;
        page.navigate(origin + path);
        return page;
    }

    /** The application lies on the device: from now on it opens without a network. */
    Visitor isKeptForNoNetwork() {
        page().waitForFunction("() => navigator.serviceWorker.ready.then(() => true)");
        return this;
    }

    Visitor signIn(String name) {
        return signIn(name, Stage.DEMO_PASSWORD);
    }

    /** Without the page for it, which tests of their own fill in. */
    Visitor signIn(String name, String password) {
        get("/api/v1/session");
        JsonNode session = post("/api/v1/session", Map.of("name", name, "password", password));
        assertThat(session.path("me").isObject()).as("signed in: %s", session).isTrue();
        isAtTheDoor = true;
        return this;
    }

    /** As people do. */
    Visitor signInOnScreen(String name) {
        return signInOnScreen(name, Stage.DEMO_PASSWORD);
    }

    Visitor signInOnScreen(String name, String password) {
        open("/");
        page.getByLabel("Sign-in name").fill(name);
        page.getByLabel("Password").fill(password);
        button("Sign in").click();
        page.getByRole(AriaRole.NAVIGATION).waitFor();
        return this;
    }

    com.microsoft.playwright.Locator button(String name) {
        return page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** The first button of exactly this name. */
    com.microsoft.playwright.Locator exactly(String name) {
        return page().getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }

    /** Fills the field of exactly this label. */
    void fill(String label, String text) {
        page().getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(text);
    }

    com.microsoft.playwright.Locator link(String name) {
        return page().getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    /** Reads from the interface with this visitor's session. */
    JsonNode get(String path) {
        return JSON.readTree(context.request().get(origin + path).text());
    }

    /** Writes through the interface with this visitor's session. */
    JsonNode post(String path, Object body) {
        return sent("POST", path, body);
    }

    JsonNode put(String path, Object body) {
        return sent("PUT", path, body);
    }

    private JsonNode sent(String method, String path, Object body) {
        String token = context.cookies().stream()
                .filter(c -> c.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
        return JSON.readTree(context.request()
                .fetch(
                        origin + path,
                        RequestOptions.create()
                                .setMethod(method)
                                .setHeader("Content-Type", "application/json")
                                .setHeader("X-XSRF-TOKEN", token)
                                .setData(JSON.writeValueAsString(body)))
                .text());
    }

    BrowserContext context() {
        return context;
    }

    /** The id of the pair with this horse. */
    String pairOf(String horse) {
        return get("/api/v1/pairs/names")
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals(horse))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    /** Goes on in a new tab of the same browser; the old one stays open. */
    void openTab() {
        page = context.newPage();
        page.setDefaultTimeout(PATIENCE_MS);
    }

    /** The debrief of a lesson with its numbers; where the rider has not been asked yet, they are shown without. */
    void debrief(String lesson) {
        open("/lessons/" + lesson + "/debrief");
        Locator unasked = exactly("Show them without asking");
        Locator numbers = page().locator("[data-numbers]");
        unasked.or(numbers).first().waitFor();
        if (unasked.isVisible()) {
            unasked.click();
        }
        numbers.waitFor();
    }

    /** Forgets the complaints so far: a cut connection is one, and was wanted. */
    void forgive() {
        complaints.clear();
    }

    /** Nothing in the console, no content policy broken, no request to anywhere else. */
    void assertQuiet() {
        assertThat(complaints).as("console errors").isEmpty();
        assertThat(foreign).as("requests to elsewhere").isEmpty();
    }

    /** Axe finds nothing on the page as it stands. */
    void assertAccessible() {
        page().evaluate(axe());
        Object found = page().evaluate(
                        "async () => (await axe.run({resultTypes: ['violations']})).violations.map(v => v.id + ': ' + v.nodes.map(n => n.html.slice(0, 160) + ' ' + (n.any[0]?.message ?? '')).join(' | '))");
        assertThat((List<?>) found).as("axe on " + page().url()).isEmpty();
    }

    private static String axe() {
        try {
            return Files.readString(ROOT.resolve("web/node_modules/axe-core/axe.min.js")) + "; undefined";
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    void picture(Path to) {
        page().screenshot(new Page.ScreenshotOptions()
                .setPath(to)
                .setAnimations(com.microsoft.playwright.options.ScreenshotAnimations.DISABLED));
    }

    Map<String, Object> storage() {
        return Map.of("state", context.storageState());
    }

    @Override
    public void close() {
        context.close();
    }
}

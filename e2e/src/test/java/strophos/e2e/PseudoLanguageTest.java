package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.Route;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Every text of the language file stands between brackets that no language has. What a screen shows outside them must have come from the
 * server (names, what people wrote, the library's texts), from the small file that the door is written in, or be a day or a number.
 */
class PseudoLanguageTest {

    private static final Path SHELL =
            Path.of(System.getProperty("strophos.root"), "web", "src", "text", "shell.en.json");

    /** As {@code Intl} writes days and times; and what has no language. */
    private static final Pattern DAY_OR_NUMBER = Pattern.compile(
            "(?i)\\b(mon|tues|wednes|thurs|fri|satur|sun)day\\b|\\b(jan|feb|mar|apr|may|jun|jul|aug|sept?|oct|nov|dec)[a-z]*\\b"
                    + "|\\b(am|pm|cm|kg|km|mm|mb|m|s|csv|json|zip|l|r)\\b|[^\\p{L}]+");

    private static final String PSEUDO = """
            import real from '%s?as-it-is'
            const bracketed = (v) => typeof v === 'string' ? '⟦' + v + '⟧'
                : Array.isArray(v) ? v.map(bracketed)
                : Object.fromEntries(Object.entries(v).map(([k, each]) => [k, bracketed(each)]))
            export default bracketed(real)
            """;

    /** All that is read on the page: texts, and the names of what has none. */
    private static final String READ = """
            () => {
                const said = []
                const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
                while (walk.nextNode()) {
                    const { parentElement: on, textContent } = walk.currentNode
                    if (on && !on.closest('script,style')) said.push(textContent)
                }
                for (const on of document.querySelectorAll('[aria-label],[title],[placeholder],[alt]'))
                    for (const name of ['aria-label', 'title', 'placeholder', 'alt'])
                        if (on.hasAttribute(name)) said.push(on.getAttribute(name))
                return said
            }
            """;

    private final Set<String> data = new LinkedHashSet<>();

    @Test
    void noTextStandsOutsideTheLanguageFiles() throws IOException {
        collect(Visitor.JSON.readTree(Files.readString(SHELL)));
        AppProcess app = Stage.demo();
        List<String> outside = new ArrayList<>();
        try (Visitor coach = Visitor.withoutServiceWorker(app.port(), 1280, 800)) {
            inPseudo(coach);
            coach.signIn("ottilie");
            JsonNode pair = pairOf(coach, "Tamarack");
            String lesson = pair.path("lessons").path(0).path("id").asString();
            // begun below, so it becomes the last lesson of its pair
            String fresh = Rider.inNewLesson(coach, "Skerry").lesson();
            for (String path : List.of(
                    "/today",
                    "/pairs",
                    "/pairs/" + pair.path("id").asString(),
                    "/pairs/" + pair.path("id").asString() + "/history",
                    "/mirror",
                    "/pairs/" + pair.path("id").asString() + "/about",
                    "/pairs/" + pair.path("id").asString() + "/tack",
                    "/pairs/" + pair.path("id").asString() + "/count",
                    "/pairs/" + pair.path("id").asString() + "/strides",
                    "/pairs/" + pair.path("id").asString() + "/photos",
                    "/newcomers",
                    "/lessons/" + fresh + "/look",
                    "/lessons/" + fresh + "/plan",
                    "/lessons/" + fresh + "/ride",
                    "/lessons/" + lesson + "/debrief",
                    "/lessons/" + lesson + "/contact",
                    "/lessons/" + lesson + "/clip",
                    "/lessons/" + lesson + "/homework",
                    "/lessons/" + lesson + "/record",
                    "/library",
                    "/library?own",
                    "/library/shoulder-in",
                    "/library/own-gate",
                    "/library/own-gate/change",
                    "/library/new",
                    "/library/programmes/new",
                    "/library/programmes/own-wash",
                    "/ground",
                    "/device")) {
                read(coach, path, outside);
            }
            coach.open("/lessons/" + fresh + "/ride");
            coach.page()
                    .locator("button", new Page.LocatorOptions().setHasText("⟦Begin the lesson⟧"))
                    .click();
            coach.page().locator("[data-turn]").first().waitFor();
            readNow(coach, "riding", outside);
            for (String key : List.of("s", "f", "a", "x", "o")) {
                coach.page().keyboard().press(key);
                readNow(coach, "riding, " + key, outside);
                coach.page().keyboard().press("Escape");
            }
        }
        try (Visitor rider = Visitor.withoutServiceWorker(app.port(), 390, 844)) {
            inPseudo(rider);
            rider.signIn("imre");
            read(rider, "/", outside);
        }
        assertThat(outside).isEmpty();
    }

    private void inPseudo(Visitor visitor) {
        visitor.context()
                .route(
                        Pattern.compile(".*/assets/en-[^/?]*\\.js$"),
                        (Route route) -> route.fulfill(new Route.FulfillOptions()
                                .setContentType("text/javascript")
                                .setBody(PSEUDO.formatted(route.request().url()))));
        // only what came whole: a body that is asked for as its page is left never comes
        visitor.context().onRequestFinished(this::hear);
    }

    /** What the server says is data. */
    private void hear(Request request) {
        try {
            Response response = request.response();
            if (response.url().contains("/api/")
                    && response.headers().getOrDefault("content-type", "").contains("json")) {
                collect(Visitor.JSON.readTree(response.body()));
            }
        } catch (PlaywrightException left) {
            // the page was left meanwhile: it showed nothing of it
        }
    }

    private void collect(JsonNode said) {
        if (said.isString()) {
            data.add(said.asString());
        }
        said.forEach(this::collect);
    }

    private static JsonNode pairOf(Visitor coach, String horse) {
        String id = coach.get("/api/v1/pairs/names")
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals(horse))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        return coach.get("/api/v1/pairs/" + id);
    }

    private void read(Visitor visitor, String path, List<String> outside) {
        visitor.open(path);
        visitor.page().waitForFunction("() => document.body.innerText.includes('⟦')");
        visitor.page().waitForFunction("() => !document.body.innerText.includes('One moment')");
        readNow(visitor, path, outside);
    }

    private void readNow(Visitor visitor, String where, List<String> outside) {
        for (Object said : (List<?>) visitor.page().evaluate(READ)) {
            String left = unbracketed((String) said);
            if (!isData(left) && !DAY_OR_NUMBER.matcher(left).replaceAll("").isEmpty()) {
                outside.add(where + ": " + said);
            }
        }
    }

    /** Data as it came, or several pieces of it with marks and numbers between them. */
    private boolean isData(String left) {
        String rest = left.strip();
        return rest.isEmpty()
                || data.stream().anyMatch(d -> d.contains(rest))
                || Pattern.compile("[,·:;.“”\\d½]+")
                        .splitAsStream(rest)
                        .map(String::strip)
                        .allMatch(part ->
                                DAY_OR_NUMBER.matcher(part).replaceAll("").isEmpty()
                                        || data.stream().anyMatch(d -> d.contains(part)));
    }

    /** Without what stands between brackets, whatever stands in that again. */
    private static String unbracketed(String said) {
        StringBuilder left = new StringBuilder();
        int depth = 0;
        for (char c : said.toCharArray()) {
            if (c == '⟦') {
                depth++;
            } else if (c == '⟧') {
                depth--;
            } else if (depth == 0) {
                left.append(c);
            }
        }
        return left.toString();
    }
}

package strophos.e2e;

import com.microsoft.playwright.Locator;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Somebody who rides by keys on the pad of one lesson, as fast as keys can be pressed. */
final class Rider {

    private final Visitor visitor;
    private final String lesson;

    private Rider(Visitor visitor, String lesson) {
        this.visitor = visitor;
        this.lesson = lesson;
    }

    /** In a new lesson of Vesper, at the application's own time. */
    static Rider inNewLesson(Visitor visitor) {
        return inNewLesson(visitor, "Vesper");
    }

    static Rider inNewLesson(Visitor visitor, String horse) {
        String pair = visitor.get("/api/v1/pairs/names")
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals(horse))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        String lesson = UUID.randomUUID().toString();
        visitor.post("/api/v1/lessons", Map.of("id", lesson, "pair", pair, "plannedAt", Stage.START, "minutes", 45));
        return new Rider(visitor, lesson);
    }

    /** In the lesson that is open. */
    static Rider inOpenLesson(Visitor visitor) {
        return new Rider(visitor, visitor.page().url().replaceAll(".*/lessons/([^/]+)/.*", "$1"));
    }

    /** Another's browser on the same lesson. */
    Rider joinedBy(Visitor other) {
        return new Rider(other, lesson);
    }

    Rider begin() {
        open();
        visitor.button("Begin the lesson").click();
        return onThePad();
    }

    Rider goOn() {
        open();
        return onThePad();
    }

    void open() {
        visitor.open("/lessons/" + lesson + "/ride");
    }

    Rider onThePad() {
        visitor.exactly("Left rein").waitFor();
        return this;
    }

    /** So many asks answered with yes at strength 2. */
    Rider touch(int times) {
        for (int i = 0; i < times; i++) {
            visitor.page().keyboard().press("2");
            visitor.page().keyboard().press("y");
        }
        return this;
    }

    /** The pad shows so many. */
    Rider sees(int count) {
        visitor.button("Yes at strength 2, " + count + " so far").waitFor();
        return this;
    }

    /** So many as the pad shows now. */
    int shown() {
        String name = visitor.button("Yes at strength 2, ").getAttribute("aria-label");
        return Integer.parseInt(name.replaceAll(".*, (\\d+) so far", "$1"));
    }

    Rider isAllSent() {
        visitor.page().evaluate("window.dispatchEvent(new Event('online'))");
        visitor.page().locator("[data-outbox=resting]").waitFor();
        return this;
    }

    Locator outbox(String state) {
        return visitor.page().locator("[data-outbox=" + state + "]");
    }

    /** All asks of the lesson as the server has them, by device and count. */
    List<JsonNode> asks() {
        return entries().stream()
                .filter(e -> e.path("kind").asString().equals("exchange"))
                .toList();
    }

    List<JsonNode> entries() {
        return visitor.get("/api/v1/lessons/" + lesson + "/entries")
                .path("entries")
                .valueStream()
                .sorted(Comparator.<JsonNode, String>comparing(
                                e -> e.path("device").asString())
                        .thenComparing(e -> e.path("seq").asLong()))
                .toList();
    }

    String lesson() {
        return lesson;
    }
}

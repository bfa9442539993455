package strophos.e2e;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** What was touched in a lesson and shown, written down outside the application, in order. */
final class Journal {

    /** One ask as it was touched. */
    record Touch(int strength, String response) {
        static Touch of(JsonNode entry) {
            JsonNode said = entry.path("payload");
            return new Touch(
                    said.path("strength").asInt(), said.path("response").asString());
        }
    }

    /** What the journal and the server do not agree in. */
    record Difference(int lost, int doubled, int wrongAuthor, int outOfOrder) {
        static final Difference NONE = new Difference(0, 0, 0, 0);

        Difference plus(Difference other) {
            return new Difference(
                    lost + other.lost,
                    doubled + other.doubled,
                    wrongAuthor + other.wrongAuthor,
                    outOfOrder + other.outOfOrder);
        }
    }

    private final String author;
    private final List<Touch> shown = new ArrayList<>();

    Journal(String author) {
        this.author = author;
    }

    void add(Touch touch) {
        shown.add(touch);
    }

    int size() {
        return shown.size();
    }

    /** How often this was touched so far. */
    int count(Touch touch) {
        return (int) shown.stream().filter(touch::equals).count();
    }

    /** Compares it with the asks the server has of the lesson, in the order of their device's count. */
    Difference against(List<JsonNode> asks) {
        Map<Touch, Integer> more = new LinkedHashMap<>();
        shown.forEach(t -> more.merge(t, -1, Integer::sum));
        asks.forEach(e -> more.merge(Touch.of(e), 1, Integer::sum));
        int wrongAuthor = (int) asks.stream()
                .filter(e -> !e.path("author").asString().equals(author))
                .count();
        List<Touch> stored = asks.stream().map(Touch::of).toList();
        return new Difference(
                -more.values().stream().mapToInt(n -> Math.min(n, 0)).sum(),
                more.values().stream().mapToInt(n -> Math.max(n, 0)).sum(),
                wrongAuthor,
                stored.size() == shown.size() && !stored.equals(shown) ? 1 : 0);
    }
}

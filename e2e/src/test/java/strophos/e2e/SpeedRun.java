package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * {@code ./strophos bench speed}: from the touch to the painted count in a lesson of 3 000
 * entries, with the processor slowed down four times as on an old phone.
 */
class SpeedRun {

    private static final int ENTRIES = 3000;
    private static final int BATCH = 500;
    private static final int TOUCHES = 60;
    private static final double THROTTLE = 4;
    private static final double PAINT_MOST_MS = 50;

    /** Notes when the key went down, when the pad was painted with the new count, which it is when the entry is durable. */
    private static final String WATCH = """
            () => {
              window.speed = { down: 0, painted: [] }
              addEventListener('keydown', (e) => { speed.down = e.timeStamp }, true)
              new MutationObserver((all) => {
                if (!all.some((m) => /^Yes at strength 2, .* so far/.test(m.target.getAttribute?.('aria-label') ?? ''))) return
                requestAnimationFrame(() => {
                  const channel = new MessageChannel()
                  channel.port1.onmessage = () => speed.painted.push(performance.now() - speed.down)
                  channel.port2.postMessage(0)
                })
              }).observe(document.body, { subtree: true, attributes: true, attributeFilter: ['aria-label'] })
            }
            """;

    @Test
    void aTouchIsPaintedAndKeptAtOnce() throws IOException {
        try (AppProcess app = Stage.demo("bench_speed");
                Visitor coach = new Visitor(app.port(), 390, 844)) {
            coach.signIn("ottilie");
            Rider rider = Rider.inNewLesson(coach).begin().isAllSent();
            fill(coach, rider);
            rider.goOn();
            coach.page().evaluate(WATCH);
            CDPSession chromium = coach.context().newCDPSession(coach.page());
            JsonObject rate = new JsonObject();
            rate.addProperty("rate", THROTTLE);
            chromium.send("Emulation.setCPUThrottlingRate", rate);
            // by key: a driver's pointer goes up late on a slow processor, which is a long touch
            for (int i = 1; i <= TOUCHES; i++) {
                coach.page().keyboard().press("2");
                coach.page().keyboard().press("y");
                coach.page().waitForFunction("n => speed.painted.length >= n", i);
            }
            List<Double> painted = measured(coach, "painted");
            String said =
                    "%d entries in the lesson, processor at 1/%.0f, %d touches: touch to paint p50 %.0f, p95 %.0f ms (aim %.0f); what is painted is durable already"
                            .formatted(
                                    ENTRIES,
                                    THROTTLE,
                                    TOUCHES,
                                    share(painted, 0.5),
                                    share(painted, 0.95),
                                    PAINT_MOST_MS);
            Files.writeString(Path.of(System.getProperty("strophos.root"), "e2e/target/speed.txt"), said + "\n");
            assertThat(share(painted, 0.95)).as(said).isLessThanOrEqualTo(PAINT_MOST_MS);
        }
    }

    /** Another device of the same coach has ridden before, on the segment that was begun. */
    private static void fill(Visitor coach, Rider rider) {
        JsonNode segment = rider.entries().stream()
                .filter(e -> e.path("kind").asString().equals("segment"))
                .findFirst()
                .orElseThrow();
        String device = UUID.randomUUID().toString();
        long atMs = segment.path("atMs").asLong();
        List<Map<String, Object>> batch = new ArrayList<>();
        for (int i = 1; i <= ENTRIES; i++) {
            Map<String, Object> entry = new LinkedHashMap<>();
            entry.put("id", UUID.randomUUID().toString());
            entry.put("lesson", rider.lesson());
            entry.put("device", device);
            entry.put("author", segment.path("author").asString());
            entry.put("seq", i);
            entry.put("atMs", atMs + i);
            entry.put("kind", "exchange");
            entry.put("v", 1);
            entry.put(
                    "payload",
                    Map.of("segment", segment.path("id").asString(), "strength", 1 + i % 4, "response", "YES"));
            batch.add(entry);
            if (batch.size() == BATCH) {
                coach.post("/api/v1/entries", Map.of("entries", batch));
                batch.clear();
            }
        }
    }

    private static List<Double> measured(Visitor coach, String what) {
        List<?> all = (List<?>) coach.page().evaluate("() => speed." + what);
        return all.stream().map(ms -> ((Number) ms).doubleValue()).toList();
    }

    private static double share(List<Double> all, double share) {
        assertThat(all).hasSizeGreaterThanOrEqualTo(TOUCHES);
        List<Double> sorted = all.stream().sorted(Comparator.naturalOrder()).toList();
        return sorted.get((int) Math.ceil(share * sorted.size()) - 1);
    }
}

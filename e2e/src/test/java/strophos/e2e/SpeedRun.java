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
 * {@code ./strophos bench speed}: from the touch to the painted count, and to the durable entry, in a lesson of 3 000
 * entries, with the processor slowed down four times as on an old phone.
 */
class SpeedRun {

    private static final int ENTRIES = 3000;
    private static final int BATCH = 500;
    private static final int TOUCHES = 60;
    private static final double THROTTLE = 4;
    private static final double PAINT_MOST_MS = 50;
    private static final double DURABLE_MOST_MS = 100;

    /** Notes when the pointer went down, when the pad was painted with the new count, when the entry was durable. */
    private static final String WATCH = """
            () => {
              window.speed = { down: 0, painted: [], durable: [] }
              addEventListener('pointerdown', (e) => { speed.down = e.timeStamp }, true)
              const bare = IDBDatabase.prototype.transaction
              IDBDatabase.prototype.transaction = function (...a) {
                const tx = bare.apply(this, a)
                if (tx.mode === 'readwrite' && [...tx.objectStoreNames].includes('counters'))
                  tx.addEventListener('complete', () => speed.durable.push(performance.now() - speed.down))
                return tx
              }
              new MutationObserver((all) => {
                if (!all.some((m) => / so far/.test(m.target.getAttribute?.('aria-label') ?? ''))) return
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
        AppProcess app = Stage.demo("bench_speed");
        try (Visitor coach = new Visitor(app.port(), 390, 844)) {
            coach.signIn("ottilie");
            Rider rider = Rider.inNewLesson(coach).begin().isAllSent();
            fill(coach, rider);
            rider.goOn();
            coach.page().evaluate(WATCH);
            CDPSession chromium = coach.context().newCDPSession(coach.page());
            JsonObject rate = new JsonObject();
            rate.addProperty("rate", THROTTLE);
            chromium.send("Emulation.setCPUThrottlingRate", rate);
            int before = rider.shown();
            for (int i = 1; i <= TOUCHES; i++) {
                coach.button("Yes at strength 2").click();
                rider.sees(before + i);
            }
            List<Double> painted = measured(coach, "painted");
            List<Double> durable = measured(coach, "durable");
            String said =
                    "%d entries in the lesson, processor at 1/%.0f, %d touches: touch to paint p50 %.0f, p95 %.0f ms (aim %.0f); to durable p50 %.0f, p95 %.0f ms (aim %.0f)"
                            .formatted(
                                    ENTRIES,
                                    THROTTLE,
                                    TOUCHES,
                                    share(painted, 0.5),
                                    share(painted, 0.95),
                                    PAINT_MOST_MS,
                                    share(durable, 0.5),
                                    share(durable, 0.95),
                                    DURABLE_MOST_MS);
            Files.writeString(Path.of(System.getProperty("strophos.root"), "e2e/target/speed.txt"), said + "\n");
            assertThat(share(painted, 0.95)).as(said).isLessThanOrEqualTo(PAINT_MOST_MS);
            assertThat(share(durable, 0.95)).as(said).isLessThanOrEqualTo(DURABLE_MOST_MS);
        }
        app.close();
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

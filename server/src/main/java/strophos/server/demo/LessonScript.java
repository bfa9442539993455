package strophos.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.record.Entry;
import strophos.core.stair.RungId;

/** Writes the entries of one simulated lesson, as a device would have. */
final class LessonScript {

    private final UUID lesson;
    private final UUID device;
    private final UUID author;
    private final Supplier<UUID> ids;
    private final SplittableRandom random;
    private final List<Entry> entries = new ArrayList<>();
    private Instant at;

    LessonScript(UUID lesson, UUID device, UUID author, Instant start, Supplier<UUID> ids, SplittableRandom random) {
        this.lesson = lesson;
        this.device = device;
        this.author = author;
        this.at = start;
        this.ids = ids;
        this.random = random;
    }

    void start() {
        say("clock", Map.of("offsetMs", 0));
        say("lesson_started", Map.of());
    }

    /** Both reins in turn, so many asks each time. */
    void ride(RungId rung, Mounted mounted, int turns, int asks, double closed) {
        SimulatedAsks simulated = new SimulatedAsks(random);
        Rein rein = random.nextBoolean() ? Rein.LEFT : Rein.RIGHT;
        for (int turn = 0; turn < turns; turn++) {
            String segment = say("segment", segment(rung, mounted, rein));
            for (int i = 0; i < asks; i++) {
                pass(14 + random.nextInt(26));
                SimulatedAsks.Simulated ask = simulated.next(rein, closed);
                String exchange = say("exchange", exchange(segment, ask));
                if (random.nextInt(60) == 0) {
                    // a slip of the thumb: taken back and touched again
                    say("void", Map.of("target", exchange));
                    say("exchange", exchange(segment, ask));
                }
            }
            pass(20 + random.nextInt(30));
            rein = rein == Rein.LEFT ? Rein.RIGHT : Rein.LEFT;
        }
    }

    void note(String text) {
        say("note", Map.of("text", text));
    }

    void end() {
        pass(60);
        say("lesson_ended", Map.of());
    }

    void pass(int seconds) {
        at = at.plus(Duration.ofSeconds(seconds));
    }

    Instant now() {
        return at;
    }

    List<Entry> entries() {
        return List.copyOf(entries);
    }

    private static Map<String, Object> segment(RungId rung, Mounted mounted, Rein rein) {
        Map<String, Object> payload = new LinkedHashMap<>();
        payload.put("exercise", rung.exercise());
        payload.put("gait", rung.gait().name());
        payload.put("place", rung.place().name());
        payload.put("rein", rein.name());
        payload.put("mounted", mounted.name());
        return payload;
    }

    private static Map<String, Object> exchange(String segment, SimulatedAsks.Simulated ask) {
        Map<String, Object> payload = new LinkedHashMap<>();
        payload.put("segment", segment);
        payload.put("strength", ask.strength().level());
        payload.put("response", ask.response().name());
        return payload;
    }

    private String say(String kind, Map<String, Object> payload) {
        at = at.plusMillis(1);
        String id = ids.get().toString();
        entries.add(new Entry(
                id,
                lesson.toString(),
                device.toString(),
                author.toString(),
                entries.size(),
                at.toEpochMilli(),
                kind,
                1,
                payload));
        return id;
    }
}

package strophos.core.sheet;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import strophos.core.record.Entry;

/**
 * The asks of a table as entries of a lesson's log. The ids are made from the table's device and the line's words, so
 * that the same table taken in twice is the same entries. Without times each ask comes a second after
 * the one before: the order is kept, minutes are not known.
 */
public final class SheetLog {

    private static final long STEP_MS = 1000;

    private final Target into;
    private final List<Entry> entries = new ArrayList<>();
    private long lastMs;

    private SheetLog(Target into, long startMs) {
        this.into = into;
        this.lastMs = startMs - 1;
    }

    /**
     * Where the table goes.
     *
     * @param device that stands for the table, always the same one for a lesson
     * @param ids makes an id of words, always the same one of the same words
     */
    public record Target(String lesson, String device, String author, UnaryOperator<String> ids) {}

    /**
     * The lesson from its start to its end.
     *
     * @param startMs where asks without a time begin, milliseconds since 1970 UTC
     * @param day of the lesson in this zone
     */
    public static List<Entry> of(List<SheetAsk> asks, Target into, long startMs, LocalDate day, ZoneId zone) {
        SheetLog log = new SheetLog(into, startMs);
        SheetAsk.Setting before = null;
        String segment = "";
        for (SheetAsk ask : asks) {
            long atMs = ask.time().map(t -> at(day, t, zone)).orElse(log.lastMs + STEP_MS);
            if (log.entries.isEmpty()) {
                log.lastMs = Math.min(log.lastMs, atMs - 2);
                log.write(atMs - 1, "lesson_started", Map.of(), 0);
            }
            if (!ask.ridden().equals(before)) {
                before = ask.ridden();
                segment = log.write(atMs, "segment", payload(before), ask.line());
            }
            String exchange = log.write(atMs, "exchange", payload(ask, segment), ask.line());
            ask.release()
                    .ifPresent(r ->
                            log.write(atMs, "release", Map.of("exchange", exchange, "release", r.name()), ask.line()));
            ask.note().ifPresent(n -> log.write(atMs, "note", Map.of("text", n), ask.line()));
        }
        if (!asks.isEmpty()) {
            log.write(log.lastMs + STEP_MS, "lesson_ended", Map.of(), 0);
        }
        return log.entries;
    }

    private static long at(LocalDate day, LocalTime time, ZoneId zone) {
        return day.atTime(time).atZone(zone).toEpochSecond() * 1000;
    }

    private static Map<String, Object> payload(SheetAsk.Setting r) {
        Map<String, Object> payload = new LinkedHashMap<>();
        payload.put("exercise", r.exercise());
        payload.put("gait", r.gait().word());
        payload.put("place", r.place().word());
        payload.put("rein", r.rein().name());
        payload.put("mounted", r.mounted().name());
        r.circleM().ifPresent(m -> payload.put("circleM", m));
        return payload;
    }

    private static Map<String, Object> payload(SheetAsk ask, String segment) {
        Map<String, Object> payload = new LinkedHashMap<>();
        payload.put("segment", segment);
        payload.put("strength", ask.strength().level());
        payload.put("response", ask.response().name());
        ask.first().ifPresent(f -> payload.put("first", f.level()));
        return payload;
    }

    private String write(long atMs, String kind, Map<String, Object> payload, int line) {
        lastMs = Math.max(atMs, lastMs + 1);
        String id = into.ids().apply(into.device() + " " + line + " " + kind + " " + payload);
        entries.add(new Entry(
                id, into.lesson(), into.device(), into.author(), entries.size() + 1L, lastMs, kind, 1, payload));
        return id;
    }
}

package strophos.server.ride;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import strophos.core.record.Entry;
import strophos.core.record.ReadEntry;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Inside;
import strophos.server.harness.Yard;

/**
 * {@code ./strophos bench speed}: a device sends the 1 000 entries of a lesson ridden without a network. Compared with
 * the bare insert of as many rows through the same pool, in the same run.
 */
class SyncRun {

    private static final int ENTRIES = 1000;
    /** As many as a device sends at once. */
    private static final int BATCH = 500;

    private static final int WARM_UP = 5;
    private static final int ROUNDS = 20;
    private static final double MOST_TIMES = 3;

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();
    private final Inside inside = new Inside(App.demo(), coach);

    @Test
    void sendingALessonTakesNotMuchLongerThanStoringIt() throws IOException {
        List<Double> sent = new ArrayList<>();
        List<Double> bare = new ArrayList<>();
        for (int round = 0; round < WARM_UP + ROUNDS; round++) {
            String ridden = yard.lesson(pair);
            List<Map<String, Object>> entries = lesson(ridden);
            double sentMs = ms(() -> {
                for (int i = 0; i < ENTRIES; i += BATCH) {
                    yard.send(entries.subList(i, Math.min(ENTRIES, i + BATCH)));
                }
            });
            String other = yard.lesson(pair);
            List<ReadEntry> rows = lesson(other).stream()
                    .map(SyncRun::entry)
                    .map(ReadEntry::of)
                    .toList();
            double bareMs = ms(() -> insert(other, rows));
            assertThat(storedIn(ridden)).isEqualTo(storedIn(other)).isEqualTo(ENTRIES);
            if (round >= WARM_UP) {
                sent.add(sentMs);
                bare.add(bareMs);
            }
        }
        double times = median(sent) / median(bare);
        String said =
                "%d entries in batches of %d: sent in %.0f ms, bare insert %.0f ms (medians of %d): %.1f times (aim %.0f)"
                        .formatted(ENTRIES, BATCH, median(sent), median(bare), ROUNDS, times, MOST_TIMES);
        Files.writeString(Path.of("target/sync.txt"), said + "\n");
        assertThat(times).as(said).isLessThanOrEqualTo(MOST_TIMES);
    }

    private List<Map<String, Object>> lesson(String lesson) {
        List<Map<String, Object>> all = new ArrayList<>();
        all.add(yard.entry(lesson, "lesson_started", Map.of()));
        Map<String, Object> segment = yard.segment(lesson, "LEFT");
        all.add(segment);
        while (all.size() < ENTRIES) {
            all.add(yard.exchange(lesson, segment.get("id"), "YES"));
        }
        return all;
    }

    private static Entry entry(Map<String, Object> said) {
        @SuppressWarnings("unchecked")
        Map<String, Object> payload = (Map<String, Object>) said.get("payload");
        return new Entry(
                said.get("id").toString(),
                said.get("lesson").toString(),
                said.get("device").toString(),
                said.get("author").toString(),
                (long) said.get("seq"),
                (long) said.get("atMs"),
                said.get("kind").toString(),
                (int) said.get("v"),
                payload);
    }

    private void insert(String lesson, List<ReadEntry> rows) {
        EntryRepository entries = App.demo().bean(EntryRepository.class);
        inside.of(() -> entries.add(UUID.fromString(lesson), rows, App.START, Optional.empty()));
    }

    private int storedIn(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/entries")
                .body()
                .path("entries")
                .size();
    }

    private static double ms(Runnable work) {
        long from = System.nanoTime();
        work.run();
        return (System.nanoTime() - from) / 1e6;
    }

    private static double median(List<Double> all) {
        List<Double> sorted = all.stream().sorted().toList();
        return (sorted.get((sorted.size() - 1) / 2) + sorted.get(sorted.size() / 2)) / 2;
    }
}

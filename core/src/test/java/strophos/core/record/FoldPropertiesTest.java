package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FoldPropertiesTest {

    private static final int LOGS = 1000;

    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void dependsOnTheSetAlone(long seed) {
        List<Entry> log = SeededLog.of(seed);
        Ride ride = Fold.of(log);
        List<Entry> shuffled = new ArrayList<>(log);
        Collections.shuffle(shuffled, new Random(seed));
        assertThat(Fold.of(shuffled)).as("in any order").isEqualTo(ride);
        List<Entry> doubled = new ArrayList<>(shuffled);
        doubled.addAll(log.subList(0, log.size() / 2));
        assertThat(Fold.of(doubled)).as("with duplicates").isEqualTo(ride);
        Set<Entry> merged = new HashSet<>(log.subList(0, log.size() / 3));
        merged.addAll(log.subList(log.size() / 4, log.size()));
        assertThat(Fold.of(merged)).as("merged from overlapping parts").isEqualTo(ride);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void losesNoEntry(long seed) {
        List<Entry> log = SeededLog.of(seed);
        Ride ride = Fold.of(log);
        long exchanges = log.stream().filter(e -> e.kind().equals("exchange")).count();
        long notCounted = log.stream()
                .filter(e -> e.kind().equals("exchange"))
                .filter(e -> ride.voided().contains(e.id())
                        || ride.odd().contains(e.id())
                        || ride.loose().contains(e.id()))
                .count();
        assertThat(ride.exchanges()).hasSize((int) (exchanges - notCounted));
        int tallied = ride.pads().stream()
                .flatMap(t -> t.counts().stream())
                .flatMap(List::stream)
                .mapToInt(Integer::intValue)
                .sum();
        assertThat(tallied).isEqualTo(ride.exchanges().size());
    }

    static LongStream seedsWithExchanges() {
        return seeds().filter(seed -> !Fold.of(SeededLog.of(seed)).exchanges().isEmpty());
    }

    @ParameterizedTest
    @MethodSource("seedsWithExchanges")
    void takingBackAndPuttingBackChangesNothingElse(long seed) {
        List<Entry> log = new ArrayList<>(SeededLog.of(seed));
        Ride before = Fold.of(log);
        String target = before.exchanges().get(0).id();
        Entry first = log.get(0);
        String device = "ffffffff-0000-7000-8000-000000000001";
        long late = 1_900_000_000_000L;
        Entry back = entry("ffffffff-0000-7000-8000-000000000002", first, device, late, target);
        log.add(back);
        Ride without = Fold.of(log);
        assertThat(without.voided()).contains(target);
        assertThat(without.exchanges()).hasSize(before.exchanges().size() - 1);
        log.add(entry("ffffffff-0000-7000-8000-000000000003", first, device, late + 1, back.id()));
        Ride again = Fold.of(log);
        assertThat(again.exchanges()).isEqualTo(before.exchanges());
        assertThat(again.pads()).isEqualTo(before.pads());
    }

    private static Entry entry(String id, Entry like, String device, long atMs, String target) {
        return new Entry(id, like.lesson(), device, like.author(), 1, atMs, "void", 1, Map.of("target", target));
    }

    /** Written for the web's fold, which replays every one of them. */
    @Test
    void writesAThousandLogsForTheOtherLanguage() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "core", "target", "fold-logs.ndjson");
        int odd = 0;
        try (BufferedWriter out = Files.newBufferedWriter(file)) {
            for (long seed = 0; seed < LOGS; seed++) {
                List<Entry> log = SeededLog.of(seed);
                Ride ride = Fold.of(log);
                odd += ride.odd().isEmpty() ? 0 : 1;
                out.write(FoldJson.JSON.writeValueAsString(Map.of("entries", log, "ride", FoldJson.ride(ride))));
                out.newLine();
            }
        }
        assertThat(Files.readAllLines(file)).hasSize(LOGS);
        assertThat(odd).as("logs that hold something odd").isGreaterThan(LOGS / 4);
    }
}

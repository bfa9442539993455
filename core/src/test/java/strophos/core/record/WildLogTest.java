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
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import strophos.format.Format;
import strophos.format.SchemaReader;

/** A thousand logs drawn from the schemas, folded here and written for the other language, which must tell the same of each. */
class WildLogTest {

    /** So many that every kind of mark is told in one of them. */
    private static final int LOGS = 1500;

    private static final Path ROOT = Path.of(System.getProperty("strophos.root"));

    @Test
    void foldAndAreWrittenForTheOtherLanguage() throws IOException {
        Format format = SchemaReader.read(ROOT.resolve("format"));
        Path file = ROOT.resolve("core/target/wild-logs.ndjson");
        Set<String> told = new HashSet<>();
        int odd = 0;
        int entries = 0;
        try (BufferedWriter out = Files.newBufferedWriter(file)) {
            for (long seed = 0; seed < LOGS; seed++) {
                String text = WildLog.of(format, seed);
                List<ReadEntry> log = FoldJson.arrived(FoldJson.JSON.readTree(text));
                Ride ride = Fold.ofRead(log);
                List<ReadEntry> shuffled = new ArrayList<>(log);
                Collections.shuffle(shuffled, new Random(seed));
                assertThat(Fold.ofRead(shuffled))
                        .as("seed %d in another order", seed)
                        .isEqualTo(ride);
                odd += ride.odd().size();
                entries += log.size();
                ride.marks().forEach(m -> told.add(m.said().kind()));
                out.write("{\"entries\":%s,\"ride\":%s}%n"
                        .formatted(text, FoldJson.JSON.writeValueAsString(FoldJson.ride(ride))));
            }
        }
        assertThat(odd).as("entries not understood").isBetween(entries / 10, entries / 2);
        assertThat(told)
                .as("marks that were told")
                .containsExactlyInAnyOrderElementsOf(
                        format.marks().stream().map(Format.Kind::kind).collect(Collectors.toCollection(TreeSet::new)));
    }
}

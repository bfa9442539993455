package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.TreeMap;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Logs and what they told before the format became data: all lessons of a demo, and the thousand seeded logs. Nothing that is stored
 * may ever tell anything else.
 */
class ReadAsBeforeTest {

    private static final Path BEFORE = Path.of(System.getProperty("strophos.root"), "examples", "before");

    @Test
    void theLessonsOfADemoTellTheSame() throws IOException {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                new GZIPInputStream(Files.newInputStream(BEFORE.resolve("demo-rides.ndjson.gz"))),
                StandardCharsets.UTF_8))) {
            List<String> lessons = lines.lines().toList();
            assertThat(lessons).hasSize(48);
            for (String line : lessons) {
                JsonNode lesson = FoldJson.JSON.readTree(line);
                assertThat(FoldJson.ride(Fold.of(FoldJson.entries(lesson.path("entries")))))
                        .isEqualTo(lesson.path("ride"));
            }
        }
    }

    @Test
    void aThousandSeededLogsTellTheSame() throws IOException, NoSuchAlgorithmException {
        List<String> before = Files.readAllLines(BEFORE.resolve("seeded-rides.sha256"));
        assertThat(before).hasSize(1000);
        MessageDigest sha = MessageDigest.getInstance("SHA-256");
        for (int seed = 0; seed < before.size(); seed++) {
            JsonNode ride = FoldJson.ride(Fold.of(SeededLog.of(seed)));
            byte[] digest = sha.digest(FoldJson.JSON.writeValueAsBytes(sorted(ride)));
            assertThat(HexFormat.of().formatHex(digest, 0, 8))
                    .as("seed %d", seed)
                    .isEqualTo(before.get(seed));
        }
    }

    /** With its fields in alphabetical order; the counts of the pads stand under the name they had when the digests were taken. */
    private static Object sorted(JsonNode node) {
        if (node.isObject()) {
            TreeMap<String, Object> fields = new TreeMap<>();
            node.properties()
                    .forEach(f -> fields.put(f.getKey().equals("pads") ? "tallies" : f.getKey(), sorted(f.getValue())));
            return fields;
        }
        return node.isArray() ? node.valueStream().map(ReadAsBeforeTest::sorted).toList() : node;
    }
}

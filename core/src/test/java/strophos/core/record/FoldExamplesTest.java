package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** The hand-made examples, read by the web's fold as well. */
class FoldExamplesTest {

    private static final Path FOLDER = Path.of(System.getProperty("strophos.root"), "examples", "fold");

    static List<String> examples() throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    @ParameterizedTest
    @MethodSource("examples")
    void tellsTheRideOfTheExample(String file) throws IOException {
        JsonNode example = FoldJson.JSON.readTree(Files.readString(FOLDER.resolve(file)));
        Ride ride = Fold.ofRead(FoldJson.arrived(example.path("entries")));
        assertThat(FoldJson.ride(ride)).as(example.path("says").asString()).isEqualTo(example.path("ride"));
    }
}

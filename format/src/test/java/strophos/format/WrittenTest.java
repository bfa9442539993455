package strophos.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is committed is what the schemas say. */
class WrittenTest {

    private static final Path ROOT = Path.of(System.getProperty("strophos.root"));

    static Stream<Path> files() throws IOException {
        return WriteFormat.files(ROOT).keySet().stream().map(ROOT::relativize);
    }

    @ParameterizedTest
    @MethodSource("files")
    void whatFollowsFromTheSchemasIsWritten(Path file) throws IOException {
        Map<Path, String> files = WriteFormat.files(ROOT);
        assertThat(Files.readString(ROOT.resolve(file)))
                .as("%s is not what format/ says: ./strophos kinds writes it", file)
                .isEqualTo(files.get(ROOT.resolve(file)));
    }

    /** A kind that was taken out of the format leaves no reader behind. */
    @Test
    void nothingElseIsWritten() throws IOException {
        for (String folder : List.of("core/src/generated/java", "web/src/record/generated")) {
            try (Stream<Path> there = Files.walk(ROOT.resolve(folder)).filter(Files::isRegularFile)) {
                assertThat(there.toList()).isSubsetOf(WriteFormat.files(ROOT).keySet());
            }
        }
    }
}

package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.core.look.FocusBook;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;

/** What a look forbids, from the same examples as the web, which must know it without a network. */
class LookLimitsTest {

    static Stream<JsonNode> examples() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "examples", "look", "limits.json");
        return FoldJson.JSON.readTree(Files.readString(file)).valueStream();
    }

    @ParameterizedTest
    @MethodSource("examples")
    void forbidsWhatTheExampleSays(JsonNode example) {
        Map<String, Object> checks =
                FoldJson.JSON.convertValue(example.path("look"), new TypeReference<Map<String, Object>>() {});
        assertThat(FocusBook.DEFAULT
                        .of(PayloadReader.look(checks).orElseThrow())
                        .limits())
                .as(example.path("says").asString())
                .extracting(Enum::name)
                .containsExactlyInAnyOrderElementsOf(example.path("limits")
                        .valueStream()
                        .map(JsonNode::asString)
                        .toList());
    }
}

package strophos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The committed contract is the code's. {@code ./strophos openapi} writes it anew. */
class OpenApiTest {

    private static final Path COMMITTED = Path.of(System.getProperty("strophos.root"), "openapi.json");

    @Test
    void theCommittedDocumentIsWhatTheCodeSays() throws IOException {
        JsonMapper sorted = JsonMapper.builder()
                .enable(SerializationFeature.INDENT_OUTPUT)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
                .build();
        JsonNode live = App.demo().client().get("/openapi").body();
        String text = sorted.writeValueAsString(sorted.treeToValue(live, Object.class)) + "\n";
        if (Boolean.getBoolean("strophos.openapi.write")) {
            Files.writeString(COMMITTED, text);
        }
        assertThat(Client.JSON.readTree(Files.readString(COMMITTED)))
                .as("openapi.json against the code; ./strophos openapi writes it")
                .isEqualTo(live);
    }
}

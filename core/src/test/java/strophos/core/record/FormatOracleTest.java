package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.BigIntegerNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaValidatorsConfig;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.regex.RegularExpression;
import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import strophos.format.Draws;
import strophos.format.Format;
import strophos.format.SchemaReader;
import tools.jackson.core.type.TypeReference;

/**
 * Whatever a parser of JSON lets through, the reader understands what the schema says is valid and nothing else. A general
 * validator of JSON Schema is the oracle; it knows nothing of our code. What it said is written down for the other language.
 */
class FormatOracleTest {

    private static final Path ROOT = Path.of(System.getProperty("strophos.root"));
    private static final Format FORMAT = SchemaReader.read(ROOT.resolve("format"));
    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};

    /** Numbers as they are written, so that the oracle sees what no double can tell. */
    private static final ObjectMapper EXACT = new ObjectMapper()
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .enable(DeserializationFeature.USE_BIG_INTEGER_FOR_INTS);

    private static final JsonSchemaFactory SCHEMAS = JsonSchemaFactory.getInstance(
            SpecVersion.VersionFlag.V202012,
            b -> b.schemaMappers(
                    m -> m.mapPrefix("strophos:/", ROOT.toUri().toString().replaceFirst("/?$", "/"))));

    private final Map<String, JsonSchema> byKind = new HashMap<>();

    @Test
    void understandsWhatTheSchemaSaysAndNothingElse() throws IOException {
        List<Draws.Case> cases = Draws.cases(FORMAT);
        assertThat(cases).hasSizeGreaterThan(5000);
        List<String> unlike = new ArrayList<>();
        int understood = 0;
        try (BufferedWriter out = Files.newBufferedWriter(ROOT.resolve("core/target/format-cases.ndjson"))) {
            for (Draws.Case c : cases) {
                Optional<Payload> read =
                        PayloadReader.read(c.kind(), c.v(), FoldJson.JSON.readValue(c.payload(), OBJECT));
                understood += read.isPresent() ? 1 : 0;
                if (read.isPresent() != isValid(c)) {
                    unlike.add("%s %d, %s: read %s".formatted(c.kind(), c.v(), c.says(), read.isPresent()));
                }
                Map<String, Object> written = new LinkedHashMap<>();
                written.put("kind", c.kind());
                written.put("v", c.v());
                written.put("says", c.says());
                written.put("payload", c.payload());
                written.put("read", read.map(Payload::plain).orElse(null));
                out.write(FoldJson.JSON.writeValueAsString(written));
                out.newLine();
            }
        }
        assertThat(unlike).isEmpty();
        assertThat(understood).as("of both sorts there are many").isBetween(cases.size() / 10, cases.size() / 2);
    }

    /** What is read says the same when it is written and read again. */
    @Test
    void whatWasReadReadsTheSameAgain() {
        for (Draws.Case c : Draws.cases(FORMAT)) {
            PayloadReader.read(c.kind(), c.v(), FoldJson.JSON.readValue(c.payload(), OBJECT))
                    .ifPresent(said -> assertThat(PayloadReader.read(said.kind(), said.version(), said.plain()))
                            .as(c.says())
                            .contains(said));
        }
    }

    private boolean isValid(Draws.Case c) throws JsonProcessingException {
        String file = "%s.%d.json".formatted(c.kind(), c.v());
        if (!c.isPlain() || !Files.exists(ROOT.resolve("format/kinds").resolve(file))) {
            return false;
        }
        JsonNode payload = asTheSchemaSeesIt(EXACT.readTree(c.payload()));
        return byKind.computeIfAbsent(
                        file,
                        f -> SCHEMAS.getSchema(
                                SchemaLocation.of("strophos:/format/kinds/" + f),
                                SchemaValidatorsConfig.builder()
                                        .regularExpressionFactory(FormatOracleTest::ecmaScript)
                                        .build()))
                .validate(payload)
                .isEmpty();
    }

    /** JSON Schema has the regular expressions of ECMAScript, in which {@code $} lets no line end pass. */
    private static RegularExpression ecmaScript(String regex) {
        Pattern pattern = Pattern.compile(regex.replaceFirst("\\$$", "\\\\z"));
        return value -> pattern.matcher(value).find();
    }

    /**
     * Without fields that are null, which are as if left out (the one rule that stands beside the schemas), and with 1.0 as 1:
     * to JSON Schema they are one number, to the validator's parser two.
     */
    private static JsonNode asTheSchemaSeesIt(JsonNode node) {
        if (node.isObject()) {
            ObjectNode object = EXACT.createObjectNode();
            node.properties().stream()
                    .filter(f -> !f.getValue().isNull())
                    .forEach(f -> object.set(f.getKey(), asTheSchemaSeesIt(f.getValue())));
            return object;
        } else if (node.isArray()) {
            ArrayNode array = EXACT.createArrayNode();
            node.forEach(each -> array.add(asTheSchemaSeesIt(each)));
            return array;
        } else if (node.isNumber() && node.decimalValue().stripTrailingZeros().scale() <= 0) {
            return BigIntegerNode.valueOf(node.decimalValue().toBigInteger());
        }
        return node;
    }
}

package strophos.server.ride;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import strophos.core.plain.Plain;
import strophos.core.record.Entry;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads the envelope of an entry by hand, so that one bad entry does not fail its batch. */
@Component
class EnvelopeReader {

    static final int PAYLOAD_MAX_BYTES = 8 * 1024;

    /** The last moment a browser can tell the date of. */
    private static final long AT_MOST_MS = 8_640_000_000_000_000L;

    private static final Pattern UUID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    private static final Pattern KIND = Pattern.compile("[a-z][a-z_]{0,39}");

    private final JsonMapper json;

    EnvelopeReader(JsonMapper json) {
        this.json = json;
    }

    /** The entry; empty when the envelope is not of the documented form. */
    Optional<Entry> read(JsonNode node) {
        boolean fits = isText(node.path("id"), UUID)
                && isText(node.path("lesson"), UUID)
                && isText(node.path("device"), UUID)
                && isText(node.path("author"), UUID)
                && isText(node.path("kind"), KIND)
                && isWhole(node.path("seq"), Plain.WHOLE_MOST)
                && isWhole(node.path("atMs"), AT_MOST_MS)
                && isWhole(node.path("v"), Short.MAX_VALUE)
                && node.path("v").numberValue().intValue() >= 1
                && node.path("payload").isObject();
        return fits ? Optional.of(entry(node)) : Optional.empty();
    }

    boolean isTooLarge(JsonNode node) {
        return json.writeValueAsBytes(node.path("payload")).length > PAYLOAD_MAX_BYTES;
    }

    private Entry entry(JsonNode node) {
        return new Entry(
                node.path("id").asString(),
                node.path("lesson").asString(),
                node.path("device").asString(),
                node.path("author").asString(),
                node.path("seq").numberValue().longValue(),
                node.path("atMs").numberValue().longValue(),
                node.path("kind").asString(),
                node.path("v").numberValue().intValue(),
                object(node.path("payload")));
    }

    /** As plain values: also of what no reader can keep, which is found there. */
    private static Map<String, Object> object(JsonNode node) {
        Map<String, Object> fields = new LinkedHashMap<>();
        node.properties().forEach(f -> fields.put(f.getKey(), value(f.getValue())));
        return fields;
    }

    private static Object value(JsonNode node) {
        return switch (node.getNodeType()) {
            case OBJECT -> object(node);
            case ARRAY ->
                node.valueStream().map(EnvelopeReader::value).collect(Collectors.toCollection(ArrayList::new));
            case STRING -> node.asString();
            case NUMBER -> node.numberValue();
            case BOOLEAN -> node.asBoolean();
            default -> null;
        };
    }

    private static boolean isText(JsonNode node, Pattern form) {
        return node.isString() && form.matcher(node.asString()).matches();
    }

    private static boolean isWhole(JsonNode node, long most) {
        return node.isNumber()
                && Plain.isWhole(node.numberValue())
                && node.numberValue().longValue() >= 0
                && node.numberValue().longValue() <= most;
    }
}

package strophos.server.ride;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import strophos.core.record.Entry;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads the envelope of an entry by hand, so that one bad entry does not fail its batch. */
@Component
class EnvelopeReader {

    static final int PAYLOAD_MAX_BYTES = 8 * 1024;

    private static final Pattern UUID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    private static final Pattern KIND = Pattern.compile("[a-z][a-z_]{0,39}");
    /** The largest whole number the web can tell from its neighbours. */
    private static final long WHOLE_MAX = (1L << 53) - 1;

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
                && isWhole(node.path("seq"), WHOLE_MAX)
                && isWhole(node.path("atMs"), WHOLE_MAX)
                && isWhole(node.path("v"), Short.MAX_VALUE)
                && node.path("v").asInt() >= 1
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
                node.path("seq").asLong(),
                node.path("atMs").asLong(),
                node.path("kind").asString(),
                node.path("v").asInt(),
                json.convertValue(node.path("payload"), new TypeReference<Map<String, Object>>() {}));
    }

    private static boolean isText(JsonNode node, Pattern form) {
        return node.isString() && form.matcher(node.asString()).matches();
    }

    private static boolean isWhole(JsonNode node, long most) {
        return node.isIntegralNumber() && node.canConvertToLong() && node.asLong() >= 0 && node.asLong() <= most;
    }
}

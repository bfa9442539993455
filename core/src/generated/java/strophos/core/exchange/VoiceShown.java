package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * A spoken note that is shown.
 *
 * @param sha256 The SHA-256 of what lies beside the record, in hexadecimal.
 */
public record VoiceShown(String sha256) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("sha256");

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().put("sha256", sha256).map();
    }
}

package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * What was spoken with an entry; its sound is kept beside the record, under its digest.
 *
 * @param sha256 The SHA-256 of what lies beside the record, in hexadecimal.
 * @param durationMs How long it is.
 */
public record VoiceBeside(String sha256, int durationMs) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("sha256", "durationMs");

    public VoiceBeside {
        if ((durationMs < 1 || durationMs > 61000)) {
            throw new IllegalArgumentException("The durationMs (%d) must be in [1, 61000].".formatted(durationMs));
        }
    }

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().put("sha256", sha256).put("durationMs", durationMs).map();
    }
}

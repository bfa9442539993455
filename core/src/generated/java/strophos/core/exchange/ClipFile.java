package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * A video that stays where it is: what it is found again by.
 *
 * @param fileName As the file was called.
 * @param bytes How large it is.
 * @param durationMs How long it plays.
 * @param digest Of its first and its last 65 536 bytes, one after the other; of all of it where it is no larger than both.
 */
public record ClipFile(String fileName, long bytes, int durationMs, String digest) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("fileName", "bytes", "durationMs", "digest");

    public ClipFile {
        if ((bytes < 1L || bytes > 1000000000000L)) {
            throw new IllegalArgumentException("The bytes (%d) must be in [1, 1000000000000].".formatted(bytes));
        }
        if ((durationMs < 1 || durationMs > 86400000)) {
            throw new IllegalArgumentException("The durationMs (%d) must be in [1, 86400000].".formatted(durationMs));
        }
    }

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap()
                    .put("fileName", fileName)
                    .put("bytes", bytes)
                    .put("durationMs", durationMs)
                    .put("digest", digest)
                    .map();
    }
}

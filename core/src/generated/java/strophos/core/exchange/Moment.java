package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * When it was, on a second time base. The entry's own time still says when it was written.
 *
 * @param base The `time_base` entry.
 * @param ms Milliseconds since the base began.
 */
public record Moment(String base, int ms) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("base", "ms");

    public Moment {
        if ((ms < 0 || ms > 86400000)) {
            throw new IllegalArgumentException("The ms (%d) must be in [0, 86400000].".formatted(ms));
        }
    }

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().put("base", base).put("ms", ms).map();
    }
}

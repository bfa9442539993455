package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * A foot landed.
 *
 * @param foot The foot that landed.
 * @param ms Milliseconds since the clip began.
 */
public record Landing(Foot foot, int ms) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("foot", "ms");

    public Landing {
        if ((ms < 0 || ms > 86400000)) {
            throw new IllegalArgumentException("The ms (%d) must be in [0, 86400000].".formatted(ms));
        }
    }

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().put("foot", foot.word()).put("ms", ms).map();
    }
}

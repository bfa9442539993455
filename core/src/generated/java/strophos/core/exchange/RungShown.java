package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * A rung that is shown.
 *
 * @param better How something got better.
 * @param rung Its id in the library: exercise, gait and place.
 */
public record RungShown(Better better, String rung) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("better", "rung");

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().put("better", better.word()).put("rung", rung).map();
    }
}

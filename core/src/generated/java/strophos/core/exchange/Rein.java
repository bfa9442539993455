package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Direction of travel: on the left rein the horse has its left side to the inside. */
public enum Rein {
    LEFT,
    RIGHT,
    /** No rein: at halt off the track, on the centre line, on a trail. Counts for neither side. */
    NONE;

    /** The two reins a rung is judged on, in the order they are shown. */
    public static final List<Rein> BOTH = List.of(LEFT, RIGHT);

    /** By what stands on the wire. */
    public static final Map<String, Rein> WORDS;

    static {
        Map<String, Rein> words = new LinkedHashMap<>();
        for (Rein each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}

package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What a second time base is the clock of. */
public enum TimeSource {
    /** A video clip. */
    CLIP,
    /** A rein sensor. */
    SENSOR;

    /** By what stands on the wire. */
    public static final Map<String, TimeSource> WORDS;

    static {
        Map<String, TimeSource> words = new LinkedHashMap<>();
        for (TimeSource each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}

package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** Whether the rider let go after the answer, as touched in. */
public enum Release {
    PROMPT,
    LATE,
    MISSED;

    /** By what stands on the wire. */
    public static final Map<String, Release> WORDS;

    static {
        Map<String, Release> words = new LinkedHashMap<>();
        for (Release each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}

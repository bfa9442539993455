package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** The ground of the day. */
public enum Footing {
    GOOD,
    DEEP,
    HARD,
    SLIPPERY,
    FROZEN;

    /** By what stands on the wire. */
    public static final Map<String, Footing> WORDS;

    static {
        Map<String, Footing> words = new LinkedHashMap<>();
        for (Footing each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}

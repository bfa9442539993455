package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** A side of the body, of horse or rider; never a direction of travel, which is the rein. */
public enum Side {
    LEFT,
    RIGHT,
    /** It has no side, or both. */
    NONE;

    /** By what stands on the wire. */
    public static final Map<String, Side> WORDS;

    static {
        Map<String, Side> words = new LinkedHashMap<>();
        for (Side each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}

package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What became of the rail. */
public enum Rail {
    CLEAR,
    TOUCHED,
    DOWN;

    /** By what stands on the wire. */
    public static final Map<String, Rail> WORDS;

    static {
        Map<String, Rail> words = new LinkedHashMap<>();
        for (Rail each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}

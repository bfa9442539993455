package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What became of the speed on a line. */
public enum Speed {
    KEPT,
    GREW;

    /** By what stands on the wire. */
    public static final Map<String, Speed> WORDS;

    static {
        Map<String, Speed> words = new LinkedHashMap<>();
        for (Speed each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}

package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** Who rides. Only the pair's own rider's exchanges count for the pair; the others are shown beside. */
public enum Mounted {
    RIDER,
    COACH,
    OTHER;

    /** By what stands on the wire. */
    public static final Map<String, Mounted> WORDS;

    static {
        Map<String, Mounted> words = new LinkedHashMap<>();
        for (Mounted each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}

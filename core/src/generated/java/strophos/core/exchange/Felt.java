package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** The contact of one rein as it feels in the hand. */
public enum Felt {
    NONE,
    LIGHT,
    EVEN,
    STRONG,
    LEANING;

    /** By what stands on the wire. */
    public static final Map<String, Felt> WORDS;

    static {
        Map<String, Felt> words = new LinkedHashMap<>();
        for (Felt each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}

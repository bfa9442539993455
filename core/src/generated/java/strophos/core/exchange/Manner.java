package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** How an aid is given. */
public enum Manner {
    TAP,
    HOLD,
    PUSH,
    LIFT,
    OPEN,
    GIVE,
    TAKE,
    ALTERNATE;

    /** By what stands on the wire. */
    public static final Map<String, Manner> WORDS;

    static {
        Map<String, Manner> words = new LinkedHashMap<>();
        for (Manner each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}

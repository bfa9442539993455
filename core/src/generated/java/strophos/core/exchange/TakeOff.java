package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** Where a fence was left from: too near, where it should be, too far off. */
public enum TakeOff {
    DEEP,
    RIGHT,
    LONG;

    /** By what stands on the wire. */
    public static final Map<String, TakeOff> WORDS;

    static {
        Map<String, TakeOff> words = new LinkedHashMap<>();
        for (TakeOff each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}

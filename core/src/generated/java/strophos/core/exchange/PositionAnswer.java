package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** Whether the rider's position holds, from best to worst. */
public enum PositionAnswer {
    HOLDS,
    COMES_AND_GOES,
    LOST;

    /** By what stands on the wire. */
    public static final Map<String, PositionAnswer> WORDS;

    static {
        Map<String, PositionAnswer> words = new LinkedHashMap<>();
        for (PositionAnswer each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
